<?php

declare(strict_types=1);

namespace Core\Matching\Fingerprints;

use Core\Color\Lab;
use Core\Color\Measuring\Sample;
use Core\Color\Srgb;

/**
 * How far two pictures are from being the same one: also where one is the other made smaller, saved anew, cut at its
 * edges, mirrored, or made lighter, darker, warmer or colder. What differs in a detail only, such as two cuts of one
 * cloth, is nearly the same to it; the same goods in another color are not, whose ground stays as it is.
 */
final readonly class Resemblance
{
    /** Bits in which fingerprints of the same picture may differ; more is not looked at. */
    public const MOST_BITS = 14;

    /** The same where one is mirrored, and where it is cut: by chance, one of so many is near more often. */
    public const MOST_BITS_MIRRORED = 12;

    public const MOST_BITS_CUT = 10;

    /**
     * Mean difference in Lab (CIE 1976) of what is shown, up to which it is the same picture; of the demo's pictures,
     * the same ones come to 4.7, and other colors of the same goods begin at 10.
     */
    public const SAME = 4.75;

    /**
     * Difference of their means in lightness, and in a and b, that light and cutting can make; more is not looked at.
     */
    public const MOST_OF_MEANS = [30.0, 16.0, 22.0];

    /** What is seen of a picture that was cut: left, top, right and bottom edge, as parts of its sides. */
    public const CUTS = [
        'all' => [0.0, 0.0, 1.0, 1.0],
        'a little' => [0.06, 0.06, 0.94, 0.94],
        'much' => [0.12, 0.12, 0.88, 0.88],
        'left' => [0.12, 0.0, 1.0, 1.0],
        'top' => [0.0, 0.12, 1.0, 1.0],
        'right' => [0.0, 0.0, 0.88, 1.0],
        'bottom' => [0.0, 0.0, 1.0, 0.88],
    ];

    /** Where they differ more than this at a first look, moved edges do not make them the same. */
    private const HOPELESS = 16.0;

    /** Difference in Lab from the ground from which on something is shown. */
    private const SHOWN = 6.0;

    /** Pixels of those compared, of which something must be shown. */
    private const LEAST_SHOWN = 8;

    /** Least part of a side that is left of a picture which was cut. */
    private const LEAST_LEFT = 0.72;

    /**
     * At a first look, every second pixel of every second row; the likest ways are tried, and of these some with moved
     * edges.
     */
    private const COARSE = 2;

    private const TRIED = 4;

    private const MOVED = 2;

    /** Steps in which an edge is moved, as parts of a side. */
    private const STEPS = [0.04, 0.02, 0.01];

    /** One edge inwards or outwards, or all. */
    private const MOVES = [
        [1, 0, 0, 0],
        [-1, 0, 0, 0],
        [0, 1, 0, 0],
        [0, -1, 0, 0],
        [0, 0, 1, 0],
        [0, 0, -1, 0],
        [0, 0, 0, 1],
        [0, 0, 0, -1],
        [1, 1, -1, -1],
        [-1, -1, 1, 1],
    ];

    /** Shift in a and b that editing makes, where it moved the ground as well. */
    private const MOST_TINT = 14.0;

    private const SIDE = Fingerprint::SIDE;

    /** Pixels along a side, two by two in one, so that what was made larger by cutting is as sharp as what was not. */
    private const HALF = 16;

    /**
     * @param  Sample  $sample  the whole picture, pressed into 32 × 32
     * @param  list<array{float, float, float}>  $lab  of its pixels, two by two in one, row by row
     * @param  array{float, float, float}  $ground  the color along its border
     */
    private function __construct(private Sample $sample, private array $lab, private array $ground) {}

    /**
     * @param  Sample  $sample  the whole picture, pressed into 32 × 32
     *
     * @throws UnreadableFingerprint
     */
    public static function of(Sample $sample): self
    {
        if ($sample->width !== self::SIDE || $sample->height !== self::SIDE) {
            throw UnreadableFingerprint::sample($sample->width, $sample->height);
        }

        $half = $sample->halved();
        $lab = array_map(function (int $pixel): array {
            $lab = Lab::of(Srgb::packed($pixel));

            return [$lab->lightness, $lab->a, $lab->b];
        }, $half->pixels);
        $border = array_intersect_key($lab, array_flip($half->border(1)));

        return new self($sample, $lab, [
            self::median(array_column($border, 0)),
            self::median(array_column($border, 1)),
            self::median(array_column($border, 2)),
        ]);
    }

    /**
     * Of what is seen where it is cut: a picture that was cut from it has one of them, nearly.
     *
     * @return array<string, Fingerprint> by the keys of CUTS
     */
    public function prints(): array
    {
        return array_map(fn(array $edges): Fingerprint => Fingerprint::of($this->sample->cut(...$edges)), self::CUTS);
    }

    public function mirrored(): self
    {
        $rows = array_chunk($this->lab, self::HALF);

        return new self($this->sample->mirrored(), array_merge(...array_map(array_reverse(...), $rows)), $this->ground);
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }

    /** @return array{float, float, float} the mean of all pixels in Lab */
    public function mean(): array
    {
        $sums = [0.0, 0.0, 0.0];
        foreach ($this->lab as $pixel) {
            foreach ([0, 1, 2] as $part) {
                $sums[$part] += $pixel[$part];
            }
        }
        $count = count($this->lab);

        return [$sums[0] / $count, $sums[1] / $count, $sums[2] / $count];
    }

    /**
     * @return float mean difference in Lab, from 0, the one laid over the other as well as can be; the same both ways
     */
    public function difference(self $other): float
    {
        $best = $this->over($other, self::CUTS['all']);
        if ($best > self::SAME) {
            $best = min($best, $this->inLightOf($other, self::CUTS['all']));
        }
        $likest = $best <= self::SAME ? [] : $this->likest($other);
        foreach ($likest as [$whole, $cut, $edges]) {
            $best = min($best, $whole->over($cut, $edges));
        }
        foreach (array_slice($likest, 0, self::MOVED) as [$whole, $cut, $edges]) {
            $best = $best <= self::SAME ? $best : min($best, $whole->inLightOf($cut, $edges));
        }
        foreach (array_slice($likest, 0, self::MOVED) as [$whole, $cut, $edges]) {
            $best = $best <= self::SAME ? $best : min($best, $whole->laidOver($cut, $edges));
        }

        return $best;
    }

    /**
     * The ways to lay the one over what is seen of the other where it is cut, or mirrored, in which they are likest at
     * a first look.
     *
     * @return list<array{self, self, array{float, float, float, float}}> the likest first; none that are hopeless
     */
    private function likest(self $other): array
    {
        $mirror = $this->mirrored();
        $ways = [];
        foreach ([[$this, $other], [$other, $this], [$mirror, $other], [$other, $mirror]] as [$whole, $cut]) {
            foreach (self::CUTS as $edges) {
                $difference = $whole->over($cut, $edges, self::COARSE);
                if ($difference <= self::HOPELESS) {
                    $ways[] = [$difference, $whole, $cut, $edges];
                }
            }
        }
        usort($ways, fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(fn(array $way): array => [$way[1], $way[2], $way[3]], array_slice($ways, 0, self::TRIED));
    }

    /**
     * How far they are from each other in one light, where there is one that can have made the one of the other.
     *
     * @param  array{float, float, float, float}  $edges
     */
    private function inLightOf(self $other, array $edges): float
    {
        $own = $this->sample->cut(...$edges);
        $light = OtherLight::between($own, $other->sample);

        return $light === null
            ? INF
            : self::of($light->on($own))->over($other, self::CUTS['all'], 1, $light->movesGround);
    }

    /**
     * With the edges of this one moved as long as it helps.
     *
     * @param  array{float, float, float, float}  $edges
     */
    private function laidOver(self $other, array $edges): float
    {
        $best = $this->over($other, $edges);
        foreach (self::STEPS as $step) {
            do {
                $isBetter = false;
                foreach (self::MOVES as $move) {
                    $moved = [
                        $edges[0] + $move[0] * $step,
                        $edges[1] + $move[1] * $step,
                        $edges[2] + $move[2] * $step,
                        $edges[3] + $move[3] * $step,
                    ];
                    $left = min($moved[2] - $moved[0], $moved[3] - $moved[1]);
                    if (min($moved) < 0.0 || max($moved) > 1.0 || $left < self::LEAST_LEFT) {
                        continue;
                    }
                    $difference = $this->over($other, $moved);
                    if ($difference < $best) {
                        [$best, $edges, $isBetter] = [$difference, $moved, true];
                    }
                }
            } while ($isBetter);
        }

        return $best;
    }

    /**
     * Pixels of the other against this one between its edges, two by two in one, where either shows something: ground
     * is like ground anywhere.
     *
     * @param  array{float, float, float, float}  $edges  left, top, right and bottom, as parts of its sides
     * @param  int  $step  1 for every pixel, 2 for every second of every second row
     * @param  bool  $isTinted  whether what is shown may be shifted in hue, as editing in another light does
     */
    private function over(self $other, array $edges, int $step = 1, bool $isTinted = false): float
    {
        [$left, $top, $right, $bottom] = $edges;
        $differences = [];
        for ($y = $step - 1; $y < self::HALF; $y += $step) {
            $v = max(
                0.0,
                min(self::HALF - 1.001, ($top + (($bottom - $top) * ($y + 0.5)) / self::HALF) * self::HALF - 0.5),
            );
            $row = (int) $v;
            $down = $v - $row;
            for ($x = $step - 1; $x < self::HALF; $x += $step) {
                $u = max(
                    0.0,
                    min(self::HALF - 1.001, ($left + (($right - $left) * ($x + 0.5)) / self::HALF) * self::HALF - 0.5),
                );
                $column = (int) $u;
                $across = $u - $column;
                $at = $row * self::HALF + $column;
                $own = [0.0, 0.0, 0.0];
                foreach ([0, 1, 2] as $part) {
                    $above = $this->lab[$at][$part] * (1 - $across) + $this->lab[$at + 1][$part] * $across;
                    $below =
                        $this->lab[$at + self::HALF][$part] * (1 - $across) +
                        $this->lab[$at + self::HALF + 1][$part] * $across;
                    $own[$part] = $above * (1 - $down) + $below * $down;
                }
                $theirs = $other->lab[$y * self::HALF + $x];
                $isShown =
                    self::between($own, $this->ground) > self::SHOWN ||
                    self::between($theirs, $other->ground) > self::SHOWN;
                if ($isShown) {
                    $differences[] = [$own[0] - $theirs[0], $own[1] - $theirs[1], $own[2] - $theirs[2]];
                }
            }
        }
        if ($differences === [] || count($differences) * $step ** 2 < self::LEAST_SHOWN) {
            return self::between($this->ground, $other->ground);
        }
        $shift = $isTinted ? self::tint($differences) : [0.0, 0.0, 0.0];

        return array_sum(array_map(fn(array $one): float => self::between($one, $shift), $differences)) /
            count($differences);
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $differences
     * @return array{float, float, float} by how much all are shifted in hue, no more than editing shifts them
     */
    private static function tint(array $differences): array
    {
        $a = array_sum(array_column($differences, 1)) / count($differences);
        $b = array_sum(array_column($differences, 2)) / count($differences);
        $part = min(1.0, self::MOST_TINT / max(0.001, hypot($a, $b)));

        return [0.0, $a * $part, $b * $part];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     */
    private static function between(array $one, array $other): float
    {
        return sqrt(($one[0] - $other[0]) ** 2 + ($one[1] - $other[1]) ** 2 + ($one[2] - $other[2]) ** 2);
    }
}
