<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Reach\Clause;
use Core\Reach\Reach;

/** The pictures of products that become one. */
final readonly class CombinedPictures
{
    /**
     * A picture shows where it came from, in all that looks the same there; one that several parts have is one.
     *
     * @param  list<CombinedPart>  $parts
     * @param  Matrix  $matrix  of the product that they become
     * @return list<Placement>
     */
    public static function of(array $parts, Matrix $matrix): array
    {
        $looks = array_flip(array_map(fn(Axis $axis): int => $axis->id, $matrix->pictureAxes()));
        $byPhoto = [];
        foreach ($parts as $part) {
            $values = array_intersect_key($part->values, $looks);
            $where = Reach::of(Clause::of(array_map(fn(int $valueId): array => [$valueId], $values)));
            foreach ($part->product->state->pictures as $picture) {
                $reach = $picture->reach->cut($where);
                $hidden = $picture->hidden->cut($where);
                $known = $byPhoto[$picture->photoId] ?? null;
                $byPhoto[$picture->photoId] =
                    $known === null
                        ? $picture->reaching($reach, $hidden)
                        : $known->reaching(
                            $known->reach->union($reach),
                            self::hiddenInBoth([$known->reach, $known->hidden], [$reach, $hidden], $matrix),
                        );
            }
        }

        return array_values($byPhoto);
    }

    /**
     * It is hidden where none of two parts shows it.
     *
     * @param  array{Reach, Reach}  $one  where it reaches, where it is hidden
     * @param  array{Reach, Reach}  $other
     */
    private static function hiddenInBoth(array $one, array $other, Matrix $matrix): Reach
    {
        $less = fn(Reach $reach, Reach $other): Reach => $reach->isNothing() || $other->isNothing()
            ? $reach
            : $reach->subtract($other, $matrix);

        return $less($one[1], $less($other[0], $other[1]))->union($less($other[1], $less($one[0], $one[1])));
    }
}
