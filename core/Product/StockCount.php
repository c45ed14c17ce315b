<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Details\Counting;
use Core\Stock\StockBook;

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

    /** @var list<?int> of each SKU, what it can be sold from */
    private array $figures;

    /** @param  array<Sku>  $skus */
    public function __construct(array $skus, private StockBook $book)
    {
        $bySource = [];
        $figures = [];
        foreach ($skus as $sku) {
            $units = $book->of($sku->cell, $sku->stock);
            $bySource[$book->pool($sku->cell) ?? "sku {$sku->cell->key}"] = $units ?? 0;
            $figures[] = $units;
        }
        $this->figures = $figures;
        $this->units = array_sum($bySource);
        $this->notCounted = count(array_filter($figures, fn(?int $units): bool => $units === null));
        $this->soldOut = count(array_filter($figures, fn(?int $units): bool => $units === 0));
    }

    /** Whether there is no SKU at all. */
    public function isNone(): bool
    {
        return $this->figures === [];
    }

    /** Whether nobody has counted any of them. */
    public function isUncounted(): bool
    {
        return $this->notCounted === count($this->figures);
    }

    /** "61 in stock, 1 sold out, 2 not counted"; "stock not counted"; "300 in stock for the whole product". */
    public function inWords(): string
    {
        if (!$this->isNone() && $this->isUncounted()) {
            return 'stock not counted';
        }

        return number_format($this->units) .
            ' in stock' .
            $this->sharedBy() .
            ($this->soldOut > 0 ? ', ' . number_format($this->soldOut) . ' sold out' : '') .
            ($this->notCounted > 0 ? ', ' . number_format($this->notCounted) . ' not counted' : '');
    }

    /** The lowest and the highest figure: "0–16"; "not counted"; "5, some not counted". */
    public function range(): string
    {
        $counted = array_filter($this->figures, fn(?int $units): bool => $units !== null);
        if ($counted === []) {
            return 'not counted';
        }
        $range =
            min($counted) === max($counted)
                ? number_format(min($counted))
                : number_format(min($counted)) . '–' . number_format(max($counted));

        return $range . ($this->notCounted > 0 ? ', some not counted' : '');
    }

    private function sharedBy(): string
    {
        return match ($this->book->counting) {
            Counting::Pictures => ', counted for each picture combination',
            Counting::Product => ' for the whole product',
            default => '',
        };
    }
}
