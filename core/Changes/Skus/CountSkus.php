<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Product\ChosenSkus;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Core\Stock\StockChange;

/**
 * Sets, adds to or takes from the units that the selected SKUs are sold from, or says that nobody counts them. Where
 * several SKUs are sold from the same units, these are changed once.
 */
final readonly class CountSkus implements SkuChange
{
    /** Parts that are named at most. */
    private const NAMED = 20;

    /** @param  string  $typed  "12", "+5", "-3", or nothing where the units are not counted */
    public function __construct(private Selection $selection, private string $typed) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws Refusal */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $wanted = StockChange::typed($this->typed);
        $skus = $chosen->some();
        if ($chosen->book->counting === Counting::None) {
            throw new Refusal(
                'The stock of this product is not counted. Say first what it is counted for: More, Count for.',
                RefusalKind::Impossible,
                'typed',
            );
        }
        $counted = count(array_filter($skus, fn(Sku $sku): bool => $chosen->units($sku) !== null));
        if ($wanted->isOfWhatIs() && $counted === 0) {
            throw new Refusal(
                'Nobody has counted these yet: there is nothing to add to or take from. Set what is there.',
                RefusalKind::Impossible,
                'typed',
            );
        }
        $was = (new StockCount($skus, $chosen->book))->range();
        $rest = count($skus) - $counted;

        return new Changed(
            $this->state($chosen, $wanted),
            "Stock of {$this->place($chosen)} {$wanted->inWords()} (was {$was})" .
                ($wanted->isOfWhatIs() && $rest > 0 ? "; {$rest} are not counted, as before" : ''),
        );
    }

    private function state(ChosenSkus $chosen, StockChange $wanted): ProductState
    {
        $state = $chosen->product->state;
        $units = fn(Sku $sku): ?int => $wanted->of($chosen->units($sku), $chosen->placeOf($sku));
        if ($chosen->book->counting === Counting::Sku) {
            return $state->withSkus(array_map(fn(Sku $sku): Sku => $sku->counted($units($sku)), $chosen->skus));
        }
        $details =
            $chosen->book->counting === Counting::Product
                ? $chosen->details->withWhole(DetailKind::ProductUnits, (string) $units($chosen->some()[0]))
                : $this->pooled($chosen, $units);

        return $state->withDetails($state->details->saying($details));
    }

    /** @param  callable(Sku): ?int  $units */
    private function pooled(ChosenSkus $chosen, callable $units): Details
    {
        $bySource = [];
        foreach ($chosen->skus as $sku) {
            $bySource[$chosen->product->source($sku)] = $sku;
        }
        $byText = [];
        foreach ($bySource as $sku) {
            $byText[(string) $units($sku)][] = Clause::at($chosen->book->part($sku->cell));
        }
        $details = $chosen->details;
        foreach ($byText as $text => $clauses) {
            $details = $details->pooled(Reach::of(...$clauses), (string) $text, $chosen->matrix);
        }

        return $details;
    }

    /** Where it was changed; all that is sold from the same units is meant. */
    private function place(ChosenSkus $chosen): string
    {
        $part = fn(Sku $sku): string => $chosen->matrix->inWordsOr(
            $chosen->book->part($sku->cell),
            'the whole product',
        );

        return match ($chosen->book->counting) {
            Counting::Product => 'the whole product, counted together,',
            Counting::Pictures => implode(
                '; ',
                array_slice(array_unique(array_map($part, $chosen->skus)), 0, self::NAMED),
            ) . ', counted together,',
            default => $chosen->place(),
        };
    }
}
