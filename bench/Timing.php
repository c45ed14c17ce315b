<?php

declare(strict_types=1);

namespace Bench;

use Closure;

/** Times two pieces of work in turn, in the same run, and gives the ratio of their medians. */
final class Timing
{
    public static function ratio(Closure $work, Closure $yardstick, int $rounds = 15): float
    {
        $work();
        $yardstick();
        $times = [[], []];
        for ($round = 0; $round < $rounds; $round++) {
            foreach ([$work, $yardstick] as $which => $run) {
                gc_collect_cycles();
                $start = hrtime(true);
                $run();
                $times[$which][] = hrtime(true) - $start;
            }
        }

        return self::median($times[0]) / max(1, self::median($times[1]));
    }

    /** @param non-empty-list<int|float> $times */
    public static function median(array $times): float
    {
        sort($times);

        return (float) $times[intdiv(count($times), 2)];
    }
}
