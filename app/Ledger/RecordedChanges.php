<?php

declare(strict_types=1);

namespace App\Ledger;

use Generator;
use Illuminate\Support\Facades\DB;
use IteratorAggregate;

/**
 * The row changes that are kept of some history entries, read some parts at a time: as they were made, or each taken
 * back, the last first.
 *
 * @implements IteratorAggregate<int, RowChange>
 */
final readonly class RecordedChanges implements IteratorAggregate
{
    private const TABLE = 'history_rows';

    /** Parts that are read at once. */
    private const PARTS = 20;

    private const ENTRIES = 500;

    /** @param  list<int>  $entryIds  the oldest first */
    public function __construct(private array $entryIds, private bool $takenBack = false) {}

    public static function keep(int $entryId, ChangeLog $log): void
    {
        foreach ($log->parts() as $part => $packed) {
            DB::table(self::TABLE)->insert(['history_id' => $entryId, 'part' => $part, 'packed' => $packed]);
        }
    }

    /**
     * Entries of many products, with their changes, in few statements.
     *
     * @param  non-empty-array<int, array<string, mixed>>  $rows  of history, by product id
     * @param  array<int, ChangeLog>  $logs  by product id
     * @return array<int, int> product id => id of its entry
     */
    public static function enter(array $rows, array $logs): array
    {
        $ids = array_combine(array_keys($rows), RowInserter::insert('history', array_values($rows)));
        $parts = [];
        foreach ($ids as $productId => $entryId) {
            foreach ($logs[$productId]->parts() as $part => $packed) {
                $parts[] = ['history_id' => $entryId, 'part' => $part, 'packed' => $packed];
            }
        }
        foreach (array_chunk($parts, self::PARTS) as $chunk) {
            DB::table(self::TABLE)->insert($chunk);
        }

        return $ids;
    }

    /** @param  list<int>  $entryIds */
    public static function forget(array $entryIds): void
    {
        DB::table(self::TABLE)->whereIn('history_id', $entryIds)->delete();
    }

    /** @return Generator<int, RowChange> */
    public function getIterator(): Generator
    {
        foreach (
            array_chunk($this->takenBack ? array_reverse($this->entryIds) : $this->entryIds, self::ENTRIES)
            as $entryIds
        ) {
            foreach ($this->groups($entryIds) as $group) {
                yield from $this->changes($group);
            }
        }
    }

    /**
     * Entries that are read together; of one with many parts, the parts that are.
     *
     * @param  list<int>  $entryIds
     * @return Generator<int, array<int, list<int>>> entry id => numbers of parts
     */
    private function groups(array $entryIds): Generator
    {
        $counts = DB::table(self::TABLE)
            ->whereIn('history_id', $entryIds)
            ->groupBy('history_id')
            ->selectRaw('history_id, count(*) as parts')
            ->pluck('parts', 'history_id');
        $group = [];
        $size = 0;
        foreach ($entryIds as $entryId) {
            $parts = range(0, max(0, (int) ($counts[$entryId] ?? 0) - 1));
            foreach (array_chunk($this->takenBack ? array_reverse($parts) : $parts, self::PARTS) as $some) {
                if ($size + count($some) > self::PARTS) {
                    yield $group;
                    $group = [];
                    $size = 0;
                }
                $group[$entryId] = [...$group[$entryId] ?? [], ...$some];
                $size += count($some);
            }
        }
        if ($group !== []) {
            yield $group;
        }
    }

    /**
     * @param  array<int, list<int>>  $group
     * @return Generator<int, RowChange>
     */
    private function changes(array $group): Generator
    {
        $packed = [];
        foreach (
            DB::table(self::TABLE)
                ->whereIn('history_id', array_keys($group))
                ->whereIn('part', array_unique(array_merge(...$group)))
                ->get()
            as $row
        ) {
            $packed[$row->history_id][$row->part] = $row->packed;
        }
        foreach ($group as $entryId => $parts) {
            foreach ($parts as $part) {
                $changes = isset($packed[$entryId][$part]) ? ChangeLog::unpack($packed[$entryId][$part]) : [];
                foreach ($this->takenBack ? array_reverse($changes) : $changes as $change) {
                    yield $this->takenBack ? $change->inverse() : $change;
                }
                unset($packed[$entryId][$part]);
            }
        }
    }
}
