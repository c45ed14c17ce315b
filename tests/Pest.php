<?php

declare(strict_types=1);

use App\Ledger\Ledger;
use App\Ledger\RowChange;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

// Core tests need neither; they run with no application and no database.
pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature', 'Reference/App');

/** @return list<RowChange> */
function changesOf(Ledger $ledger): array
{
    return iterator_to_array($ledger->log(), false);
}
