<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Http\Screens\Pictures\PictureLinks;
use App\Store\Products\LoadedProduct;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\Combination;

/**
 * The matrix of a product small enough to stand beside a picture: one row for each picture combination, the rest across
 * where it fits.
 */
final readonly class SmallMatrix
{
    private const MOST_ROWS = 120;

    private const MOST_COLUMNS = 14;

    /** @var list<SmallRow> */
    public array $rows;

    /** @var list<Combination> */
    public array $columns;

    public function __construct(public LoadedProduct $loaded)
    {
        $matrix = $loaded->core->matrix;
        $pictureIds = array_map(fn(Axis $axis): int => $axis->id, $matrix->pictureAxes());
        $others = array_values(
            array_filter($matrix->axes, fn(Axis $axis): bool => !in_array($axis->id, $pictureIds, true)),
        );
        $columns = self::combined($others);
        $this->columns = count($columns) > self::MOST_COLUMNS || $others === [] ? [] : $columns;
        $links = new PictureLinks($loaded);
        $made = [];
        foreach ($loaded->core->madeCells() as $cell) {
            $made[$cell->on($pictureIds)->key] ??= $cell;
        }
        $rows = [];
        foreach (
            $pictureIds === [] ? [] : array_slice(self::combined($matrix->pictureAxes()), 0, self::MOST_ROWS)
            as $row
        ) {
            $cell = $made[$row->key] ?? null;
            $gallery = $cell === null ? null : $loaded->core->galleries()->of($cell);
            $lead = $gallery?->lead();
            $rows[] = new SmallRow(
                $row,
                $this->label($row),
                $this->swatches($row),
                $cell !== null,
                count($gallery->entries ?? []),
                $lead === null ? null : $links->thumb($lead),
            );
        }
        $this->rows = $rows;
    }

    /** How many rows there are besides those shown. */
    public function more(): int
    {
        return max(
            0,
            (int) array_product(
                array_map(fn(Axis $axis): int => $axis->count(), $this->loaded->core->matrix->pictureAxes()),
            ) - count($this->rows),
        );
    }

    public function label(Combination $part): string
    {
        return implode(' · ', $this->loaded->core->matrix->choice($part));
    }

    /** Whether the cell of a row and a column has a SKU on offer. */
    public function isMade(SmallRow $row, Combination $column): bool
    {
        return isset($this->loaded->core->made[$this->cell($row, $column)->key]);
    }

    public function cell(SmallRow $row, Combination $column): Combination
    {
        return Combination::of($row->part->values + $column->values);
    }

    /** @return list<Swatch> */
    private function swatches(Combination $row): array
    {
        return array_values(
            array_filter(
                array_map(
                    fn(int $valueId): ?Swatch => $this->loaded->core->library->swatches->of($valueId),
                    $row->values,
                ),
            ),
        );
    }

    /**
     * @param  list<Axis>  $axes
     * @return list<Combination>
     */
    private static function combined(array $axes): array
    {
        $all = [[]];
        foreach ($axes as $axis) {
            $next = [];
            foreach ($all as $values) {
                foreach ($axis->values as $value) {
                    $next[] = $values + [$axis->id => $value->id];
                    if (count($next) > 10 * self::MOST_ROWS) {
                        break 2;
                    }
                }
            }
            $all = $next;
        }

        return array_map(Combination::of(...), $all);
    }
}
