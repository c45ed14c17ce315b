<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\PictureColors;
use Core\Color\Measuring\TellingColors;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Matrix\Axis;

/** Says what the colors of a picture tell about the values of an axis, by their swatches. */
final readonly class ColorWitness
{
    /** Most that a picture alone can tell. */
    public const MOST = 0.7;

    /** ΔE00 by which the nearest must be before the next to tell all it can. */
    private const CLEAR = 10.0;

    /** @param  array<int, Swatch>  $swatches  by value id */
    public function __construct(private PictureColors $seen, private array $swatches) {}

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
        $isSure = $this->seen->doubt === null;

        return $first > SwatchDistance::OF_CLOTH
            ? null
            : new ColorGuess(
                (int) array_key_first($distances),
                $first,
                $second - $first,
                $isSure ? $confidence : $confidence / 2,
            );
    }

    /**
     * The value that the picture looks like instead of the one that the name says; null where nothing speaks against
     * it.
     */
    public function against(Axis $axis, int $saidId): ?int
    {
        $guess = $this->guess($axis);
        if (
            $guess === null ||
            $guess->valueId === $saidId ||
            !isset($this->swatches[$saidId]) ||
            !$this->seen->areTold()
        ) {
            return null;
        }
        foreach ($this->telling($axis) as $color) {
            $distance = SwatchDistance::ofColor($color->color, $this->swatches[$saidId]);
            $isNear = $distance <= max(SwatchDistance::OF_CLOTH / 2, $guess->distance);
            $toOther = SwatchDistance::ofColor($color->color, $this->swatches[$guess->valueId]);
            if ($color->share >= SwatchDistance::TRIM && $isNear && $distance <= $toOther) {
                return null;
            }
        }

        return $this->distances($axis)[$saidId] - $guess->distance >= SwatchDistance::NEARER ? $guess->valueId : null;
    }

    /**
     * @return array<int, float> how much the picture speaks against each value that has a swatch, in ΔE00, by value id
     */
    private function distances(Axis $axis): array
    {
        $main = $this->telling($axis)[0]->color ?? null;
        $distances = [];
        foreach ($axis->values as $value) {
            if ($main !== null && isset($this->swatches[$value->id])) {
                $distances[$value->id] = SwatchDistance::ofColor($main, $this->swatches[$value->id]);
            }
        }

        return $distances;
    }

    /** @return list<ColorShare> */
    private function telling(Axis $axis): array
    {
        $swatches = array_intersect_key($this->swatches, array_flip($axis->valueIds()));

        return (new TellingColors($swatches))->of($this->seen);
    }
}
