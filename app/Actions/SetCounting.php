<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\CountingPlan;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Store\DetailRows;
use Core\Details\Counting;

/** Says what the stock of a product is counted for. */
final class SetCounting
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    public function run(Change $change, Counting $to): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($to): string {
            $plan = new CountingPlan($loaded, $to);
            DetailRows::store($ledger, $loaded->product->id, $plan->details);

            return "Stock counted for {$to->inWords()} (was {$loaded->book->counting->inWords()}): {$plan->inWords()}";
        });
    }
}
