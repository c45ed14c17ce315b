<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Color\PictureColors;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Reach\Clause;
use Core\Reach\Reach;

/** Concludes from what was understood of a name which product it is of, which part of it, and which view. */
final readonly class Judge
{
    /** Of what contradicts itself, or leaves open what has to be said. */
    private const IN_DOUBT = 0.5;

    /** Where a word is left that nobody knows: it may be the one that matters. */
    private const WITH_A_REST = 0.85;

    /** Letters of a word that may matter. */
    private const LEAST_REST = 3;

    /** Views of the whole product, whatever its color. */
    private const OF_ALL = [View::SizeGuide, View::Pack];

    public function __construct(private Lexicon $lexicon)
    {
    }

    /**
     * @param  ?int  $givenId  the product, where it is given and only its parts are asked
     * @param  list<string>  $common  unknown words, bare, that stand in many names of the drop and so tell none apart
     * @param  ?int  $usualId  the product that all others of the folder are of, where the name says none
     * @param  list<int>  $trusted  products whose names so many of the drop have a word of, that it is meant by it
     * @param  ?PictureColors  $seen  what was measured of the picture
     */
    public function judge(NameReading $reading, ?int $givenId = null, array $common = [], ?int $usualId = null, array $trusted = [], ?PictureColors $seen = null): Verdict
    {
        $case = new OpenCase();
        $product = $this->product($reading, $givenId, $usualId, $trusted, $case);
        [$view, $place] = [$this->view($reading, $case), $this->place($reading)];
        if ($product === null) {
            return new Verdict(null, null, $view, $place, 0.0, $case->reasons, $case->doubts, $reading);
        }
        $values = $this->values($reading, $product, $case);
        $reach = $this->reach($product, $values, $view, $seen === null ? null : new ColorWitness($seen, $product->swatches), $case);
        foreach ($reading->unknown as $part) {
            if ($part->source === NameSource::File && mb_strlen($part->bare) >= self::LEAST_REST && ! in_array($part->bare, $common, true)) {
                $case->atMost(self::WITH_A_REST);
                $case->doubts[] = "“{$part->text}” means nothing here.";
            }
        }

        return new Verdict($product->id, $reach, $view, $place, $case->confidence, $case->reasons, $case->doubts, $reading, $case->isByPart, $case->foreignWords, $case->contradiction);
    }

    /**
     * The values of axes that change no picture, such as the size, that a name says beside the rest.
     *
     * @return array<int, int> axis id => value id
     */
    public function narrower(NameReading $reading, int $productId): array
    {
        $product = $this->lexicon->product($productId);
        if ($product === null) {
            return [];
        }
        $values = $this->values($reading, $product, new OpenCase());
        $narrower = [];
        foreach ($product->matrix->axes as $axis) {
            if (! $axis->changesPicture && count($values[$axis->id] ?? []) === 1) {
                $narrower[$axis->id] = $values[$axis->id][0];
            }
        }

        return $narrower;
    }

    /** @param  list<int>  $trusted */
    private function product(NameReading $reading, ?int $givenId, ?int $usualId, array $trusted, OpenCase $case): ?KnownProduct
    {
        $said = [];
        foreach ([MeaningKind::Sku, MeaningKind::Gtin, MeaningKind::Product] as $kind) {
            foreach ($reading->meanings($kind) as [$understood, $meaning]) {
                $said[(int) $meaning->productId] ??= [$understood, $meaning];
            }
        }
        $id = $givenId ?? (count($said) === 1 ? array_key_first($said) : null) ?? ($said === [] ? $usualId : null);
        if ($id === null && $said !== []) {
            $id = array_key_first($said);
            $case->atMost(self::IN_DOUBT);
            $case->doubts[] = 'It names more than one product: '.implode(', ', array_map(fn (array $pair): string => "“{$pair[1]->word}”", $said)).'.';
        }
        $id ??= $this->byPart($reading, $trusted, $case);
        $product = $id === null ? null : $this->lexicon->product($id);
        if ($product === null) {
            $case->doubts[] = 'Nothing in the name is a code or the name of a product.';

            return null;
        }
        if (isset($said[$product->id])) {
            [$understood, $meaning] = $said[$product->id];
            $case->atMost($meaning->exactness->confidence());
            $case->reasons[] = match ($meaning->kind) {
                MeaningKind::Gtin => "{$understood->text()} is the GTIN of {$meaning->word}, {$product->name}.",
                MeaningKind::Sku => "“{$understood->text()}” is the SKU {$meaning->word}, {$product->name}.",
                default => $meaning->exactness === Exactness::Slip ? "“{$understood->text()}” is a letter away from {$meaning->word}, {$product->name}." : "“{$understood->text()}” is {$product->name}.",
            };
        } elseif ($givenId === null && ! $case->isByPart) {
            $case->atMost(Exactness::Synonym->confidence());
            $case->reasons[] = "The others beside it are all of {$product->name}.";
        }
        foreach ($givenId === null ? [] : $said as $otherId => [$understood, $meaning]) {
            if ($otherId !== $givenId) {
                $case->atMost(self::IN_DOUBT);
                $case->doubtAsForeign("“{$understood->text()}” is ".($this->lexicon->product($otherId)->name ?? 'another product').'.');
            }
        }

        return $product;
    }

    /**
     * The only product that has all those words of names that are not codes.
     *
     * @param  list<int>  $trusted
     */
    private function byPart(NameReading $reading, array $trusted, OpenCase $case): ?int
    {
        $ids = null;
        $words = [];
        foreach ($reading->understood as $understood) {
            $own = array_map(fn (Meaning $meaning): int => (int) $meaning->productId, $understood->of(MeaningKind::Part));
            if ($own !== []) {
                $ids = $ids === null ? $own : array_values(array_intersect($ids, $own));
                $words[] = "“{$understood->text()}”";
            }
        }
        if (count($ids ?? []) !== 1) {
            return null;
        }
        [$id] = $ids;
        $case->isByPart = true;
        $name = $this->lexicon->product($id)->name ?? '';
        $isTrusted = in_array($id, $trusted, true);
        $case->atMost($isTrusted ? Exactness::Synonym->confidence() : Exactness::Part->confidence());
        $case->reasons[] = implode(' and ', $words)." stands in the name of {$name} alone".($isTrusted ? ', and all others of the drop that say so fit it.' : '.');

        return $id;
    }

    /**
     * @return array<int, list<int>> axis id => values that the name says, each once
     */
    private function values(NameReading $reading, KnownProduct $product, OpenCase $case): array
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
                $case->atMost(self::IN_DOUBT);
                $case->doubts[] = "“{$understood->text()}” can be ".implode(' or ', array_map(fn (Meaning $meaning): string => $this->called($product, (int) $meaning->axisId, (int) $meaning->valueId), $free)).'.';
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
                    $case->atMost(self::IN_DOUBT);
                    $case->doubtAsForeign("{$product->name} does not come in {$meanings[0]->word}.");
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
                $called = $this->called($product, (int) $meaning->axisId, (int) $meaning->valueId);
                $case->reasons[] = "“{$understood->text()}” is ".match ($meaning->exactness) {
                    Exactness::Slip => "a letter away from {$called}.",
                    Exactness::Synonym => "another word for {$called}.",
                    default => "{$called}.",
                };
            }
        }
    }

    /** @param  array<int, list<int>>  $values */
    private function reach(KnownProduct $product, array $values, ?View $view, ?ColorWitness $witness, OpenCase $case): Reach
    {
        $sets = [];
        foreach ($product->matrix->pictureAxes() as $axis) {
            $said = $values[$axis->id] ?? [];
            if (count($said) > 1) {
                $case->atMost(self::IN_DOUBT);
                $case->doubts[] = 'It names more than one '.mb_strtolower($axis->name).': '.implode(' and ', array_map(fn (int $id): string => $this->called($product, $axis->id, $id), $said)).'.';
            }
            if ($said !== []) {
                $sets[$axis->id] = $said;
                $this->hear($witness, $product, $axis, $said, $case);
            } elseif (($guess = isset($case->foreign[$axis->id]) || in_array($view, self::OF_ALL, true) ? null : $witness?->guess($axis)) !== null) {
                $sets[$axis->id] = [$guess->valueId];
                $case->atMost($guess->confidence);
                $case->reasons[] = "The name says no {$axis->name}; the picture looks {$this->called($product, $axis->id, $guess->valueId)}.";
            } elseif ($axis->count() > 1 && ! isset($case->foreign[$axis->id]) && ! in_array($view, self::OF_ALL, true)) {
                $this->lacks($axis, $case);
            }
        }
        foreach ($product->matrix->axes as $axis) {
            if (! $axis->changesPicture && count($values[$axis->id] ?? []) > 1) {
                $case->atMost(self::IN_DOUBT);
                $case->doubts[] = 'It names more than one '.mb_strtolower($axis->name).'.';
            }
        }

        return $sets === [] ? Reach::everything() : Reach::of(Clause::of($sets));
    }

    /**
     * The picture may speak against what the name says.
     *
     * @param  non-empty-list<int>  $said  value ids
     */
    private function hear(?ColorWitness $witness, KnownProduct $product, Axis $axis, array $said, OpenCase $case): void
    {
        $looks = count($said) === 1 ? $witness?->against($axis, $said[0]) : null;
        if ($looks !== null) {
            $case->atMost(self::IN_DOUBT);
            $case->doubts[] = "The name says {$this->called($product, $axis->id, $said[0])}, the picture looks {$this->called($product, $axis->id, $looks)}.";
            $case->contradiction = new Contradiction($axis->id, $said[0], $looks);
        }
    }

    private function lacks(Axis $axis, OpenCase $case): void
    {
        $case->atMost(self::IN_DOUBT);
        $case->doubts[] = "It says no {$axis->name}.";
    }

    private function view(NameReading $reading, OpenCase $case): ?View
    {
        $views = [];
        $best = 0.0;
        foreach ($reading->meanings(MeaningKind::View) as [$understood, $meaning]) {
            $views[$meaning->view->value ?? ''] ??= [$understood, $meaning];
            $best = max($best, $meaning->exactness->confidence());
        }
        // A word that can mean goods as well gives way to a plainer one.
        $views = array_filter($views, fn (array $pair): bool => $pair[1]->exactness->confidence() === $best);
        if (count($views) > 1) {
            $case->atMost(self::IN_DOUBT);
            $case->doubts[] = 'It names more than one view: '.implode(' and ', array_keys($views)).'.';
        }
        foreach ($views as [$understood, $meaning]) {
            $case->atMost($meaning->exactness->confidence());
            $case->reasons[] = "“{$understood->text()}” is the view ".mb_strtolower((string) $meaning->view?->label()).'.';

            return $meaning->view;
        }

        return null;
    }

    /** The last small number that means nothing else. */
    private function place(NameReading $reading): ?int
    {
        $last = null;
        foreach ($reading->numbers as $number) {
            $last = $number->source === NameSource::File ? (int) $number->bare : $last;
        }

        return $last;
    }

    private function called(KnownProduct $product, int $axisId, int $valueId): string
    {
        return $product->matrix->choice(Combination::of([$axisId => $valueId]))[$product->matrix->axis($axisId)->name ?? ''] ?? '';
    }
}
