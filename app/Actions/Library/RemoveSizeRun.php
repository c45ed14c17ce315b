<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\SizeRunRecord;

/** Removes a size run; the values in it stay. */
final class RemoveSizeRun
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, int $runId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($runId): string {
            $run = SizeRunRecord::query()->findOrFail($runId);
            $ledger->delete('size_runs', [$runId]);

            return "Removed the size run {$run->name}";
        });
    }
}
