<?php

declare(strict_types=1);

namespace Core\Gallery\Sequence;

/**
 * The longest part of a row that is in order already: what stands outside of it is the least that has to be moved.
 * Patience sorting; see D. E. Knuth, The Art of Computer Programming 3, 5.1.4 (from memory).
 */
final class LongestRun
{
    /**
     * @param  list<int>  $ranks  each once
     * @return list<int> places in the row, from 0, whose ranks rise; as many as there can be
     */
    public static function places(array $ranks): array
    {
        /** @var list<int> $tops place of the smallest rank that ends a run of each length */
        $tops = [];
        $before = [];
        foreach ($ranks as $place => $rank) {
            [$low, $high] = [0, count($tops)];
            while ($low < $high) {
                $middle = intdiv($low + $high, 2);
                if ($ranks[$tops[$middle]] < $rank) {
                    $low = $middle + 1;
                } else {
                    $high = $middle;
                }
            }
            $before[$place] = $low === 0 ? null : $tops[$low - 1];
            $tops[$low] = $place;
        }
        $run = [];
        for ($place = $tops === [] ? null : $tops[count($tops) - 1]; $place !== null; $place = $before[$place]) {
            array_unshift($run, $place);
        }

        return $run;
    }
}
