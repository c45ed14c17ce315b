<?php

declare(strict_types=1);

namespace Core\Sizes;

/**
 * The letter codes of EN 13402-3: body girths in centimeters, of the bust for women and of the chest for men.
 * A girth on the border belongs to the larger code. Figures from memory of the published tables.
 */
final class LetterSize
{
    private const WOMEN = [
        'XXS' => 66,
        'XS' => 74,
        'S' => 82,
        'M' => 90,
        'L' => 98,
        'XL' => 107,
        'XXL' => 119,
        '3XL' => 131,
        '4XL' => 143,
        '5XL' => 155,
    ];

    private const WOMEN_END = 167;

    private const MEN = [
        'XXS' => 70,
        'XS' => 78,
        'S' => 86,
        'M' => 94,
        'L' => 102,
        'XL' => 110,
        'XXL' => 118,
        '3XL' => 129,
        '4XL' => 141,
        '5XL' => 154,
    ];

    private const MEN_END = 166;

    /**
     * The girths of a code, for a size guide; null for a size without letters.
     *
     * @return array{int, int}|null from (included) and to, in cm
     */
    public static function girths(string $size, bool $forMen): ?array
    {
        $identity = (new SizeReader())->read($size)->identity();
        $starts = $forMen ? self::MEN : self::WOMEN;
        $ends = [...array_slice(array_values($starts), 1), $forMen ? self::MEN_END : self::WOMEN_END];
        foreach (array_keys($starts) as $at => $code) {
            if ((new SizeReader())->read($code)->identity() === $identity) {
                return [$starts[$code], $ends[$at]];
            }
        }

        return null;
    }

    /** The code of a girth in cm; null where the standard names none. */
    public static function ofGirth(int $girth, bool $forMen): ?string
    {
        foreach ($forMen ? self::MEN : self::WOMEN as $code => $start) {
            $range = self::girths($code, $forMen);
            if ($range !== null && $girth >= $start && $girth < $range[1]) {
                return $code;
            }
        }

        return null;
    }
}
