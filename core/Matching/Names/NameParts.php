<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Text\WordForms;
use Normalizer;

/** Takes a file name apart: at separators, where small letters turn into capitals, and between letters and digits. */
final class NameParts
{
    /** Runs of one kind: capitals before a capitalized word, a word, capitals, letters that know no case, digits. */
    private const RUNS = '/\p{Lu}+(?=\p{Lu}\p{Ll})|\p{Lu}?[\p{Ll}\p{M}]+|\p{Lu}+|[\p{Lo}\p{M}]+|\p{N}+/u';

    /** What stands behind the last dot of a file name, where it is one. */
    private const ENDING = '/\.[A-Za-z0-9]{1,5}$/';

    private const MOST_BYTES = 1_000;

    /**
     * @param  string  $name  a file name with its ending, or any other text about the picture
     * @return list<NamePart> in the order they stand
     */
    public static function of(string $name, NameSource $source = NameSource::File): array
    {
        $text = mb_strcut(self::written($name), 0, self::MOST_BYTES, 'UTF-8');
        if ($source === NameSource::File) {
            $text = (string) preg_replace(self::ENDING, '', $text);
        }
        preg_match_all(self::RUNS, $text, $found, PREG_OFFSET_CAPTURE);
        $parts = [];
        $end = -1;
        foreach ($found[0] as [$run, $at]) {
            $isBracketed = ($at > 0 ? $text[$at - 1] : '') === '(' && ($text[$at + strlen($run)] ?? '') === ')';
            $segment = substr_count($text, '/', 0, $at);
            $parts[] = new NamePart($run, WordForms::bare($run), $at, $at === $end, $isBracketed, $source, $segment);
            $end = $at + strlen($run);
        }

        return $parts;
    }

    /** As a person would write it: without the signs that an address has in their place, letters with their marks. */
    private static function written(string $name): string
    {
        if (preg_match('/%[0-9A-Fa-f]{2}/', $name) === 1) {
            $decoded = rawurldecode($name);
            $name = mb_check_encoding($decoded, 'UTF-8') ? $decoded : $name;
        }
        $text = mb_scrub($name, 'UTF-8');
        $normal = Normalizer::normalize($text, Normalizer::FORM_C);

        return is_string($normal) ? $normal : $text;
    }
}
