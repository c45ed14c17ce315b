<?php

declare(strict_types=1);

namespace Core\Color;

/** A color as it is seen: CIE 1976 L*a*b* under D65. L* from 0 (black) to 100 (white); a* green to red, b* blue to yellow. */
final readonly class Lab
{
    /** The white of sRGB: D65, 2° observer, Y = 1. IEC 61966-2-1. */
    private const WHITE = [0.95047, 1.0, 1.08883];

    /** Where the cube root ends and the line begins, as CIE 15 gives it: (6/29)³. */
    private const ROOT_ABOVE = 216 / 24389;

    public function __construct(
        public float $lightness,
        public float $a,
        public float $b,
    ) {
    }

    public static function of(Srgb $color): self
    {
        [$red, $green, $blue] = $color->linear();
        // sRGB to XYZ under D65. IEC 61966-2-1.
        $x = self::root((0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue) / self::WHITE[0]);
        $y = self::root((0.2126729 * $red + 0.7151522 * $green + 0.0721750 * $blue) / self::WHITE[1]);
        $z = self::root((0.0193339 * $red + 0.1191920 * $green + 0.9503041 * $blue) / self::WHITE[2]);

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /** How colorful it is: the distance from gray. */
    public function chroma(): float
    {
        return hypot($this->a, $this->b);
    }

    /** The plain distance in the space, ΔE*ab of 1976: quick, and enough to tell whether two pixels are of one cloth. */
    public function distance(self $other): float
    {
        return sqrt(($this->lightness - $other->lightness) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    /** The color that a screen shows for it, as near as sRGB comes. */
    public function toSrgb(): Srgb
    {
        $y = ($this->lightness + 16) / 116;
        [$x, $y, $z] = [self::cube($y + $this->a / 500) * self::WHITE[0], self::cube($y) * self::WHITE[1], self::cube($y - $this->b / 200) * self::WHITE[2]];

        return new Srgb(
            self::channel(3.2404542 * $x - 1.5371385 * $y - 0.4985314 * $z),
            self::channel(-0.9692660 * $x + 1.8760108 * $y + 0.0415560 * $z),
            self::channel(0.0556434 * $x - 0.2040259 * $y + 1.0572252 * $z),
        );
    }

    private static function root(float $share): float
    {
        return $share > self::ROOT_ABOVE ? $share ** (1 / 3) : (24389 / 27 * $share + 16) / 116;
    }

    private static function cube(float $root): float
    {
        return $root ** 3 > self::ROOT_ABOVE ? $root ** 3 : (116 * $root - 16) / (24389 / 27);
    }

    private static function channel(float $linear): int
    {
        $share = $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;

        return (int) round(255 * max(0.0, min(1.0, $share)));
    }
}
