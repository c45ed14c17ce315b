<?php

declare(strict_types=1);

namespace App\Files\Cards;

use App\Files\SwatchDrawing;
use Core\Gallery\View;

/**
 * Draws a slate card as SVG, in millimeters: the QR code in the middle, where no hand holds the card, and around it
 * what people read.
 */
final class CardDrawing
{
    public const WIDTH = 148;

    public const HEIGHT = 105;

    /** Side of the QR code with its quiet zone. */
    private const CODE = 71;

    private const MARGIN = 9;

    /** Width of a letter, as a share of the size of the type: wide enough for capitals. */
    private const LETTER = 0.58;

    private const MOST_VIEWS = 7;

    /** All of the card, to be put into a drawing of its own size. */
    public static function inner(PrintedCard $printed): string
    {
        $qr = QrDrawing::of($printed->card->code);
        $left = (self::WIDTH - self::CODE) / 2;
        $module = self::CODE / ($qr->side + 2 * QrDrawing::QUIET);
        $quiet = QrDrawing::QUIET * $module;
        $top = 17.5;
        $wide = self::WIDTH - 2 * self::MARGIN;

        return '<rect width="' .
            self::WIDTH .
            '" height="' .
            self::HEIGHT .
            '" fill="#fff"/>' .
            self::bold($printed->product, self::MARGIN, 13.5, self::fitting($printed->product, $wide, 10)) .
            "<g transform=\"translate({$left} {$top})\">" .
            "<path transform=\"translate({$quiet} {$quiet}) scale({$module})\" d=\"{$qr->path}\" fill=\"#000\"/></g>" .
            self::swatch($printed, $top) .
            self::views($printed, $top) .
            self::bold(
                $printed->part,
                self::MARGIN,
                self::HEIGHT - 6.5,
                self::fitting($printed->part, $wide * 0.66, 11),
            ) .
            self::toTheRight(
                $printed->productCode,
                self::HEIGHT - 10,
                self::fitting($printed->productCode, $wide * 0.3, 5),
            ) .
            self::toTheRight(
                $printed->card->code,
                self::HEIGHT - 5.5,
                self::fitting($printed->card->code, $wide * 0.3, 3),
            );
    }

    /** A card alone, as a drawing that needs nothing else. */
    public static function svg(PrintedCard $printed): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" width="' .
            self::WIDTH .
            'mm" height="' .
            self::HEIGHT .
            'mm" viewBox="0 0 ' .
            self::WIDTH .
            ' ' .
            self::HEIGHT .
            '" role="img" aria-label="' .
            self::escaped(self::named($printed)) .
            '">' .
            self::inner($printed) .
            '</svg>';
    }

    /** What a card stands for: "Potting smock, Moss, front". */
    public static function named(PrintedCard $printed): string
    {
        return implode(', ', array_filter([$printed->product, $printed->part, $printed->card->view->name ?? '']));
    }

    private static function swatch(PrintedCard $printed, float $top): string
    {
        if ($printed->swatch === null) {
            return '';
        }
        $side = 30;
        $scale = $side / SwatchDrawing::SIDE;
        $y = $top + (self::CODE - $side) / 2;

        return '<g transform="translate(' .
            self::MARGIN .
            " {$y}) scale({$scale})\">" .
            SwatchDrawing::inner($printed->swatch->drawn()) .
            '</g><rect x="' .
            self::MARGIN .
            "\" y=\"{$y}\" width=\"{$side}\" height=\"{$side}\" fill=\"none\"" .
            ' stroke="#000" stroke-width=".3"/>';
    }

    /** The views, each on a line of its own beside the code. */
    private static function views(PrintedCard $printed, float $top): string
    {
        $names = array_map(fn(View $view): string => $view->label(), $printed->card->views);
        if (count($names) > self::MOST_VIEWS) {
            $names = [...array_slice($names, 0, self::MOST_VIEWS - 1), '…'];
        }
        $x = (self::WIDTH + self::CODE) / 2 + 1;
        $size = min(
            6.5,
            ...array_map(
                fn(string $name): float => self::fitting($name, self::WIDTH - self::MARGIN - $x, 6.5),
                $names === [] ? ['…'] : $names,
            ),
        );
        $y = $top + self::CODE / 2 - ((count($names) - 1) * 8) / 2 + 2;
        $drawn = '';
        foreach ($names as $line => $name) {
            $drawn .= self::text($name, $x, $y + 8 * $line, $size);
        }

        return $drawn;
    }

    /** @return float the size of type in which a text takes no more than a width */
    private static function fitting(string $text, float $width, float $most): float
    {
        return round(min($most, $width / max(1, self::LETTER * mb_strlen($text))), 2);
    }

    private static function bold(string $text, float $x, float $y, float $size): string
    {
        return self::text($text, $x, $y, $size, 'font-weight="700"');
    }

    private static function toTheRight(string $text, float $y, float $size): string
    {
        return self::text($text, self::WIDTH - self::MARGIN, $y, $size, 'text-anchor="end"');
    }

    private static function text(string $text, float $x, float $y, float $size, string $as = ''): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" font-size=\"{$size}\" {$as}" .
            ' font-family="Hanken Grotesk Variable, sans-serif" fill="#000">' .
            self::escaped($text) .
            '</text>';
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1);
    }
}
