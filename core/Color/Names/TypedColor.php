<?php

declare(strict_types=1);

namespace Core\Color\Names;

use Core\Color\Lab;
use Core\Color\Oklch;
use Core\Color\Srgb;
use Core\Color\UnreadableColor;

/** A color as somebody typed it: in hex, by a name of the web's, as lab() or as oklch(). */
final readonly class TypedColor
{
    /** A number, with a part after the point or percent or not; "none" stands for 0. */
    private const NUMBER = '([+-]?(?:\d+\.?\d*|\.\d+)%?|none)';

    private const LONGEST = 100;

    /** @param  bool  $isExact  whether a screen shows just what was typed; else the color is the nearest one */
    private function __construct(public Srgb $color, public bool $isExact = true) {}

    /** @throws UnreadableColor */
    public static function read(string $typed): self
    {
        return self::find($typed) ?? throw UnreadableColor::typed($typed);
    }

    /** What was typed, where it is a color by itself; null where it may be the name of one. */
    public static function find(string $typed): ?self
    {
        $text = strtolower(trim($typed));
        if (strlen($text) > self::LONGEST) {
            return null;
        }
        $named = CssColors::named($text);
        if ($named !== null) {
            return new self($named);
        }
        if (preg_match('/^#?(?:[0-9a-f]{3}|[0-9a-f]{6})$/', $text) === 1) {
            return new self(Srgb::fromHex($text));
        }
        if (
            preg_match(
                '/^(lab|oklch)\(\s*' .
                    self::NUMBER .
                    '[\s,]+' .
                    self::NUMBER .
                    '[\s,]+' .
                    self::NUMBER .
                    '(?:deg)?\s*\)$/',
                $text,
                $parts,
            ) !== 1
        ) {
            return null;
        }

        return $parts[1] === 'lab'
            ? self::lab($parts[2], $parts[3], $parts[4])
            : self::oklch($parts[2], $parts[3], $parts[4]);
    }

    /** W3C, CSS Color Module Level 4, 9.3: percent of 100 and of ±125, under D50. */
    private static function lab(string $lightness, string $a, string $b): self
    {
        $lab = Lab::underD50(
            max(0.0, min(100.0, self::number($lightness, 100))),
            self::number($a, 125),
            self::number($b, 125),
        );

        return new self($lab->toSrgb(), $lab->isShown());
    }

    /** W3C, CSS Color Module Level 4, 9.4: percent of 1 and of 0.4; degrees. */
    private static function oklch(string $lightness, string $chroma, string $hue): self
    {
        $color = new Oklch(
            max(0.0, min(1.0, self::number($lightness, 1))),
            max(0.0, min(1.0, self::number($chroma, 0.4))),
            fmod(self::number($hue, 360), 360),
        );

        return new self($color->toSrgb(), $color->isShown());
    }

    /** @param  float  $whole  what 100 % stands for */
    private static function number(string $typed, float $whole): float
    {
        return str_ends_with($typed, '%') ? ((float) $typed / 100) * $whole : (float) $typed;
    }
}
