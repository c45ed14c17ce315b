<?php

declare(strict_types=1);

namespace Core\Sheets\Rows;

use Core\Text\Name;

/** Which product a row of a sheet is about. */
final readonly class RowGroup
{
    private const LONGEST_KEY = 120;

    private const LONGEST_CODE = 32;

    /**
     * @param  string  $key  the same for all rows of the product
     * @param  string  $code  of the product; proposed where the sheet does not say it
     * @param  string  $name  as the row says it
     * @param  bool  $isCoded  whether the sheet says the code
     */
    private function __construct(public string $key, public string $code, public string $name, public bool $isCoded) {}

    public static function coded(string $code, string $name): self
    {
        return new self('c ' . self::short(Name::of($code)->folded), trim($code), $name, true);
    }

    /** @param  string  $stem  what the code of its SKU begins with; empty for none */
    public static function named(string $name, string $stem): self
    {
        return new self(
            'n ' . self::short(Name::of($name)->folded),
            $stem === '' ? self::proposed($name) : $stem,
            $name,
            false,
        );
    }

    public static function single(int $row): self
    {
        return new self("r {$row}", '', '', false);
    }

    /** A code out of a name: its letters and digits in capitals, words with dashes between. */
    private static function proposed(string $name): string
    {
        $plain = (string) transliterator_transliterate('Any-Latin; Latin-ASCII; Upper()', $name);
        $words = trim((string) preg_replace('/[^A-Z0-9]+/', '-', $plain), '-');

        return rtrim(mb_substr($words, 0, self::LONGEST_CODE), '-');
    }

    /** A long name is known by its beginning and its sum. */
    private static function short(string $folded): string
    {
        return mb_strlen($folded) <= self::LONGEST_KEY
            ? $folded
            : mb_substr($folded, 0, self::LONGEST_KEY - 9) . ' ' . dechex(crc32($folded));
    }
}
