<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Combination;

/**
 * What a change of the matrix will do to the SKUs, in canonical order throughout, so that the same
 * change gives the same plan however its parts were listed.
 */
final readonly class Plan
{
    /**
     * @param  list<Combination>  $make  cells that get a new SKU
     * @param  list<int>  $keep  ids of made SKUs that stay as they are
     * @param  list<Move>  $move  SKUs, made or retired, whose combination changes
     * @param  list<int>  $revive  ids of retired SKUs that are made again
     * @param  list<StandingSku>  $retire  made SKUs that go out of offer
     * @param  list<StockMove>  $stockMoves  stock that goes from a retired SKU to the one that stays
     * @param  list<Collapse>  $collapses  cells that several SKUs come to lie in
     * @param  array<string, int>  $likenesses  key of a cell to make => id of the SKU it is made like
     * @param  list<int>  $firstToReturn  ids of retired SKUs that come back before others of their cell
     */
    public function __construct(
        public array $make,
        public array $keep,
        public array $move,
        public array $revive,
        public array $retire,
        public array $stockMoves,
        public array $collapses = [],
        public array $likenesses = [],
        public array $firstToReturn = [],
    ) {}

    /** Whether no SKU is made, moved, revived or retired. */
    public function isEmpty(): bool
    {
        return $this->make === [] && $this->move === [] && $this->revive === [] && $this->retire === [];
    }

    /** @return int units of the SKUs that go out of offer */
    public function retiredStock(): int
    {
        return array_sum(array_map(fn(StandingSku $sku): int => $sku->stock ?? 0, $this->retire));
    }

    /** @return int units that go to the SKU that stays */
    public function movedStock(): int
    {
        return array_sum(array_map(fn(StockMove $move): int => $move->units, $this->stockMoves));
    }

    /** How many made SKUs get another combination and stay made. */
    public function movedCount(): int
    {
        return count(array_filter($this->move, fn(Move $move): bool => $move->wasMade));
    }

    /** How many SKUs are on offer when the plan has run. */
    public function skusAfter(): int
    {
        return count($this->make) + count($this->keep) + $this->movedCount() + count($this->revive);
    }

    /** "makes 6, retires 5 with 42 in stock", or "changes no SKU". */
    public function inWords(): string
    {
        $parts = [];
        foreach (
            [
                'makes' => count($this->make),
                'brings back' => count($this->revive),
                'moves' => $this->movedCount(),
                'retires' => count($this->retire),
            ]
            as $verb => $count
        ) {
            if ($count > 0) {
                $parts[$verb] = $verb . ' ' . number_format($count);
            }
        }
        if (isset($parts['retires']) && $this->retiredStock() > 0) {
            $parts['retires'] .= ' with ' . number_format($this->retiredStock()) . ' in stock';
        }
        if ($this->movedStock() > 0) {
            $parts['stock'] = 'adds ' . number_format($this->movedStock()) . ' units of stock to the SKUs that stay';
        }

        return $parts === [] ? 'changes no SKU' : implode(', ', $parts);
    }
}
