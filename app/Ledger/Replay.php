<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * Carries out recorded changes, or their inverses, in portions of rows: how many there are does not show in the memory
 * it takes. A row that several of them change is held against each, and written once.
 */
final class Replay
{
    /** Rows whose changes are held in memory at once. */
    private const PORTION = 5_000;

    private const CHUNK = 500;

    /** Tables that others refer to come before these. */
    private const ORDER = [
        'axes' => 1,
        'axis_values' => 2,
        'size_runs' => 3,
        'views' => 3,
        'shot_lists' => 3,
        'code_patterns' => 3,
        'gtin_ranges' => 3,
        'products' => 4,
        'product_axes' => 5,
        'product_values' => 6,
    ];

    /** Where rows of the library are used. */
    private const USES = [
        'axes' => [['product_axes', 'axis_id'], ['axis_values', 'axis_id'], ['size_runs', 'axis_id']],
        'axis_values' => [
            ['product_values', 'value_id'],
            ['product_axes', 'opening_value_id'],
            ['product_axes', 'stands_at_value_id'],
        ],
    ];

    /** @var array<string, array<int, int>> table => id => the portion it is in */
    private array $portions = [];

    /** @var list<array{string, list<int>}> rows that others use as well, to be deleted last */
    private array $shared = [];

    /** @param  iterable<RowChange>  $changes  that can be gone through more than once */
    public function __construct(private readonly iterable $changes)
    {
        $count = 0;
        foreach ($changes as $change) {
            $this->portions[$change->table][$change->id] ??= intdiv($count++, self::PORTION);
        }
    }

    /** @return list<int> ids of the rows of a table that are changed */
    public function idsOf(string $table): array
    {
        return array_keys($this->portions[$table] ?? []);
    }

    /**
     * @throws RowHasChanged
     * @throws KeyIsTaken where another row has a code or a name that one is to get back
     */
    public function run(): void
    {
        $last = 0;
        foreach ($this->portions as $ids) {
            $last = max([$last, ...$ids]);
        }
        // All is held against what stands before anything is written.
        $first = [];
        for ($portion = 0; $portion <= $last; $portion++) {
            $outcomes = $this->outcomes($portion, false);
            foreach ($outcomes as $outcome) {
                (new UniqueKeys($outcome->table))->refuseTaken(
                    [...$outcome->insert, ...array_values($outcome->update)],
                    $this->portions[$outcome->table],
                );
            }
            $first = $portion === 0 ? $outcomes : [];
        }
        if ($last > 0) {
            $this->letGo();
        }
        for ($portion = 0; $portion <= $last; $portion++) {
            $this->write($last === 0 ? $first : $this->outcomes($portion, true));
        }
        foreach ($this->shared as [$table, $ids]) {
            $this->deleteUnused($table, $ids);
        }
    }

    /** Rows of one portion may want what one of another has. */
    private function letGo(): void
    {
        $ids = [];
        foreach ($this->changes as $change) {
            foreach ((new UniqueKeys($change->table))->loose() as $column) {
                if (array_key_exists($column, $change->before ?? [])) {
                    $ids[$change->table][$column][$change->id] = true;
                }
            }
        }
        foreach ($ids as $table => $byColumn) {
            foreach ($byColumn as $column => $own) {
                (new UniqueKeys($table))->release(array_keys($own), [$column]);
            }
        }
    }

    /**
     * @param  bool  $keysAreLetGo  whether rows have given up what no two may share, so that they no longer stand as
     *   they did
     * @return list<RowOutcome>
     */
    private function outcomes(int $portion, bool $keysAreLetGo): array
    {
        $byTable = [];
        foreach ($this->changes as $change) {
            if ($this->portions[$change->table][$change->id] === $portion) {
                $byTable[$change->table][$change->id][] = $change;
            }
        }

        return array_map(
            fn(string $table, array $byId): RowOutcome => $this->outcome($table, $byId, $keysAreLetGo),
            array_keys($byTable),
            $byTable,
        );
    }

    /** @param  array<int, list<RowChange>>  $byId */
    private function outcome(string $table, array $byId, bool $keysAreLetGo): RowOutcome
    {
        $outcome = new RowOutcome($table);
        foreach (array_chunk($byId, self::CHUNK, true) as $chunk) {
            $rows = Rows::of($table, array_keys($chunk));
            foreach ($chunk as $id => $changes) {
                $before = $rows[$id] ?? null;
                $after =
                    $before !== null && $keysAreLetGo ? (new UniqueKeys($table))->asBefore($before, $changes) : $before;
                $isShared = false;
                foreach ($changes as $change) {
                    $after = $change->appliedTo($after);
                    $isShared = $change->isShared;
                }
                $outcome->add($id, $before, $after, $isShared);
            }
        }

        return $outcome;
    }

    /** @param  list<RowOutcome>  $outcomes */
    private function write(array $outcomes): void
    {
        usort(
            $outcomes,
            fn(RowOutcome $a, RowOutcome $b): int => (self::ORDER[$a->table] ?? 9) <=> (self::ORDER[$b->table] ?? 9),
        );
        $ledger = new Ledger();
        foreach (array_reverse($outcomes) as $outcome) {
            $ledger->delete($outcome->table, $outcome->delete);
            if ($outcome->shared !== []) {
                $this->shared[] = [$outcome->table, $outcome->shared];
            }
        }
        foreach ($outcomes as $outcome) {
            $ledger->update($outcome->table, $outcome->update);
            foreach (array_chunk($outcome->insert, self::CHUNK) as $chunk) {
                DB::table($outcome->table)->insert($chunk);
            }
        }
    }

    /** @param  list<int>  $ids */
    private function deleteUnused(string $table, array $ids): void
    {
        $used = [];
        foreach (self::USES[$table] ?? [] as [$user, $column]) {
            array_push($used, ...DB::table($user)->whereIn($column, $ids)->distinct()->pluck($column)->all());
        }
        if ($table === 'axis_values') {
            foreach (DB::table('size_runs')->pluck('value_ids') as $run) {
                array_push($used, ...json_decode((string) $run, true, 2, JSON_THROW_ON_ERROR));
            }
        }
        DB::table($table)->whereIn('id', array_values(array_diff($ids, $used)))->delete();
    }
}
