<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenSkus;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use App\Store\Amounts;
use Core\Details\PricePlan;
use Core\Pricing\Money;
use Core\Pricing\PriceChange;
use Core\Reach\Selection;

/**
 * Gives all selected SKUs prices of their own: set, raised, lowered or rounded; an empty one gives them back to the
 * product.
 */
final class SetPrices
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /**
     * @param  string  $typed  "49.90", "+5", "-10 %", or nothing
     * @param  string  $ending  in what each of them is to end from now on; nothing for none
     */
    public function run(Change $change, Selection $selected, string $typed, string $ending = ''): ?HistoryEntry
    {
        return $this->keeper->keepSkus($change, self::class, $selected, fn (Ledger $ledger, ChosenSkus $chosen): string => $this->write(
            $ledger,
            $chosen,
            PriceChange::typed($typed, $chosen->prices->currency, $ending),
        ));
    }

    /** @return string what happened, in words */
    public function write(Ledger $ledger, ChosenSkus $chosen, PriceChange $wanted): string
    {
        $chosen->some();
        $plan = PricePlan::ofOwn($chosen->prices, $chosen->pricedSkus(), $wanted);
        if ($plan->own === []) {
            throw new Refused(
                'None of these SKUs has a price that could be changed. Set one first.',
                Kind::Impossible,
                'typed',
            );
        }
        $this->writeOwn($ledger, $plan);
        $was = $chosen->pricesInWords();
        $was = $was === '' ? 'none' : $was;

        return "Price of {$chosen->place()} {$wanted->inWords()} (was {$was})".($plan->without === 0 ? '' : "; {$plan->without} had none and have none");
    }

    /** The own prices that a plan says anew. */
    public function writeOwn(Ledger $ledger, PricePlan $plan): void
    {
        $ledger->update(
            'skus',
            array_map(fn (?Money $price): array => ['price' => Amounts::stored($price)], $plan->own),
        );
    }
}
