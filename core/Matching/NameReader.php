<?php

declare(strict_types=1);

namespace Core\Matching;

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

    private const ORDER = [[MeaningKind::Sku, MeaningKind::Gtin], [MeaningKind::Product], [MeaningKind::Value, MeaningKind::View], [MeaningKind::Part]];

    public function __construct(private Lexicon $lexicon)
    {
    }

    /** @param  list<NamePart>  $parts */
    public function read(array $parts): NameReading
    {
        $spans = $this->spans($parts);
        $taken = [];
        foreach (self::ORDER as $kinds) {
            foreach ($spans as [$from, $length, $meanings]) {
                $own = array_values(array_filter($meanings, fn (Meaning $meaning): bool => in_array($meaning->kind, $kinds, true)));
                if ($own !== [] && array_intersect_key($taken, array_flip(range($from, $from + $length - 1))) === []) {
                    $taken += array_fill($from, $length, null);
                    $taken[$from] = new Understood(array_slice($parts, $from, $length), $own);
                }
            }
        }

        $this->takeSlips($parts, $taken);

        return $this->sorted($parts, $taken);
    }

    /**
     * Words that nobody knows, alone or with their neighbors, that are a letter away from one that is known.
     *
     * @param  list<NamePart>  $parts
     * @param  array<int, ?Understood>  $taken
     */
    private function takeSlips(array $parts, array &$taken): void
    {
        for ($length = self::MOST_PARTS_BY_SLIP; $length >= 1; $length--) {
            for ($from = 0; $from + $length <= count($parts); $from++) {
                $word = array_intersect_key($taken, array_flip(range($from, $from + $length - 1))) === [] ? self::word($parts, $from, $length) : null;
                $isIdle = $length === 1 && (Noise::isNoise($parts, $from) || $parts[$from]->isNumber());
                $near = $word === null || $isIdle ? [] : $this->lexicon->nearly($word);
                if ($near !== []) {
                    $taken += array_fill($from, $length, null);
                    $taken[$from] = new Understood(array_slice($parts, $from, $length), $near);
                }
            }
        }
    }

    /**
     * The words that are asked about of some parts, so that they can be fetched in one go.
     *
     * @param  list<NamePart>  $parts
     * @return list<string> bare
     */
    public static function words(array $parts): array
    {
        $words = [];
        foreach (array_keys($parts) as $from) {
            for ($length = 1; $length <= self::MOST_PARTS && $from + $length <= count($parts); $length++) {
                $word = self::word($parts, $from, $length);
                if ($word !== null) {
                    $words[$word] = $word;
                }
            }
        }

        return array_values(array_map(strval(...), $words));
    }

    /**
     * @param  list<NamePart>  $parts
     * @return list<array{int, int, non-empty-list<Meaning>}> from, how many parts, what they mean: those of more letters first
     */
    private function spans(array $parts): array
    {
        $spans = [];
        foreach (array_keys($parts) as $from) {
            for ($length = 1; $length <= self::MOST_PARTS && $from + $length <= count($parts); $length++) {
                $word = self::word($parts, $from, $length);
                $meanings = $word === null ? [] : $this->lexicon->exactly($word);
                if ($meanings !== []) {
                    $spans[] = [$from, $length, $meanings, mb_strlen((string) $word)];
                }
            }
        }
        usort($spans, fn (array $a, array $b): int => [$b[3], $a[0]] <=> [$a[3], $b[0]]);

        return array_map(fn (array $span): array => [$span[0], $span[1], $span[2]], $spans);
    }

    /**
     * @param  list<NamePart>  $parts
     * @return ?string null where these parts cannot be one word
     */
    private static function word(array $parts, int $from, int $length): ?string
    {
        $word = '';
        $isGlued = true;
        for ($at = $from; $at < $from + $length; $at++) {
            if ($parts[$at]->source !== $parts[$from]->source || $parts[$at]->isBracketed) {
                return null;
            }
            $isGlued = $isGlued && ($at === $from || $parts[$at]->isGlued);
            $word .= $parts[$at]->bare;
        }

        return $word === '' || (! $isGlued && mb_strlen($word) < self::SHORTEST_ACROSS) ? null : $word;
    }

    /**
     * @param  list<NamePart>  $parts
     * @param  array<int, ?Understood>  $taken  by place: what begins there; null where it goes on
     */
    private function sorted(array $parts, array $taken): NameReading
    {
        $understood = $passedOver = $numbers = $unknown = [];
        foreach ($parts as $at => $part) {
            if (array_key_exists($at, $taken)) {
                if ($taken[$at] !== null) {
                    $understood[] = $taken[$at];
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
