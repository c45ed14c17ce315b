<?php

declare(strict_types=1);

namespace Core\Matching;

/** Finds which values of a product a name says, each axis settled by what else the name says where a word fits several. */
final readonly class ValueFinder
{
    public function __construct(private Lexicon $lexicon)
    {
    }

    /**
     * @return array<int, list<int>> axis id => values that the name says, each once
     */
    public function find(NameReading $reading, KnownProduct $product, OpenCase $case): array
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
        foreach ($this->ofProduct($reading, $product, $case) as [$understood, $meanings]) {
            $axes = array_unique(array_map(fn (Meaning $meaning): int => (int) $meaning->axisId, $meanings));
            if (count($axes) === 1) {
                $this->take($values, $understood, $meanings, $product, $case);
            } else {
                $open[] = [$understood, $meanings];
            }
        }
        // What fits two axes is settled by what else the name says.
        foreach ($open as [$understood, $meanings]) {
            $free = array_values(array_filter($meanings, fn (Meaning $meaning): bool => ! isset($values[$meaning->axisId])));
            if ($free !== [] && count(array_unique(array_map(fn (Meaning $meaning): int => (int) $meaning->axisId, $free))) === 1) {
                $this->take($values, $understood, $free, $product, $case);
            } elseif ($free !== []) {
                $case->doubt(DoubtKind::ManyMeanings, "“{$understood->text()}” can be ".implode(' or ', array_map(fn (Meaning $meaning): string => $product->label((int) $meaning->axisId, (int) $meaning->valueId), $free)).'.');
            }
        }

        return array_map(fn (array $ids): array => array_keys($ids), $values);
    }

    /**
     * Words for values, those of the file's own name first: what a folder says of an axis counts only where the name is silent.
     *
     * @return list<array{Understood, non-empty-list<Meaning>}>
     */
    private function ofProduct(NameReading $reading, KnownProduct $product, OpenCase $case): array
    {
        $found = [];
        $settled = [];
        foreach ([true, false] as $isOwn) {
            $now = [];
            foreach ($reading->understood as $understood) {
                $meanings = $understood->of(MeaningKind::Value);
                if ($meanings === [] || ($understood->parts[0]->source === NameSource::File) !== $isOwn) {
                    continue;
                }
                $own = array_values(array_filter($meanings, fn (Meaning $meaning): bool => ($meaning->productId === null || $meaning->productId === $product->id) && $product->matrix->axis((int) $meaning->axisId)?->has((int) $meaning->valueId) === true));
                $own = $isOwn ? $own : array_values(array_filter($own, fn (Meaning $meaning): bool => ! isset($settled[$meaning->axisId])));
                if ($own !== []) {
                    $found[] = [$understood, $own];
                    $now += array_fill_keys(array_map(fn (Meaning $meaning): int => (int) $meaning->axisId, $own), true);
                } elseif ($isOwn && $understood->of(MeaningKind::View) === [] && array_filter($meanings, fn (Meaning $meaning): bool => $product->matrix->axis((int) $meaning->axisId)?->changesPicture === true) !== []) {
                    $case->doubt(DoubtKind::NotOffered, "{$product->name} does not come in {$meanings[0]->word}.");
                    $case->foreign[(int) $meanings[0]->axisId] = true;
                }
            }
            $settled += $now;
        }

        return $found;
    }

    /**
     * @param  array<int, array<int, true>>  $values  axis id => value id
     * @param  non-empty-list<Meaning>  $meanings  of one axis
     */
    private function take(array &$values, Understood $understood, array $meanings, KnownProduct $product, OpenCase $case): void
    {
        $best = max(array_map(fn (Meaning $meaning): float => $meaning->exactness->confidence(), $meanings));
        foreach ($meanings as $meaning) {
            $isKnown = isset($values[$meaning->axisId][$meaning->valueId]);
            if (! $isKnown && $meaning->exactness->confidence() === $best) {
                $values[(int) $meaning->axisId][(int) $meaning->valueId] = true;
                $case->atMost($best);
                $called = $product->label((int) $meaning->axisId, (int) $meaning->valueId);
                $case->reasons[] = "“{$understood->text()}” is ".match ($meaning->exactness) {
                    Exactness::Slip => "a letter away from {$called}.",
                    Exactness::Synonym => "another word for {$called}.",
                    default => "{$called}.",
                };
            }
        }
    }
}
