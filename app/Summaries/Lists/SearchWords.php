<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

use Core\Text\Name;
use Core\Text\NearWords;
use Illuminate\Support\Facades\DB;

/** The words of a text, folded, as products are found by them. */
final class SearchWords
{
    public const LONGEST = 40;

    private const MOST = 30;

    private const MOST_NEAR = 200;

    /** @return list<string> */
    public static function of(string $text): array
    {
        $parts = preg_split('/[^\p{L}\p{N}]+/u', Name::of($text)->folded, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $words = array_unique(array_map(fn(string $part): string => mb_substr($part, 0, self::LONGEST), $parts));

        return array_map(strval(...), array_slice(array_values($words), 0, self::MOST));
    }

    /** A pattern for what begins so, whatever signs are in it. */
    public static function beginning(string $typed): string
    {
        return addcslashes($typed, '%_\\') . '%';
    }

    /** Whether any product has a word that begins so. */
    public static function isKnown(string $word): bool
    {
        return DB::table('product_words')->where('word', 'like', self::beginning($word))->exists();
    }

    /** A word that products have and that the typed one is a slip away from; null where there is none. */
    public static function near(string $typed): ?string
    {
        $near = new NearWords();
        foreach (
            DB::table('word_slips')
                ->whereIn('slip', NearWords::variantsOf($typed))
                ->limit(self::MOST_NEAR)
                ->pluck('word')
            as $word
        ) {
            $near->add((string) $word);
        }

        return $near->near($typed);
    }
}
