<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\MatrixChoices;
use App\Catalog\StateStore;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Product\DifferenceWording;
use Core\Product\ProductState;

/** Makes a product what somebody wants it to be: the difference is stored in one transaction and one entry. */
final class ChangeProduct
{
    public function __construct(private readonly UnitOfWork $work, private readonly StateStore $store)
    {
    }

    /**
     * @param  ProductState  $wanted  its axes and values are of the library
     * @param  string  $words  why, such as the sheet it comes from; what changed is said behind it
     * @return ?HistoryEntry null where it is so already
     */
    public function run(Change $change, ProductState $wanted, string $words, MatrixChoices $choices = new MatrixChoices()): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($wanted, $words, $choices): string {
            $stored = $this->store->store($ledger, $loaded, $wanted, $choices);

            return "{$words}: ".((new DifferenceWording())->summary($stored->difference) ?: 'nothing else');
        });
    }
}
