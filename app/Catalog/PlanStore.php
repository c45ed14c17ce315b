<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Ledger\Ledger;
use App\Store\StateWriter;

/** Writes a planned change of the matrix: axes, values, SKUs, reaches. */
final class PlanStore
{
    public function store(Ledger $ledger, LoadedProduct $loaded, PlannedChange $planned): void
    {
        $after = PlannedState::of($loaded->state(), $planned, $loaded->product->version);
        $writer = new StateWriter([$loaded->product->id]);
        $writer->write($ledger, $loaded->product->id, $loaded->state(), $after);
        $writer->flush();
    }
}
