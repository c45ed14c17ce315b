<?php

declare(strict_types=1);

namespace Core\Matching\Shoots;

use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Matching\Names\KnownProduct;
use Core\Matrix\Axis;
use Core\Matrix\Combination;

/** Which part of a product each group of a series shows, by the color of its cloth. */
final class ShotValues
{
    /**
     * The nearest pair of group and value first; a value is given once.
     *
     * @param  list<list<ShotLook>>  $groups  looks of the pictures of each
     * @param  array<int, Combination>  $said  what names and folders say, by group: it is taken as it is
     * @return list<Combination> for each group; one that names nothing where it cannot be told
     */
    public static function of(KnownProduct $product, array $groups, array $said = []): array
    {
        $parts = array_map(fn(int $at): Combination => $said[$at] ?? Combination::of([]), array_keys($groups));
        foreach ($product->matrix->axes as $axis) {
            if (!$axis->changesPicture) {
                continue;
            }
            if (count($axis->values) === 1) {
                $parts = array_map(
                    fn(Combination $part): Combination => $part->with($axis->id, $axis->values[0]->id),
                    $parts,
                );

                continue;
            }
            $parts = self::withAxis($product, $axis, $groups, $parts);
        }

        return array_values($parts);
    }

    /**
     * @param  list<list<ShotLook>>  $groups
     * @param  array<int, Combination>  $parts
     * @return array<int, Combination>
     */
    private static function withAxis(KnownProduct $product, Axis $axis, array $groups, array $parts): array
    {
        $pairs = [];
        foreach ($groups as $at => $looks) {
            if ($parts[$at]->value($axis->id) !== null) {
                continue;
            }
            foreach ($axis->values as $value) {
                $swatch = $product->swatches[$value->id] ?? null;
                $distance = $swatch === null ? null : self::distance($looks, $swatch);
                if ($distance !== null && $distance <= SwatchDistance::OF_CLOTH) {
                    $pairs[] = [$distance, $at, $value->id];
                }
            }
        }
        sort($pairs);
        $given = array_fill_keys(
            array_filter(array_map(fn(Combination $part): ?int => $part->value($axis->id), $parts)),
            true,
        );
        foreach ($pairs as [, $at, $valueId]) {
            if ($parts[$at]->value($axis->id) === null && !isset($given[$valueId])) {
                $parts[$at] = $parts[$at]->with($axis->id, $valueId);
                $given[$valueId] = true;
            }
        }

        return $parts;
    }

    /**
     * @param  list<ShotLook>  $looks
     * @return ?float ΔE00 in the middle of those pictures that tell their color
     */
    private static function distance(array $looks, Swatch $swatch): ?float
    {
        $distances = array_values(
            array_filter(
                array_map(fn(ShotLook $look): ?float => $look->distanceToSwatch($swatch), $looks),
                fn(?float $one): bool => $one !== null,
            ),
        );
        sort($distances);

        return $distances[intdiv(count($distances), 2)] ?? null;
    }
}
