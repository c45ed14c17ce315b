<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\ChosenSkus;
use App\Catalog\LoadedProduct;
use App\Catalog\PriceToDecide;
use App\Catalog\PriceWay;
use App\Catalog\PriceWish;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\Amounts;
use App\Store\DetailRows;
use Core\Details\DetailKind;
use Core\Details\PricePlan;
use Core\Details\RuleChange;
use Core\Pricing\Money;
use Core\Pricing\OwnPrices;
use Core\Reach\Selection;

/**
 * Sets, raises, lowers or rounds prices: by their rule where the whole product or exactly one value is selected, so
 * that SKUs that come later follow; else as prices of their own.
 */
final class ChangePrices implements Act
{
    public function __construct(private readonly Keeper $keeper, private readonly SetPrices $own)
    {
    }

    /** Where the person is to be asked first, PriceToDecide passes through, and nothing is changed. */
    public function run(Change $change, Selection $selected, PriceWish $wish): ?HistoryEntry
    {
        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($wish): string {
            $chosen->some();
            $wanted = $wish->change($chosen->prices->currency);
            $part = $wish->isAsOwn() ? null : $chosen->pricedPart();
            $rule = $part === null ? null : RuleChange::of($chosen->prices, $part, $wanted);
            if ($rule === null) {
                return $this->own->write($ledger, $chosen, $wanted);
            }
            $others = $wish->others($wanted);
            $plan = PricePlan::byRule($rule, $chosen->prices, $chosen->pricedSkus(), $others);
            if ($wish->way === PriceWay::Asking && ($plan->standing !== [] || ! $rule->saysWhatIsTyped($plan))) {
                throw new PriceToDecide($chosen);
            }
            $this->write($ledger, $chosen, $rule);
            $this->own->writeOwn($ledger, $plan);

            return "Price of {$chosen->place()} {$wanted->inWords()}: ".($rule->inWords() ?: 'the rule stays')
                .$this->standingInWords($plan, $others);
        });
    }

    /** Lets go of own prices that are just what the rule makes. */
    public function letGo(Change $change): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded): string {
            $plan = PricePlan::ofNeedless($loaded->prices, $loaded->pricedSkus());
            $this->own->writeOwn($ledger, $plan);
            $count = count($plan->own);

            return number_format($count).($count === 1 ? ' own price that is' : ' own prices that are')
                .' what the rule makes let go of';
        });
    }

    public function inWords(array $wanted): string
    {
        $typed = trim((string) ($wanted['value'] ?? ''));

        return 'Price of every SKU '.($typed === '' ? 'set to the product’s' : EditDetails::priceInWords($typed));
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, $where, new PriceWish((string) ($wanted['value'] ?? '')));
    }

    private function write(Ledger $ledger, ChosenSkus $chosen, RuleChange $rule): void
    {
        $product = $chosen->product;
        $ledger->update('products', [$product->id => ['price' => Amounts::stored($rule->then->base)]]);
        DetailRows::storeAdjustments($ledger, $product->id, $rule->adjustments);
        if ($rule->ending !== null) {
            $details = $chosen->details->withWhole(DetailKind::Ending, $rule->ending->text());
            DetailRows::store($ledger, $product->id, $details);
        }
    }

    private function standingInWords(PricePlan $plan, OwnPrices $others): string
    {
        $count = count($plan->standing);
        if ($count === 0) {
            return '';
        }
        $prices = number_format($count).($count === 1 ? ' own price' : ' own prices').' ('.Money::range($plan->standing).')';

        return match ($others) {
            OwnPrices::Stay => "; {$prices} kept",
            OwnPrices::Go => "; {$prices} let go of",
            OwnPrices::Change => "; {$prices} changed too",
        };
    }
}
