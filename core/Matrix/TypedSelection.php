<?php

declare(strict_types=1);

namespace Core\Matrix;

use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * Finds the part of a matrix that somebody types: "moss m" is Moss in M, "moss, clay" is Moss and Clay.
 * Values of one axis add up, values of different axes narrow. A word may be the beginning of a value's
 * name where only one begins so.
 */
final class TypedSelection
{
    /**
     * @param  array<string, string>  $synonyms  another word, folded => the value's label
     *
     * @throws UnknownValue
     */
    public function read(string $typed, Matrix $matrix, array $synonyms = []): Reach
    {
        $words = preg_split('/[\s,;|]+/u', Name::of($typed)->folded, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $sets = [];
        for ($at = 0; $at < count($words); $at += $length) {
            [$found, $length] = $this->longest(array_slice($words, $at), $matrix, $synonyms);
            if ($found === []) {
                throw UnknownValue::named($words[$at], $this->close($words[$at], $matrix));
            }
            foreach ($found as [$axisId, $valueId]) {
                $sets[$axisId][] = $valueId;
            }
        }

        return $sets === [] ? Reach::nothing() : Reach::of(Clause::of(array_map(array_values(...), array_map(array_unique(...), $sets))));
    }

    /**
     * The values that the first words name, as many words as possible in one name.
     *
     * @param  list<string>  $words
     * @param  array<string, string>  $synonyms
     * @return array{list<array{int, int}>, int} axis and value ids; how many words were read
     */
    private function longest(array $words, Matrix $matrix, array $synonyms): array
    {
        for ($length = count($words); $length > 0; $length--) {
            $text = implode(' ', array_slice($words, 0, $length));
            $found = $this->called($synonyms[$text] ?? $text, $matrix);
            if ($found !== []) {
                return [$found, $length];
            }
        }
        $begun = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if (str_starts_with(Name::of($value->label)->folded, $words[0])) {
                    $begun[] = [$axis->id, $value->id];
                }
            }
        }

        return [count($begun) === 1 ? $begun : [], 1];
    }

    /** @return list<array{int, int}> values of that name; two axes may have one of the same name */
    private function called(string $text, Matrix $matrix): array
    {
        $found = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if (Name::of($value->label)->bare() === Name::of($text)->bare()) {
                    $found[] = [$axis->id, $value->id];
                }
            }
        }

        return $found;
    }

    /** @return list<string> labels that were perhaps meant */
    private function close(string $word, Matrix $matrix): array
    {
        $close = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                $folded = Name::of($value->label)->folded;
                if (str_starts_with($folded, $word) || (mb_strlen($word) > 2 && EditDistance::atMostOne($folded, $word))) {
                    $close[] = $value->label;
                }
            }
        }

        return $close;
    }
}
