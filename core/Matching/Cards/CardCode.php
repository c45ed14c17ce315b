<?php

declare(strict_types=1);

namespace Core\Matching\Cards;

use Core\Gallery\View;
use Core\Matrix\Combination;

/**
 * What the code of a slate card holds: "SLATE/1C/2F-3K/FRONT/47" – the product, the values of the part, the view where
 * the card is for one, and two check digits. Numbers are in base 36, so that a QR code takes all of it for letters and
 * digits. The check digits are those of ISO 7064, MOD 97-10, over all between the first and the last slash, each sign as
 * a number of two digits, and the product's seal, which the card does not show: the card of another shop is not taken for
 * ours. They find every wrong sign, and two that have changed places.
 */
final readonly class CardCode
{
    private const START = 'SLATE/';

    /** Each stands for its place, from 0. */
    private const SIGNS = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZ/- ';

    /** Digits of a number in base 36; no id is longer. */
    private const LONGEST = 10;

    private const MOST_VALUES = 6;

    /**
     * @param  list<int>  $valueIds  one of each axis that the card names, in any order
     * @param  string  $viewKey  empty for every view
     */
    private function __construct(
        public int $productId,
        public array $valueIds,
        public string $viewKey,
        private string $payload,
        private string $check,
    ) {}

    /**
     * The code of a card.
     *
     * @param  int  $seal  what only this catalog knows of the product, and what never changes: when it was made, in
     *   seconds
     * @param  Combination  $part  the picture combination; one that names nothing is the whole product
     */
    public static function of(int $productId, int $seal, Combination $part, ?View $view = null): string
    {
        $payload =
            self::inBase36($productId) .
            '/' .
            implode('-', array_map(self::inBase36(...), array_values($part->values))) .
            '/' .
            strtoupper($view->key ?? '');

        return self::START . $payload . '/' . self::checkDigits($payload, $seal);
    }

    /** @return ?self null for a text that is no code of a card; whether it is ours, `isOf` says */
    public static function read(string $text): ?self
    {
        $number = '[0-9A-Z]{1,' . self::LONGEST . '}';
        $values = "{$number}(?:-{$number}){0," . (self::MOST_VALUES - 1) . '}';
        if (preg_match("~^SLATE/({$number})/((?:{$values})?)/([0-9A-Z -]{0,60})/(\\d\\d)$~", $text, $found) !== 1) {
            return null;
        }

        return new self(
            self::ofBase36($found[1]),
            array_map(self::ofBase36(...), $found[2] === '' ? [] : explode('-', $found[2])),
            strtolower($found[3]),
            "{$found[1]}/{$found[2]}/{$found[3]}",
            $found[4],
        );
    }

    /** Whether the check digits are those of a product with this seal. */
    public function isOf(int $seal): bool
    {
        return $this->check === self::checkDigits($this->payload, $seal);
    }

    private static function checkDigits(string $payload, int $seal): string
    {
        $remainder = 0;
        foreach (str_split($payload . '/' . self::inBase36($seal)) as $sign) {
            $remainder = ($remainder * 100 + (int) strpos(self::SIGNS, $sign)) % 97;
        }

        return sprintf('%02d', 98 - (($remainder * 100) % 97));
    }

    private static function inBase36(int $number): string
    {
        return strtoupper(base_convert((string) $number, 10, 36));
    }

    private static function ofBase36(string $digits): int
    {
        return (int) base_convert($digits, 36, 10);
    }
}
