<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/**
 * For some axes, a set of values. An axis it does not name is free; the empty clause is the
 * whole product.
 */
final readonly class Clause
{
    /** @param  array<int, array<int, true>>  $sets axis id => value ids as keys, all by id */
    private function __construct(private array $sets) {}

    /** @param  array<int, list<int>>  $values axis id => value ids, in any order */
    public static function of(array $values): self
    {
        ksort($values);
        $sets = [];
        foreach ($values as $axisId => $ids) {
            sort($ids);
            $sets[$axisId] = array_fill_keys($ids, true);
        }

        return new self($sets);
    }

    /** The clause that names no axis. */
    public static function everything(): self
    {
        return new self([]);
    }

    /** The clause that covers just what a combination (whole or partial) names. */
    public static function at(Combination $combination): self
    {
        return self::of(array_map(fn(int $value): array => [$value], $combination->values));
    }

    /** @return array<int, list<int>> axis id => value ids, all by id */
    public function values(): array
    {
        return array_map(fn(array $set): array => array_keys($set), $this->sets);
    }

    /** @return list<int> */
    public function axisIds(): array
    {
        return array_keys($this->sets);
    }

    /**
     * The parts of a matrix it is made of: every combination of its values. The empty clause is one part that names
     * nothing.
     *
     * @return list<Combination>
     */
    public function parts(): array
    {
        $parts = [[]];
        foreach ($this->values() as $axisId => $valueIds) {
            $longer = [];
            foreach ($parts as $part) {
                foreach ($valueIds as $valueId) {
                    $longer[] = $part + [$axisId => $valueId];
                }
            }
            $parts = $longer;
        }

        return array_map(Combination::of(...), $parts);
    }

    /** Whether it is limited on the axis. */
    public function names(int $axisId): bool
    {
        return isset($this->sets[$axisId]);
    }

    /** Whether the value is in it; an axis that it does not name is free. */
    public function allows(int $axisId, int $valueId): bool
    {
        return !isset($this->sets[$axisId]) || isset($this->sets[$axisId][$valueId]);
    }

    /** Whether it names no axis. */
    public function isEverything(): bool
    {
        return $this->sets === [];
    }

    /** Whether it names an axis with no value left. */
    public function isNothing(): bool
    {
        return in_array([], $this->sets, true);
    }

    /** A cell that lacks an axis the clause names is not covered. */
    public function covers(Combination $cell): bool
    {
        foreach ($this->sets as $axisId => $set) {
            if (!isset($set[$cell->values[$axisId] ?? 0])) {
                return false;
            }
        }

        return true;
    }

    /** What both cover: of an axis that both name, the values in both. */
    public function cut(self $other): self
    {
        $sets = $this->sets;
        foreach ($other->sets as $axisId => $set) {
            $sets[$axisId] = isset($sets[$axisId]) ? array_intersect_key($sets[$axisId], $set) : $set;
        }
        ksort($sets);

        return new self($sets);
    }

    /** Whether all this clause covers is covered by the other, whatever the matrix. */
    public function isWithin(self $other): bool
    {
        foreach ($other->sets as $axisId => $set) {
            if (!isset($this->sets[$axisId]) || array_diff_key($this->sets[$axisId], $set) !== []) {
                return false;
            }
        }

        return true;
    }

    /** One clause for both where they differ on one axis only; otherwise null. */
    public function mergedWith(self $other): ?self
    {
        if (array_keys($this->sets) !== array_keys($other->sets)) {
            return null;
        }
        $differing = null;
        foreach ($this->sets as $axisId => $set) {
            if (count($set) !== count($other->sets[$axisId]) || array_diff_key($set, $other->sets[$axisId]) !== []) {
                if ($differing !== null) {
                    return null;
                }
                $differing = $axisId;
            }
        }
        if ($differing === null) {
            return $this;
        }
        $sets = $this->sets;
        $sets[$differing] += $other->sets[$differing];
        ksort($sets[$differing]);

        return new self($sets);
    }

    /** The same with the axis free. */
    public function freed(int $axisId): self
    {
        $sets = $this->sets;
        unset($sets[$axisId]);

        return new self($sets);
    }

    /** @param  list<int>  $valueIds */
    public function limited(int $axisId, array $valueIds): self
    {
        return $this->cut(self::of([$axisId => $valueIds]));
    }

    /** The clause without one value of an axis it names; nothing is left where it named no other. */
    public function lacking(int $axisId, int $valueId): self
    {
        $sets = $this->sets;
        unset($sets[$axisId][$valueId]);

        return new self($sets);
    }

    /** The clause with one more value of an axis; one that leaves the axis free allows it already. */
    public function widened(int $axisId, int $valueId): self
    {
        if (!$this->names($axisId)) {
            return $this;
        }
        $sets = $this->sets;
        $sets[$axisId][$valueId] = true;
        ksort($sets[$axisId]);
        ksort($sets);

        return new self($sets);
    }

    /**
     * What is left of the clause on the axes and values the matrix has; null where nothing is: it lies dormant.
     * A sleeping axis says nothing where the clause allows the value that the product stands at.
     */
    public function activeIn(Matrix $matrix): ?self
    {
        $sets = [];
        foreach ($this->sets as $axisId => $set) {
            $axis = $matrix->axis($axisId);
            if ($axis === null) {
                if (!isset($set[$matrix->sleeping[$axisId]->standsAt ?? 0])) {
                    return null;
                }

                continue;
            }
            $active = array_filter($set, fn(int $valueId): bool => $axis->has($valueId), ARRAY_FILTER_USE_KEY);
            if ($active === []) {
                return null;
            }
            $sets[$axisId] = $active;
        }

        return new self($sets);
    }

    /** The same for all clauses that differ on this axis only; one that leaves it free is like none that names it. */
    public function keyWithout(int $axisId): string
    {
        return ($this->names($axisId) ? '' : 'free ') . $this->freed($axisId)->key();
    }

    /**
     * One clause for several that differ on one axis only, or leave it free.
     *
     * @param  non-empty-list<self>  $alike
     */
    public static function unitedOn(int $axisId, array $alike): self
    {
        $sets = $alike[0]->sets;
        if (isset($sets[$axisId])) {
            foreach ($alike as $clause) {
                $sets[$axisId] += $clause->sets[$axisId];
            }
            ksort($sets[$axisId]);
        }

        return new self($sets);
    }

    /** The same for the same clause, and an order between different ones. */
    public function key(): string
    {
        $parts = [];
        foreach ($this->sets as $axisId => $set) {
            $parts[] = $axisId . ':' . implode('|', array_keys($set));
        }

        return implode(',', $parts);
    }
}
