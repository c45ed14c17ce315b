<?php

declare(strict_types=1);

namespace Core\Color;

/**
 * Measures which colors a picture shows. What is connected to the border and looks like it is background, soft
 * shadows on it too; the rest is parted into groups of like color, where the same color in more or less light is one.
 */
final class ColorMeter
{
    /** ΔE*ab within which a pixel of the border has the background's color. */
    private const LIKE_BORDER = 8.0;

    /** Least share of the border that a background must have. */
    private const LEAST_EVEN = 0.6;

    /** ΔE*ab between neighbors of one ground, where it fades or a soft shadow lies on it. */
    private const STEP = 3.0;

    /** How far a shadow may darken the ground, in L*, and how far it may tint it, in chroma. */
    private const SHADOW = [38.0, 5.0];

    /** Least share of a picture in which something is seen. */
    private const LEAST_FILLED = 0.02;

    /** On a border that is no pale gray, this much at most is a seam or a button: the cloth itself fills the picture. */
    private const MOST_TRIM = 0.1;

    /** Least L* and most chroma of a pale gray. */
    private const PALE = [85.0, 8.0];

    /** Smaller groups are edges and seams. */
    private const LEAST_SHARE = 0.04;

    public function measure(Sample $sample): PictureColors
    {
        $known = [];
        $labs = array_map(function (int $pixel) use (&$known): Lab {
            return $known[$pixel] ??= Lab::of(Srgb::packed($pixel));
        }, $sample->pixels);
        $border = $sample->border(max(1, intdiv(min($sample->width, $sample->height), 40)));
        $ground = Lab::median(array_map(fn (int $at): Lab => $labs[$at], $border));
        $even = count(array_filter($border, fn (int $at): bool => $labs[$at]->distance($ground) <= self::LIKE_BORDER)) / count($border);
        if ($even < self::LEAST_EVEN) {
            return new PictureColors($ground->toSrgb(), $even, 1.0, $this->colors(array_values($sample->evened($labs))), 'It has no even background, so that other things may be measured with it.');
        }
        $shown = $this->shown($sample, $labs, $ground, $border);
        $filled = count($shown) / count($labs);
        if ($filled < self::MOST_TRIM && ($ground->lightness < self::PALE[0] || $ground->chroma() > self::PALE[1])) {
            return new PictureColors($ground->toSrgb(), $even, 1.0, $this->colors(array_values($sample->evened($labs))), null);
        }
        if ($shown === [] || $filled < self::LEAST_FILLED) {
            return new PictureColors($ground->toSrgb(), $even, $filled, [], 'What it shows has nearly the color of its background, so that its color cannot be told.');
        }

        return new PictureColors($ground->toSrgb(), $even, $filled, $this->colors($shown), null);
    }

    /**
     * @param  list<Lab>  $labs
     * @param  list<int>  $border
     * @return list<Lab> what is not connected to the border by its color
     */
    private function shown(Sample $sample, array $labs, Lab $ground, array $border): array
    {
        $isGround = [];
        $open = [];
        foreach ($border as $at) {
            if ($labs[$at]->distance($ground) <= self::LIKE_BORDER) {
                $isGround[$at] = true;
                $open[] = $at;
            }
        }
        while ($open !== []) {
            $from = array_pop($open);
            foreach ($sample->beside($from) as $at) {
                if (! isset($isGround[$at]) && $this->belongs($labs[$at], $labs[$from], $ground)) {
                    $isGround[$at] = true;
                    $open[] = $at;
                }
            }
        }
        $shown = array_diff_key($labs, $isGround);
        $inner = $shown;
        foreach (array_keys($shown) as $at) {
            foreach ($sample->beside($at) as $beside) {
                if (isset($isGround[$beside])) {
                    unset($inner[$at]);
                }
            }
        }

        // Pixels of the outline are mixed with the ground.
        return $shown === [] ? [] : array_values($sample->evened($inner !== [] && count($inner) >= count($shown) / 4 ? $inner : $shown));
    }

    private function belongs(Lab $lab, Lab $neighbor, Lab $ground): bool
    {
        if ($lab->distance($ground) <= self::STEP) {
            return true;
        }
        $isShade = $ground->lightness - $lab->lightness <= self::SHADOW[0] && hypot($lab->a - $ground->a, $lab->b - $ground->b) <= self::SHADOW[1];

        return $isShade && $lab->distance($neighbor) <= self::STEP;
    }

    /**
     * @param  non-empty-list<Lab>  $labs
     * @return list<ColorShare>
     */
    private function colors(array $labs): array
    {
        $shares = [];
        foreach (ColorGroups::of($labs) as $group) {
            $share = $group->count() / count($labs);
            if ($share >= self::LEAST_SHARE) {
                $shares[] = new ColorShare($group->color()->toSrgb(), $share);
            }
        }

        return $shares;
    }
}
