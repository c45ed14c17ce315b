<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\Amounts;
use App\Catalog\ChosenSkus;
use App\Catalog\PricePlan;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\PriceChange;
use Core\Reach\Selection;
use Core\Text\NumberReader;

/** Sets, raises, lowers or rounds the prices of all selected SKUs; an empty price leaves them at the product's. */
final class SetPrices implements Act
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
        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($typed, $ending): string {
            $wanted = PriceChange::typed($typed, Currency::of($chosen->product->currency), $ending);
            $plan = new PricePlan($chosen, $chosen->some(), $wanted);
            if ($plan->own === []) {
                throw new Refused('None of these SKUs has a price that could be changed. Set one first.', Kind::Impossible, 'typed');
            }
            $ledger->update('skus', array_map(fn (?Money $price): array => ['price' => Amounts::stored($price)], $plan->own));
            $was = $chosen->pricesInWords();
            $was = $was === '' ? 'none' : $was;

            return "Price of {$chosen->place()} {$wanted->inWords()} (was {$was})".($plan->without === 0 ? '' : "; {$plan->without} had none and have none");
        });
    }

    public function inWords(array $wanted): string
    {
        $typed = trim((string) ($wanted['value'] ?? ''));

        return match (true) {
            $typed === '' => 'Price of every SKU set to the product’s',
            preg_match('/^[+\-−–]|%$/u', $typed) === 1 => "Price of every SKU changed by {$typed}",
            default => 'Price of every SKU set to '.NumberReader::read($typed),
        };
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, $where, (string) ($wanted['value'] ?? ''));
    }
}
