<?php

declare(strict_types=1);

use App\Actions\Pictures\LinkPhotos;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetOpening;
use App\Actions\Product\UndoRedo;
use App\Actions\Skus\SetPrices;
use App\Actions\Skus\SetStock;
use App\History\HistoryPruning;
use App\Ledger\RowChange;
use App\Ledger\RowHasChanged;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\Right;
use App\Store\Products\Snapshots;
use Core\Changes\Details\SayFact;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Difference\Remark;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Tests\Core\Color\Samples;
use Tests\Support\Shop;

/** The id of the last entry. */
function lastEntry(): int
{
    return (int) HistoryEntry::query()->max('id');
}

/** @return list<string> */
function comparedFrom(Shop $shop, int $from, ?int $to = null): array
{
    $snapshots = app(Snapshots::class);
    $product = Product::query()->findOrFail($shop->product->id);

    return array_map(
        fn(Remark $remark): string => $remark->words,
        (new DifferenceWording())->remarks(
            Difference::between($snapshots->at($product, $from), $snapshots->at($product, $to)),
        ),
    );
}

it('undoes back to any point in one go, and redoes step by step', function (): void {
    $shop = Shop::stocked();
    $states = [];
    $entries = [];
    foreach (
        [
            fn() => app(SetStock::class)->run($shop->change(), Selection::whole(), '5'),
            fn() => $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL']),
            fn() => app(SetPrices::class)->run($shop->change(), Selection::whole(), '60'),
            fn() => $shop->merge('Moss', 'Clay'),
            fn() => app(SetStock::class)->run($shop->change(), Selection::whole(), '3'),
        ]
        as $step
    ) {
        $states[] = $shop->everything();
        $entries[] = lastEntry();
        $step();
    }
    $last = $shop->everything();
    app(UndoRedo::class)->undoTo($shop->change(), $entries[1]);
    expect($shop->everything())->toBe($states[1]);
    foreach ([$states[2], $states[3], $states[4], $last] as $state) {
        $shop->redo();
        expect($shop->everything())->toBe($state);
    }
    app(UndoRedo::class)->undoTo($shop->change(), $entries[0]);
    expect($shop->everything())->toBe($states[0]);
    expect(fn() => app(UndoRedo::class)->undoTo($shop->change(), lastEntry()))->toThrow(
        Refusal::class,
        'nothing of yours to undo',
    );
});

it('leaves what others did when one goes back, and refuses where they changed the same thing', function (): void {
    $shop = Shop::stocked();
    $start = lastEntry();
    $ines = Shop::person(Right::Edit, 'Ines');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '5');
    app(SetPrices::class)->run($shop->change($ines), $shop->part(['Color' => 'Clay']), '77');
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Slate']), '6');
    app(UndoRedo::class)->undoTo($shop->change(), $start);
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)
        ->toBe(10)
        ->and($shop->sku(['Color' => 'Slate', 'Size' => 'S'])->stock)
        ->toBe(10)
        ->and($shop->sku(['Color' => 'Clay', 'Size' => 'S'])->price?->shown())
        ->toBe('77.00');

    // Between two changes of one row by one person, somebody else changed the same column.
    $start = lastEntry();
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '7');
    app(SetStock::class)->run($shop->change($ines), $shop->part(['Color' => 'Moss', 'Size' => 'S']), '9');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '30');
    $before = $shop->everything();
    expect(fn() => app(UndoRedo::class)->undoTo($shop->change(), $start))->toThrow(
        Refusal::class,
        'cannot be undone: Ines changed the same thing',
    );
    expect($shop->everything())->toBe($before);
});

it('compares any two points, and finds what was done between them', function (): void {
    $shop = Shop::stocked();
    $start = lastEntry();
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'S']), '3');
    $stock = lastEntry();
    $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
    $removed = lastEntry();
    app(LinkPhotos::class)->onlyThere(
        $shop->change(),
        [$shop->placement('guide.jpg')],
        $shop->part(['Color' => 'Moss']),
    );
    app(EditFacts::class)->set($shop->change(), new SayFact('Lining', 'cotton'));
    app(SetOpening::class)->value($shop->change(), $shop->id('Size'), $shop->id('M'));

    expect(comparedFrom($shop, $start, $stock))
        ->toBe(['SMOCK-MOSS-S stock 10 → 3'])
        ->and(comparedFrom($shop, $stock, $removed))
        ->toContain(
            'Color has no Clay any more',
            '4 SKUs retired: SMOCK-CLAY-S, SMOCK-CLAY-M, SMOCK-CLAY-L, SMOCK-CLAY-XL',
            'Clay front.jpg: linked to Clay → none',
        )
        ->and(comparedFrom($shop, $removed))
        ->toEqualCanonicalizing([
            'Fact Lining: none → cotton',
            'Opens with Size: none → M',
            'guide.jpg: linked to whole product → Moss',
        ])
        ->and(comparedFrom($shop, $start, $start))
        ->toBe([]);
    $this->actingAs($shop->user)
        ->get("/products/SMOCK/history/compare?from={$removed}&to={$start}")
        ->assertOk()
        ->assertSee('Color has no Clay any more')
        ->assertSee('after “Stock of the whole product set to 10 (was not counted)”', false);
    $this->get("/products/SMOCK/history/compare?from={$removed}")
        ->assertOk()
        ->assertSee('as it is now')
        ->assertSee('Fact Lining: none → cotton');
    $this->get('/products/SMOCK/history/compare')->assertStatus(422)->assertSee('Choose the point to compare from');
    $this->get('/products/SMOCK/history/compare?from=999999')->assertNotFound();
});

it('sees the past of a product as it was, whatever has been changed, undone and redone since', function (
    int $seed,
): void {
    $random = Samples::random($seed);
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M']);
    $shop->photo('front.jpg', ['Color' => 'Moss']);
    $seen = [];
    $snapshots = app(Snapshots::class);
    $now = fn() => $snapshots->at(Product::query()->findOrFail($shop->product->id), null);
    for ($step = 0; $step < 10; $step++) {
        $labels = array_map(fn($value): string => $value->label, $shop->loaded()->core->matrix->axes[0]->values);
        match ($random->getInt(0, 4)) {
            0 => app(SetStock::class)->run($shop->change(), Selection::whole(), (string) $random->getInt(1, 99)),
            1 => $shop->axes([
                'Color' => implode(', ', $random->shuffleArray(['Moss', 'Clay', 'Slate', 'Oat'])),
                'Size' => 'S, M',
            ]),
            2 => count($labels) > 1
                ? $shop->merge($labels[0], $labels[1])
                : $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']),
            3 => $shop->split($labels[0], "{$labels[0]}, Part {$step}"),
            4 => $shop->undo(),
        };
        $last = HistoryEntry::query()->whereNull('undone_at')->max('id');
        $seen[$last] = $now();
    }
    foreach ($seen as $entry => $state) {
        if (HistoryEntry::query()->whereKey($entry)->whereNull('undone_at')->exists()) {
            expect(
                Difference::between(
                    $snapshots->at(Product::query()->findOrFail($shop->product->id), $entry),
                    $state,
                )->isNone(),
            )->toBeTrue();
        }
    }
})->with(range(1, 8));

it('shows the history with its points, and undoes to one over HTTP', function (): void {
    $shop = Shop::stocked();
    $start = lastEntry();
    app(SetStock::class)->run($shop->change(), Selection::whole(), '5');
    app(SetStock::class)->run($shop->change(), Selection::whole(), '6');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/history')
        ->assertOk()
        ->assertSee('Compare the two points')
        ->assertSee('Undo my later ones');
    $this->post("/products/SMOCK/history/{$start}/undo-to", ['version' => $shop->version()], ['HX-Request' => 'true'])
        ->assertNoContent()
        ->assertHeader('HX-Refresh');
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)->toBe(10);
    $this->get('/products/SMOCK/history')->assertSee('undone');
    $this->actingAs(Shop::person(Right::View))
        ->post("/products/SMOCK/history/{$start}/undo-to", ['version' => $shop->version()])
        ->assertForbidden();
    $this->get('/products/SMOCK/history')->assertOk()->assertDontSee('Undo my later ones');
});

it('applies a change of a row only where the row stands as it expects', function (
    ?array $row,
    RowChange $change,
    array|string|null $after,
): void {
    if ($after === 'refused') {
        expect(fn() => $change->appliedTo($row))->toThrow(RowHasChanged::class);
    } else {
        expect($change->appliedTo($row))->toEqual($after);
        expect($change->inverse()->appliedTo($after))->toEqual($row);
    }
})->with([
    'insert' => [null, new RowChange('skus', 1, null, ['id' => 1, 'stock' => 3]), ['id' => 1, 'stock' => 3]],
    'insert over another' => [['id' => 1], new RowChange('skus', 1, null, ['id' => 1]), 'refused'],
    'update' => [
        ['id' => 1, 'stock' => 3, 'code' => 'A'],
        new RowChange('skus', 1, ['stock' => 3], ['stock' => 5]),
        ['id' => 1, 'stock' => 5, 'code' => 'A'],
    ],
    'update of another state' => [
        ['id' => 1, 'stock' => 4],
        new RowChange('skus', 1, ['stock' => 3], ['stock' => 5]),
        'refused',
    ],
    'update of nothing' => [null, new RowChange('skus', 1, ['stock' => 3], ['stock' => 5]), 'refused'],
    'delete' => [['id' => 1, 'stock' => 3], new RowChange('skus', 1, ['id' => 1, 'stock' => 3], null), null],
]);

it('keeps the words of old changes, and says that they cannot be undone any more', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run($shop->change(), Selection::whole(), '3');
    $old = HistoryEntry::query()->latest('id')->firstOrFail();
    DB::table('history')
        ->where('id', '<=', $old->id)
        ->update(['created_at' => now()->subDays(40)]);
    app(SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '5');
    expect((new HistoryPruning(null))->prune())
        ->toBe(0)
        ->and((new HistoryPruning(41))->prune())
        ->toBe(0)
        ->and((new HistoryPruning(30))->prune())
        ->toBeGreaterThan(5)
        ->and((new HistoryPruning(30))->prune())
        ->toBe(0)
        ->and(DB::table('history_rows')->where('history_id', '<=', $old->id)->count())
        ->toBe(0)
        ->and(HistoryEntry::query()->whereKey($old->id)->value('words'))
        ->toBe('Stock of the whole product set to 3 (was 10)');
    $shop->undo();
    expect(fn() => $shop->undo())
        ->toThrow(Refusal::class, 'nothing of yours to undo')
        ->and(fn() => app(UndoRedo::class)->undoTo($shop->change(), $shop->entryBefore($old->id, 2)))
        ->toThrow(Refusal::class, 'changes of that age keep only their words');
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/history')
        ->assertOk()
        ->assertSee('Stock of the whole product set to 3')
        ->assertSee('words only');
    $this->get('/products/SMOCK')->assertOk()->assertSee('Nothing of yours to undo');
    $this->get("/products/SMOCK/history/compare?from={$old->id}")->assertOk();
    $this->get('/products/SMOCK/history/compare?from=' . $shop->entryBefore($old->id, 3))
        ->assertStatus(422)
        ->assertSee('is not known any more');
    $shop->redo();
    expect($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->stock)->toBe(5);
});
