<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Details\Counting;

/**
 * The units of some SKUs, each unit once, however many SKUs are sold from it. What nobody has counted is not zero: it
 * adds nothing, and is said apart.
 */
final readonly class StockCount
{
    public int $units;

    /** @var int SKUs */
    public int $notCounted;

    /** @var int SKUs */
    public int $soldOut;

    /** @param  array<SkuRow>  $skus */
    public function __construct(private array $skus, private Counting $counting = Counting::Sku)
    {
        $this->units = array_sum(array_column(array_map(fn (SkuRow $sku): array => [$sku->source(), $sku->stock ?? 0], $skus), 1, 0));
        $this->notCounted = count(array_filter($skus, fn (SkuRow $sku): bool => $sku->stock === null));
        $this->soldOut = count(array_filter($skus, fn (SkuRow $sku): bool => $sku->isSoldOut()));
    }

    /** Whether there is no SKU at all. */
    public function isNone(): bool
    {
        return $this->skus === [];
    }

    /** Whether nobody has counted any of them. */
    public function isUncounted(): bool
    {
        return $this->notCounted === count($this->skus);
    }

    /** "61 in stock, 1 sold out, 2 not counted"; "stock not counted"; "300 in stock for the whole product". */
    public function inWords(): string
    {
        if (! $this->isNone() && $this->isUncounted()) {
            return 'stock not counted';
        }

        return number_format($this->units).' in stock'.$this->sharedBy()
            .($this->soldOut > 0 ? ', '.number_format($this->soldOut).' sold out' : '')
            .($this->notCounted > 0 ? ', '.number_format($this->notCounted).' not counted' : '');
    }

    /** The lowest and the highest figure: "0–16"; "not counted"; "5, some not counted". */
    public function range(): string
    {
        $counted = array_values(array_filter(array_map(fn (SkuRow $sku): ?int => $sku->stock, $this->skus), fn (?int $stock): bool => $stock !== null));
        if ($counted === []) {
            return 'not counted';
        }
        $range = min($counted) === max($counted) ? number_format(min($counted)) : number_format(min($counted)).'–'.number_format(max($counted));

        return $range.($this->notCounted > 0 ? ', some not counted' : '');
    }

    private function sharedBy(): string
    {
        return match ($this->counting) {
            Counting::Pictures => ', counted for each picture combination',
            Counting::Product => ' for the whole product',
            default => '',
        };
    }
}
