<?php

declare(strict_types=1);

use App\Ledger\Ledger;
use App\Ledger\RowChange;
use App\Ledger\RowHasChanged;
use App\Models\HistoryEntry;
use Illuminate\Support\Facades\DB;
use Tests\Core\Samples;
use Tests\Shop;

/* What is written is remembered row by row, and can be taken back and made again. */

/** @return array<int, array<string, mixed>> */
function skuRows(): array
{
    return DB::table('skus')->orderBy('id')->get()->keyBy('id')->map(fn ($row): array => (array) $row)->all();
}

/** @return list<RowChange> */
function inverses(Ledger $ledger): array
{
    return array_map(fn (RowChange $change): RowChange => $change->inverse(), array_reverse($ledger->changes()));
}

it('remembers of an update only what changed, and nothing where nothing did', function (): void {
    Shop::stocked();
    $id = (int) DB::table('skus')->min('id');
    $ledger = new Ledger();
    $ledger->update('skus', [$id => ['stock' => 10, 'price' => '49.0000']]);
    expect($ledger->isEmpty())->toBeTrue();
    $ledger->update('skus', [$id => ['stock' => 3, 'price' => '49.0000']]);
    expect($ledger->changes())->toEqual([new RowChange('skus', $id, ['stock' => 10], ['stock' => 3])]);
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
            0 => $ledger->insert('skus', ['product_id' => $shop->product->id, 'cell' => "9:{$step}", 'state' => 'made', 'code' => "NEW-{$step}"]),
            1 => $ledger->insertMany('skus', $shop->product->id, array_map(fn (int $at): array => ['cell' => "8:{$at}", 'state' => 'retired', 'code' => "MANY-{$step}-{$at}"], range(1, 3))),
            2 => $ledger->delete('skus', array_slice($some, 0, count($ids) > 6 ? 4 : 0)),
            3 => $ledger->update('skus', array_fill_keys($some, ['stock' => $random->getInt(0, 99), 'state' => $random->getInt(0, 1) === 1 ? 'made' : 'retired'])),
        };
    }
    $after = skuRows();
    (new Ledger())->apply(inverses($ledger));
    expect(skuRows())->toEqual($before);
    (new Ledger())->apply($ledger->changes());
    expect(skuRows())->toEqual($after);
})->with(range(1, 10));

it('writes nothing at all where one row stands otherwise', function (): void {
    Shop::stocked();
    $ids = array_keys(skuRows());
    $ledger = new Ledger();
    $ledger->update('skus', array_fill_keys($ids, ['stock' => 3]));
    DB::table('skus')->where('id', $ids[5])->update(['stock' => 4]);
    $before = skuRows();
    expect(fn () => (new Ledger())->apply(inverses($ledger)))->toThrow(RowHasChanged::class);
    expect(skuRows())->toEqual($before);
});

it('takes back a column that somebody else did not touch', function (): void {
    Shop::stocked();
    $id = (int) DB::table('skus')->min('id');
    $ledger = new Ledger();
    $ledger->update('skus', [$id => ['stock' => 3]]);
    DB::table('skus')->where('id', $id)->update(['price' => '77.0000']);
    (new Ledger())->apply(inverses($ledger));
    expect(skuRows()[$id]['stock'])->toBe(10)->and(skuRows()[$id]['price'])->toBe('77.0000');
});

it('packs changes and reads them again, with every kind of value', function (): void {
    $changes = [
        new RowChange('skus', 1, null, ['id' => 1, 'code' => 'Ä/1', 'price' => null, 'stock' => 0]),
        new RowChange('placements', 2, ['reach' => '[{"1":[2,3]}]', 'alt_text' => "two\nlines"], ['reach' => '[]', 'alt_text' => '']),
        new RowChange('facts', 3, ['id' => 3, 'value' => 'cotton canvas, 320 g/m²'], null),
    ];
    $entry = new HistoryEntry(['packed' => HistoryEntry::pack($changes)]);
    expect($entry->rowChanges())->toEqual($changes);
});
