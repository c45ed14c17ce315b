<?php

declare(strict_types=1);

namespace Core\Codes;

use Transliterator;

/**
 * Proposes the short code of a value: sizes keep their own letters and digits, and what stands between two
 * digits becomes a dash (36½ is 36-5); other names keep their consonants.
 */
final class ValueCode
{
    private const LONGEST = 12;

    private const FRACTIONS = ['½' => '.5', '¼' => '.25', '¾' => '.75', '⅓' => '.33', '⅔' => '.67'];

    /** Made once: its rules take longer to read than many names. */
    private static ?Transliterator $toLatin = null;

    /**
     * @param  array<string, mixed>  $taken  by codes the axis has already
     */
    public static function propose(string $name, array $taken = []): string
    {
        self::$toLatin ??= Transliterator::create('Any-Latin; Latin-ASCII; Upper()');
        $decimal = (string) preg_replace(
            ['/(\d)\s+\.(\d)/', '/(?<!\d)\.(\d)/'],
            ['$1.$2', '0.$1'],
            strtr($name, self::FRACTIONS),
        );
        $latin = self::$toLatin?->transliterate($decimal);
        $dashed = (string) preg_replace('/(\d)[^A-Z0-9]+(?=\d)/', '$1-', is_string($latin) ? $latin : $name);
        $letters = (string) preg_replace('/[^A-Z0-9-]+|(?<!\d)-|-(?!\d)/', '', $dashed);
        $letters = $letters === '' ? 'X' : $letters;
        $short = (bool) preg_match('/\d/', $letters) || strlen($letters) <= 4;
        $skeleton = $short ? $letters : $letters[0] . preg_replace('/[AEIOU]/', '', substr($letters, 1));

        foreach (self::candidates($skeleton, $letters, $short) as $candidate) {
            if (!isset($taken[$candidate])) {
                return $candidate;
            }
        }
        $stem = rtrim(substr($letters, 0, self::LONGEST - 3), '-');
        for ($number = 2; ; $number++) {
            if (!isset($taken[$stem . $number])) {
                return $stem . $number;
            }
        }
    }

    /** @return iterable<string> shortest first */
    private static function candidates(string $skeleton, string $letters, bool $short): iterable
    {
        if ($short) {
            yield rtrim(substr($letters, 0, self::LONGEST), '-');
        }
        foreach ([$skeleton, $letters] as $source) {
            for ($length = 3; $length <= min(strlen($source), self::LONGEST); $length++) {
                yield rtrim(substr($source, 0, $length), '-');
            }
        }
    }
}
