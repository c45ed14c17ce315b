<?php

declare(strict_types=1);

namespace App\Files;

use App\Media\PhotoCuts;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\Crop;
use Core\Gallery\Shape;

/** Draws swatches as SVG, in a square of 12 by 12: what is in it, without the frame. */
final class SwatchDrawing
{
    public const SIDE = 12;

    /**
     * A piece of a picture as it will be, shown through its frame before it is cut.
     *
     * @param  string  $picture  address of all of the picture
     */
    public static function draft(Swatch $swatch, string $picture): string
    {
        $crop = Crop::fromKey($swatch->piece->frame ?? '');
        $side = self::SIDE;

        return self::inner($swatch->drawn()) .
            "<svg width=\"{$side}\" height=\"{$side}\" viewBox=\"{$crop->left} {$crop->top} {$crop->width} {$crop->height}\" preserveAspectRatio=\"none\">" .
            '<image href="' .
            htmlspecialchars($picture, ENT_QUOTES | ENT_XML1) .
            '" width="1000" height="1000" preserveAspectRatio="none"/></svg>';
    }

    /**
     * @param  ?string  $picture  address of the piece of a picture; null for that by which the application serves it
     */
    public static function inner(Swatch $swatch, ?string $picture = null): string
    {
        $side = self::SIDE;
        if ($swatch->tile !== null) {
            $drawn = self::band($swatch->main(), 0, $side);
            foreach ($swatch->tile->figures() as $figure) {
                $drawn .=
                    "<path fill=\"{$swatch->colors[$figure->color]->hex()}\"" .
                    ($figure->opacity < 1 ? " fill-opacity=\"{$figure->opacity}\"" : '') .
                    " d=\"{$figure->path}\"/>";
            }

            return $drawn;
        }
        $width = $side / count($swatch->colors);
        $drawn = implode(
            '',
            array_map(
                fn(Srgb $color, int $at): string => self::band($color, $at * $width, $width),
                $swatch->colors,
                array_keys($swatch->colors),
            ),
        );
        if ($swatch->piece !== null) {
            $picture ??= PhotoCuts::address($swatch->piece->photoId, Shape::Chip, Crop::fromKey($swatch->piece->frame));
            $drawn .=
                '<image href="' .
                htmlspecialchars($picture, ENT_QUOTES | ENT_XML1) .
                "\" width=\"{$side}\" height=\"{$side}\" preserveAspectRatio=\"xMidYMid slice\"/>";
        }

        return $drawn;
    }

    private static function band(Srgb $color, float $from, float $width): string
    {
        return "<rect x=\"{$from}\" width=\"{$width}\" height=\"" . self::SIDE . "\" fill=\"{$color->hex()}\"/>";
    }
}
