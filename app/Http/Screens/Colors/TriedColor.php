<?php

declare(strict_types=1);

namespace App\Http\Screens\Colors;

use App\Store\Library\ColorNaming;
use Core\Checks\AxisColors;
use Core\Checks\NearValue;
use Core\Color\Names\CssColors;
use Core\Color\Names\TypedColor;
use Core\Color\Swatches\Swatch;
use Core\Color\UnreadableColor;

/** A color that somebody thinks of adding, seen beside those that are there. */
final readonly class TriedColor
{
    private const MOST_NEAR = 3;

    /**
     * @param  string  $typed  as it was typed
     * @param  string  $name  what it could be called
     * @param  list<NearValue>  $near  the values that are nearest
     */
    public function __construct(public string $typed, public string $name, public Swatch $swatch, public array $near) {}

    /** @throws UnreadableColor */
    public static function of(string $typed, ColorNaming $naming, AxisColors $colors): self
    {
        $color = $naming->read($typed)->color;
        $swatch = Swatch::of($color);

        // Figures are no name; a name of the open list is proposed for them.
        return new self(
            $typed,
            TypedColor::find($typed) === null || CssColors::named($typed) !== null
                ? mb_convert_case($typed, MB_CASE_TITLE)
                : $naming->proposed($color),
            $swatch,
            $colors->near($swatch, self::MOST_NEAR),
        );
    }
}
