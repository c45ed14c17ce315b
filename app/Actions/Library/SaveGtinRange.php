<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\GtinRangeRecord;
use App\Models\HistoryEntry;
use App\Store\Library\GtinRangeForm;
use Core\Refusal;
use Core\RefusalKind;

/** Makes a range of numbers that the company may give, changes it, or lets it go; GTINs that were given stay. */
final class SaveGtinRange
{
    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  ?int  $rangeId  null for a new one
     *
     * @throws Refusal
     */
    public function run(Change $change, ?int $rangeId, GtinRangeForm $form): ?HistoryEntry
    {
        $called = $form->name;
        $range = $form->range();

        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $rangeId,
            $called,
            $range,
        ): string {
            if (
                GtinRangeRecord::query()
                    ->where('folded', $called->folded)
                    ->whereKeyNot($rangeId ?? 0)
                    ->exists()
            ) {
                throw new Refusal("There is a range {$called->shown} already.", RefusalKind::Taken, 'name');
            }
            $row = [
                'name' => $called->shown,
                'folded' => $called->folded,
                'prefix' => $range->prefix,
                'first' => (string) $range->from,
                'last' => (string) $range->to,
            ];
            $rangeId === null
                ? $ledger->insert('gtin_ranges', $row)
                : $ledger->update('gtin_ranges', [$rangeId => $row]);

            return ($rangeId === null ? 'Made' : 'Changed') .
                " the GTIN range {$called->shown}: " .
                implode(' to ', $range->ends());
        });
    }

    public function remove(Change $change, int $rangeId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($rangeId): string {
            $record = GtinRangeRecord::query()->findOrFail($rangeId);
            $ledger->delete('gtin_ranges', [$rangeId]);

            return "Removed the GTIN range {$record->name}; numbers that were given stay";
        });
    }
}
