<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\ColorDifference;
use Core\Color\ColorShare;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Color\Swatch;
use Core\Color\SwatchDistance;
use Core\Matrix\Axis;

/** The colors of an axis: the swatches of its values, and what the pictures of each value show. */
final class AxisColors
{
    /** A second color of at least this share of the cloth belongs into the swatch. */
    private const SECOND = 0.3;

    /** It belongs there at less where the swatch has two already. */
    private const SECOND_OF_TWO = 0.08;

    /** @var array<int, list<ValuePicture>> by value id; those that can be told */
    private array $told = [];

    /**
     * @param  array<int, Swatch>  $swatches  by value id
     * @param  list<ValuePicture>  $pictures
     */
    public function __construct(
        public readonly Axis $axis,
        public readonly array $swatches,
        public readonly array $pictures = [],
    ) {
        foreach ($pictures as $picture) {
            if ($picture->isTold()) {
                $this->told[$picture->valueId][] = $picture;
            }
        }
    }

    public function swatch(int $valueId): ?Swatch
    {
        return $this->swatches[$valueId] ?? null;
    }

    /** @return list<ValuePicture> pictures of a value whose colors can be told */
    public function told(int $valueId): array
    {
        return $this->told[$valueId] ?? [];
    }

    /** @return ?float ΔE00 from what a picture shows to a value's swatch; null where one of them is not known */
    public function distance(ValuePicture $picture, int $valueId): ?float
    {
        $swatch = $this->swatch($valueId);
        $seen = $picture->seen->colors;

        return $swatch === null || $seen === [] ? null : SwatchDistance::fromPicture($seen, $swatch);
    }

    /**
     * ΔE00 from what a picture shows to a value, as its swatch has it or as its other pictures show it, whichever is nearer:
     * a swatch may be off, and so may the light of a day.
     */
    public function distanceToValue(ValuePicture $picture, int $valueId): ?float
    {
        $others = array_values(array_filter($this->told($valueId), fn (ValuePicture $other): bool => $other !== $picture));
        $main = $picture->seen->main();
        $bySwatch = $this->distance($picture, $valueId);
        $byPictures = count($others) < 2 || $main === null ? null : ColorDifference::ciede2000(Lab::of($main), Lab::median($this->mains($others)));

        return $bySwatch === null || $byPictures === null ? $bySwatch ?? $byPictures : min($bySwatch, $byPictures);
    }

    /**
     * What the pictures of a value show: the colors of the one that lies in the middle of them.
     *
     * @param  list<int>  $without  ids of placements that do not count
     */
    public function measured(int $valueId, array $without = []): ?MeasuredSwatch
    {
        $pictures = array_values(array_filter($this->told($valueId), fn (ValuePicture $picture): bool => ! in_array($picture->placementId, $without, true)));
        if ($pictures === []) {
            return null;
        }
        $middle = Lab::median($this->mains($pictures));
        usort($pictures, fn (ValuePicture $one, ValuePicture $other): int => $this->away($one, $middle) <=> $this->away($other, $middle));
        $shares = $pictures[0]->seen->colors;
        $least = count($this->swatch($valueId)->colors ?? []) > 1 ? self::SECOND_OF_TWO : self::SECOND;
        $colors = array_map(fn (ColorShare $share): Srgb => $share->color, array_filter(array_slice($shares, 0, 2), fn (ColorShare $share, int $at): bool => $at === 0 || $share->share >= $least, ARRAY_FILTER_USE_BOTH));

        return new MeasuredSwatch(Swatch::of(...array_values($colors)), $pictures[0]->placementId, count($pictures));
    }

    private function away(ValuePicture $picture, Lab $from): float
    {
        return $this->mains([$picture])[0]->distance($from);
    }

    /**
     * @param  non-empty-list<ValuePicture>  $pictures  that can be told
     * @return non-empty-list<Lab>
     */
    private function mains(array $pictures): array
    {
        return array_map(fn (ValuePicture $picture): Lab => Lab::of($picture->seen->main() ?? $picture->seen->background), $pictures);
    }
}
