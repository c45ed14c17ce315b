<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Lexicon;
use Core\Matching\Names\Meaning;
use Core\Matching\Names\MeaningKind;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameReading;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Text\WordForms;

/**
 * Finds which of a product's colors a word is meant for that is not quite its name: its words in another order ("blue
 * navy"), one of them ("navy"), a few of its letters ("nvy"), or another ending ("noire" for "noir"). Only where one
 * color alone can be meant.
 */
final readonly class ColorForms
{
    /** Endings of adjectives in the languages of names: German, French, Italian, Spanish. Longer ones first. */
    private const ENDINGS = ['es', 'er', 'en', 'em', 'as', 'os', 'e', 's', 'n', 'a', 'o'];

    /** Letters of what is left without its ending. */
    private const LEAST_STEM = 3;

    /** Letters of a short form. */
    private const SHORT = [3, 4];

    public function __construct(private Lexicon $lexicon) {}

    /**
     * The reading with such words understood.
     *
     * @param  array<array-key, array<int, true>>  $senders  unknown words, bare => ids of axes that they are no value
     * of
     */
    public function understand(NameReading $reading, KnownProduct $product, array $senders): NameReading
    {
        foreach ($product->matrix->axes as $axis) {
            if ($axis->kind === AxisKind::Color && $axis->changesPicture) {
                $reading =
                    $this->turned($reading, $axis, $senders) ?? ($this->almost($reading, $axis, $senders) ?? $reading);
            }
        }

        return $reading;
    }

    /**
     * Words side by side that are together all words of one color, in another order.
     *
     * @param  array<array-key, array<int, true>>  $senders
     */
    private function turned(NameReading $reading, Axis $axis, array $senders): ?NameReading
    {
        foreach ($reading->unknown as $part) {
            if (isset($senders[$part->bare][$axis->id])) {
                continue;
            }
            foreach ($reading->neighbors($part) as $other) {
                $parts = $other instanceof NamePart ? [$other] : $other->parts;
                $words = [...array_map(fn(NamePart $own): string => $own->bare, $parts), $part->bare];
                sort($words);
                $ids = $this->valuesWith($axis, function (string $word) use ($words): bool {
                    $own = self::words($word);
                    sort($own);

                    return $own === $words;
                });
                if (count($ids) === 1) {
                    return $reading->withUnderstood(
                        [...$parts, $part],
                        [$this->meaning($axis, $ids[0], Exactness::Turned)],
                    );
                }
            }
        }

        return null;
    }

    /**
     * A word that nobody knows, in a name that says no color, and that one color alone can be meant by.
     *
     * @param  array<array-key, array<int, true>>  $senders
     */
    private function almost(NameReading $reading, Axis $axis, array $senders): ?NameReading
    {
        foreach ($reading->meanings(MeaningKind::Value) as [$understood, $meaning]) {
            if ($meaning->axisId === $axis->id) {
                return null;
            }
        }
        if ($reading->meanings(MeaningKind::Sku) !== [] || $reading->meanings(MeaningKind::Gtin) !== []) {
            return null;
        }
        $found = [];
        foreach ($reading->unknown as $part) {
            $one = isset($senders[$part->bare][$axis->id]) ? null : $this->oneOf($axis, $part->bare);
            if ($one !== null) {
                $found[] = [$part, $one];
            }
        }
        // Two such words in one name are told apart by nothing.
        return count($found) === 1 ? $reading->withUnderstood([$found[0][0]], [$found[0][1]]) : null;
    }

    private function oneOf(Axis $axis, string $bare): ?Meaning
    {
        $ways = [
            [Exactness::Inflected, fn(string $word): bool => self::isInflected($bare, WordForms::bare($word))],
            [Exactness::Halved, fn(string $word): bool => self::isHalf($bare, $word)],
            [Exactness::Short, fn(string $word): bool => self::isShort($bare, WordForms::bare($word))],
        ];
        foreach ($ways as [$exactness, $fits]) {
            $ids = $this->valuesWith($axis, $fits);
            if (count($ids) === 1) {
                return $this->meaning($axis, $ids[0], $exactness);
            }
            if ($ids !== []) {
                return null;
            }
        }

        return null;
    }

    /**
     * @param  callable(string): bool  $fits  asked of each word that a value goes by
     * @return list<int> ids of the axis' values that fit
     */
    private function valuesWith(Axis $axis, callable $fits): array
    {
        $ids = [];
        foreach ($axis->values as $value) {
            foreach ([$value->label, ...$this->lexicon->words($value->id)] as $word) {
                if ($fits($word)) {
                    $ids[] = $value->id;

                    continue 2;
                }
            }
        }

        return $ids;
    }

    private function meaning(Axis $axis, int $valueId, Exactness $exactness): Meaning
    {
        return Meaning::value($axis->id, $valueId, $axis->value($valueId)->label ?? '', $exactness);
    }

    /** @return list<string> bare */
    private static function words(string $name): array
    {
        $words = array_map(WordForms::bare(...), preg_split('/[^\p{L}\p{N}\p{M}]+/u', $name) ?: []);

        return array_values(array_filter($words, fn(string $word): bool => $word !== ''));
    }

    /** Whether a word is one of several that a color's name has. */
    private static function isHalf(string $bare, string $name): bool
    {
        $words = self::words($name);

        return count($words) > 1 && in_array($bare, $words, true) && mb_strlen($bare) >= self::LEAST_STEM;
    }

    /** Whether a word is made of some letters of another in their order, the first among them: "blk", "wht", "char". */
    private static function isShort(string $bare, string $word): bool
    {
        $length = mb_strlen($bare);
        $isOfLetters = preg_match('/^\p{L}+$/u', $bare) === 1;
        if (!$isOfLetters || $length < self::SHORT[0] || $length > self::SHORT[1] || mb_strlen($word) <= $length) {
            return false;
        }
        if (str_starts_with($word, $bare)) {
            return true;
        }
        $letters = preg_split('//u', $bare, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $isOfConsonants = preg_match('/[aeiou]/', mb_substr($bare, 1)) !== 1;

        return $isOfConsonants && preg_match('/^' . implode('.*', $letters) . '/u', $word) === 1;
    }

    /** Whether two words are one but for the endings of an adjective: "noire" and "noir", "negra" and "negro". */
    private static function isInflected(string $bare, string $word): bool
    {
        return array_intersect(self::stems($bare), self::stems($word)) !== [];
    }

    /**
     * @return non-empty-list<string> the word in one spelling, and what is left of it without each ending that it may
     * have
     */
    private static function stems(string $bare): array
    {
        $bare = str_replace('grey', 'gray', $bare);
        $stems = [$bare];
        foreach (self::ENDINGS as $ending) {
            if (str_ends_with($bare, $ending) && mb_strlen($bare) - strlen($ending) >= self::LEAST_STEM) {
                $stems[] = substr($bare, 0, -strlen($ending));
            }
        }

        return $stems;
    }
}
