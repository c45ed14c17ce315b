<?php

declare(strict_types=1);

namespace Core\Text;

/** Whether two words differ by one slip of the hand: a letter missing, added, wrong, or two swapped. */
final class EditDistance
{
    /** Whether one letter changed, added, left out, or two neighbors exchanged make the one of the other. */
    public static function atMostOne(string $a, string $b): bool
    {
        $left = mb_str_split($a);
        $right = mb_str_split($b);
        if (abs(count($left) - count($right)) > 1) {
            return false;
        }
        $from = 0;
        while (isset($left[$from], $right[$from]) && $left[$from] === $right[$from]) {
            $from++;
        }
        $restLeft = array_slice($left, $from);
        $restRight = array_slice($right, $from);
        $swapped =
            count($restLeft) >= 2 &&
            count($restRight) >= 2 &&
            $restLeft[0] === $restRight[1] &&
            $restLeft[1] === $restRight[0] &&
            array_slice($restLeft, 2) === array_slice($restRight, 2);

        return $swapped ||
            array_slice($restLeft, 1) === array_slice($restRight, 1) ||
            array_slice($restLeft, 1) === $restRight ||
            $restLeft === array_slice($restRight, 1);
    }
}
