<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\RecordedChanges;
use App\Models\HistoryEntry;
use Illuminate\Support\Facades\DB;

/**
 * Entries older than a settable age keep their words, and let go of the changed rows: they cannot be undone any more.
 */
final readonly class HistoryPruning
{
    private const CHUNK = 500;

    /** @param  ?int  $days  the age; null where every change can be undone for ever */
    public function __construct(private ?int $days) {}

    /** @return int how many let go now; at most a chunk, so that whoever asks can do other things in between */
    public function prune(): int
    {
        if ($this->days === null) {
            return 0;
        }
        $ids = array_values(
            HistoryEntry::query()
                ->where('is_final', false)
                ->where('created_at', '<', now()->subDays($this->days))
                ->orderBy('created_at')
                ->limit(self::CHUNK)
                ->pluck('id')
                ->all(),
        );
        DB::transaction(function () use ($ids): void {
            HistoryEntry::query()
                ->whereKey($ids)
                ->update(['is_final' => true]);
            RecordedChanges::forget($ids);
        });

        return count($ids);
    }
}
