<?php

declare(strict_types=1);

namespace App\Files\Cards;

use Core\Refusal;
use Core\RefusalKind;

/** Writes slate cards into a file: as a page to be printed, or as one drawing. */
final class CardFile
{
    /**
     * @param  list<PrintedCard>  $cards
     *
     * @throws Refusal where nothing can be written there
     */
    public static function write(string $path, array $cards): void
    {
        $written = match (strtolower(pathinfo($path, PATHINFO_EXTENSION))) {
            'svg' => self::drawing($cards),
            'html' => self::page($cards),
            default => throw new Refusal(
                'Slate cards are written as .html or .svg. Give the file one of these endings.',
                RefusalKind::Impossible,
                'out',
            ),
        };
        if (!is_dir(dirname($path)) || !is_writable(dirname($path))) {
            throw new Refusal(
                'There is no folder ' . dirname($path) . ' that can be written to.',
                RefusalKind::Gone,
                'out',
            );
        }
        file_put_contents("{$path}.part", $written);
        rename("{$path}.part", $path);
    }

    /** @param  list<PrintedCard>  $cards */
    private static function drawing(array $cards): string
    {
        $height = CardDrawing::HEIGHT * count($cards);
        $drawn = '';
        foreach ($cards as $at => $card) {
            $y = $at * CardDrawing::HEIGHT;
            $drawn .= "<g transform=\"translate(0 {$y})\">" . CardDrawing::inner($card) . '</g>';
        }
        $width = CardDrawing::WIDTH;

        return '<svg xmlns="http://www.w3.org/2000/svg"' .
            " width=\"{$width}mm\" height=\"{$height}mm\" viewBox=\"0 0 {$width} {$height}\">{$drawn}</svg>\n";
    }

    /** @param  list<PrintedCard>  $cards */
    private static function page(array $cards): string
    {
        return view('cards.file', ['drawings' => array_map(CardDrawing::svg(...), $cards)])->render();
    }
}
