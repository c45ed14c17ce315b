<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Intake\Shoots\Shoot;
use App\Media\PhotoSize;
use App\Models\Batch;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Shoots\Plan\PlannedGroup;
use Core\Matching\Shoots\Plan\PlannedSeries;
use Core\Matrix\Axis;

/** The pictures of a shoot, laid out to be confirmed. */
final readonly class ShootScreen
{
    /** Letters that a button has room for. */
    private const BUTTON = 44;

    /** @var list<ShootTable> */
    public array $tables;

    /**
     * @param  array<string, string>  $products  code => name of those that others of the drop are of
     * @param  ?Batch  $last  what can be undone
     */
    public function __construct(public Shoot $shoot, public array $products, public ?Batch $last)
    {
        $tables = [];
        foreach ($shoot->plan->series as $at => $series) {
            $table = $this->table($at, count($tables) + 1, $series);
            if ($table->rows !== []) {
                $tables[] = $table;
            }
        }
        $this->tables = $tables;
    }

    /** @return list<ShootPicture> */
    public function leftOut(): array
    {
        return $this->pictures($this->shoot->plan->leftOut);
    }

    /** Pictures that would be linked. */
    public function count(): int
    {
        return array_sum(array_map(fn(ShootTable $table): int => $table->count(), $this->tables));
    }

    public function groups(): int
    {
        return array_sum(array_map(fn(ShootTable $table): int => count($table->rows), $this->tables));
    }

    /** What can be undone, short enough for a button. */
    public function lastWords(): string
    {
        return mb_strimwidth($this->last->words ?? '', 0, self::BUTTON, '…');
    }

    private function table(int $at, int $number, PlannedSeries $series): ShootTable
    {
        $product = $this->shoot->products[$series->productId ?? 0] ?? null;
        $rows = [];
        foreach ($series->groups as $group => $own) {
            $cells = array_map(
                fn(int $place): array => $this->pictures($own->cells[$place] ?? []),
                array_keys($series->views),
            );
            if (array_filter($cells) !== []) {
                $rows[] = $this->row($group, count($rows) + 1, $product, $own, $cells);
            }
        }

        return new ShootTable($at, $number, $product, $series->views, $rows, count($series->groups));
    }

    /** @param  list<list<ShootPicture>>  $cells */
    private function row(int $at, int $number, ?KnownProduct $product, PlannedGroup $group, array $cells): ShootRow
    {
        $axes = array_values(
            array_filter(
                $product->matrix->axes ?? [],
                fn(Axis $axis): bool => $axis->changesPicture && count($axis->values) > 1,
            ),
        );
        $swatches = array_map(
            fn(Axis $axis) => $product?->swatches[$group->part->value($axis->id) ?? 0] ?? null,
            $axes,
        );

        return new ShootRow($at, $number, $axes, $group->part, $swatches, $cells);
    }

    /**
     * @param  list<int>  $files
     * @return list<ShootPicture> those that are still to be settled
     */
    private function pictures(array $files): array
    {
        $pictures = [];
        foreach ($files as $id) {
            $file = $this->shoot->files[$id] ?? null;
            if ($file !== null) {
                $source = $file->photo_id === null ? null : PhotoSize::Thumb->address($file->photo_id);
                $pictures[] = new ShootPicture($id, $file->file, $source);
            }
        }

        return $pictures;
    }
}
