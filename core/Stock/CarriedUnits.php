<?php

declare(strict_types=1);

namespace Core\Stock;

use Core\Details\Counting;
use Core\Matrix\Combination;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;
use Core\Matrix\Planning\StandingSku;

/**
 * What becomes of units as the matrix changes, which its plan names: of those that a picture combination has, wherever
 * they go; of those that a SKU has, where another SKU with other units comes into its cell.
 */
final readonly class CarriedUnits
{
    /** @param  list<StandingSku>  $skus  on offer before the change, in the matrix's order */
    private function __construct(
        private MatrixChange $change,
        private Plan $plan,
        private StockBook $is,
        private StockBook $then,
        private array $skus,
    ) {}

    /**
     * @param  StockBook  $is  what is sold from where before the change
     * @param  StockBook  $then  and after it
     * @param  list<StandingSku>  $skus  on offer before the change, in the matrix's order
     * @return list<UnitMove>
     */
    public static function moves(MatrixChange $change, Plan $plan, StockBook $is, StockBook $then, array $skus): array
    {
        $carried = new self($change, $plan, $is, $then, $skus);

        return match ($is->counting) {
            Counting::Sku => $carried->ofSkus(),
            Counting::Pictures => $carried->ofPictures(),
            Counting::Product, Counting::None => [],
        };
    }

    /** @return list<UnitMove> */
    private function ofSkus(): array
    {
        $stock = array_column($this->skus, 'stock', 'id');
        foreach ($this->plan->stockMoves as $move) {
            $stock[$move->toSkuId] = ($stock[$move->toSkuId] ?? 0) + $move->units;
        }
        $lay = [];
        foreach ($this->skus as $sku) {
            $lay[$this->change->from->place($sku->cell)->key ?? ''] = $sku;
        }
        $moves = [];
        foreach ($this->plan->collapses as $collapse) {
            $was = $lay[$collapse->cell->key] ?? null;
            $units = $stock[$collapse->stays] ?? null;
            if ($was !== null && $was->id !== $collapse->stays && $was->stock !== $units) {
                $place = $this->words($collapse->cell, $this->change->to->inWords(...));
                $moves[] = new UnitMove([$place => $was->stock], $place, $units);
            }
        }

        return $moves;
    }

    /** @return list<UnitMove> */
    private function ofPictures(): array
    {
        $from = $to = $sources = [];
        foreach ($this->skus as $sku) {
            $lies = $this->change->from->place($sku->cell);
            $landing = $this->change->landing($sku->cell);
            $cell = $landing === null ? null : $this->change->to->place($landing);
            if ($lies === null) {
                continue;
            }
            $was = $this->is->part($lies);
            $from[$was->key] = $was;
            if ($cell !== null && $this->change->to->isOffered($cell) && !isset($to[$was->key])) {
                $to[$was->key] = $this->then->part($cell);
                $sources[$to[$was->key]->key][] = $was;
            }
        }

        return [...$this->joined($sources, $to), ...$this->resting($from, $to), ...$this->waking($sources)];
    }

    /**
     * @param  array<string, list<Combination>>  $sources  place after => places before
     * @param  array<string, Combination>  $to  place before => place after
     * @return list<UnitMove>
     */
    private function joined(array $sources, array $to): array
    {
        $moves = [];
        foreach ($sources as $before) {
            $place = $to[$before[0]->key];
            $words = $this->words($place, $this->change->to->inWords(...));
            $units = $this->then->of($place, null);
            $was = [];
            foreach ($before as $part) {
                $was[$this->words($part, $this->change->from->inWords(...))] = $this->is->of($part, null);
            }
            if ($was !== [$words => $units] && array_filter($was, fn(?int $count): bool => $count !== null) !== []) {
                $moves[] = new UnitMove($was, $words, $units);
            }
        }

        return $moves;
    }

    /**
     * @param  array<string, Combination>  $from
     * @param  array<string, Combination>  $to
     * @return list<UnitMove>
     */
    private function resting(array $from, array $to): array
    {
        $moves = [];
        foreach (array_diff_key($from, $to) as $part) {
            $units = $this->is->of($part, null);
            if ($units !== null) {
                $moves[] = new UnitMove([$this->words($part, $this->change->from->inWords(...)) => $units], null, null);
            }
        }

        return $moves;
    }

    /**
     * @param  array<string, list<Combination>>  $sources
     * @return list<UnitMove>
     */
    private function waking(array $sources): array
    {
        $moves = [];
        foreach ($this->change->to->offered() as $cell) {
            $place = $this->then->part($cell);
            $units = isset($sources[$place->key]) ? null : $this->then->of($place, null);
            if ($units !== null) {
                $moves[$place->key] = new UnitMove([], $this->words($place, $this->change->to->inWords(...)), $units);
            }
        }

        return array_values($moves);
    }

    /** @param  callable(Combination): string  $inWords */
    private function words(Combination $place, callable $inWords): string
    {
        $words = $inWords($place);

        return $words === '' ? 'all' : $words;
    }
}
