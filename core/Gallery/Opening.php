<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/** What a shopper sees before choosing: a SKU, and the values already chosen. */
final readonly class Opening
{
    /**
     * @param  list<Combination>  $made  in the product's order
     * @param  array<string, ?int>  $stock  made cell's key => units; null, or no key, where nobody has counted them
     * @param  ?Combination  $chosen  the cell that somebody chose to open the product
     * @param  array<int, int>  $openings  axis id => value id that shoppers find chosen
     */
    public function __construct(
        private Matrix $matrix,
        private array $made,
        private array $stock = [],
        private ?Combination $chosen = null,
        private array $openings = [],
    ) {}

    /**
     * The cell whose gallery opens the product: the chosen one if it is made; else, of those with the opening values,
     * the first that is not sold out; else the first of them. Null while nothing is made.
     */
    public function cell(): ?Combination
    {
        foreach ($this->made as $cell) {
            if ($cell->key === $this->chosen?->key) {
                return $cell;
            }
        }

        return $this->firstOf($this->including($this->choice(), $this->made));
    }

    /**
     * The cell that opens what a choice leaves: of the SKUs in question, those with the opening values and with the
     * values of the opening cell, axis by axis as far as there is one that has them.
     */
    public function within(Combination $choice): ?Combination
    {
        $remaining = $this->including($choice, $this->made);
        $seen = $this->narrowed(
            $this->narrowed($choice, $this->openings, $remaining),
            $this->cell()->values ?? [],
            $remaining,
        );

        return $this->firstOf($this->including($seen, $remaining));
    }

    /**
     * The opening values of the axes, as far as a made SKU has them together: in the product's axis order,
     * one that leaves no made SKU is not chosen.
     */
    public function choice(): Combination
    {
        return $this->narrowed(Combination::of([]), $this->openings, $this->made);
    }

    /**
     * @param  array<int, int>  $values  axis id => the value wanted
     * @param  list<Combination>  $cells
     */
    private function narrowed(Combination $choice, array $values, array $cells): Combination
    {
        $cells = $this->including($choice, $cells);
        foreach ($this->matrix->axes as $axis) {
            if (isset($values[$axis->id]) && $choice->value($axis->id) === null) {
                $next = $choice->with($axis->id, $values[$axis->id]);
                $left = $this->including($next, $cells);
                if ($left !== []) {
                    $choice = $next;
                    $cells = $left;
                }
            }
        }

        return $choice;
    }

    /** @param  list<Combination>  $cells */
    private function firstOf(array $cells): ?Combination
    {
        foreach ($cells as $cell) {
            if (($this->stock[$cell->key] ?? null) !== 0) {
                return $cell;
            }
        }

        return $cells[0] ?? null;
    }

    /**
     * @param  list<Combination>  $cells
     * @return list<Combination>
     */
    private function including(Combination $choice, array $cells): array
    {
        return $choice->values === []
            ? $cells
            : array_values(array_filter($cells, fn(Combination $cell): bool => $cell->includes($choice)));
    }
}
