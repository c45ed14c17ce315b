<?php

declare(strict_types=1);

namespace Core\Sizes;

use Core\Text\Name;

/**
 * Reads sizes as people type them: letters (2XL = XXL), words, numbers and halves, ranges, two-part sizes,
 * cups, ages, dimensions, volumes and weights. Spellings are common practice, no source.
 */
final class SizeReader
{
    private const WORDS = [
        'extra extra small' => 'XXS',
        'extra small' => 'XS',
        'xsmall' => 'XS',
        'x small' => 'XS',
        'small' => 'S',
        'sm' => 'S',
        'sml' => 'S',
        'medium' => 'M',
        'med' => 'M',
        'md' => 'M',
        'large' => 'L',
        'lg' => 'L',
        'lrg' => 'L',
        'extra large' => 'XL',
        'xlarge' => 'XL',
        'x large' => 'XL',
        'xlg' => 'XL',
        'extra extra large' => 'XXL',
        'xx large' => 'XXL',
        'xxlarge' => 'XXL',
        'xxlg' => 'XXL',
    ];

    private const FRACTIONS = ['½' => '.5', '¼' => '.25', '¾' => '.75', '⅓' => '.33', '⅔' => '.67'];

    /** Of the same letters: the plain one, then by length of leg or body. */
    private const BUILDS = ['petite' => 1, 'short' => 2, 'regular' => 3, 'long' => 4, 'tall' => 5, 't' => 5];

    private const NEWBORN = ['preemie' => -2, 'premature' => -2, 'newborn' => -1, 'nb' => -1];

    private const NUMBER = '(\d{1,6}(?:\.\d{1,4})?)';

    private const DASH = '\s*(?:-|–|—|to)\s*';

    /** Reads a size as people write it: "36 ½", "2XL", "32/34", "6–9 M"; what no family knows is a size of words. */
    public function read(string $typed): Size
    {
        $name = Name::of(strtr($typed, self::FRACTIONS));
        $text = strtr($name->folded, ['1⁄2' => ' .5', ' 1/2' => '.5', '⁄' => '/']);
        $text = (string) preg_replace(['/(\d)\s+\.(\d)/', '/(\d),(\d)/'], ['$1.$2', '$1.$2'], $text);

        return $this->age($typed, $text) ??
            ($this->letters($typed, $text) ??
                ($this->cup($typed, $text) ??
                    ($this->measure($typed, $text) ??
                        ($this->numbers($typed, $text) ?? new Size($typed, '', [], $name->folded)))));
    }

    private function letters(string $typed, string $text): ?Size
    {
        if (preg_match('/^(\d{1,2})([tx])$/', $text, $found) === 1) {
            return new Size($typed, $found[2] === 't' ? 'toddler' : 'letter X', Measure::number($found[1]), $text);
        }
        $build = 0;
        if (
            preg_match('/^(.*[a-z])[\s-]*\b(petite|short|regular|long|tall)$|^(\d?x*[sml])(t)$/', $text, $found) === 1
        ) {
            $text = $found[3] ?? $found[1];
            $build = self::BUILDS[$found[4] ?? $found[2]];
        }
        $ranks = $this->letterRanks($text);

        return $ranks === null ? null : new Size($typed, 'letter', [...$ranks, $build], $text);
    }

    /** @return array{int, int}|null from and to; the same for a single size */
    private function letterRanks(string $text): ?array
    {
        $parts = preg_split('~\s*[/–—]\s*|(?<=[a-z])-(?=\d*x*[sml]\b)~u', $text) ?: [];
        $ranks = array_map($this->letterRank(...), $parts);
        if (in_array(null, $ranks, true)) {
            $whole = $this->letterRank($text);

            return $whole === null ? null : [$whole, $whole];
        }

        return count($ranks) > 2 || $ranks === [] ? null : [$ranks[0], $ranks[1] ?? $ranks[0]];
    }

    /** M is 0; S −1, XS −2 …; L 1, XL 2 … */
    private function letterRank(string $text): ?int
    {
        $words = trim((string) preg_replace('/[\s-]+/', ' ', $text));
        $letters = mb_strtolower(self::WORDS[$words] ?? $words);
        if ($letters === 'm') {
            return 0;
        }
        if (preg_match('/^(\d?)\s?(x*)([sl])$/', $letters, $found) !== 1) {
            return null;
        }
        $extra = strlen($found[2]);
        if ($found[1] !== '') {
            if ($extra !== 1) {
                return null;
            }
            $extra = (int) $found[1];
        }

        return $found[3] === 's' ? -1 - $extra : 1 + $extra;
    }

    private function age(string $typed, string $text): ?Size
    {
        if (isset(self::NEWBORN[$text])) {
            return new Size($typed, 'age', [self::NEWBORN[$text], self::NEWBORN[$text]], $text);
        }
        $number = self::NUMBER;
        $dash = self::DASH;
        if (
            preg_match(
                "/^{$number}(?:{$dash}{$number})?\s*(m|mo|mos|mth|mths|months?|y|yr|yrs|years?)\.?$/u",
                $text,
                $found,
            ) !== 1
        ) {
            return null;
        }
        $months = str_starts_with($found[3], 'y') ? 12 : 1;
        $to = $found[2] === '' ? $found[1] : $found[2];

        return new Size($typed, 'age', [Measure::scaled($found[1]) * $months, Measure::scaled($to) * $months], $text);
    }

    /** A volume, a weight, or measures one after the other: 90 × 190, W28 L30. */
    private function measure(string $typed, string $text): ?Size
    {
        $number = self::NUMBER;
        if (preg_match("/^w\s?{$number}\s*[\/x,-]?\s*l\s?{$number}$/", $text, $found) === 1) {
            return new Size($typed, 'two-part', [...Measure::number($found[1]), ...Measure::number($found[2])], $text);
        }
        if (preg_match("/^{$number}\s*([a-z]+(?:\s[a-z]+)?)$/", $text, $found) === 1) {
            $amount = Measure::amount($found[1], $found[2]);

            return $amount === null ? null : new Size($typed, $amount[0], [$amount[1]], $text);
        }
        $unit = '\s*(mm|cm|in|inch|″|")?';
        if (
            preg_match(
                "~^{$number}{$unit}\s*[x×]\s*{$number}{$unit}(?:\s*[x×]\s*{$number}{$unit})?$~u",
                $text,
                $found,
            ) !== 1
        ) {
            return null;
        }
        $last = array_values(array_filter([$found[6] ?? '', $found[4] ?? '', $found[2]]))[0] ?? 'cm';
        $rank = [];
        foreach ([1, 3, 5] as $at) {
            if (($found[$at] ?? '') !== '') {
                $rank[] = Measure::length($found[$at], $found[$at + 1] ?? '' ?: $last);
            }
        }

        return new Size($typed, 'dimension', $rank, $text);
    }

    private function numbers(string $typed, string $text): ?Size
    {
        $number = self::NUMBER;
        $dash = self::DASH;
        $system = '';
        if (preg_match('/^(eu|uk|us|fr|it|de|jp)\s*(.+)$/', $text, $found) === 1) {
            [, $system, $text] = $found;
        }
        $family = rtrim('number ' . strtoupper($system));
        if (preg_match("/^{$number}(?:{$dash}{$number})?$/u", $text, $found) === 1) {
            return new Size(
                $typed,
                $family,
                [...Measure::number($found[1]), ...Measure::number($found[2] ?? $found[1])],
                $text,
            );
        }
        if (preg_match("~^{$number}\s*/\s*{$number}$~u", $text, $found) === 1) {
            return new Size(
                $typed,
                rtrim('two-part ' . strtoupper($system)),
                [...Measure::number($found[1]), ...Measure::number($found[2])],
                $text,
            );
        }

        return null;
    }

    /** By band, then cup: AA before A; DD between D and E. 32G is a cup, 32 g a weight. */
    private function cup(string $typed, string $text): ?Size
    {
        $isWeight = preg_match('/g\s*$/', $typed) === 1 || preg_match('/\sG\s*$/', $typed) === 1;
        if ($isWeight || preg_match('/^(\d{2,3})\s*(aa|([a-k])\3{0,2})$/', $text, $found) !== 1) {
            return null;
        }
        $cup = $found[2];
        $rank = $cup === 'aa' ? 0 : (ord($cup[0]) - ord('a') + 1) * 10 + strlen($cup) - 1;

        return new Size($typed, 'cup', [(int) $found[1], $rank], $text);
    }
}
