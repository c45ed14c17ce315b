<?php

declare(strict_types=1);

namespace Core\Color\Measuring;

use Core\Color\Lab;
use Core\Color\Srgb;

/**
 * Measures which colors a picture shows. What is connected to the border and looks like it is background, soft
 * shadows on it too; the rest is parted into groups of like color, where the same color in more or less light is one.
 */
final class ColorMeter
{
    /** ΔE*ab within which a pixel of the border has the background's color. */
    private const LIKE_BORDER = 8.0;

    /** ΔE*ab between neighbors of one ground, where it fades or a soft shadow lies on it. */
    private const STEP = 3.0;

    /** How far a shadow may darken the ground, in L*, and how far it may tint it, in chroma. */
    private const SHADOW = [38.0, 5.0];

    /**
     * ΔE*ab between a thing and the ground right beside it, where it has an outline; and on how much of its edge, at
     * least.
     */
    private const OUTLINE = 4.5;

    private const LEAST_OUTLINE = 0.35;

    /** Share of a picture that the dark middle of a shadow takes at most. */
    private const MOST_SHADOW = 0.08;

    /** Least share of a picture in which something is seen. */
    private const LEAST_FILLED = 0.02;

    /**
     * On a border that is no pale gray, this much at most is a seam or a button: the cloth itself fills the picture.
     */
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
        $ground = Lab::median(array_map(fn(int $at): Lab => $labs[$at], $border));
        $even =
            count(array_filter($border, fn(int $at): bool => $labs[$at]->distance($ground) <= self::LIKE_BORDER)) /
            count($border);
        if ($even < PictureColors::EVEN) {
            return $this->ofMiddle($sample, $labs, $ground, $even);
        }
        $shown = $this->shown($sample, $labs, $ground, $border);
        $filled = count($shown) / count($labs);
        if ($filled < self::MOST_TRIM && ($ground->lightness < self::PALE[0] || $ground->chroma() > self::PALE[1])) {
            return new PictureColors(
                $ground->toSrgb(),
                $even,
                1.0,
                $this->colors(array_values($sample->evened($labs))),
                null,
            );
        }
        if ($shown === [] || $filled < self::LEAST_FILLED) {
            return new PictureColors(
                $ground->toSrgb(),
                $even,
                $filled,
                [],
                'What it shows has nearly the color of its background, so that its color cannot be told.',
            );
        }

        if ($filled < self::MOST_SHADOW && $this->mayBeShadow(Lab::median($shown), $ground)) {
            return new PictureColors(
                $ground->toSrgb(),
                $even,
                $filled,
                [],
                'What is seen may be no more than a shadow on its background, so that its color cannot be told.',
            );
        }

        return new PictureColors($ground->toSrgb(), $even, $filled, $this->colors($shown), null);
    }

    /** @param  non-empty-list<Lab>  $labs */
    private function ofMiddle(Sample $sample, array $labs, Lab $ground, float $even): PictureColors
    {
        $shown = MiddleOfPicture::shown($sample, $labs);
        $filled = count($shown) / count($labs);
        if ($shown === [] || $filled < self::LEAST_FILLED) {
            return new PictureColors(
                $ground->toSrgb(),
                $even,
                $filled,
                [],
                'What it shows cannot be told from its background.',
            );
        }

        return new PictureColors(
            $ground->toSrgb(),
            $even,
            $filled,
            $this->colors(array_values($sample->evened($shown))),
            'Its background is not even: what stands in the middle was measured.',
        );
    }

    /**
     * @param  list<Lab>  $labs
     * @param  list<int>  $border
     * @return list<Lab> what is not connected to the border by its color
     */
    private function shown(Sample $sample, array $labs, Lab $ground, array $border): array
    {
        $isGround = $this->flooded($sample, $labs, $border, $ground);
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
        return $shown === []
            ? []
            : array_values($sample->evened($inner !== [] && count($inner) >= count($shown) / 4 ? $inner : $shown));
    }

    /**
     * What is connected to the border and has the ground's color, and the soft shadows on it.
     *
     * @param  list<Lab>  $labs
     * @param  list<int>  $border
     * @return array<int, true> by place
     */
    private function flooded(Sample $sample, array $labs, array $border, Lab $ground): array
    {
        $isPlain = fn(int $at): bool => $labs[$at]->distance($ground) <= self::STEP;
        $likeGround = fn(int $at): bool => $labs[$at]->distance($ground) <= self::LIKE_BORDER;
        $begin = array_values(array_filter($border, $likeGround));
        $isGround = $sample->reached(
            $begin,
            fn(int $at, int $from): bool => $isPlain($at) || $this->isShade($labs[$at], $labs[$from], $ground),
        );
        $isShade = array_filter(
            array_diff_key($isGround, array_flip($begin)),
            fn(int $at): bool => !$isPlain($at),
            ARRAY_FILTER_USE_KEY,
        );

        return array_diff_key($isGround, $this->goods($sample, $labs, $isGround, $isShade));
    }

    /** Whether something has the hue of the ground and less light: all that is seen of white goods on white. */
    private function mayBeShadow(Lab $shown, Lab $ground): bool
    {
        return $shown->lightness < $ground->lightness &&
            hypot($shown->a - $ground->a, $shown->b - $ground->b) <= self::SHADOW[1];
    }

    private function isShade(Lab $lab, Lab $neighbor, Lab $ground): bool
    {
        $isTinted = hypot($lab->a - $ground->a, $lab->b - $ground->b) > self::SHADOW[1];

        return !$isTinted &&
            $ground->lightness - $lab->lightness <= self::SHADOW[0] &&
            $lab->distance($neighbor) <= self::STEP;
    }

    /**
     * What was taken for a shadow and has an outline: a gray thing on a light ground. A shadow fades into its ground.
     *
     * @param  list<Lab>  $labs
     * @param  array<int, true>  $isGround
     * @param  array<int, true>  $isShade
     * @return array<int, true> by place
     */
    private function goods(Sample $sample, array $labs, array $isGround, array $isShade): array
    {
        $goods = $seen = [];
        $plain = array_diff_key($isGround, $isShade);
        foreach (array_keys($isShade) as $start) {
            if (isset($seen[$start])) {
                continue;
            }
            $part = $sample->reached([$start], fn(int $at): bool => isset($isShade[$at]));
            $seen += $part;
            $goods += $this->hasOutline($sample, $labs, $part, $plain, $isGround) ? $part : [];
        }

        return $goods;
    }

    /**
     * @param  list<Lab>  $labs
     * @param  array<int, true>  $part  of a picture that hangs together, by place
     * @param  array<int, true>  $plain  ground that no shadow lies on
     * @param  array<int, true>  $isGround
     */
    private function hasOutline(Sample $sample, array $labs, array $part, array $plain, array $isGround): bool
    {
        $sharp = $all = 0;
        foreach (array_keys($part) as $from) {
            foreach ($sample->beside($from) as $at) {
                if (isset($plain[$at])) {
                    $all++;
                    $sharp += $labs[$at]->distance($labs[$from]) > self::OUTLINE ? 1 : 0;
                } elseif (!isset($isGround[$at]) && isset($plain[$at + $at - $from])) {
                    // A pixel between the two, mixed of both, and plain ground right behind it.
                    $all++;
                    $sharp++;
                }
            }
        }

        return $all > 0 && $sharp / $all >= self::LEAST_OUTLINE;
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
