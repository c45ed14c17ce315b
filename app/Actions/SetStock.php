<?php

declare(strict_types=1);

namespace App\Actions;

use App\Batches\Act;
use App\Catalog\ChosenSkus;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use App\Store\DetailRows;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Stock\StockChange;

/**
 * Sets, adds to or takes from the units that the selected SKUs are sold from, or says that nobody counts them. Where
 * several SKUs are sold from the same units, these are changed once.
 */
final class SetStock implements Act
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string  $typed  "12", "+5", "-3", or nothing where the units are not counted */
    public function run(Change $change, Selection $selected, string $typed): ?HistoryEntry
    {
        $wanted = StockChange::typed($typed);

        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($wanted): string {
            $skus = $chosen->some();
            $counting = $chosen->book->counting;
            if ($counting === Counting::None) {
                throw new Refused('The stock of this product is not counted. Say first what it is counted for: More, Count for.', Kind::Impossible, 'typed');
            }
            $counted = array_filter($skus, fn (Sku $sku): bool => $chosen->units($sku) !== null);
            if ($wanted->isOfWhatIs() && $counted === []) {
                throw new Refused('Nobody has counted these yet: there is nothing to add to or take from. Set what is there.', Kind::Impossible, 'typed');
            }
            if ($counting === Counting::Sku) {
                $ledger->update('skus', array_column(array_map(fn (Sku $sku): array => [$sku->id, ['stock' => $wanted->of($sku->stock, $chosen->placeOf($sku))]], $skus), 1, 0));
            } else {
                DetailRows::store($ledger, $chosen->product->id, $this->shared($chosen, $wanted));
            }
            $was = (new StockCount($skus, $chosen->book))->range();
            $rest = count($skus) - count($counted);

            return "Stock of {$this->place($chosen)} {$wanted->inWords()} (was {$was})".($wanted->isOfWhatIs() && $rest > 0 ? "; {$rest} are not counted, as before" : '');
        });
    }

    public function inWords(array $wanted): string
    {
        return 'Stock of every SKU '.StockChange::typed((string) ($wanted['value'] ?? ''))->inWords();
    }

    public function act(Change $change, Selection $where, array $wanted): ?HistoryEntry
    {
        return $this->run($change, $where, (string) ($wanted['value'] ?? ''));
    }

    private function shared(ChosenSkus $chosen, StockChange $wanted): Details
    {
        $text = fn (Sku $sku): string => (string) $wanted->of($chosen->units($sku), $chosen->placeOf($sku));
        if ($chosen->book->counting === Counting::Product) {
            return $chosen->details->withWhole(DetailKind::ProductUnits, $text($chosen->some()[0]));
        }
        $details = $chosen->details;
        $byText = [];
        foreach (array_column(array_map(fn (Sku $sku): array => [$chosen->source($sku), $sku], $chosen->skus), 1, 0) as $sku) {
            $byText[$text($sku)][] = Clause::at($chosen->book->part($sku->cell));
        }
        foreach ($byText as $units => $clauses) {
            $details = $details->pooled(Reach::of(...$clauses), (string) $units, $chosen->matrix);
        }

        return $details;
    }

    /** Where it was changed; all that is sold from the same units is meant. */
    private function place(ChosenSkus $chosen): string
    {
        return match ($chosen->book->counting) {
            Counting::Product => 'the whole product, counted together,',
            Counting::Pictures => implode('; ', array_slice(array_unique(array_map(fn (Sku $sku): string => $chosen->matrix->inWords($chosen->book->part($sku->cell)) ?: 'the whole product', $chosen->skus)), 0, 20)).', counted together,',
            default => $chosen->place(),
        };
    }
}
