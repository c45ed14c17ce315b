<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;
use Core\Matrix\LeftOut;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\Handover;
use Core\Matrix\Planning\Likeness;
use Core\Matrix\Planning\SleepingAxis;
use Core\Matrix\Planning\Succession;

/**
 * The set of combinations a thing applies to: a union of clauses. No clause is nothing; the empty
 * clause is the whole product.
 */
final readonly class Reach implements LeftOut
{
    /** Past these, clauses are joined by axis before they are held against each other. */
    private const MANY = 40;

    /** Past these they are not held against each other at all: some may lie within others. */
    private const VERY_MANY = 200;

    /** @param  list<Clause>  $clauses */
    private function __construct(public array $clauses) {}

    /** Clauses within another are dropped, neighbors are joined: the set stays the same whatever the matrix. */
    public static function of(Clause ...$clauses): self
    {
        return new self(
            self::joined(array_values(array_filter($clauses, fn(Clause $clause): bool => !$clause->isNothing()))),
        );
    }

    /** Applies nowhere: a picture in the tray. */
    public static function nothing(): self
    {
        return new self([]);
    }

    /** Applies to the whole product, to what is added later too. */
    public static function everything(): self
    {
        return new self([Clause::everything()]);
    }

    /** @param  list<array<int, list<int>>>  $clauses each axis id => value ids */
    public static function fromArrays(array $clauses): self
    {
        return self::of(...array_map(fn(array $values): Clause => Clause::of($values), $clauses));
    }

    /** The left-out rules of a matrix, what sleeps of them too. */
    public static function leftOutOf(Matrix $matrix): self
    {
        return $matrix->leftOut instanceof self ? $matrix->leftOut : self::nothing();
    }

    /** What is left out of a matrix as it stands, in its own axes and values. */
    public static function leftOutNow(Matrix $matrix): self
    {
        $standing = $matrix->leftOutNow();

        return $standing instanceof self ? $standing : self::nothing();
    }

    /** @return list<array<int, list<int>>> each axis id => value ids */
    public function toArrays(): array
    {
        return array_map(fn(Clause $clause): array => $clause->values(), $this->clauses);
    }

    /** Whether it has no clause. */
    public function isNothing(): bool
    {
        return $this->clauses === [];
    }

    /** Whether it is the whole product whatever the matrix. */
    public function isEverything(): bool
    {
        return count($this->clauses) === 1 && $this->clauses[0]->isEverything();
    }

    /** Whether some clause covers the combination. */
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
        $index = new ReachIndex($this->clauses);

        return array_values(array_filter($cells, $index->covers(...)));
    }

    public function sparing(array $cells): array
    {
        $index = new ReachIndex($this->clauses);

        return $this->clauses === []
            ? $cells
            : array_values(array_filter($cells, fn(Combination $cell): bool => !$index->covers($cell)));
    }

    public function leftOutAfter(Handover $handover): self
    {
        return (new ReachMapper($handover))->leftOut($this);
    }

    /** What either covers. */
    public function union(self $other): self
    {
        return self::of(...$this->clauses, ...$other->clauses);
    }

    /** What both cover. */
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
     * What this reach covers and the other does not. The matrix says which values an axis has beside those the
     * other reach names: what sleeps counts with the rest, so that it wakes as if it had been there.
     */
    public function subtract(self $other, Matrix $matrix): self
    {
        $subtraction = new Subtraction($matrix);

        return self::of(
            ...array_merge(
                ...array_map(fn(Clause $clause): array => $subtraction->of($clause, $other->clauses), $this->clauses),
            ),
        );
    }

    /** The same reach once a value has handed over to another: where it was named, its heir is. */
    public function succeeded(Succession $succession): self
    {
        $clauses = [];
        foreach ($this->clauses as $clause) {
            if (!$clause->names($succession->axisId) || !$clause->allows($succession->axisId, $succession->valueId)) {
                $clauses[] = $clause;

                continue;
            }
            $rest = $clause->lacking($succession->axisId, $succession->valueId);
            if ($succession->axisId === $succession->toAxisId) {
                $clauses[] = $rest->widened($succession->toAxisId, $succession->toValueId);
            } else {
                array_push(
                    $clauses,
                    $rest,
                    $clause->freed($succession->axisId)->limited($succession->toAxisId, [$succession->toValueId]),
                );
            }
        }

        return self::of(...$clauses);
    }

    /** The same reach, and wherever it names the value that a new one is like, the new one too. */
    public function extendedLike(Likeness $likeness): self
    {
        return self::of(
            ...array_map(
                fn(Clause $clause): Clause => $clause->names($likeness->axisId) &&
                $clause->allows($likeness->axisId, $likeness->likeId)
                    ? $clause->widened($likeness->axisId, $likeness->valueId)
                    : $clause,
                $this->clauses,
            ),
        );
    }

    /** The part that applies to the matrix as it is; the rest lies dormant until its axes and values return. */
    public function activeIn(Matrix $matrix): self
    {
        $clauses = array_map(fn(Clause $clause): ?Clause => $clause->activeIn($matrix), $this->clauses);

        return self::of(...array_filter($clauses, fn(?Clause $clause): bool => $clause !== null));
    }

    /**
     * The same as rules of what is left out: where an axis sleeps, a cell is left out that was left out of all
     * that came to lie in it.
     */
    public function leftOutIn(Matrix $matrix): self
    {
        $rules = $this;
        foreach ($matrix->sleeping as $axis) {
            $rules = $axis->standsAt === null ? $rules : $rules->forAll($axis);
        }

        return $rules->activeIn($matrix);
    }

    /** The clauses that lie dormant in the matrix. */
    public function dormantIn(Matrix $matrix): self
    {
        return new self(
            array_values(array_filter($this->clauses, fn(Clause $clause): bool => $clause->activeIn($matrix) === null)),
        );
    }

    /** Whether both have the same clauses, in whatever order. */
    public function equals(self $other): bool
    {
        return count($this->clauses) === count($other->clauses) && $this->key() === $other->key();
    }

    /** The same for the same clauses, in whatever order they stand. */
    public function key(): string
    {
        $keys = array_map(fn(Clause $clause): string => $clause->key(), $this->clauses);
        sort($keys);

        return $keys === [] ? 'nothing' : implode(';', $keys);
    }

    /** The part that holds at every value which a sleeping axis had. */
    private function forAll(SleepingAxis $axis): self
    {
        if (array_filter($this->clauses, fn(Clause $clause): bool => $clause->names($axis->id)) === []) {
            return $this;
        }
        $everywhere = self::everything();
        foreach ($axis->valueIds as $valueId) {
            $there = array_filter($this->clauses, fn(Clause $clause): bool => $clause->allows($axis->id, $valueId));
            $everywhere = $everywhere->cut(
                self::of(...array_map(fn(Clause $clause): Clause => $clause->freed($axis->id), $there)),
            );
        }

        return $everywhere;
    }

    /**
     * Joins those that differ on one axis only, axis after axis, in a time that grows with their number and not with
     * its square.
     *
     * @param  list<Clause>  $clauses
     * @return list<Clause>
     */
    private static function joinedByAxis(array $clauses): array
    {
        $axisIds = [];
        foreach ($clauses as $clause) {
            $axisIds += array_flip($clause->axisIds());
        }
        // The axis on which most are joined comes first, so that fewest are left.
        $groups = [];
        foreach (array_keys($axisIds) as $axisId) {
            $groups[$axisId] = count(
                array_flip(array_map(fn(Clause $clause): string => $clause->keyWithout($axisId), $clauses)),
            );
        }
        asort($groups);
        do {
            $count = count($clauses);
            foreach (array_keys($groups) as $axisId) {
                $joined = [];
                foreach ($clauses as $clause) {
                    $joined[$clause->keyWithout($axisId)][] = $clause;
                }
                $clauses = array_map(
                    fn(array $alike): Clause => Clause::unitedOn($axisId, $alike),
                    array_values($joined),
                );
            }
        } while (count($clauses) < $count);

        return $clauses;
    }

    /**
     * @param  list<Clause>  $clauses
     * @return list<Clause>
     */
    private static function joined(array $clauses): array
    {
        if (count($clauses) > self::MANY) {
            $clauses = self::joinedByAxis($clauses);
        }
        if (count($clauses) > self::VERY_MANY) {
            return $clauses;
        }
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
