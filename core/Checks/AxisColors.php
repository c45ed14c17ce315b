<?php

declare(strict_types=1);

namespace Core\Checks;

use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Measuring\ColorShare;
use Core\Color\Measuring\ShootLight;
use Core\Color\Measuring\TellingColors;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Color\Swatches\SwatchDistance;
use Core\Matrix\Axis;

/** The colors of an axis: the swatches of its values, and what the pictures of each value show. */
final class AxisColors
{
    /** A second color of at least this share of the cloth belongs into the swatch. */
    private const SECOND = 0.3;

    /** It belongs there at less where the swatch has two already. */
    private const SECOND_OF_TWO = 0.08;

    /** Values that are nearest by the plain distance are held against each other by ΔE00. */
    private const LOOKED_AT = 40;

    /** Once it was asked for. */
    private ?TellingColors $telling = null;

    /** @var ShootLight|false|null in which its pictures were taken, once it was asked for; false for that of any day */
    private ShootLight|false|null $light = null;

    /** @var array<int, Swatch> by value id: as they look in that light */
    private array $lit = [];

    /** @var array<int, Lab> of the color each value is called by */
    private array $labs;

    /**
     * @var array<int, Lab|false> by value id: the middle of its pictures, once it was asked for; false where there is
     *   none
     */
    private array $middles = [];

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
        $this->labs = array_map(fn(Swatch $swatch): Lab => Lab::of($swatch->main()), $swatches);
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

    /**
     * @return ?float ΔE00 from the main color of a picture to its value's swatch; null where one of them is not known
     */
    public function distance(ValuePicture $picture): ?float
    {
        $swatch = $this->swatch($picture->valueId);
        $main = $this->main($picture);

        return $swatch === null || $main === null ? null : SwatchDistance::ofColor($main, $swatch);
    }

    /**
     * @param  list<int>  $without  ids of placements that do not count
     * @return ?float ΔE00 in the middle of those from its pictures to the swatch of a value; null where there is none
     */
    public function middleDistance(int $valueId, array $without = []): ?float
    {
        $distances = [];
        foreach ($this->told($valueId) as $picture) {
            if (!in_array($picture->placementId, $without, true)) {
                $distances[] = $this->distance($picture);
            }
        }
        $distances = array_values(array_filter($distances, fn(?float $distance): bool => $distance !== null));
        sort($distances);

        return $distances[intdiv(count($distances), 2)] ?? null;
    }

    /**
     * How much a picture speaks against being of a value, as its swatch has it in the light of the shoot or as its
     * other pictures show it, whichever is less: a swatch may be off, and so may a picture.
     */
    public function against(ValuePicture $picture, int $valueId): ?float
    {
        $seen = $this->telling($picture);
        $main = $seen[0]->color ?? null;
        $swatch = $this->lit($valueId);
        $bySwatch = $swatch === null || $seen === [] ? null : SwatchDistance::fromPicture($seen, $swatch);
        $others =
            $picture->valueId === $valueId
                ? $this->middleOf($valueId, $picture)
                : ($this->middles[$valueId] ??= $this->middleOf($valueId, null) ?? false);
        $byPictures =
            !($others instanceof Lab) || $main === null ? null : ColorDifference::ciede2000(Lab::of($main), $others);

        return $bySwatch === null || $byPictures === null ? $bySwatch ?? $byPictures : min($bySwatch, $byPictures);
    }

    /** @return list<ColorShare> the colors of a picture that tell one value from another, the largest share first */
    public function telling(ValuePicture $picture): array
    {
        $this->telling ??= new TellingColors(array_map($this->inLight(...), $this->swatches));

        return $this->telling->of($picture->seen);
    }

    /** The swatch of a value as it looks in the light in which its product's pictures were taken. */
    public function lit(int $valueId): ?Swatch
    {
        $swatch = $this->swatch($valueId);

        return $swatch === null ? null : ($this->lit[$valueId] ??= $this->inLight($swatch));
    }

    private function inLight(Swatch $swatch): Swatch
    {
        $light = $this->light ??= $this->light() ?? false;

        return $light === false ? $swatch : $swatch->turned($light->on(...));
    }

    private function light(): ?ShootLight
    {
        $pairs = [];
        foreach ($this->told as $valueId => $pictures) {
            $swatch = $this->swatch($valueId);
            foreach ($pictures as $picture) {
                $main = $picture->seen->main();
                if ($main !== null && $swatch !== null) {
                    $pairs[] = [$main, $swatch->main()];
                }
            }
        }

        return ShootLight::of($pairs);
    }

    private function main(ValuePicture $picture): ?Srgb
    {
        return $this->telling($picture)[0]->color ?? null;
    }

    /**
     * What the pictures of a value show: the colors of the one that lies in the middle of them. Where some have an even
     * ground, the others do not count.
     *
     * @param  list<int>  $without  ids of placements that do not count
     */
    public function measured(int $valueId, array $without = []): ?MeasuredSwatch
    {
        $pictures = array_values(
            array_filter(
                $this->told($valueId),
                fn(ValuePicture $picture): bool => !in_array($picture->placementId, $without, true),
            ),
        );
        $sure = array_values(array_filter($pictures, fn(ValuePicture $one): bool => $one->seen->doubt === null));
        if ($pictures === []) {
            return null;
        }
        $pictures = $sure === [] ? $pictures : $sure;
        $middle = Lab::median($this->mains($pictures));
        usort(
            $pictures,
            fn(ValuePicture $one, ValuePicture $other): int => $this->away($one, $middle) <=>
                $this->away($other, $middle),
        );
        $shares = $pictures[0]->seen->colors;
        $least = count($this->swatch($valueId)->colors ?? []) > 1 ? self::SECOND_OF_TWO : self::SECOND;
        $colors = array_map(
            fn(ColorShare $share): Srgb => $share->color,
            array_filter(
                array_slice($shares, 0, 2),
                fn(ColorShare $share, int $at): bool => $at === 0 || $share->share >= $least,
                ARRAY_FILTER_USE_BOTH,
            ),
        );

        return new MeasuredSwatch(
            Swatch::of(...array_values($colors)),
            $pictures[0]->placementId,
            count($pictures),
            $sure !== [],
        );
    }

    /** The other value whose swatch is nearest; null where there is none. */
    public function nearest(int $valueId): ?NearValue
    {
        $swatch = $this->swatch($valueId);

        return $swatch === null ? null : $this->near($swatch, 1, $valueId)[0] ?? null;
    }

    /**
     * @param  ?int  $without  the value that is not looked at
     * @return list<NearValue> the values whose swatches are nearest to one, the nearest first
     */
    public function near(Swatch $swatch, int $most, ?int $without = null): array
    {
        $lab = Lab::of($swatch->main());
        $plain = [];
        foreach ($this->labs as $valueId => $other) {
            if ($valueId !== $without) {
                $plain[$valueId] = $lab->distance($other);
            }
        }
        asort($plain);
        $near = array_map(
            fn(int $id): NearValue => new NearValue($id, SwatchDistance::between($swatch, $this->swatches[$id])),
            array_keys(array_slice($plain, 0, $most + self::LOOKED_AT, true)),
        );
        usort($near, fn(NearValue $one, NearValue $other): int => $one->distance <=> $other->distance);

        return array_slice($near, 0, $most);
    }

    /** The color in the middle of a value's pictures but one; null where they are too few to have a middle. */
    private function middleOf(int $valueId, ?ValuePicture $without): ?Lab
    {
        $others = array_values(
            array_filter($this->told($valueId), fn(ValuePicture $other): bool => $other !== $without),
        );

        return count($others) < 2 ? null : Lab::median($this->mains($others));
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
        return array_map(
            fn(ValuePicture $picture): Lab => Lab::of($this->main($picture) ?? $picture->seen->background),
            $pictures,
        );
    }
}
