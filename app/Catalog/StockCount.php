<?php

declare(strict_types=1);

namespace App\Catalog;

/** The units of some SKUs. What nobody has counted is not zero: it adds nothing, and is said apart. */
final readonly class StockCount
{
    public int $units;

    public int $notCounted;

    public int $soldOut;

    /** @param  array<SkuRow>  $skus */
    public function __construct(private array $skus)
    {
        $this->units = array_sum(array_map(fn (SkuRow $sku): int => $sku->stock ?? 0, $skus));
        $this->notCounted = count(array_filter($skus, fn (SkuRow $sku): bool => $sku->stock === null));
        $this->soldOut = count(array_filter($skus, fn (SkuRow $sku): bool => $sku->isSoldOut()));
    }

    /** "61 in stock, 1 sold out, 2 not counted"; "stock not counted". */
    public function inWords(): string
    {
        if ($this->skus !== [] && $this->notCounted === count($this->skus)) {
            return 'stock not counted';
        }

        return number_format($this->units).' in stock'
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
}
