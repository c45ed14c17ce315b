<?php

declare(strict_types=1);

namespace Core\Reach;

use Core\Matrix\Matrix;
use Core\Text\EditDistance;
use Core\Text\Name;

/**
 * Finds the part of a matrix that somebody types: "moss m" is Moss in M, "moss, clay" is Moss and Clay.
 * Values of one axis add up, values of different axes narrow, and what stands behind a semicolon comes on top. A
 * word may be the beginning of a value's name where only one begins so. What the board says of a selection in
 * words can be typed as well: "Moss and Clay, S–L only; Oat", "every Color but Slate", "whole product".
 */
final class TypedSelection
{
    private const FILLERS = ['and', 'only'];

    private const TO = '–';

    /**
     * @param  array<string, string>  $synonyms  another word, folded => the value's label
     *
     * @throws UnknownValue
     */
    public function read(string $typed, Matrix $matrix, array $synonyms = []): Reach
    {
        $clauses = [];
        foreach (explode(';', Name::of($typed)->folded) as $part) {
            $words =
                preg_split(
                    '/[\s,|]+/u',
                    (string) preg_replace('/[–—]/u', ' ' . self::TO . ' ', $part),
                    -1,
                    PREG_SPLIT_NO_EMPTY,
                ) ?:
                [];
            if ($words === ['whole', 'product']) {
                return Reach::everything();
            }
            $sets = $this->sets($words, $matrix, $synonyms);
            if ($sets !== []) {
                $clauses[] = Clause::of(array_map(fn(array $ids): array => array_values(array_unique($ids)), $sets));
            }
        }

        return Reach::of(...$clauses);
    }

    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $synonyms
     * @return array<int, list<int>> axis id => value ids
     */
    private function sets(array $words, Matrix $matrix, array $synonyms): array
    {
        $sets = [];
        for ($at = 0; $at < count($words); $at += $length) {
            [$found, $length] = $this->longest(array_slice($words, $at), $matrix, $synonyms);
            if ($found === []) {
                [$found, $length] = $this->everyBut(array_slice($words, $at), $matrix, $synonyms);
            }
            if ($found === [] && in_array($words[$at], self::FILLERS, true)) {
                $length = 1;

                continue;
            }
            if ($found === []) {
                throw UnknownValue::named($words[$at], $this->close($words[$at], $matrix));
            }
            if (($words[$at + $length] ?? '') === self::TO) {
                [$ends, $more] = $this->longest(array_slice($words, $at + $length + 1), $matrix, $synonyms);
                $found = $this->between($found, $ends, $matrix);
                $length += 1 + $more;
            }
            foreach ($found as [$axisId, $valueId]) {
                $sets[$axisId][] = $valueId;
            }
        }

        return $sets;
    }

    /**
     * "every Color but Slate"
     *
     * @param  list<string>  $words
     * @param  array<string, string>  $synonyms
     * @return array{list<array{int, int}>, int} axis and value ids; how many words were read
     */
    private function everyBut(array $words, Matrix $matrix, array $synonyms): array
    {
        $but = array_search('but', $words, true);
        foreach ($words[0] !== 'every' || $but === false ? [] : $matrix->axes as $axis) {
            if (Name::of($axis->name)->folded === implode(' ', array_slice($words, 1, $but - 1))) {
                [$found, $length] = $this->longest(array_slice($words, $but + 1), $matrix, $synonyms);
                $left = array_map(
                    fn(array $one): int => $one[1],
                    array_filter($found, fn(array $one): bool => $one[0] === $axis->id),
                );

                return [
                    array_map(
                        fn(int $id): array => [$axis->id, $id],
                        array_values(array_diff($axis->valueIds(), $left)),
                    ),
                    $but + 1 + $length,
                ];
            }
        }

        return [[], 0];
    }

    /**
     * The values of an axis from one to another, in the product's order.
     *
     * @param  list<array{int, int}>  $from
     * @param  list<array{int, int}>  $to
     * @return list<array{int, int}>
     */
    private function between(array $from, array $to, Matrix $matrix): array
    {
        foreach ($from as [$axisId, $first]) {
            foreach ($to as [$otherId, $last]) {
                if ($axisId === $otherId) {
                    $ids = $matrix->axis($axisId)?->valueIds() ?? [];
                    [$low, $high] = [(int) array_search($first, $ids, true), (int) array_search($last, $ids, true)];

                    return array_map(
                        fn(int $id): array => [$axisId, $id],
                        array_slice($ids, min($low, $high), abs($high - $low) + 1),
                    );
                }
            }
        }

        return [...$from, ...$to];
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
        if ($words === []) {
            return [[], 0];
        }
        for ($length = count($words); $length > 0; $length--) {
            if ($words[$length - 1] === self::TO) {
                continue;
            }
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
        $name = Name::of($text);
        $found = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                $label = Name::of($value->label);
                if ($label->is($name) || ($name->bare() !== '' && $label->bare() === $name->bare())) {
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
                if (
                    str_starts_with($folded, $word) ||
                    (mb_strlen($word) > 2 && EditDistance::atMostOne($folded, $word))
                ) {
                    $close[] = $value->label;
                }
            }
        }

        return $close;
    }
}
