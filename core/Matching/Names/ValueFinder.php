<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Matching\DoubtKind;
use Core\Matching\Exactness;
use Core\Matching\OpenCase;
use Core\Sizes\SizeReader;

/**
 * Finds which values of a product a name says, each axis settled by what else the name says where a word fits several.
 */
final readonly class ValueFinder
{
    /** Letters of a word for a style: shorter ones may be sizes. */
    private const LEAST_STYLE = 4;

    public function __construct(private Lexicon $lexicon) {}

    /**
     * @param  list<string>  $common  unknown words, bare, that are the sender's own
     * @return array<int, list<int>> axis id => values that the name says, each once
     */
    public function find(NameReading $reading, KnownProduct $product, OpenCase $case, array $common = []): array
    {
        $values = [];
        foreach ([MeaningKind::Sku, MeaningKind::Gtin] as $kind) {
            foreach ($reading->meanings($kind) as [, $meaning]) {
                $cell = $meaning->productId === $product->id ? $this->lexicon->sku((int) $meaning->skuId) : null;
                foreach ($cell->values ?? [] as $axisId => $valueId) {
                    $values[$axisId][$valueId] = true;
                }
            }
        }
        $open = [];
        foreach ($this->ofProduct($reading, $product, $case, $common) as [$understood, $meanings]) {
            $axes = array_unique(array_map(fn(Meaning $meaning): int => (int) $meaning->axisId, $meanings));
            if (count($axes) === 1) {
                $this->take($values, $understood, $meanings, $product, $case);
            } else {
                $open[] = [$understood, $meanings];
            }
        }
        // What fits two axes is settled by what else the name says.
        foreach ($open as [$understood, $meanings]) {
            $free = array_values(
                array_filter($meanings, fn(Meaning $meaning): bool => !isset($values[$meaning->axisId])),
            );
            if (
                $free !== [] &&
                count(array_unique(array_map(fn(Meaning $meaning): int => (int) $meaning->axisId, $free))) === 1
            ) {
                $this->take($values, $understood, $free, $product, $case);
            } elseif ($free !== []) {
                $case->doubt(
                    DoubtKind::ManyMeanings,
                    "“{$understood->text()}” can be " .
                        implode(
                            ' or ',
                            array_map(
                                fn(Meaning $meaning): string => $product->label(
                                    (int) $meaning->axisId,
                                    (int) $meaning->valueId,
                                ),
                                $free,
                            ),
                        ) .
                        '.',
                );
            }
        }

        return array_map(fn(array $ids): array => array_keys($ids), $values);
    }

    /**
     * Words for values, those of the file's own name first: what a folder says of an axis counts only where the name is
     * silent.
     *
     * @param  list<string>  $common
     * @return list<array{Understood, non-empty-list<Meaning>}>
     */
    private function ofProduct(NameReading $reading, KnownProduct $product, OpenCase $case, array $common): array
    {
        $found = $settled = $named = [];
        foreach ([true, false] as $isOwn) {
            $now = [];
            foreach ($reading->understood as $understood) {
                $meanings = $understood->of(MeaningKind::Value);
                if ($meanings === [] || ($understood->parts[0]->source === NameSource::File) !== $isOwn) {
                    continue;
                }
                $all = array_values(
                    array_filter($meanings, fn(Meaning $meaning): bool => $this->isOf($meaning, $product)),
                );
                $own = $isOwn
                    ? $all
                    : array_values(
                        array_filter($all, fn(Meaning $meaning): bool => !isset($settled[$meaning->axisId])),
                    );
                $word = $isOwn || $all === [] ? null : $this->strangerBeside($reading, $understood, $common);
                if (!$isOwn && $word === null) {
                    $this->compare($all, $named, $product, $case);
                }
                if ($own !== []) {
                    if ($word !== null) {
                        $case->doubt(
                            DoubtKind::Folder,
                            "The folder says “{$understood->text()}” beside “{$word->text}”: nobody knows whether that is {$own[0]->word}.",
                        );
                    }
                    $found[] = [$understood, $own];
                    foreach ($own as $meaning) {
                        $now[(int) $meaning->axisId] = true;
                        $named[(int) $meaning->axisId][(int) $meaning->valueId] = true;
                    }
                } elseif (
                    $isOwn &&
                    $understood->of(MeaningKind::View) === [] &&
                    $this->isForeign($understood, $meanings, $product)
                ) {
                    $case->doubt(DoubtKind::NotOffered, "{$product->name} does not come in {$meanings[0]->word}.");
                    $case->foreign[(int) $meanings[0]->axisId] = true;
                }
            }
            $settled += $now;
        }

        return $found;
    }

    /**
     * Whether a word means a value that the product does not come in and that pictures show: of one of its own axes, or
     * of one that it does not have, unless it may be a size or a number.
     *
     * @param  non-empty-list<Meaning>  $meanings
     */
    private function isForeign(Understood $understood, array $meanings, KnownProduct $product): bool
    {
        foreach ($meanings as $meaning) {
            $axis = $product->matrix->axis((int) $meaning->axisId);
            if ($axis?->changesPicture === true || ($axis === null && !$this->mayBeSize($understood))) {
                return true;
            }
        }

        return false;
    }

    private function mayBeSize(Understood $understood): bool
    {
        $text = $understood->text();

        return preg_match('/\p{N}/u', $text) === 1 ||
            mb_strlen($text) < self::LEAST_STYLE ||
            (new SizeReader())->read($text)->isKnown();
    }

    private function isOf(Meaning $meaning, KnownProduct $product): bool
    {
        return ($meaning->productId === null || $meaning->productId === $product->id) &&
            $product->matrix->axis((int) $meaning->axisId)?->has((int) $meaning->valueId) === true;
    }

    /**
     * A word of a folder that nobody knows and that stands right beside another: "Black Friday" is no color.
     *
     * @param  list<string>  $common
     */
    private function strangerBeside(NameReading $reading, Understood $understood, array $common): ?NamePart
    {
        foreach ($reading->unknown as $part) {
            if (
                $part->source === $understood->parts[0]->source &&
                !in_array($part->bare, $common, true) &&
                in_array($understood, $reading->beside($part), true)
            ) {
                return $part;
            }
        }

        return null;
    }

    /**
     * A folder that says another value than the name speaks against it.
     *
     * @param  list<Meaning>  $folder  what a word of the folder means
     * @param  array<int, array<int, true>>  $named  axis id => values that the name says
     */
    private function compare(array $folder, array $named, KnownProduct $product, OpenCase $case): void
    {
        foreach ($folder as $meaning) {
            $said = $named[(int) $meaning->axisId] ?? [];
            $isPicture = $product->matrix->axis((int) $meaning->axisId)?->changesPicture === true;
            if ($isPicture && $said !== [] && !isset($said[(int) $meaning->valueId])) {
                $case->doubt(
                    DoubtKind::Folder,
                    "The folder says {$product->label(
                        (int) $meaning->axisId,
                        (int) $meaning->valueId,
                    )}, the name says {$product->label((int) $meaning->axisId, array_key_first($said))}.",
                );
            }
        }
    }

    /**
     * @param  array<int, array<int, true>>  $values  axis id => value id
     * @param  non-empty-list<Meaning>  $meanings  of one axis
     */
    private function take(
        array &$values,
        Understood $understood,
        array $meanings,
        KnownProduct $product,
        OpenCase $case,
    ): void {
        $best = max(array_map(fn(Meaning $meaning): float => $meaning->exactness->confidence(), $meanings));
        foreach ($meanings as $meaning) {
            $isKnown = isset($values[$meaning->axisId][$meaning->valueId]);
            if (!$isKnown && $meaning->exactness->confidence() === $best) {
                $values[(int) $meaning->axisId][(int) $meaning->valueId] = true;
                if ($meaning->exactness->isForm()) {
                    $case->byForm[(int) $meaning->axisId] = true;
                } else {
                    $case->atMost($best);
                }
                $called = $product->label((int) $meaning->axisId, (int) $meaning->valueId);
                $case->reasons[] =
                    "“{$understood->text()}” is " .
                    match ($meaning->exactness) {
                        Exactness::Slip => "a letter away from {$called}.",
                        Exactness::Turned => "{$called} with its words turned.",
                        Exactness::Halved => "half of {$called}, and of no other that it comes in.",
                        Exactness::Short => "taken as short for {$called}, the only one that it comes in.",
                        Exactness::Inflected => "taken as another form of {$called}.",
                        Exactness::Synonym => "another word for {$called}.",
                        default => "{$called}.",
                    };
            }
        }
    }
}
