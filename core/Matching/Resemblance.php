<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\Lab;
use Core\Color\Sample;
use Core\Color\Srgb;

/**
 * How far two pictures are from being the same one: also where one is the other made smaller, saved anew, or cut a
 * little at its edges. What differs in a detail only, such as two cuts of one cloth, is nearly the same to it.
 */
final readonly class Resemblance
{
    /** Bits in which fingerprints of the same picture, slightly cut, may differ; more is not looked at. */
    public const MOST_BITS = 14;

    /** Mean difference in Lab (CIE 1976) of what is shown, up to which it is the same picture; on the demo's pictures the same ones come to 5, other colors of the same goods begin at 12. */
    public const SAME = 5.0;

    /** Difference of their means, in each of the three, that cutting a little can make; more is not looked at. */
    public const MOST_OF_MEANS = 10.0;

    /** Where they differ more than this before they are laid over each other, they are different. */
    private const HOPELESS = 40.0;

    /** Difference in Lab from the ground from which on something is shown. */
    private const SHOWN = 6.0;

    /** Pixels of those compared, of which something must be shown. */
    private const LEAST_SHOWN = 8;

    /** Least part of a side that is left of a picture which was cut. */
    private const LEAST_LEFT = 0.85;

    /** Parts of a side that are tried as cut off all around, to begin with. */
    private const CUTS = [0.02, 0.04, 0.06];

    /** Steps in which an edge is moved, as parts of a side. */
    private const STEPS = [0.04, 0.02, 0.01];

    private const SIDE = Fingerprint::SIDE;

    /**
     * @param  list<array{float, float, float}>  $lab  of its pixels, row by row
     * @param  array{float, float, float}  $ground  the color along its border
     */
    private function __construct(private array $lab, private array $ground)
    {
    }

    /** @param  Sample  $sample  the whole picture, pressed into 32 × 32 */
    public static function of(Sample $sample): self
    {
        if ($sample->width !== self::SIDE || $sample->height !== self::SIDE) {
            throw UnreadableFingerprint::sample($sample->width, $sample->height);
        }

        $lab = array_map(function (int $pixel): array {
            $lab = Lab::of(Srgb::packed($pixel));

            return [$lab->lightness, $lab->a, $lab->b];
        }, $sample->pixels);
        $border = array_intersect_key($lab, array_flip($sample->border(1)));

        return new self($lab, [self::median(array_column($border, 0)), self::median(array_column($border, 1)), self::median(array_column($border, 2))]);
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

    /** @return float mean difference in Lab, from 0, the one laid over the other as well as can be; the same both ways */
    public function difference(self $other): float
    {
        $plain = $this->over($other, 0.0, 0.0, 1.0, 1.0);

        return $plain > self::HOPELESS ? $plain : min($this->laidOver($other, $plain), $other->laidOver($this, $plain));
    }

    /** With the edges of this one moved inwards as long as it helps: the other may be cut from it. */
    private function laidOver(self $other, float $plain): float
    {
        $best = $plain;
        $edges = [0.0, 0.0, 1.0, 1.0];
        foreach (self::CUTS as $cut) {
            $difference = $this->over($other, $cut, $cut, 1.0 - $cut, 1.0 - $cut);
            if ($difference < $best) {
                [$best, $edges] = [$difference, [$cut, $cut, 1.0 - $cut, 1.0 - $cut]];
            }
        }
        foreach (self::STEPS as $step) {
            do {
                $isBetter = false;
                foreach ([[0, $step], [0, -$step], [1, $step], [1, -$step], [2, $step], [2, -$step], [3, $step], [3, -$step]] as [$edge, $move]) {
                    $moved = $edges;
                    $moved[$edge] += $move;
                    if (min($moved) < 0.0 || max($moved) > 1.0 || min($moved[2] - $moved[0], $moved[3] - $moved[1]) < self::LEAST_LEFT) {
                        continue;
                    }
                    $difference = $this->over($other, ...$moved);
                    if ($difference < $best) {
                        [$best, $edges, $isBetter] = [$difference, $moved, true];
                    }
                }
            } while ($isBetter);
        }

        return $best;
    }

    /** Every second pixel of the other against this one between its edges, where either shows something: ground is like ground anywhere. */
    private function over(self $other, float $left, float $top, float $right, float $bottom): float
    {
        $sum = 0.0;
        $count = 0;
        for ($y = 1; $y < self::SIDE; $y += 2) {
            $v = max(0.0, min(self::SIDE - 1.001, ($top + ($bottom - $top) * ($y + 0.5) / self::SIDE) * self::SIDE - 0.5));
            $row = (int) $v;
            $down = $v - $row;
            for ($x = 1; $x < self::SIDE; $x += 2) {
                $u = max(0.0, min(self::SIDE - 1.001, ($left + ($right - $left) * ($x + 0.5) / self::SIDE) * self::SIDE - 0.5));
                $column = (int) $u;
                $across = $u - $column;
                $at = $row * self::SIDE + $column;
                $own = [0.0, 0.0, 0.0];
                foreach ([0, 1, 2] as $part) {
                    $above = $this->lab[$at][$part] * (1 - $across) + $this->lab[$at + 1][$part] * $across;
                    $below = $this->lab[$at + self::SIDE][$part] * (1 - $across) + $this->lab[$at + self::SIDE + 1][$part] * $across;
                    $own[$part] = $above * (1 - $down) + $below * $down;
                }
                $theirs = $other->lab[$y * self::SIDE + $x];
                if (self::between($own, $this->ground) > self::SHOWN || self::between($theirs, $other->ground) > self::SHOWN) {
                    $sum += self::between($own, $theirs);
                    $count++;
                }
            }
        }

        return $count < self::LEAST_SHOWN ? self::between($this->ground, $other->ground) : $sum / $count;
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
