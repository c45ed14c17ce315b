<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Codes\Gtin;

/**
 * Finds what the parts of a name mean: codes of SKUs and GTINs before codes of products, these before values and views,
 * longer words before shorter ones; then what means nothing anywhere, then what is a letter away from a known word.
 */
final readonly class NameReader
{
    /** Parts that together are looked up as one word. */
    private const MOST_PARTS = 8;

    private const MOST_PARTS_BY_SLIP = 4;

    /** Shorter words are not put together across a separator: "s_m" is not "SM". */
    private const SHORTEST_ACROSS = 4;

    private const ORDER = [
        [MeaningKind::Sku, MeaningKind::Gtin],
        [MeaningKind::Product],
        [MeaningKind::Value, MeaningKind::View, MeaningKind::Nothing],
        [MeaningKind::Part],
    ];

    public function __construct(private Lexicon $lexicon) {}

    /**
     * @param  list<NamePart>  $parts
     * @param  array<int, PartHabit>  $habits  place of a part => what it means in this drop
     */
    public function read(array $parts, array $habits = []): NameReading
    {
        $taken = $this->taken($parts, $habits);
        $this->takeSlips($parts, $taken);

        return $this->sorted($parts, $taken, $habits);
    }

    /**
     * What the parts mean as they stand.
     *
     * @param  list<NamePart>  $parts
     * @param  array<int, PartHabit>  $habits
     * @return array<int, ?Understood> by place: what begins there; null where it goes on
     */
    private function taken(array $parts, array $habits = []): array
    {
        $spans = $this->spans($parts);
        $taken = [];
        foreach ($habits as $at => $habit) {
            $taken[$at] = $habit->views === [] ? null : new Understood([$parts[$at]], $habit->views);
        }
        foreach (self::ORDER as $kinds) {
            foreach ($spans as [$from, $length, $meanings]) {
                if (!self::isFree($taken, $from, $length)) {
                    continue;
                }
                $own = array_values(
                    array_filter($meanings, fn(Meaning $meaning): bool => in_array($meaning->kind, $kinds, true)),
                );
                if ($own !== [] && !($own[0]->kind === MeaningKind::Sku && self::endsInValue($spans, $from, $length))) {
                    for ($at = $from + 1; $at < $from + $length; $at++) {
                        $taken[$at] = null;
                    }
                    $taken[$from] = new Understood(array_slice($parts, $from, $length), $own);
                }
            }
        }

        return $taken;
    }

    /**
     * Whether the end of a SKU's code is only the beginning of a longer value behind the product's code: "X-SKY" in
     * "X-sky-blue".
     *
     * @param  list<array{int, int, non-empty-list<Meaning>}>  $spans
     */
    private static function endsInValue(array $spans, int $from, int $length): bool
    {
        $codes = $values = [];
        foreach ($spans as [$at, $own, $meanings]) {
            $kinds = array_map(fn(Meaning $meaning): MeaningKind => $meaning->kind, $meanings);
            if ($at === $from && in_array(MeaningKind::Product, $kinds, true)) {
                $codes[$at + $own] = true;
            }
            if (
                $at > $from &&
                $at < $from + $length &&
                $at + $own > $from + $length &&
                in_array(MeaningKind::Value, $kinds, true)
            ) {
                $values[$at] = true;
            }
        }

        return array_intersect_key($codes, $values) !== [];
    }

    /**
     * Words that nobody knows, alone or with their neighbors, that are a letter away from one that is known.
     *
     * @param  list<NamePart>  $parts
     * @param  array<int, ?Understood>  $taken
     */
    private function takeSlips(array $parts, array &$taken): void
    {
        foreach (self::unread($parts, $taken) as [$from, $length, $word]) {
            $near = self::isFree($taken, $from, $length) ? $this->lexicon->nearly($word) : [];
            if ($near !== []) {
                $taken += array_fill($from, $length, null);
                $taken[$from] = new Understood(array_slice($parts, $from, $length), $near);
            }
        }
    }

    /**
     * The words that may be a letter away from one that is known, so that these can be fetched in one go: of parts that
     * mean nothing as they stand.
     *
     * @param  list<NamePart>  $parts
     * @return list<string> bare
     */
    public function unknownWords(array $parts): array
    {
        return array_column(self::unread($parts, $this->taken($parts)), 2);
    }

    /**
     * @param  list<NamePart>  $parts
     * @param  array<int, ?Understood>  $taken
     * @return list<array{int, int, string}> from, how many parts, bare word: those of more parts first
     */
    private static function unread(array $parts, array $taken): array
    {
        if (count($taken) === count($parts)) {
            return [];
        }
        $unread = array_filter(
            self::windows($parts),
            fn(array $window): bool => $window[1] <= self::MOST_PARTS_BY_SLIP &&
                self::isFree($taken, $window[0], $window[1]) &&
                ($window[1] > 1 || !(Noise::isNoise($parts, $window[0]) || $parts[$window[0]]->isNumber())),
        );
        usort($unread, fn(array $a, array $b): int => [$b[1], $a[0]] <=> [$a[1], $b[0]]);

        return array_map(fn(array $window): array => [$window[0], $window[1], $window[2]], $unread);
    }

    /** @param  array<int, ?Understood>  $taken */
    private static function isFree(array $taken, int $from, int $length): bool
    {
        for ($at = $from; $at < $from + $length; $at++) {
            if (array_key_exists($at, $taken)) {
                return false;
            }
        }

        return true;
    }

    /**
     * The words that are asked about of some parts, so that they can be fetched in one go.
     *
     * @param  list<NamePart>  $parts
     * @return array<array-key, bool> bare word => whether it stands in one piece somewhere
     */
    public static function words(array $parts): array
    {
        $words = [];
        foreach (self::windows($parts) as [, , $word, $isGlued]) {
            $words[$word] = $isGlued || ($words[$word] ?? false);
        }

        return $words;
    }

    /**
     * @param  list<NamePart>  $parts
     * @return list<array{int, int, non-empty-list<Meaning>}> from, how many parts, what they mean: those of more
     *   letters first
     */
    private function spans(array $parts): array
    {
        $spans = [];
        foreach (self::windows($parts) as [$from, $length, $word]) {
            $meanings = $this->lexicon->exactly($word);
            if ($meanings !== []) {
                $spans[] = [$from, $length, $meanings, mb_strlen($word)];
            }
        }
        usort($spans, fn(array $a, array $b): int => [$b[3], $a[0]] <=> [$a[3], $b[0]]);

        return array_map(fn(array $span): array => [$span[0], $span[1], $span[2]], $spans);
    }

    /**
     * All parts in a row that can be one word.
     *
     * @param  list<NamePart>  $parts
     * @return list<array{int, int, string, bool}> from, how many parts, bare word, whether nothing stands between them
     */
    private static function windows(array $parts): array
    {
        $windows = [];
        $count = count($parts);
        for ($from = 0; $from < $count; $from++) {
            $source = $parts[$from]->source;
            $word = '';
            $isGlued = true;
            for ($at = $from, $end = min($count, $from + self::MOST_PARTS); $at < $end; $at++) {
                $part = $parts[$at];
                if ($part->source !== $source || $part->isBracketed) {
                    break;
                }
                $isGlued = $isGlued && ($at === $from || $part->isGlued);
                $word .= $part->bare;
                if ($word !== '' && ($isGlued || mb_strlen($word) >= self::SHORTEST_ACROSS)) {
                    $windows[] = [$from, $at - $from + 1, $word, $isGlued];
                }
                foreach ($at === $from ? self::otherForms($part) : [] as $form) {
                    $windows[] = [$from, 1, $form, true];
                }
            }
        }

        return $windows;
    }

    /** @param  array<int, ?Understood>  $taken */
    private static function hasSku(array $taken): bool
    {
        foreach ($taken as $understood) {
            if ($understood?->of(MeaningKind::Sku) || $understood?->of(MeaningKind::Gtin)) {
                return true;
            }
        }

        return false;
    }

    /**
     * What else a long number may be: the same GTIN with fewer or more leading zeros, or one with the number of a shot
     * written right behind it.
     *
     * @return list<string>
     */
    private static function otherForms(NamePart $part): array
    {
        if (preg_match('/^\d{12,16}$/', $part->bare) !== 1) {
            return [];
        }
        $forms = Gtin::forms($part->bare);
        foreach (Gtin::isValid($part->bare) ? [] : [1, 2] as $behind) {
            $begin = substr($part->bare, 0, -$behind);
            if (Gtin::isValid($begin)) {
                array_push($forms, ...Gtin::forms($begin));
            }
        }

        return array_values(array_diff($forms, [$part->bare]));
    }

    /**
     * @param  list<NamePart>  $parts
     * @param  array<int, ?Understood>  $taken  by place: what begins there; null where it goes on
     * @param  array<int, PartHabit>  $habits
     */
    private function sorted(array $parts, array $taken, array $habits): NameReading
    {
        $understood = $passedOver = $numbers = $unknown = [];
        $hasSku = self::hasSku($taken);
        foreach ($parts as $at => $part) {
            $habit = $habits[$at] ?? null;
            if ($habit?->shot !== null) {
                $numbers[] = $part->counted($habit->shot);
            } elseif ($habit !== null && $habit->views === []) {
                $passedOver[] = $part;
            } elseif (array_key_exists($at, $taken)) {
                $own = $taken[$at];
                if (
                    $own !== null &&
                    $hasSku &&
                    count($own->parts) === 1 &&
                    $part->isNumber() &&
                    $own->isOnly(MeaningKind::Value)
                ) {
                    // The SKU has said its values: a number beside it is that of a shot.
                    $numbers[] = $part;
                } elseif ($own !== null) {
                    $understood[] = $own;
                }
            } elseif (Noise::isNoise($parts, $at)) {
                $passedOver[] = $part;
            } elseif ($part->isNumber()) {
                $numbers[] = $part;
            } else {
                $unknown[] = $part;
            }
        }

        return new NameReading($understood, $passedOver, $numbers, $unknown);
    }
}
