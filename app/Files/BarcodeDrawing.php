<?php

declare(strict_types=1);

namespace App\Files;

use Core\Codes\Barcode;

/** A barcode as SVG, with its quiet zones and the digits below: black on white, whatever the page is. */
final class BarcodeDrawing
{
    private const HEIGHT = 60;

    private const DIGITS = 12;

    /** @param  float  $module  width of a module, in the units of the drawing */
    public static function svg(Barcode $barcode, float $module = 2): string
    {
        $width = ($barcode->quietLeft + $barcode->modules() + $barcode->quietRight) * $module;
        $bearers = $barcode->symbology === 'ITF-14';
        $path = '';
        foreach ($barcode->bars() as [$at, $modules]) {
            $path .=
                'M' .
                self::number($at * $module) .
                ' 0h' .
                self::number($modules * $module) .
                'v' .
                self::HEIGHT .
                'h-' .
                self::number($modules * $module) .
                'z';
        }
        $height = self::HEIGHT + self::DIGITS + 4;

        return '<svg class="barcode" xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ' .
            self::number($width) .
            " {$height}\" width=\"" .
            self::number($width) .
            "\" height=\"{$height}\" role=\"img\" aria-label=\"{$barcode->symbology} {$barcode->digits}\">" .
            '<rect width="' .
            self::number($width) .
            "\" height=\"{$height}\" fill=\"#fff\"/><path d=\"{$path}\" fill=\"#000\"/>" .
            ($bearers
                ? '<path d="M0 0h' .
                    self::number($width) .
                    'v4h-' .
                    self::number($width) .
                    'zM0 ' .
                    (self::HEIGHT - 4) .
                    'h' .
                    self::number($width) .
                    'v4h-' .
                    self::number($width) .
                    'z" fill="#000"/>'
                : '') .
            '<text x="' .
            self::number($width / 2) .
            '" y="' .
            (self::HEIGHT + self::DIGITS) .
            '" text-anchor="middle" font-family="monospace" font-size="' .
            self::DIGITS .
            "\" fill=\"#000\">{$barcode->digits}</text></svg>";
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
