<?php

declare(strict_types=1);

namespace Core\Color;

/**
 * A color as it is seen: CIE 1976 L*a*b* under D65. L* from 0 (black) to 100 (white); a* green to red, b* blue to
 * yellow.
 */
final readonly class Lab
{
    /** The white of sRGB: D65, 2° observer, Y = 1. IEC 61966-2-1. */
    private const WHITE = [0.95047, 1.0, 1.08883];

    /** Where the cube root ends and the line begins, as CIE 15 gives it: (6/29)³. */
    private const ROOT_ABOVE = 216 / 24389;

    public function __construct(public float $lightness, public float $a, public float $b) {}

    public static function of(Srgb $color): self
    {
        [$red, $green, $blue] = $color->linear();
        // sRGB to XYZ under D65. IEC 61966-2-1.
        return self::ofXyz(
            0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue,
            0.2126729 * $red + 0.7151522 * $green + 0.072175 * $blue,
            0.0193339 * $red + 0.119192 * $green + 0.9503041 * $blue,
        );
    }

    /**
     * A color whose numbers are meant under D50, as printers and the web's lab() mean them: seen as under D65 by
     * Bradford's adaptation. W3C, CSS Color Module Level 4, 10.2 and its sample code.
     */
    public static function underD50(float $lightness, float $a, float $b): self
    {
        $y = ($lightness + 16) / 116;
        // White of D50 by its chromaticity, 0.3457 and 0.3585.
        [$x, $y, $z] = [
            (self::cube($y + $a / 500) * 0.3457) / 0.3585,
            self::cube($y),
            (self::cube($y - $b / 200) * (1 - 0.3457 - 0.3585)) / 0.3585,
        ];

        return self::ofXyz(
            0.955473421488075 * $x - 0.02309845494876471 * $y + 0.06325924320057072 * $z,
            -0.0283697093338637 * $x + 1.0099953980813041 * $y + 0.021041441191917323 * $z,
            0.012314014864481998 * $x - 0.020507649298898964 * $y + 1.330365926242124 * $z,
        );
    }

    /** @param  non-empty-list<self>  $labs */
    public static function mean(array $labs): self
    {
        [$lightness, $a, $b] = [0.0, 0.0, 0.0];
        foreach ($labs as $lab) {
            $lightness += $lab->lightness;
            $a += $lab->a;
            $b += $lab->b;
        }

        return new self($lightness / count($labs), $a / count($labs), $b / count($labs));
    }

    /**
     * The median of each coordinate: a few other pixels do not move it.
     *
     * @param  non-empty-list<self>  $labs
     */
    public static function median(array $labs): self
    {
        return new self(
            self::middle(array_map(fn(self $lab): float => $lab->lightness, $labs)),
            self::middle(array_map(fn(self $lab): float => $lab->a, $labs)),
            self::middle(array_map(fn(self $lab): float => $lab->b, $labs)),
        );
    }

    /** @param  non-empty-list<float>  $numbers */
    private static function middle(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers), 2)];
    }

    /** How colorful it is: the distance from gray. */
    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /**
     * The plain distance in the space, ΔE*ab of 1976: quick, and enough to tell whether two pixels are of one cloth.
     */
    public function distance(self $other): float
    {
        return sqrt(
            ($this->lightness - $other->lightness) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2,
        );
    }

    /** @return float degrees from 0 to below 360, from red over yellow, green and blue; 0 of a gray */
    public function hue(): float
    {
        $degrees = rad2deg(atan2($this->b, $this->a));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    /** Whether a screen can show it. */
    public function isShown(): bool
    {
        return Srgb::shows(...$this->linear());
    }

    /** The color that a screen shows for it, as near as sRGB comes. */
    public function toSrgb(): Srgb
    {
        return Srgb::fromLinear(...$this->linear());
    }

    /**
     * @return array{float, float, float} red, green and blue as light adds up; outside of 0 to 1 where no screen shows
     *   it
     */
    private function linear(): array
    {
        $y = ($this->lightness + 16) / 116;
        [$x, $y, $z] = [
            self::cube($y + $this->a / 500) * self::WHITE[0],
            self::cube($y) * self::WHITE[1],
            self::cube($y - $this->b / 200) * self::WHITE[2],
        ];

        return [
            3.2404542 * $x - 1.5371385 * $y - 0.4985314 * $z,
            -0.969266 * $x + 1.8760108 * $y + 0.041556 * $z,
            0.0556434 * $x - 0.2040259 * $y + 1.0572252 * $z,
        ];
    }

    /** @param  float  $y  of XYZ under D65, where white has Y = 1 */
    private static function ofXyz(float $x, float $y, float $z): self
    {
        [$x, $y, $z] = [
            self::root($x / self::WHITE[0]),
            self::root($y / self::WHITE[1]),
            self::root($z / self::WHITE[2]),
        ];

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    private static function root(float $share): float
    {
        return $share > self::ROOT_ABOVE ? $share ** (1 / 3) : ((24389 / 27) * $share + 16) / 116;
    }

    private static function cube(float $root): float
    {
        return $root ** 3 > self::ROOT_ABOVE ? $root ** 3 : (116 * $root - 16) / (24389 / 27);
    }
}
