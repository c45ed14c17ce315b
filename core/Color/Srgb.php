<?php

declare(strict_types=1);

namespace Core\Color;

/** A color as screens have it: red, green and blue of sRGB (IEC 61966-2-1), each from 0 to 255. */
final readonly class Srgb
{
    /** Below this the transfer function is a line. IEC 61966-2-1. */
    private const LINEAR_BELOW = 0.04045;

    /** Light that the rounding of figures may be off. */
    private const ROUNDING = 0.0002;

    /** @throws UnreadableColor */
    public function __construct(public int $red, public int $green, public int $blue)
    {
        if (min($red, $green, $blue) < 0 || max($red, $green, $blue) > 255) {
            throw UnreadableColor::outOfBounds($red, $green, $blue);
        }
    }

    /**
     * @param  string  $hex  "#5f7049", with or without the sign, or three digits for six: "#abc"
     *
     * @throws UnreadableColor
     */
    public static function fromHex(string $hex): self
    {
        $digits = ltrim(trim($hex), '#');
        if (preg_match('/^(?:[0-9a-f]{3}|[0-9a-f]{6})$/i', $digits) !== 1) {
            throw UnreadableColor::noHex($hex);
        }
        if (strlen($digits) === 3) {
            $digits = $digits[0] . $digits[0] . $digits[1] . $digits[1] . $digits[2] . $digits[2];
        }

        return self::packed((int) hexdec($digits));
    }

    /** @param  int  $rgb  0xRRGGBB */
    public static function packed(int $rgb): self
    {
        return new self(($rgb >> 16) & 255, ($rgb >> 8) & 255, $rgb & 255);
    }

    /** The nearest that a screen shows of so much light, each from 0 to 1: what is more or less is cut off. */
    public static function fromLinear(float $red, float $green, float $blue): self
    {
        return new self(self::fromLight($red), self::fromLight($green), self::fromLight($blue));
    }

    /** Whether a screen can show so much light, of which what it shows has each from 0 to 1. */
    public static function shows(float $red, float $green, float $blue): bool
    {
        return min($red, $green, $blue) > -self::ROUNDING && max($red, $green, $blue) < 1 + self::ROUNDING;
    }

    /** "#5f7049" */
    public function hex(): string
    {
        return sprintf('#%02x%02x%02x', $this->red, $this->green, $this->blue);
    }

    /**
     * As a screen shows another color laid over it.
     *
     * @param  float  $opacity  of the other, from 0 to 1
     */
    public function mixedWith(self $other, float $opacity): self
    {
        $mixed = fn(int $own, int $theirs): int => (int) round($own + $opacity * ($theirs - $own));

        return new self(
            $mixed($this->red, $other->red),
            $mixed($this->green, $other->green),
            $mixed($this->blue, $other->blue),
        );
    }

    /** @return array{float, float, float} red, green and blue as light adds up, each from 0 to 1 */
    public function linear(): array
    {
        return [self::toLinear($this->red), self::toLinear($this->green), self::toLinear($this->blue)];
    }

    /** Relative luminance from 0 (black) to 1 (white). WCAG 2.2, definition of relative luminance. */
    public function luminance(): float
    {
        [$red, $green, $blue] = $this->linear();

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }

    private static function fromLight(float $linear): int
    {
        $share = $linear <= self::LINEAR_BELOW / 12.92 ? 12.92 * $linear : 1.055 * $linear ** (1 / 2.4) - 0.055;

        return (int) round(255 * max(0.0, min(1.0, $share)));
    }

    private static function toLinear(int $channel): float
    {
        $share = $channel / 255;

        return $share <= self::LINEAR_BELOW ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
    }
}
