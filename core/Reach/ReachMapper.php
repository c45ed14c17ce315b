<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Planning\Handover;
use Core\Matrix\Planning\Likeness;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Succession;

/**
 * Reaches after a change of the matrix. What names a value or an axis that goes stays as it is, and sleeps; where a
 * value hands over to another, the one that takes over is named.
 */
final readonly class ReachMapper
{
    public function __construct(private Handover $handover) {}

    /** Reaches carried along the change. */
    public static function along(MatrixChange $change): self
    {
        return new self($change->handover);
    }

    /** A placement's reach after the change. */
    public function reach(Reach $reach): Reach
    {
        foreach ($this->handover->successions as $succession) {
            $reach = $reach->succeeded($succession);
        }

        return $this->grown($reach);
    }

    /**
     * Where a picture is hidden after the change. Of values that become one, what is hidden follows the one that stays.
     */
    public function hidden(Reach $hidden): Reach
    {
        foreach ($this->handover->inTurn() as [$succession, $stands]) {
            $hidden = $stands ? $hidden : $hidden->succeeded($succession);
        }

        return $this->grown($hidden);
    }

    /**
     * Where something is said otherwise of a part. Of values that become one, what is said of the one that stays holds.
     */
    public function said(Reach $reach): Reach
    {
        foreach ($this->handover->inTurn() as [$succession, $stands]) {
            $reach = $stands ? $reach : $reach->succeeded($succession);
        }
        foreach ($this->handover->likes as $likeness) {
            $reach = $reach->extendedLike($likeness);
        }

        return $this->grown($reach);
    }

    /**
     * The places that units are counted for. One that is split leaves them to its first part, and what is made like it
     * has none of them, also while it sleeps: nobody has said more units.
     */
    public function units(Reach $places): Reach
    {
        foreach ($this->handover->inTurn() as [$succession, $stands]) {
            $places = $stands ? $places : $places->succeeded($succession);
        }

        return $places;
    }

    /** Left-out rules after the change. Of two values that become one, what was left out of both is left out. */
    public function leftOut(Reach $rules): Reach
    {
        foreach ($this->handover->inTurn() as [$succession, $stands]) {
            $rules = $stands ? $this->leftOutOfBoth($rules, $succession) : $rules->succeeded($succession);
        }
        foreach ($this->handover->likes as $likeness) {
            $rules = $rules->extendedLike($likeness);
        }

        return $rules;
    }

    private function leftOutOfBoth(Reach $rules, Succession $succession): Reach
    {
        $clauses = [];
        $ofOld = [];
        $ofNew = [];
        foreach ($rules->clauses as $clause) {
            $namesOld =
                $clause->names($succession->axisId) && $clause->allows($succession->axisId, $succession->valueId);
            $namesNew =
                $clause->names($succession->toAxisId) && $clause->allows($succession->toAxisId, $succession->toValueId);
            if ($namesOld && $namesNew) {
                $clauses[] = $clause->lacking($succession->axisId, $succession->valueId);
            } elseif ($namesOld) {
                $ofOld[] = $clause->limited($succession->axisId, [$succession->valueId]);
                $clauses[] = $clause->lacking($succession->axisId, $succession->valueId);
            } elseif ($namesNew) {
                $ofNew[] = $clause->limited($succession->toAxisId, [$succession->toValueId]);
                $clauses[] = $clause->lacking($succession->toAxisId, $succession->toValueId);
            } else {
                $clauses[] = $clause;
            }
        }

        return Reach::of(...$clauses)->union(Reach::of(...$ofOld)->succeeded($succession)->cut(Reach::of(...$ofNew)));
    }

    /**
     * What new values take from those they are like; and where the SKUs of today go to another value of an axis
     * than the one they stood at while it slept, their pictures go with them.
     */
    private function grown(Reach $reach): Reach
    {
        foreach ($this->handover->likes as $likeness) {
            $reach = $likeness->withPictures ? $reach->extendedLike($likeness) : $reach;
        }
        foreach ($this->handover->homes as $axisId => $home) {
            $stood = $this->handover->from->sleeping[$axisId]->standsAt ?? null;
            $reach =
                $stood === null || $stood === $home
                    ? $reach
                    : $reach->extendedLike(new Likeness($axisId, $home, $stood));
        }

        return $reach;
    }
}
