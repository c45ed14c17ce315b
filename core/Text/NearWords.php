<?php

declare(strict_types=1);

namespace Core\Text;

/**
 * Words that can be found although the hand slipped by one letter. Words of four letters are found only where a
 * single one is near, shorter ones never. Finding takes as long as the word is, however many words there are:
 * two words one slip apart have a word in common once a letter is taken away from one or both. A digit is no slip:
 * what is numbered is told apart by its number.
 */
final class NearWords
{
    private const SHORTEST = 4;

    /** @var array<string, int> word => its place */
    private array $places = [];

    /** @var list<string> by place */
    private array $words = [];

    /**
     * A word less one letter, as a sum of it, since there are many => the places of the words it came from. That two
     * have the same sum does no harm: what is found is held against the word.
     *
     * @var array<int, int|list<int>>
     */
    private array $lessOne = [];

    /** @param  string  $word  folded */
    public function add(string $word): void
    {
        if (isset($this->places[$word])) {
            return;
        }
        $place = count($this->words);
        $this->places[$word] = $place;
        $this->words[] = $word;
        foreach (self::variantsOf($word) as $variant) {
            $sum = crc32($variant);
            $others = $this->lessOne[$sum] ?? null;
            $this->lessOne[$sum] = $others === null ? $place : [...(array) $others, $place];
        }
    }

    /**
     * A word that is one slip away from another one, and not the same; null where there is none, or where of short ones
     * there are several.
     */
    public function near(string $word): ?string
    {
        $near = [];
        foreach (self::variantsOf($word) as $variant) {
            foreach ((array) ($this->lessOne[crc32($variant)] ?? []) as $place) {
                $other = $this->words[$place];
                $shorter = min(mb_strlen($other), mb_strlen($word));
                if (
                    $other !== $word &&
                    $shorter >= self::SHORTEST &&
                    self::digits($other) === self::digits($word) &&
                    EditDistance::atMostOne($other, $word)
                ) {
                    if ($shorter > self::SHORTEST) {
                        return $other;
                    }
                    $near[$other] = $other;
                }
            }
        }

        return count($near) === 1 ? reset($near) : null;
    }

    private static function digits(string $word): string
    {
        return (string) preg_replace('/\P{N}+/u', ' ', $word);
    }

    /**
     * What a word is kept and looked for under, wherever that is: two words one slip apart have one of these in common.
     *
     * @return list<string> the word, and what it is without each of its letters; none of a word too short to be found
     *   so
     */
    public static function variantsOf(string $word): array
    {
        if (mb_strlen($word) < self::SHORTEST - 1) {
            return [];
        }
        $letters = mb_str_split($word);
        $variants = [$word];
        foreach (array_keys($letters) as $at) {
            $rest = $letters;
            unset($rest[$at]);
            $variants[] = implode('', $rest);
        }

        return array_values(array_unique($variants));
    }
}
