<?php

declare(strict_types=1);

use App\Actions\Product\UndoRedo;
use App\Ledger\ChangeLog;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Ledger\Replay;
use App\Ledger\RowChange;
use App\Ledger\RowHasChanged;
use Illuminate\Support\Facades\DB;
use Tests\Core\Color\Samples;
use Tests\Support\Shop;

/* What is written is remembered row by row, and can be taken back and made again. */

/** @return array<int, array<string, mixed>> */
function skuRows(): array
{
    return DB::table('skus')->orderBy('id')->get()->keyBy('id')->map(fn($row): array => (array) $row)->all();
}

/** @return list<RowChange> */
function inverses(Ledger $ledger): array
{
    return array_map(fn(RowChange $change): RowChange => $change->inverse(), array_reverse(changesOf($ledger)));
}

it('remembers of an update only what changed, and nothing where nothing did', function (): void {
    Shop::stocked();
    $id = (int) DB::table('skus')->min('id');
    $ledger = new Ledger();
    $ledger->update('skus', [$id => ['stock' => 10, 'price' => '49.0000']]);
    expect($ledger->isEmpty())->toBeTrue();
    $ledger->update('skus', [$id => ['stock' => 3, 'price' => '49.0000']]);
    expect(changesOf($ledger))->toEqual([new RowChange('skus', $id, ['stock' => 10], ['stock' => 3])]);
});

it('takes back and makes again any mixture of inserts, updates and deletes', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::stocked();
    $before = skuRows();
    $ledger = new Ledger();
    for ($step = 0; $step < 12; $step++) {
        $ids = array_keys(skuRows());
        $some = array_slice($random->shuffleArray($ids), 0, $random->getInt(1, 4));
        match ($random->getInt(0, 3)) {
            0 => $ledger->insert('skus', [
                'product_id' => $shop->product->id,
                'cell' => "9:{$step}",
                'state' => 'made',
                'code' => "NEW-{$step}",
            ]),
            1 => array_map(
                fn(int $at): int => $ledger->insert('skus', [
                    'product_id' => $shop->product->id,
                    'cell' => "8:{$at}",
                    'state' => 'retired',
                    'code' => "MANY-{$step}-{$at}",
                ]),
                range(1, 3),
            ),
            2 => $ledger->delete('skus', array_slice($some, 0, count($ids) > 6 ? 4 : 0)),
            3 => $ledger->update(
                'skus',
                array_fill_keys($some, [
                    'stock' => $random->getInt(0, 99),
                    'state' => $random->getInt(0, 1) === 1 ? 'made' : 'retired',
                ]),
            ),
        };
    }
    $after = skuRows();
    (new Replay(inverses($ledger)))->run();
    expect(skuRows())->toEqual($before);
    (new Replay(changesOf($ledger)))->run();
    expect(skuRows())->toEqual($after);
})->with(range(1, 10));

it('writes nothing at all where one row stands otherwise', function (): void {
    Shop::stocked();
    $ids = array_keys(skuRows());
    $ledger = new Ledger();
    $ledger->update('skus', array_fill_keys($ids, ['stock' => 3]));
    DB::table('skus')
        ->where('id', $ids[5])
        ->update(['stock' => 4]);
    $before = skuRows();
    expect(fn() => (new Replay(inverses($ledger)))->run())->toThrow(RowHasChanged::class);
    expect(skuRows())->toEqual($before);
});

it('takes back a column that somebody else did not touch', function (): void {
    Shop::stocked();
    $id = (int) DB::table('skus')->min('id');
    $ledger = new Ledger();
    $ledger->update('skus', [$id => ['stock' => 3]]);
    DB::table('skus')
        ->where('id', $id)
        ->update(['price' => '77.0000']);
    (new Replay(inverses($ledger)))->run();
    expect(skuRows()[$id]['stock'])->toBe(10)->and(skuRows()[$id]['price'])->toBe('77.0000');
});

it('packs changes and reads them again, with every kind of value', function (): void {
    $changes = [
        new RowChange('skus', 1, null, ['id' => 1, 'code' => 'Ä/1', 'price' => null, 'stock' => 0]),
        new RowChange(
            'placements',
            2,
            ['reach' => '[{"1":[2,3]}]', 'alt_text' => "two\nlines"],
            ['reach' => '[]', 'alt_text' => ''],
        ),
        new RowChange('facts', 3, ['id' => 3, 'value' => 'cotton canvas, 320 g/m²'], null),
    ];
    $parts = ChangeLog::of($changes)->parts();
    expect(array_merge(...array_map(ChangeLog::unpack(...), $parts)))->toEqual($changes);
});

it('packs as many parts as it needs, and reads them in both directions', function (): void {
    $changes = array_map(
        fn(int $id): RowChange => new RowChange('skus', $id, ['stock' => $id], ['stock' => $id + 1]),
        range(1, 2 * ChangeLog::PART + 7),
    );
    $log = ChangeLog::of($changes);
    $parts = $log->parts();
    Shop::stocked();
    $entry = App\Models\HistoryEntry::query()->latest('id')->firstOrFail();
    RecordedChanges::forget([$entry->id]);
    RecordedChanges::keep($entry->id, $log);
    $read = fn(bool $takenBack): array => iterator_to_array(new RecordedChanges([$entry->id], $takenBack), false);
    expect($parts)
        ->toHaveCount(3)
        ->and($log->count())
        ->toBe(count($changes))
        ->and(iterator_to_array($log, false))
        ->toEqual($changes)
        ->and($read(false))
        ->toEqual($changes)
        ->and($read(true))
        ->toEqual(array_map(fn(RowChange $change): RowChange => $change->inverse(), array_reverse($changes)));
});

it('takes back more rows than it holds in memory, codes that went round among them too', function (): void {
    $shop = Shop::stocked();
    foreach (array_chunk(range(0, 10_999), 1_000) as $some) {
        DB::table('skus')->insert(
            array_map(
                fn(int $at): array => [
                    'product_id' => $shop->product->id,
                    'cell' => "7:{$at}",
                    'state' => 'retired',
                    'code' => "R-{$at}",
                    'stock' => $at,
                ],
                $some,
            ),
        );
    }
    $before = skuRows();
    $ids = array_slice(array_keys($before), -11_000);
    $round = new Ledger();
    // Each takes the code of one far away, so that no portion can be written without another letting go.
    foreach (array_chunk($ids, 11_000) as $all) {
        $codes = array_map(fn(int $at): string => 'R-' . ($at + 5_500) % 11_000, array_keys($all));
        DB::table('skus')
            ->whereIn('id', $all)
            ->update(['code' => DB::raw("concat('T-', id)")]);
        foreach ($all as $at => $id) {
            $round->log()->add(new RowChange('skus', $id, ['code' => "R-{$at}"], ['code' => $codes[$at]]));
            if ($at % 3 === 0) {
                $round->log()->add(new RowChange('skus', $id, ['stock' => $at], ['stock' => $at + 1]));
            }
        }
        foreach (array_chunk($all, 1_000, true) as $some) {
            DB::table('skus')->upsert(
                array_map(
                    fn(int $at, int $id): array => ['code' => $codes[$at], 'stock' => $at % 3 === 0 ? $at + 1 : $at] +
                        $before[$id],
                    array_keys($some),
                    $some,
                ),
                ['id'],
                ['code', 'stock'],
            );
        }
    }
    $after = skuRows();
    (new Replay(inverses($round)))->run();
    expect(skuRows())->toEqual($before);
    (new Replay(changesOf($round)))->run();
    expect(skuRows())->toEqual($after);
    DB::table('skus')
        ->where('id', $ids[10_500])
        ->update(['code' => 'SOMEBODY-ELSE']);
    $now = skuRows();
    expect(fn() => (new Replay(inverses($round)))->run())->toThrow(RowHasChanged::class);
    expect(skuRows())->toEqual($now);
});

it('takes a shared row away only where nobody uses it and nobody has changed it', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Mauve, Puce', 'Grade' => 'A, B']);
    $names = fn(): array => DB::table('axis_values')
        ->whereIn('name', ['Mauve', 'Puce'])
        ->orderBy('name')
        ->pluck('name')
        ->all();
    $ids = DB::table('axis_values')
        ->whereIn('name', ['Mauve', 'Puce'])
        ->pluck('id', 'name')
        ->all();
    app(UndoRedo::class)->undo($shop->change());
    expect($names())
        ->toBe([])
        ->and(DB::table('axes')->where('name', 'Grade')->exists())
        ->toBeFalse();

    app(UndoRedo::class)->redo($shop->change());
    expect(
        DB::table('axis_values')
            ->whereIn('name', ['Mauve', 'Puce'])
            ->pluck('id', 'name')
            ->all(),
    )->toEqual($ids);

    // Another product takes one of them: it stays, the other goes; redone, both are there once.
    $other = Shop::open('OTHER');
    $other->axes(['Color' => 'Mauve']);
    app(UndoRedo::class)->undo($shop->change());
    expect($names())->toBe(['Mauve']);
    app(UndoRedo::class)->redo($shop->change());
    expect($names())
        ->toBe(['Mauve', 'Puce'])
        ->and($shop->loaded()->core->matrix->axes[0]->count())
        ->toBe(2);

    // Somebody gave the other a code of its own: it stays as it is now.
    DB::table('axis_values')
        ->where('name', 'Puce')
        ->update(['code' => 'FLEA']);
    app(UndoRedo::class)->undo($shop->change());
    expect($names())->toBe(['Mauve', 'Puce']);
    app(UndoRedo::class)->redo($shop->change());
    expect(DB::table('axis_values')->where('name', 'Puce')->value('code'))
        ->toBe('FLEA')
        ->and($shop->loaded()->core->made)
        ->toHaveCount(4);
});
