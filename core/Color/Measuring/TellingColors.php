<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;

/**
 * Which colors of a picture tell one value of an axis from another: not the trim that the swatches of all values have,
 * and not what is seen of the ground through it.
 */
final readonly class TellingColors
{
    /** ΔE00 up to which two swatches have one trim. */
    private const ONE_TRIM = 6.0;

    /** @var list<Swatch> of each color that all swatches have */
    private array $common;

    /** @param  array<int, Swatch>  $swatches  of the axis, by value id */
    public function __construct(array $swatches)
    {
        $common = [];
        $first = $swatches[array_key_first($swatches)] ?? null;
        foreach ($first === null || count($swatches) < 2 ? [] : array_slice($first->colors, 1) as $color) {
            $has = array_filter(
                $swatches,
                fn(Swatch $swatch): bool => SwatchDistance::ofColor($color, $swatch) <= self::ONE_TRIM,
            );
            if (count($has) === count($swatches)) {
                $common[] = Swatch::of($color);
            }
        }
        $this->common = $common;
    }

    /** @return list<ColorShare> the largest share first; all, where nothing else is seen */
    public function of(PictureColors $seen): array
    {
        $idle = $this->common;
        // Where cloth fills the picture, its ground is the cloth.
        if ($seen->doubt === null && $seen->filled < 1.0) {
            $idle[] = Swatch::of($seen->background);
        }
        $own = array_values(
            array_filter(
                $seen->colors,
                fn(ColorShare $share): bool => array_filter(
                    $idle,
                    fn(Swatch $one): bool => SwatchDistance::ofColor($share->color, $one) <=
                        SwatchDistance::OF_CLOTH / 2,
                ) === [],
            ),
        );

        return $own === [] ? $seen->colors : $own;
    }
}
