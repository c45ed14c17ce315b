<?php

declare(strict_types=1);

namespace App\Files;

use App\Store\DetailsInUse;
use App\Store\Products\LoadedProduct;
use Core\Color\Swatches\Swatch;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Fact;
use Core\Gallery\Entry;
use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Matrix\Combination;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Product\SkuFields;
use Core\Sheets\SafeCell;

/** The columns of the flat sheet, and a product's rows in them. */
final readonly class SheetColumns
{
    private const FIXED = ['product', 'name', 'description', 'brand', 'category'];

    private const SKU = [
        'sku',
        'gtin',
        'price',
        'base price',
        'effective price',
        'sale price',
        'list price',
        'cost',
        'currency',
        'weight g',
        'stock',
        'state',
        'photos',
        'lead',
    ];

    /** They have columns of their own, or stand in the column of the stock. */
    private const ELSEWHERE = [
        DetailKind::AlsoIn,
        DetailKind::ListPrice,
        DetailKind::Cost,
        DetailKind::PictureUnits,
        DetailKind::ProductUnits,
    ];

    /**
     * @param  list<string>  $axes  names of all axes that the products use
     * @param  list<string>  $swatchAxes  those of them that have swatches
     * @param  list<DetailKind>  $details  what is said of any of the products or of a part of one, and has no column of
     *   its own
     * @param  list<string>  $facts  names of all facts of the products
     * @param  list<SkuField>  $texts  what any SKU of the products says of itself in a text
     */
    private function __construct(
        private array $axes,
        private array $swatchAxes,
        private array $details,
        private array $facts,
        private array $texts,
    ) {}

    /** @param  list<int>  $productIds */
    public static function of(array $productIds): self
    {
        $said = DetailsInUse::in($productIds);
        $details = array_filter(
            DetailKind::cases(),
            fn(DetailKind $kind): bool => isset($said->kinds[$kind->value]) && !in_array($kind, self::ELSEWHERE, true),
        );

        return new self(
            array_values($said->axes),
            array_values(array_intersect_key($said->axes, $said->swatched)),
            array_values($details),
            $said->facts,
            array_values(
                array_filter(
                    SkuFields::texts(),
                    fn(SkuField $field): bool => in_array($field->column(), $said->skuColumns, true),
                ),
            ),
        );
    }

    /** @return list<string> */
    public function header(): array
    {
        return [
            ...self::FIXED,
            ...array_map(fn(string $axis): string => "axis {$axis}", $this->axes),
            ...self::SKU,
            ...array_map(fn(SkuField $field): string => str_replace('-', ' ', $field->key()), $this->texts),
            ...array_map(fn(string $axis): string => "swatch {$axis}", $this->swatchAxes),
            ...array_map(fn(DetailKind $kind): string => $kind->value, $this->details),
            ...array_map(fn(string $fact): string => "fact {$fact}", $this->facts),
        ];
    }

    /** @return iterable<list<string>> */
    public function rows(LoadedProduct $loaded): iterable
    {
        $retired = array_filter(
            $loaded->core->state->skus,
            fn(Sku $sku): bool => !$sku->isMade() &&
                $loaded->core->matrix->isCell($sku->cell) &&
                !isset($loaded->core->made[$sku->cell->key]),
        );
        // Of several in one cell the last on offer stands for it.
        usort($retired, fn(Sku $a, Sku $b): int => [$b->retiredAt, $a->id] <=> [$a->retiredAt, $b->id]);
        $byCell = [];
        foreach ($retired as $sku) {
            $byCell[$sku->cell->key] ??= $sku;
        }
        $first = true;
        // What several SKUs are sold from stands on the first of them, so that the column adds up.
        $pools = [];
        foreach ($loaded->core->matrix->inOrder($loaded->core->matrix->combinations()) as $cell) {
            $sku = $loaded->core->made[$cell->key] ?? ($byCell[$cell->key] ?? null);
            $leftOut = !$loaded->core->matrix->isOffered($cell);
            if ($sku === null && !$leftOut) {
                continue;
            }
            yield array_map(
                SafeCell::write(...),
                $this->row(
                    $loaded,
                    new SheetRow($cell, $sku, $leftOut ? 'left out' : $sku->state->value ?? '', $first, $pools),
                ),
            );
            $first = false;
            $pools += $sku?->isMade() === true ? [$loaded->core->source($sku) => true] : [];
        }
        if ($first) {
            // A product that has no SKU yet is still a product.
            yield array_map(
                SafeCell::write(...),
                $this->row($loaded, new SheetRow(Combination::of([]), null, '', true)),
            );
        }
    }

    /** @return list<string> */
    private function row(LoadedProduct $loaded, SheetRow $row): array
    {
        $product = $loaded->product;
        $choice = $loaded->core->matrix->choice($row->cell);
        $gallery = $loaded->core->galleries()->of($row->cell);

        return [
            $product->code,
            ...$row->isFirst
                ? [
                    $product->name,
                    $product->description,
                    $product->brand,
                    implode(
                        '|',
                        array_filter(
                            [
                                $product->category,
                                ...explode("\n", $loaded->core->state->details->details->whole(DetailKind::AlsoIn)),
                            ],
                            fn(string $path): bool => $path !== '',
                        ),
                    ),
                ]
                : ['', '', '', ''],
            ...array_map(fn(string $axis): string => $choice[$axis] ?? '', $this->axes),
            $row->sku->code ?? '',
            $row->sku->gtin ?? '',
            $row->sku?->price?->shown() ?? '',
            $row->isFirst ? $loaded->core->prices->base?->shown() ?? '' : '',
            $row->sku === null ? '' : $loaded->core->price($row->sku)?->shown() ?? '',
            $loaded->core->prices->sale($row->cell)?->price->shown() ?? '',
            $loaded->core->prices->listPrice($row->cell)?->shown() ?? '',
            $loaded->core->prices->cost($row->cell)?->shown() ?? '',
            $product->currency,
            (string) ($row->sku->weightG ?? ''),
            match (true) {
                $row->sku === null => '',
                !$row->sku->isMade() => $loaded->core->book->counting === Counting::Sku
                    ? (string) $row->sku->stock
                    : '',
                default => isset($row->pools[$loaded->core->source($row->sku)])
                    ? ''
                    : (string) $loaded->core->units($row->sku),
            },
            $row->state,
            $row->sku === null
                ? ''
                : implode('|', array_map(fn(Entry $entry): string => $entry->placement->file, $gallery->entries)),
            $row->sku !== null && $gallery->role(Role::Lead)->ground === Ground::Assigned
                ? $gallery->lead()->file ?? ''
                : '',
            ...array_map(
                fn(SkuField $field): string => $row->sku === null ? '' : $field->shown($row->sku),
                $this->texts,
            ),
            ...array_map(fn(string $axis): string => $this->swatch($loaded, $axis, $row->cell), $this->swatchAxes),
            ...array_map(
                fn(DetailKind $kind): string => $this->detail($loaded, $kind, $row->sku, $row->isFirst),
                $this->details,
            ),
            ...array_map(
                fn(string $fact): string => $row->isFirst
                    ? Fact::named($loaded->core->state->details->facts, $fact)->value ?? ''
                    : '',
                $this->facts,
            ),
        ];
    }

    /** What is said of every SKU alike stands once. */
    private function detail(LoadedProduct $loaded, DetailKind $kind, ?Sku $sku, bool $first): string
    {
        return match (true) {
            $kind === DetailKind::Breaks => $first ? $loaded->core->prices->breaks()->ranges() : '',
            $kind->isOfProduct() => $first ? $loaded->core->state->details->details->whole($kind) : '',
            default => $sku === null ? '' : $loaded->core->said($kind, $sku),
        };
    }

    private function swatch(LoadedProduct $loaded, string $axisName, Combination $cell): string
    {
        foreach ($loaded->core->matrix->axes as $axis) {
            if ($axis->name === $axisName) {
                return $this->swatchSaid($loaded, $loaded->core->library->swatches->of($cell->value($axis->id) ?? 0));
            }
        }

        return '';
    }

    /** Its colors, or the file of the product's picture that it is a piece of. */
    private function swatchSaid(LoadedProduct $loaded, ?Swatch $swatch): string
    {
        $photoId = $swatch?->piece?->photoId;
        foreach ($photoId === null ? [] : $loaded->placements as $row) {
            if ($row->photoId === $photoId) {
                return $row->file();
            }
        }

        return $swatch?->hex() ?? '';
    }
}
