<?php

declare(strict_types=1);

namespace Core\Codes;

use Transliterator;

/** Proposes the short code of a value: sizes keep their own letters and digits, other names their consonants. */
final class ValueCode
{
    private const LONGEST = 12;

    /** Made once: its rules take longer to read than many names. */
    private static ?Transliterator $toLatin = null;

    /**
     * @param  array<string, mixed>  $taken  by codes the axis has already
     */
    public static function propose(string $name, array $taken = []): string
    {
        self::$toLatin ??= Transliterator::create('Any-Latin; Latin-ASCII; Upper()');
        $latin = self::$toLatin?->transliterate((string) preg_replace('/\s*½/u', '.5', $name));
        $letters = (string) preg_replace('/[^A-Z0-9.]+/', '', is_string($latin) ? $latin : $name);
        $letters = trim(str_replace('.', 'H', $letters), 'H') === '' ? 'X' : str_replace('.', 'H', $letters);
        $short = (bool) preg_match('/\d/', $letters) || strlen($letters) <= 4;
        $skeleton = $short ? $letters : $letters[0].preg_replace('/[AEIOU]/', '', substr($letters, 1));

        foreach (self::candidates($skeleton, $letters, $short) as $candidate) {
            if (! isset($taken[$candidate])) {
                return $candidate;
            }
        }
        for ($number = 2; ; $number++) {
            if (! isset($taken[substr($letters, 0, self::LONGEST - 3).$number])) {
                return substr($letters, 0, self::LONGEST - 3).$number;
            }
        }
    }

    /** @return iterable<string> shortest first */
    private static function candidates(string $skeleton, string $letters, bool $short): iterable
    {
        if ($short) {
            yield substr($letters, 0, self::LONGEST);
        }
        foreach ([$skeleton, $letters] as $source) {
            for ($length = 3; $length <= min(strlen($source), self::LONGEST); $length++) {
                yield substr($source, 0, $length);
            }
        }
    }
}
