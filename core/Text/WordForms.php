<?php

declare(strict_types=1);

namespace Core\Text;

use Normalizer;

/**
 * The forms in which a word is looked for in names of files, where letters lose their marks: "grün" as "grun" and
 * "gruen".
 */
final class WordForms
{
    /** Shorter words are too near to each other to be read by a slip. */
    private const SHORTEST_BY_SLIP = 5;

    /** How German and the Nordic languages write letters with marks where they cannot. */
    private const SPELLED = ['ä' => 'ae', 'ö' => 'oe', 'ü' => 'ue', 'æ' => 'ae', 'ø' => 'oe', 'å' => 'aa', 'œ' => 'oe'];

    private const PLAIN = ['æ' => 'ae', 'ø' => 'o', 'œ' => 'oe', 'đ' => 'd', 'ł' => 'l', 'ı' => 'i', 'ß' => 'ss'];

    /** Folded, with letters and digits only, each letter without its marks. */
    public static function bare(string $text): string
    {
        return self::unmarked(Name::of($text)->bare());
    }

    /**
     * Each form in which a word may stand in a name.
     *
     * @return list<string> the bare one first, each once, none empty
     */
    public static function of(string $word): array
    {
        $bare = Name::of($word)->bare();
        $forms = [self::unmarked($bare), self::unmarked(strtr($bare, self::SPELLED))];

        return array_values(array_unique(array_filter($forms, fn(string $form): bool => $form !== '')));
    }

    /**
     * Whether a bare word may be meant by one that is a letter away: it is long enough, and no number, where a letter
     * away is another thing.
     */
    public static function isReadBySlip(string $bare): bool
    {
        return mb_strlen($bare) >= self::SHORTEST_BY_SLIP && preg_match('/\p{N}/u', $bare) !== 1;
    }

    private static function unmarked(string $text): string
    {
        $apart = Normalizer::normalize(strtr($text, self::PLAIN), Normalizer::FORM_D);

        return (string) preg_replace('/\p{M}+/u', '', is_string($apart) ? $apart : $text);
    }
}
