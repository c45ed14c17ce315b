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

    private const GROUPS = 6;

    private const ROUNDS = 8;

    /** ΔE00 within which two groups are one color. */
    private const ONE_COLOR = 6.0;

    /** Light of the darker one beside the brighter, and distance of the two in chromaticity, for one cloth in two lights. */
    private const ONE_CLOTH = [0.3, 0.022];

    /** Smaller groups are edges and seams. */
    private const LEAST_SHARE = 0.04;

    /** Of a cloth's light and dark places this many are darker than the color it is called by: shadows are larger than highlights. */
    private const LIT = 0.65;

    public function measure(Sample $sample): PictureColors
    {
        $known = [];
        $labs = array_map(function (int $pixel) use (&$known): Lab {
            return $known[$pixel] ??= Lab::of(Srgb::packed($pixel));
        }, $sample->pixels);
        $border = $sample->border(max(1, intdiv(min($sample->width, $sample->height), 40)));
        $ground = $this->middle(array_map(fn (int $at): Lab => $labs[$at], $border));
        $even = count(array_filter($border, fn (int $at): bool => $labs[$at]->distance($ground) <= self::LIKE_BORDER)) / count($border);
        if ($even < self::LEAST_EVEN) {
            return new PictureColors($ground->toSrgb(), $even, 1.0, $this->colors($labs), 'It has no even background, so that other things may be measured with it.');
        }
        $shown = $this->shown($sample, $labs, $ground, $border);
        $filled = count($shown) / count($labs);
        if ($filled < self::MOST_TRIM && ($ground->lightness < self::PALE[0] || $ground->chroma() > self::PALE[1])) {
            return new PictureColors($ground->toSrgb(), $even, 1.0, $this->colors($labs), null);
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
        $shown = $inner = [];
        foreach ($labs as $at => $lab) {
            if (! isset($isGround[$at])) {
                $shown[] = $lab;
                if (array_filter($sample->beside($at), fn (int $beside): bool => isset($isGround[$beside])) === []) {
                    $inner[] = $lab;
                }
            }
        }

        // Pixels of the outline are mixed with the ground.
        return count($inner) >= count($shown) / 4 ? $inner : $shown;
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
        $groups = $this->united($this->groups($labs));
        $shares = [];
        foreach ($groups as $group) {
            if (count($group) >= self::LEAST_SHARE * count($labs)) {
                $shares[] = new ColorShare($this->lit($group)->toSrgb(), count($group) / count($labs));
            }
        }
        usort($shares, fn (ColorShare $one, ColorShare $other): int => $other->share <=> $one->share);

        return $shares;
    }

    /**
     * Groups of near colors: each begins at the color that lies farthest from all before it.
     *
     * @param  non-empty-list<Lab>  $labs
     * @return list<non-empty-list<Lab>>
     */
    private function groups(array $labs): array
    {
        $centers = [$this->middle($labs)];
        $nearest = array_map(fn (Lab $lab): float => $lab->distance($centers[0]), $labs);
        while (count($centers) < self::GROUPS && max($nearest) > self::STEP) {
            $center = $labs[(int) array_search(max($nearest), $nearest, true)];
            $centers[] = $center;
            $nearest = array_map(fn (Lab $lab, float $before): float => min($before, $lab->distance($center)), $labs, $nearest);
        }
        $groups = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $groups = [];
            foreach ($labs as $lab) {
                [$best, $least] = [0, INF];
                foreach ($centers as $at => $center) {
                    $distance = $lab->distance($center);
                    if ($distance < $least) {
                        [$best, $least] = [$at, $distance];
                    }
                }
                $groups[$best][] = $lab;
            }
            $centers = array_map($this->mean(...), $groups);
        }

        return array_values($groups);
    }

    /**
     * @param  list<non-empty-list<Lab>>  $groups
     * @return list<non-empty-list<Lab>> those of one color in one
     */
    private function united(array $groups): array
    {
        usort($groups, fn (array $one, array $other): int => count($other) <=> count($one));
        $united = [];
        foreach ($groups as $group) {
            foreach ($united as $at => $larger) {
                if ($this->isOne($this->mean($larger), $this->mean($group))) {
                    $united[$at] = [...$larger, ...$group];

                    continue 2;
                }
            }
            $united[] = $group;
        }

        return array_values($united);
    }

    private function isOne(Lab $one, Lab $other): bool
    {
        if (ColorDifference::ciede2000($one, $other) <= self::ONE_COLOR) {
            return true;
        }
        [$first, $second] = [$one->toSrgb()->linear(), $other->toSrgb()->linear()];
        [$bright, $dark] = [max(array_sum($first), array_sum($second)), min(array_sum($first), array_sum($second))];
        if ($dark <= 0.0 || $dark / $bright < self::ONE_CLOTH[0]) {
            return false;
        }

        return hypot($first[0] / array_sum($first) - $second[0] / array_sum($second), $first[1] / array_sum($first) - $second[1] / array_sum($second)) <= self::ONE_CLOTH[1];
    }

    /** @param  non-empty-list<Lab>  $group */
    private function lit(array $group): Lab
    {
        usort($group, fn (Lab $one, Lab $other): int => $one->lightness <=> $other->lightness);
        $at = (int) (self::LIT * (count($group) - 1));
        $around = array_slice($group, max(0, $at - intdiv(count($group), 8)), max(1, intdiv(count($group), 4)));

        return $this->mean($around === [] ? $group : $around);
    }

    /** @param  non-empty-list<Lab>  $labs */
    private function mean(array $labs): Lab
    {
        [$lightness, $a, $b] = [0.0, 0.0, 0.0];
        foreach ($labs as $lab) {
            $lightness += $lab->lightness;
            $a += $lab->a;
            $b += $lab->b;
        }

        return new Lab($lightness / count($labs), $a / count($labs), $b / count($labs));
    }

    /**
     * The median of each coordinate: a few other pixels do not move it.
     *
     * @param  non-empty-list<Lab>  $labs
     */
    private function middle(array $labs): Lab
    {
        return new Lab(
            $this->median(array_map(fn (Lab $lab): float => $lab->lightness, $labs)),
            $this->median(array_map(fn (Lab $lab): float => $lab->a, $labs)),
            $this->median(array_map(fn (Lab $lab): float => $lab->b, $labs)),
        );
    }

    /** @param  non-empty-list<float>  $numbers */
    private function median(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers), 2)];
    }
}
