<?php

declare(strict_types=1);

namespace Core\Matching;

use Core\Gallery\View;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Lexicon;
use Core\Matching\Names\MeaningKind;
use Core\Matching\Names\NamePart;
use Core\Matching\Names\NameReading;
use Core\Matching\Names\NameSource;
use Core\Matching\Names\ProductFinder;
use Core\Matching\Names\ValueFinder;
use Core\Matching\Shoots\FoundCard;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Reach\Clause;
use Core\Reach\Reach;

/** Concludes from what was understood of a name which product it is of, which part of it, and which view. */
final readonly class NameMatcher
{
    /** Where a word that nobody knows stands beside a color: it is as likely a part of that color's name. */
    private const WITH_A_SHADE = 0.7;

    /** Letters of a word that may matter. */
    private const LEAST_REST = 3;

    private ProductFinder $products;

    private ValueFinder $values;

    private ColorForms $forms;

    public function __construct(private Lexicon $lexicon)
    {
        $this->products = new ProductFinder($lexicon);
        $this->values = new ValueFinder($lexicon);
        $this->forms = new ColorForms($lexicon);
    }

    public function judge(NameReading $reading, Circumstances $known = new Circumstances()): Verdict
    {
        $case = new OpenCase();
        $product = $this->products->find($reading, $known, $case);
        $view = $known->view ?? ($this->view($reading, $case) ?? $known->card?->view);
        $place = $this->place($reading);
        if ($product === null) {
            return new Verdict(null, null, $view, $place, 0.0, $case->reasons, $case->doubts, $reading);
        }
        $reading = $this->forms->understand($reading->withoutGround(), $product, $known->senders);
        $values = $this->isOfAllBySku($reading, $view)
            ? []
            : $this->values->find($reading, $product, $case, $known->common);
        if ($known->card !== null) {
            $values = $this->withCard($values, $known->card, $product, $case);
        }
        $resembles = $known->seen?->resembles?->productId === $product->id ? $known->seen->resembles : null;
        $reach = $this->reach($product, $values, $view, $known->seen, $case);
        $view ??= $resembles?->view;
        foreach ($reading->unknown as $part) {
            if (
                // What a camera or a studio calls its files says nothing beside a card.
                $known->card === null &&
                $part->source === NameSource::File &&
                mb_strlen($part->bare) >= self::LEAST_REST &&
                !in_array($part->bare, $known->common, true)
            ) {
                $this->doubtWord($reading, $part, $product, $case);
            }
        }

        return new Verdict(
            $product->id,
            $reach,
            $view,
            $place,
            $case->confidence,
            $case->reasons,
            $case->doubts,
            $reading,
            $case->isByPart,
            $case->contradiction,
            $this->narrower($product, $values),
        );
    }

    /**
     * @param  array<int, list<int>>  $values  axis id => values that the name says
     * @return array<int, list<int>> the same with what the card says where the name is silent
     */
    private function withCard(array $values, FoundCard $card, KnownProduct $product, OpenCase $case): array
    {
        $case->atMost(Exactness::Sku->confidence());
        $case->reasons[] = "It was taken after the slate card of {$card->words}.";
        foreach ($card->part->values as $axisId => $valueId) {
            if (($values[$axisId] ?? []) === []) {
                $values[$axisId] = [$valueId];
                $case->byCard[$axisId] = true;
            } elseif (!in_array($valueId, $values[$axisId], true)) {
                $case->doubt(
                    DoubtKind::Contradiction,
                    "The name says {$product->label($axisId, $values[$axisId][0])}, the card before it {$product->label(
                        $axisId,
                        $valueId,
                    )}.",
                );
            }
        }

        return $values;
    }

    /**
     * @param  array<int, list<int>>  $values  axis id => values that the name says
     * @return array<int, int> those of axes that change no picture, such as the size: axis id => value id
     */
    private function narrower(KnownProduct $product, array $values): array
    {
        $narrower = [];
        foreach ($product->matrix->axes as $axis) {
            if (!$axis->changesPicture && count($values[$axis->id] ?? []) === 1) {
                $narrower[$axis->id] = $values[$axis->id][0];
            }
        }

        return $narrower;
    }

    /** @param  array<int, list<int>>  $values */
    private function reach(KnownProduct $product, array $values, ?View $view, ?SeenPicture $seen, OpenCase $case): Reach
    {
        $resembles = $seen?->resembles;
        if (
            $resembles !== null &&
            $resembles->productId === $product->id &&
            $case->foreign === [] &&
            array_intersect_key($values, array_flip($product->matrix->axisIds())) === []
        ) {
            $case->atMost(ColorWitness::MOST);
            $case->reasons[] = "It is nearly the same picture as {$resembles->file}, of {$product->name}.";

            return $resembles->reach;
        }
        $witness = $seen === null ? null : new ColorWitness($seen->colors, $product->swatches);
        $sets = [];
        foreach ($product->matrix->pictureAxes() as $axis) {
            $said = $values[$axis->id] ?? [];
            if (count($said) > 1) {
                $case->doubt(
                    DoubtKind::ManyValues,
                    'It names more than one ' .
                        mb_strtolower($axis->name) .
                        ': ' .
                        implode(' and ', array_map(fn(int $id): string => $product->label($axis->id, $id), $said)) .
                        '.',
                );
            }
            if ($said !== []) {
                $sets[$axis->id] = $said;
                $this->hear($witness, $product, $axis, $said, $case);
                if (isset($case->byForm[$axis->id])) {
                    $this->raise($witness, $product, $axis, $said[0], $case);
                }
            } elseif (
                ($guess =
                    isset($case->foreign[$axis->id]) || $view?->showing->isOfAll() === true
                        ? null
                        : $witness?->guess($axis)) !== null
            ) {
                $sets[$axis->id] = [$guess->valueId];
                $case->atMost($guess->confidence);
                $case->reasons[] = "The name says no {$axis->name}; the picture looks {$product->label(
                    $axis->id,
                    $guess->valueId,
                )}.";
            } elseif ($axis->count() > 1 && !isset($case->foreign[$axis->id]) && !$view?->showing->isOfAll() === true) {
                $case->doubt(DoubtKind::NoValue, "It says no {$axis->name}.");
            }
        }
        foreach ($product->matrix->axes as $axis) {
            if (!$axis->changesPicture && count($values[$axis->id] ?? []) > 1) {
                $case->doubt(DoubtKind::ManyValues, 'It names more than one ' . mb_strtolower($axis->name) . '.');
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
            $case->doubt(
                DoubtKind::Contradiction,
                (isset($case->byCard[$axis->id]) ? 'The card before it' : 'The name') .
                    " says {$product->label($axis->id, $said[0])}, the picture looks {$product->label(
                        $axis->id,
                        $looks,
                    )}.",
            );
            $case->contradiction = new Contradiction($axis->id, $said[0], $looks);
        }
    }

    /** The picture may confirm what a guessed form of a name says, which makes it no surer than likely. */
    private function raise(?ColorWitness $witness, KnownProduct $product, Axis $axis, int $saidId, OpenCase $case): void
    {
        $isSeen = $witness?->guess($axis)?->valueId === $saidId;
        $case->atMost($isSeen ? Verdict::LIKELY : Exactness::Short->confidence());
        if ($isSeen) {
            $case->reasons[] = "The picture looks {$product->label($axis->id, $saidId)} too.";
        }
    }

    /**
     * A size guide named by a SKU's code alone is of the whole product: the code says which product, not which color.
     */
    private function isOfAllBySku(NameReading $reading, ?View $view): bool
    {
        return $view?->showing->isOfAll() === true &&
            $reading->meanings(MeaningKind::Value) === [] &&
            ($reading->meanings(MeaningKind::Sku) !== [] || $reading->meanings(MeaningKind::Gtin) !== []);
    }

    private function view(NameReading $reading, OpenCase $case): ?View
    {
        $views = [];
        $best = 0.0;
        foreach ($reading->meanings(MeaningKind::View) as [$understood, $meaning]) {
            $views[$meaning->view->name ?? ''] ??= [$understood, $meaning];
            $best = max($best, $meaning->exactness->confidence());
        }
        // A word that can mean goods as well gives way to a plainer one.
        $views = array_filter($views, fn(array $pair): bool => $pair[1]->exactness->confidence() === $best);
        if (count($views) > 1) {
            $case->doubt(
                DoubtKind::ManyViews,
                'It names more than one view: ' . implode(' and ', array_keys($views)) . '.',
            );
        }
        foreach ($views as [$understood, $meaning]) {
            // A word that the shop itself has for the view takes nothing from the surest code.
            $case->atMost(
                $meaning->exactness === Exactness::Own
                    ? Exactness::Sku->confidence()
                    : $meaning->exactness->confidence(),
            );
            $case->reasons[] =
                "“{$understood->text()}” is the view " . mb_strtolower((string) $meaning->view?->label()) . '.';

            return $meaning->view;
        }

        return null;
    }

    /** A word beside a color may be a part of its name: the shop has another then. */
    private function doubtWord(NameReading $reading, NamePart $part, KnownProduct $product, OpenCase $case): void
    {
        foreach ($reading->beside($part) as $understood) {
            $value = $understood->of(MeaningKind::Value)[0] ?? null;
            if ($value !== null && $product->matrix->axis((int) $value->axisId)?->kind === AxisKind::Color) {
                $isBefore = $part->at < $understood->parts[0]->at;
                $both = $isBefore ? "{$part->text} {$understood->text()}" : "{$understood->text()} {$part->text}";
                $case->doubt(
                    DoubtKind::UnknownWord,
                    "“{$part->text}” means nothing here. If “{$both}” is one name, the shop has only {$value->word}.",
                    self::WITH_A_SHADE,
                );

                return;
            }
        }
        $case->doubt(DoubtKind::UnknownWord, "“{$part->text}” means nothing here.", Verdict::LIKELY);
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
}
