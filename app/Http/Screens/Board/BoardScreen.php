<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Http\Lens;
use App\Http\Screens\Pictures\PictureLinks;
use App\Store\Products\LoadedProduct;
use App\Store\ShopDay;
use Core\Details\Counting;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\CoverageRow;
use Core\Matrix\Arithmetic;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\BoardLayout;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Product\Sku;
use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\PriceField;
use Core\Product\SkuField\StockField;
use Core\Product\StockCount;
use Core\Reach\Clause;
use Core\Reach\Reach;

/** The matrix as the board draws it. */
final class BoardScreen
{
    public readonly PictureLinks $pictures;

    public readonly Arithmetic $arithmetic;

    public readonly ?Coverage $coverage;

    /** @var list<BoardHead> */
    public readonly array $columns;

    /** @var list<BoardRow> */
    public readonly array $rows;

    private readonly Matrix $matrix;

    /**
     * @var array<string, array<string, list<Sku>>> ids of axes with commas between => key of a part on them => its SKUs
     */
    private array $grouped = [];

    private readonly NumberCells $numbers;

    private readonly PhotoCells $photos;

    /** @param  array<int, int>  $layers axis id => the one value looked at */
    public function __construct(
        public readonly LoadedProduct $loaded,
        public readonly BoardLayout $layout,
        public readonly Lens $lens,
        public readonly array $layers,
    ) {
        $this->matrix = $loaded->core->matrix;
        $this->numbers = new NumberCells(
            $loaded->core->matrix,
            $lens,
            $loaded->core->prices,
            $loaded->core->book,
            ShopDay::today(),
        );
        $this->pictures = new PictureLinks($loaded);
        $this->photos = new PhotoCells($loaded, $this->pictures);
        $this->arithmetic = Arithmetic::of($loaded->core->matrix);
        $this->coverage = $loaded->core->coverage();
        $this->columns = $this->columns();
        $this->rows = $this->rows();
    }

    /** @return list<Lens> */
    public function lenses(): array
    {
        return Lens::cases();
    }

    /** Where a form sends what is typed for the selection. */
    public function keepsAt(): string
    {
        $own =
            [
                CodeField::KEY => 'skus.code',
                PriceField::KEY => 'skus.price',
                StockField::KEY => 'skus.stock',
                GtinField::KEY => 'skus.gtin',
            ][$this->lens->value] ?? null;

        return $own === null
            ? route('skus.field', [$this->loaded->product, $this->lens->value])
            : route($own, $this->loaded->product);
    }

    /** What is selected when the board opens: the first row. */
    public function firstSelection(): string
    {
        return $this->rows[0]->head->key ?? '*';
    }

    /** What one might type to select, in this product's own names. */
    public function example(): string
    {
        return implode(
            ' ',
            array_map(fn(Axis $axis): string => $axis->values[0]->label, array_slice($this->matrix->axes, 0, 2)),
        );
    }

    /** Whether a reach lies wholly in layers that are not looked at. */
    public function hidesAllOf(Reach $reach): bool
    {
        return !$reach->isNothing() && $reach->cut(Reach::of(Clause::at(Combination::of($this->layers))))->isNothing();
    }

    /** Whether rows are grouped by a third axis, whose values then head the groups. */
    public function hasLayers(): bool
    {
        return $this->rows !== [] && $this->rows[0]->group !== null;
    }

    /** Over how many rows the head of a group stands: all groups have as many. */
    public function rowsOfGroup(): int
    {
        return intdiv(count($this->rows), max(1, count($this->layout->down->values ?? [])));
    }

    /** What the corner selects: the whole product, or all of the layer looked at. */
    public function cornerLabel(): string
    {
        return $this->layers === []
            ? __('board.whole_product')
            : __('board.all_layers', ['layers' => $this->matrix->inWords(Combination::of($this->layers))]);
    }

    /** The same in the middle of a sentence. */
    public function cornerInWords(): string
    {
        return $this->layers === [] ? __('board.the_whole_product') : $this->cornerLabel();
    }

    /** "57 SKUs of 60 cells, 3 left out"; "not built yet, 1 cell" */
    public function countInWords(): string
    {
        $made = count($this->loaded->core->made);
        $cells = number_format($this->arithmetic->cells) . ($this->arithmetic->cells === 1 ? ' cell' : ' cells');
        $words = match (true) {
            $made === 0 => __('board.not_built_yet_cells', ['cells' => $cells]),
            $made === $this->arithmetic->cells => number_format($made) . ($made === 1 ? ' SKU' : ' SKUs'),
            default => trans_choice('board.made_sku_of_cells', $made, ['made' => $made, 'cells' => $cells]),
        };
        if ($this->arithmetic->leftOut > 0) {
            $words .= __('board.left_out_left_out', ['left_out' => $this->arithmetic->leftOut]);
        }

        return $words;
    }

    public function layerToken(): string
    {
        return implode(
            ',',
            array_map(
                fn(int $axis, int $value): string => "{$axis}:{$value}",
                array_keys($this->layers),
                $this->layers,
            ),
        );
    }

    /** The layer parameter with another value looked at on one axis, or all (0). */
    public function layerWith(Axis $axis, int $valueId): string
    {
        $layers = [$axis->id => $valueId] + $this->layers;
        unset($layers[$valueId === 0 ? $axis->id : 0]);

        return implode(
            ',',
            array_map(fn(int $id, int $value): string => "{$id}:{$value}", array_keys($layers), $layers),
        );
    }

    /**
     * The sum of the units of a part in the stock lens, in words; empty in others.
     *
     * @param  string  $key  of the part; empty for all
     */
    public function unitsIn(string $key): string
    {
        if (!$this->lens->isStock()) {
            return '';
        }
        $part = Combination::fromKey($key);
        $axisIds = array_keys($part->values);
        $name = implode(',', $axisIds);
        if (!isset($this->grouped[$name])) {
            $this->grouped[$name] = [];
            foreach ($this->loaded->core->made as $sku) {
                $this->grouped[$name][$sku->cell->on($axisIds)->key][] = $sku;
            }
        }
        $count = new StockCount($this->grouped[$name][$part->key] ?? [], $this->loaded->core->book);

        return match (true) {
            $count->isNone() => __('board.no_sku'),
            $count->isUncounted() => __('board.not_counted'),
            default => __('board.units_in_stock_together', [
                'units' => $count->units,
                'together' =>
                    $this->loaded->core->book->counting === Counting::Product ? __('board.all_skus_together') : '',
            ]),
        };
    }

    /** @return list<BoardHead> */
    private function columns(): array
    {
        $fixed = $this->layers;
        $across = $this->layout->across;
        if ($across === null) {
            return [new BoardHead('*', $this->matrix->axes === [] ? __('board.the_sku') : 'SKU')];
        }
        $counts = [];
        $shown = Combination::of($fixed);
        foreach ($this->loaded->core->made as $sku) {
            if ($sku->cell->includes($shown)) {
                $counts[$sku->cell->value($across->id)] = ($counts[$sku->cell->value($across->id)] ?? 0) + 1;
            }
        }

        return array_map(function ($value) use ($fixed, $across, $counts): BoardHead {
            $count = $counts[$value->id] ?? 0;

            return new BoardHead(
                Combination::of([$across->id => $value->id] + $fixed)->key,
                $value->label,
                match ($count) {
                    0 => $this->loaded->core->made === [] ? '' : __('board.no_sku'),
                    1 => '1 SKU',
                    default => __('board.count_skus', ['count' => $count]),
                },
                $across->kind === AxisKind::Color,
                $this->loaded->core->library->swatches->of($value->id),
                words: $this->matrix->inWords(Combination::of([$across->id => $value->id] + $fixed)),
                units: $this->unitsIn(Combination::of([$across->id => $value->id] + $fixed)->key),
            );
        }, $across->values);
    }

    /** @return list<BoardRow> */
    private function rows(): array
    {
        $down = $this->layout->down;
        if ($down === null) {
            $cell = Combination::of([]);

            return [
                new BoardRow(
                    null,
                    new BoardHead(
                        '*',
                        $this->layout->across === null ? $this->loaded->product->name : 'SKU',
                        $this->coverageOf($cell)?->inWords() ?? '',
                        views: $this->coverageOf($cell)->cells ?? [],
                    ),
                    $this->cells($cell),
                ),
            ];
        }
        $open = array_values(
            array_filter($this->layout->layers, fn(Axis $axis): bool => !isset($this->layers[$axis->id])),
        );
        $parts = Matrix::of($open);
        $inner = $parts->inOrder($parts->combinations());
        $rows = [];
        foreach ($down->values as $value) {
            $outer = Combination::of([$down->id => $value->id] + $this->layers);
            foreach ($inner as $at => $layer) {
                $part = Combination::of($layer->values + $outer->values);
                $row = $this->coverageOf($part);
                $head = fn(Combination $of, string $label, bool $headsGroup): BoardHead => new BoardHead(
                    $of->key,
                    $label,
                    $row === null || !$this->lens->isPhotos() || $headsGroup ? '' : $row->inWords(),
                    $down->kind === AxisKind::Color && $of === $outer,
                    $of === $outer ? $this->loaded->core->library->swatches->of($value->id) : null,
                    $headsGroup || !$this->lens->isPhotos() ? [] : $row->cells ?? [],
                    $this->matrix->inWords($of),
                    $this->unitsIn($of->key),
                );
                $rows[] =
                    $open === []
                        ? new BoardRow(null, $head($outer, $value->label, false), $this->cells($part))
                        : new BoardRow(
                            $at === 0 ? $head($outer, $value->label, true) : null,
                            $head($part, implode(' · ', $parts->choice($layer)), false),
                            $this->cells($part),
                        );
            }
        }

        return $rows;
    }

    private function coverageOf(Combination $part): ?CoverageRow
    {
        $axisIds = array_map(fn(Axis $axis): int => $axis->id, $this->matrix->pictureAxes());

        return $this->coverage->rows[$part->on($axisIds)->key] ?? null;
    }

    /** @return list<BoardCell> */
    private function cells(Combination $part): array
    {
        if ($this->layout->across === null) {
            return [$this->cell($part)];
        }

        return array_map(
            fn($value): BoardCell => $this->cell($part->with($this->layout->across->id, $value->id)),
            $this->layout->across->values,
        );
    }

    private function cell(Combination $cell): BoardCell
    {
        $sku = $this->loaded->core->made[$cell->key] ?? null;
        $place = $this->matrix->inWords($cell);
        if ($sku === null) {
            $state = $this->matrix->isOffered($cell) ? 'open' : 'left out';

            return new BoardCell(
                $cell->key,
                $state,
                $place === '' ? $state : "{$place}: {$state}",
                text: $state === 'open' ? __('board.not_built') : 'left out',
            );
        }

        return $this->lens->isPhotos() ? $this->photos->cell($cell) : $this->numbers->cell($sku);
    }
}
