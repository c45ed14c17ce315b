<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Combination;
use Core\Matrix\Matrix;

/**
 * Who takes over from whom as a matrix changes: values from others, new values from those they are made like, SKUs to
 * home values.
 */
final readonly class Handover
{
    /** @var array<int, array<int, Succession>> axis id => value id => who takes over */
    public array $heirs;

    /**
     * @param  Matrix  $from  as it was before
     * @param  list<Succession>  $successions
     * @param  list<Likeness>  $likes
     * @param  array<int, int>  $homes  added axis id => value id
     */
    public function __construct(
        public Matrix $from,
        public array $successions,
        public array $likes,
        public array $homes,
    ) {
        $heirs = [];
        foreach ($successions as $succession) {
            $heirs[$succession->axisId][$succession->valueId] = $succession;
        }
        $this->heirs = $heirs;
    }

    /**
     * Each succession, and whether the value that takes over was there before, or has taken over from another already.
     *
     * @return list<array{Succession, bool}>
     */
    public function inTurn(): array
    {
        $turns = [];
        $standing = [];
        foreach ($this->successions as $succession) {
            $stands =
                isset($standing[$succession->target()]) ||
                $this->from->axis($succession->toAxisId)?->has($succession->toValueId) === true;
            $turns[] = [$succession, $stands];
            $standing[$succession->target()] = true;
        }

        return $turns;
    }

    /** Whether another value takes over from one that the cell lies on. */
    public function concerns(Combination $cell): bool
    {
        foreach ($cell->values as $axisId => $valueId) {
            if (isset($this->heirs[$axisId][$valueId])) {
                return true;
            }
        }

        return false;
    }

    /** The value that shoppers find chosen on an axis after the change; null where it keeps it, or has none. */
    public function opening(int $axisId, ?int $valueId): ?Succession
    {
        return $valueId === null ? null : $this->heirs[$axisId][$valueId] ?? null;
    }

    /** The cell that a new one is made like; null where its values are like no others. */
    public function likeOf(Combination $cell): ?Combination
    {
        $like = $cell;
        foreach ($this->likes as $likeness) {
            if ($cell->value($likeness->axisId) === $likeness->valueId) {
                $like = $like->with($likeness->axisId, $likeness->likeId);
            }
        }

        return $like === $cell ? null : $like;
    }
}
