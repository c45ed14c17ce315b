<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;
use Core\Matrix\Likeness;
use Core\Matrix\Matrix;
use Core\Matrix\Succession;

/**
 * The set of combinations a thing applies to: a union of clauses. No clause is nothing; the empty
 * clause is the whole product.
 */
final readonly class Reach
{
    /** @param  list<Clause>  $clauses */
    private function __construct(public array $clauses)
    {
    }

    /** Clauses within another are dropped, neighbors are joined: the set stays the same whatever the matrix. */
    public static function of(Clause ...$clauses): self
    {
        return new self(self::joined(array_values(array_filter($clauses, fn (Clause $clause): bool => ! $clause->isNothing()))));
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    public static function everything(): self
    {
        return new self([Clause::everything()]);
    }

    /** @param  list<array<int, list<int>>>  $clauses each axis id => value ids */
    public static function fromArrays(array $clauses): self
    {
        return self::of(...array_map(fn (array $values): Clause => Clause::of($values), $clauses));
    }

    /** @return list<array<int, list<int>>> each axis id => value ids */
    public function toArrays(): array
    {
        return array_map(fn (Clause $clause): array => $clause->values(), $this->clauses);
    }

    public function isNothing(): bool
    {
        return $this->clauses === [];
    }

    public function isEverything(): bool
    {
        return count($this->clauses) === 1 && $this->clauses[0]->isEverything();
    }

    public function covers(Combination $cell): bool
    {
        foreach ($this->clauses as $clause) {
            if ($clause->covers($cell)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Combination>  $cells
     * @return list<Combination> those covered, in the order given
     */
    public function among(array $cells): array
    {
        return array_values(array_filter($cells, fn (Combination $cell): bool => $this->covers($cell)));
    }

    public function union(self $other): self
    {
        return self::of(...$this->clauses, ...$other->clauses);
    }

    public function cut(self $other): self
    {
        $clauses = [];
        foreach ($this->clauses as $own) {
            foreach ($other->clauses as $foreign) {
                $clauses[] = $own->cut($foreign);
            }
        }

        return self::of(...$clauses);
    }

    /**
     * What this reach covers in the matrix and the other does not. The matrix says which values an
     * axis has beside those the other reach names. Dormant clauses of this reach stay as they are.
     */
    public function subtract(self $other, Matrix $matrix): self
    {
        $rest = $this->clauses;
        foreach ($other->clauses as $taken) {
            $next = [];
            foreach ($rest as $clause) {
                array_push($next, ...$this->without($clause, $taken, $matrix));
            }
            $rest = $next;
        }

        return self::of(...$rest);
    }

    /** The same reach once a value has handed over to another: where it was named, its heir is. */
    public function succeeded(Succession $succession): self
    {
        $clauses = [];
        foreach ($this->clauses as $clause) {
            if (! $clause->names($succession->axisId) || ! $clause->allows($succession->axisId, $succession->valueId)) {
                $clauses[] = $clause;

                continue;
            }
            $rest = $clause->lacking($succession->axisId, $succession->valueId);
            if ($succession->axisId === $succession->toAxisId) {
                $clauses[] = $rest->widened($succession->toAxisId, $succession->toValueId);
            } else {
                array_push($clauses, $rest, $clause->freed($succession->axisId)->limited($succession->toAxisId, [$succession->toValueId]));
            }
        }

        return self::of(...$clauses);
    }

    /** The same reach, and wherever it names the value that a new one is like, the new one too. */
    public function extendedLike(Likeness $likeness): self
    {
        return self::of(...array_map(
            fn (Clause $clause): Clause => $clause->names($likeness->axisId) && $clause->allows($likeness->axisId, $likeness->likeId)
                ? $clause->widened($likeness->axisId, $likeness->valueId)
                : $clause,
            $this->clauses,
        ));
    }

    /** The part that applies to the matrix as it is; the rest lies dormant until its axes and values return. */
    public function activeIn(Matrix $matrix): self
    {
        $clauses = array_map(fn (Clause $clause): ?Clause => $clause->activeIn($matrix), $this->clauses);

        return self::of(...array_filter($clauses, fn (?Clause $clause): bool => $clause !== null));
    }

    /** The clauses that lie dormant in the matrix. */
    public function dormantIn(Matrix $matrix): self
    {
        return new self(array_values(array_filter(
            $this->clauses,
            fn (Clause $clause): bool => $clause->activeIn($matrix) === null,
        )));
    }

    public function equals(self $other): bool
    {
        return count($this->clauses) === count($other->clauses) && $this->key() === $other->key();
    }

    /** The same for the same clauses, in whatever order they stand. */
    public function key(): string
    {
        $keys = array_map(fn (Clause $clause): string => $clause->key(), $this->clauses);
        sort($keys);

        return $keys === [] ? 'nothing' : implode(';', $keys);
    }

    /** @return list<Clause> */
    private function without(Clause $clause, Clause $taken, Matrix $matrix): array
    {
        if ($clause->cut($taken)->isNothing() || $clause->activeIn($matrix) === null) {
            return [$clause];
        }
        $pieces = [];
        $inner = $clause;
        foreach ($taken->values() as $axisId => $valueIds) {
            $all = $matrix->axis($axisId)?->valueIds() ?? [];
            $pieces[] = $inner->limited($axisId, array_values(array_diff($clause->values()[$axisId] ?? $all, $valueIds)));
            $inner = $inner->limited($axisId, $valueIds);
        }

        return array_values(array_filter($pieces, fn (Clause $piece): bool => ! $piece->isNothing()));
    }

    /**
     * @param  list<Clause>  $clauses
     * @return list<Clause>
     */
    private static function joined(array $clauses): array
    {
        do {
            $count = count($clauses);
            $kept = [];
            foreach ($clauses as $clause) {
                foreach ($kept as $at => $other) {
                    if ($clause->isWithin($other)) {
                        continue 2;
                    }
                    $merged = $other->isWithin($clause) ? $clause : $clause->mergedWith($other);
                    if ($merged !== null) {
                        $kept[$at] = $merged;

                        continue 2;
                    }
                }
                $kept[] = $clause;
            }
            $clauses = array_values($kept);
        } while (count($clauses) < $count);

        return $clauses;
    }
}
