<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\PictureColors;
use Core\Color\Srgb;
use Core\Color\Swatch;
use Core\Color\SwatchDistance;
use Core\Matrix\Axis;

/** Says what the colors of a picture tell about the values of an axis, by their swatches. */
final readonly class ColorWitness
{
    /** Most that a picture alone can tell. */
    public const MOST = 0.70;

    /** ΔE00 by which the nearest must be before the next to tell all it can. */
    private const CLEAR = 10.0;

    /** @param  array<int, Swatch>  $swatches  by value id */
    public function __construct(
        private PictureColors $seen,
        private array $swatches,
    ) {
    }

    /** The value that the picture looks like; null where it cannot be told. */
    public function guess(Axis $axis): ?ColorGuess
    {
        $distances = $this->distances($axis);
        if (count($distances) < 2) {
            return null;
        }
        asort($distances);
        [$first, $second] = array_slice(array_values($distances), 0, 2);
        $confidence = self::MOST * min(1.0, ($second - $first) / self::CLEAR);

        return $first <= SwatchDistance::OF_CLOTH ? new ColorGuess((int) array_key_first($distances), $first, $second - $first, $this->seen->doubt === null ? $confidence : $confidence / 2) : null;
    }

    /** The value that the picture looks like instead of the one that the name says; null where nothing speaks against it. */
    public function against(Axis $axis, int $saidId): ?int
    {
        $guess = $this->guess($axis);
        if ($guess === null || $guess->valueId === $saidId || ! isset($this->swatches[$saidId]) || $this->seen->doubt !== null) {
            return null;
        }
        foreach ($this->seen->colors as $color) {
            if ($color->share >= SwatchDistance::TRIM && $this->distance($color->color, $saidId) <= max(SwatchDistance::OF_CLOTH / 2, $guess->distance)) {
                return null;
            }
        }

        return $this->distances($axis)[$saidId] - $guess->distance >= SwatchDistance::NEARER ? $guess->valueId : null;
    }

    /** @return array<int, float> ΔE00 of the picture's main color and the swatch, by value id */
    private function distances(Axis $axis): array
    {
        $main = $this->seen->main();
        $distances = [];
        foreach ($axis->values as $value) {
            if ($main !== null && isset($this->swatches[$value->id])) {
                $distances[$value->id] = $this->distance($main, $value->id);
            }
        }

        return $distances;
    }

    private function distance(Srgb $color, int $valueId): float
    {
        return SwatchDistance::ofColor($color, $this->swatches[$valueId]);
    }
}
