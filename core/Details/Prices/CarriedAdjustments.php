<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Matrix\Planning\Handover;
use Core\Pricing\Adjustment;

/** What values add to prices after a change of the matrix. */
final class CarriedAdjustments
{
    /**
     * A value that takes over from another, and was not there before, takes what that one adds; so does one that is
     * made like another. What a value that goes adds sleeps with it.
     *
     * @param  array<int, Adjustment>  $adjustments  by value id
     * @return array<int, Adjustment> by value id
     */
    public static function along(Handover $handover, array $adjustments): array
    {
        $carried = $adjustments;
        foreach ($handover->inTurn() as [$succession, $stands]) {
            if (!$stands && isset($adjustments[$succession->valueId])) {
                $carried[$succession->toValueId] = $adjustments[$succession->valueId];
            }
        }
        foreach ($handover->likes as $likeness) {
            if (isset($carried[$likeness->likeId])) {
                $carried[$likeness->valueId] = $carried[$likeness->likeId];
            }
        }

        return $carried;
    }
}
