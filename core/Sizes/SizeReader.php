<?php

declare(strict_types=1);

namespace Core\Sizes;

use Core\Matrix\Name;

/**
 * Reads sizes as people type them: letters (2XL = XXL), words, numbers and halves, ranges,
 * two-part sizes, cups and ages. Spellings are common practice, no source.
 */
final class SizeReader
{
    private const WORDS = [
        'extra extra small' => 'XXS', 'extra small' => 'XS', 'xsmall' => 'XS', 'x small' => 'XS', 'small' => 'S', 'sm' => 'S', 'sml' => 'S',
        'medium' => 'M', 'med' => 'M', 'md' => 'M', 'large' => 'L', 'lg' => 'L', 'lrg' => 'L',
        'extra large' => 'XL', 'xlarge' => 'XL', 'x large' => 'XL', 'xlg' => 'XL', 'extra extra large' => 'XXL',
        'xx large' => 'XXL', 'xxlarge' => 'XXL', 'xxlg' => 'XXL',
    ];

    private const HALVES = ['½' => '.5', '¼' => '.25', '¾' => '.75', '⅓' => '.33', '⅔' => '.66'];

    private const NUMBER = '(\d{1,3}(?:\.\d{1,2})?)';

    private const DASH = '\s*(?:-|–|—|to)\s*';

    public function read(string $typed): Size
    {
        $name = Name::of(strtr($typed, self::HALVES));
        $text = strtr($name->folded, ['1⁄2' => ' .5', ' 1/2' => '.5', '⁄' => '/']);
        $text = (string) preg_replace(['/(\d)\s+\.(\d)/', '/(\d),(\d)/'], ['$1.$2', '$1.$2'], $text);

        return $this->age($typed, $text)
            ?? $this->letters($typed, $text)
            ?? $this->numbers($typed, $text)
            ?? new Size($typed, '', [], $name->folded);
    }

    private function letters(string $typed, string $text): ?Size
    {
        $parts = preg_split('~\s*[/–—]\s*|(?<=[a-z])-(?=\d*x*[sml]\b)~u', $text) ?: [];
        $ranks = [];
        foreach ($parts as $part) {
            $rank = $this->letterRank($part);
            if ($rank === null) {
                $ranks = [];

                break;
            }
            $ranks[] = $rank;
        }
        if ($ranks === []) {
            $whole = $this->letterRank($text);

            return $whole === null ? null : new Size($typed, 'letter', [$whole, $whole], $text);
        }

        return count($ranks) > 2 ? null : new Size($typed, 'letter', [$ranks[0], $ranks[1] ?? $ranks[0]], $text);
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
        $number = self::NUMBER;
        $dash = self::DASH;
        if (preg_match("/^{$number}(?:{$dash}{$number})?\s*(m|mo|mos|mth|mths|months?|y|yr|yrs|years?)\.?$/u", $text, $found) !== 1) {
            return null;
        }
        $months = str_starts_with($found[3], 'y') ? 12 : 1;
        $from = (int) $found[1] * $months;

        return new Size($typed, 'age', [$from, $found[2] === '' ? $from : (int) $found[2] * $months], $text);
    }

    private function numbers(string $typed, string $text): ?Size
    {
        $number = self::NUMBER;
        $dash = self::DASH;
        $system = '';
        if (preg_match('/^(eu|uk|us|fr|it|de|jp)\s*(.+)$/', $text, $found) === 1) {
            [, $system, $text] = $found;
        }
        $family = rtrim('number '.strtoupper($system));
        if (preg_match("/^{$number}(?:{$dash}{$number})?$/u", $text, $found) === 1) {
            $from = $this->hundredths($found[1]);

            return new Size($typed, $family, [$from, isset($found[2]) ? $this->hundredths($found[2]) : $from], $text);
        }
        if (preg_match("~^{$number}\s*[/x×]\s*{$number}$~u", $text, $found) === 1) {
            return new Size($typed, rtrim('two-part '.strtoupper($system)), [$this->hundredths($found[1]), $this->hundredths($found[2])], $text);
        }
        if (preg_match("/^{$number}\s*(aa|[a-k]{1,2})$/", $text, $found) === 1) {
            return new Size($typed, 'cup', [$this->hundredths($found[1]), $this->cupRank($found[2])], $text);
        }

        return null;
    }

    private function hundredths(string $number): int
    {
        return (int) round((float) $number * 100);
    }

    /** AA before A; DD between D and E. */
    private function cupRank(string $cup): int
    {
        return $cup === 'aa' ? 0 : (ord($cup[0]) - ord('a') + 1) * 10 + strlen($cup) - 1;
    }
}
