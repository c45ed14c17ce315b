<?php

declare(strict_types=1);

namespace Tests\Walk;

use Closure;

/**
 * Finds a smaller sequence that breaks the same law: halves, quarters … single steps are left out, as long as it still
 * does.
 */
final class Shrinker
{
    /**
     * @param  list<Step>  $steps
     * @param  Closure(list<Step>): ?Breach  $run
     */
    public static function smallest(array $steps, Breach $breach, Closure $run): Breach
    {
        $steps = array_slice($steps, 0, $breach->step);
        for ($size = intdiv(count($steps), 2); $size >= 1; $size = intdiv($size, 2)) {
            for ($from = 0; $from < count($steps); ) {
                $fewer = [...array_slice($steps, 0, $from), ...array_slice($steps, $from + $size)];
                $again = $fewer === [] ? null : $run($fewer);
                if ($again?->law === $breach->law) {
                    $steps = array_slice($fewer, 0, $again->step);
                    $breach = $again;
                } else {
                    $from += $size;
                }
            }
        }

        return $breach;
    }
}
