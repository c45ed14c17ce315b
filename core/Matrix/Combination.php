<?php

declare(strict_types=1);

namespace Core\Matrix;

/**
 * One value for each of some axes: of all a product's axes it names a cell, of fewer a row,
 * a column or another part of the matrix. Its key is canonical (axes by id), so the order
 * on screen never matters to what a combination is.
 */
final readonly class Combination
{
    /** @param  array<int, int>  $values axis id => value id, by axis id */
    private function __construct(public array $values, public string $key) {}

    /** @param  array<int, int>  $values axis id => value id, in any order */
    public static function of(array $values): self
    {
        ksort($values);
        $parts = [];
        foreach ($values as $axis => $value) {
            $parts[] = $axis . ':' . $value;
        }

        return new self($values, implode(',', $parts));
    }

    /**
     * For loops that make many: the caller has the values by axis id and their key already.
     *
     * @param  array<int, int>  $values
     */
    public static function ready(array $values, string $key): self
    {
        return new self($values, $key);
    }

    /** @throws UnreadableKey */
    public static function fromKey(string $key): self
    {
        if ($key === '') {
            return new self([], '');
        }
        if (preg_match('/^\d+:\d+(?:,\d+:\d+)*$/', $key) !== 1) {
            throw new UnreadableKey($key);
        }
        $values = [];
        $isCanonical = true;
        $last = 0;
        foreach (explode(',', $key) as $part) {
            [$axis, $value] = explode(':', $part);
            $isCanonical = $isCanonical && (int) $axis > $last;
            $last = (int) $axis;
            if (isset($values[$last])) {
                throw new UnreadableKey($key);
            }
            $values[$last] = (int) $value;
        }

        return $isCanonical ? new self($values, $key) : self::of($values);
    }

    /** @return ?int id of its value on the axis; null where it names none */
    public function value(int $axisId): ?int
    {
        return $this->values[$axisId] ?? null;
    }

    /** The same with one value more, or another. */
    public function with(int $axisId, int $valueId): self
    {
        return self::of([$axisId => $valueId] + $this->values);
    }

    /** The same with the axis not named. */
    public function without(int $axisId): self
    {
        $values = $this->values;
        unset($values[$axisId]);

        return self::of($values);
    }

    /**
     * The part of this combination that lies on the given axes.
     *
     * @param  list<int>  $axisIds
     */
    public function on(array $axisIds): self
    {
        return self::of(array_intersect_key($this->values, array_flip($axisIds)));
    }

    /** Whether all that the other combination says holds here too. */
    public function includes(self $part): bool
    {
        foreach ($part->values as $axis => $value) {
            if (($this->values[$axis] ?? null) !== $value) {
                return false;
            }
        }

        return true;
    }
}
