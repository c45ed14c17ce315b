<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Models\SizeRunRecord;
use Core\Matrix\Typed\TypedValue;
use Core\Matrix\Typed\ValueReader;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Makes a size run, or changes one: a name, an axis, and values of it in order. New values join the library. */
final class SaveSizeRun
{
    private const MOST_NAME = 60;

    public function __construct(private readonly UnitOfWork $work, private readonly AddLibraryValues $values) {}

    /**
     * @param  ?int  $runId  null for a new one
     *
     * @throws Refusal
     */
    public function run(Change $change, ?int $runId, string $name, int $axisId, string $typed): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use (
            $runId,
            $name,
            $axisId,
            $typed,
        ): string {
            $called = Name::of($name);
            if ($called->isEmpty() || $called->isLongerThan(self::MOST_NAME)) {
                throw new Refusal(
                    'A size run needs a name of up to ' . self::MOST_NAME . ' characters, such as XS–XXL.',
                    RefusalKind::Missing,
                    'name',
                );
            }
            if (
                SizeRunRecord::query()
                    ->where('folded', $called->folded)
                    ->whereKeyNot($runId ?? 0)
                    ->exists()
            ) {
                throw new Refusal("There is a size run {$called->shown} already.", RefusalKind::Taken, 'name');
            }
            $axis = LibraryAxis::with('values')->findOrFail($axisId);
            $this->values->add($ledger, $axis, $typed);
            $row = [
                'axis_id' => $axisId,
                'name' => $called->shown,
                'folded' => $called->folded,
                'value_ids' => json_encode($this->ids($axis->load('values'), $typed), JSON_THROW_ON_ERROR),
            ];
            if ($runId === null) {
                $ledger->insert('size_runs', $row);
            } else {
                $ledger->update('size_runs', [$runId => $row]);
            }

            return ($runId === null ? 'Made' : 'Changed') . " the size run {$called->shown}";
        });
    }

    /** @return non-empty-list<int> */
    private function ids(LibraryAxis $axis, string $typed): array
    {
        $read = (new ValueReader())->read($typed, $axis->kind, $axis->knownValues());
        $ids = array_values(array_filter(array_map(fn(TypedValue $value): ?int => $value->id, $read->values)));
        if ($ids === []) {
            throw new Refusal(
                'A size run needs at least one value. Type them in order, with commas between.',
                RefusalKind::Missing,
                'values',
            );
        }

        return array_values(array_unique($ids));
    }
}
