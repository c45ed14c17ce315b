<?php

declare(strict_types=1);

use App\Actions\Skus\SetStock;
use App\Changing\UnitOfWork;
use App\Ledger\ChangeLog;
use App\Ledger\Ledger;
use App\Ledger\Replay;
use App\Ledger\RowChange;
use App\Ledger\RowHasChanged;
use App\Media\DerivePhoto;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\Support\Shop;

it('leaves nothing half done when a change breaks in the middle', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $version = $shop->version();
    $entries = HistoryEntry::query()->count();
    $break = function (Ledger $ledger) use ($shop): string {
        $ids = DB::table('skus')->where('product_id', $shop->product->id)->pluck('id')->all();
        $ledger->update('skus', array_fill_keys($ids, ['stock' => 99]));
        $ledger->delete('placements', [$shop->placement('guide.jpg')]);

        throw new RuntimeException('The power went.');
    };
    expect(fn() => app(UnitOfWork::class)->keepLibrary($shop->change(), SetStock::class, $break))->toThrow(
        RuntimeException::class,
    );
    expect($shop->state())
        ->toBe($before)
        ->and($shop->version())
        ->toBe($version)
        ->and(HistoryEntry::query()->count())
        ->toBe($entries);
});

it('remembers only what changed', function (): void {
    $shop = Shop::stocked();
    $id = DB::table('skus')->where('code', 'SMOCK-MOSS-S')->value('id');
    $ledger = new Ledger();
    $ledger->update('skus', [$id => ['stock' => 10, 'price' => '49.0000']]);
    expect($ledger->isEmpty())->toBeTrue();
    $ledger->update('skus', [$id => ['stock' => 11, 'price' => '49.0000']]);
    expect(changesOf($ledger))->toEqual([new RowChange('skus', $id, ['stock' => 10], ['stock' => 11])]);
});

it('gives rows their ids back when their making is redone', function (): void {
    $shop = Shop::stocked();
    $ledger = new Ledger();
    foreach (['Lining' => 5, 'Trim' => 6] as $axis => $position) {
        $ledger->insert('product_axes', [
            'product_id' => $shop->product->id,
            'axis_id' => axisNamed($axis),
            'position' => $position,
        ]);
    }
    $made = DB::table('product_axes')->where('position', '>=', 5)->orderBy('id')->get()->toArray();
    $inverse = array_map(fn(RowChange $change): RowChange => $change->inverse(), array_reverse(changesOf($ledger)));
    (new Replay($inverse))->run();
    expect(DB::table('product_axes')->where('position', '>=', 5)->count())->toBe(0);
    (new Replay(changesOf($ledger)))->run();
    expect(DB::table('product_axes')->where('position', '>=', 5)->orderBy('id')->get()->toArray())->toEqual($made);
});

it('touches nothing where a row is not as the change left it', function (Closure $meanwhile): void {
    $shop = Shop::stocked();
    $ids = DB::table('skus')->where('product_id', $shop->product->id)->orderBy('id')->pluck('id')->all();
    $ledger = new Ledger();
    $ledger->update('skus', [$ids[0] => ['stock' => 3], $ids[1] => ['stock' => 4]]);
    $meanwhile($ids);
    $before = DB::table('skus')->orderBy('id')->get()->toArray();
    $inverse = array_map(fn(RowChange $change): RowChange => $change->inverse(), array_reverse(changesOf($ledger)));
    expect(fn() => (new Replay($inverse))->run())->toThrow(RowHasChanged::class);
    expect(DB::table('skus')->orderBy('id')->get()->toArray())->toEqual($before);
})->with([
    'changed' => [
        fn(array $ids) => DB::table('skus')
            ->where('id', $ids[1])
            ->update(['stock' => 5]),
    ],
    'gone' => [fn(array $ids) => DB::table('skus')->where('id', $ids[1])->delete()],
]);

it('allows another column of the same row to have changed', function (): void {
    $shop = Shop::stocked();
    $id = DB::table('skus')->where('code', 'SMOCK-MOSS-S')->value('id');
    $ledger = new Ledger();
    $ledger->update('skus', [$id => ['stock' => 3]]);
    DB::table('skus')
        ->where('id', $id)
        ->update(['price' => '70.0000']);
    (new Replay(array_map(fn(RowChange $change): RowChange => $change->inverse(), changesOf($ledger))))->run();
    expect((array) DB::table('skus')->find($id))->toMatchArray(['stock' => 10, 'price' => '70.0000']);
});

it('packs and unpacks a history entry unchanged', function (): void {
    $changes = [
        new RowChange('skus', 7, ['stock' => 1, 'price' => null], ['stock' => 2, 'price' => '3.500']),
        new RowChange('placements', 8, null, ['file_name' => 'Größe “é”.jpg', 'reach' => '[{"1":[2]}]']),
        new RowChange('skus', 9, ['id' => 9], null),
    ];
    $parts = ChangeLog::of($changes)->parts();
    expect(array_merge(...array_map(ChangeLog::unpack(...), $parts)))
        ->toEqual($changes)
        ->and($changes[0]->inverse()->inverse())
        ->toEqual($changes[0]);
});

it('makes a picture’s sizes again without harm, and not again where they are there', function (): void {
    Queue::fake();
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('front', 'jpeg', 200)]);
    $photo = Photo::query()->sole();
    $path = PhotoStore::derivedPath($photo->sha256, PhotoSize::Thumb);
    $job = new DerivePhoto($photo->id);
    app()->call([$job, 'handle']);
    expect($photo->refresh()->state)->toBe(PhotoState::Ready)->and(Storage::exists($path))->toBeTrue();
    Storage::put($path, 'as it was');
    app()->call([$job, 'handle']);
    expect(Storage::get($path))->toBe('as it was');
});

it('looks again where somebody was quicker with the same value, and uses theirs (it answered 500)', function (): void {
    $shop = Shop::open();
    $quicker = true;
    DB::connection()->beforeExecuting(function (string $query, array $bindings) use (&$quicker): void {
        if ($quicker && str_starts_with($query, 'insert into `axis_values`') && in_array('Clay', $bindings, true)) {
            $quicker = false;
            DB::insert($query, $bindings);
        }
    });
    $shop->axes(['Color' => 'Moss, Clay']);
    expect($quicker)
        ->toBeFalse()
        ->and($shop->loaded()->core->made)
        ->toHaveCount(2)
        ->and(LibraryValue::query()->count())
        ->toBe(2);
});

it('says so where a picture could not be made for another reason', function (): void {
    Queue::fake();
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('front')]);
    (new DerivePhoto(Photo::query()->sole()->id))->failed(new RuntimeException('disk full'));
    expect(Photo::query()->sole())
        ->state->toBe(PhotoState::Waiting)
        ->and(Photo::query()->sole()->failure)
        ->toContain('not the file’s fault');
});

it('keeps names of files whole, whatever somebody called them', function (string $given, string $kept): void {
    Queue::fake();
    $shop = Shop::open();
    $file = new Illuminate\Http\UploadedFile(Shop::picture($given), $given, null, null, true);
    $this->actingAs($shop->user)
        ->post('/products/SMOCK/photos', ['files' => [$file]])
        ->assertOk();
    expect(DB::table('placements')->value('file_name'))->toBe($kept);
})->with([
    ['Größe (2) – neu.JPG', 'Größe (2) – neu.JPG'],
    ['IMG_4471', 'IMG_4471'],
    ['a|b"c.jpg', 'a b c.jpg'],
    ['..\\..\\evil.jpg', 'evil.jpg'],
    ['丹 front.jpg', '丹 front.jpg'],
]);

function axisNamed(string $name): int
{
    return DB::table('axes')->insertGetId([
        'name' => $name,
        'folded' => mb_strtolower($name),
        'kind' => 'other',
        'changes_picture' => 0,
    ]);
}

it(
    'takes back no change of a value that was made from another product while the dialog was open (it did, silently)',
    function (string $address): void {
        $shop = Shop::stocked();
        $other = Shop::open('APRON');
        $other->axes(['Color' => 'Moss']);
        $moss = LibraryValue::query()->where('name', 'Moss')->firstOrFail();
        $this->actingAs($shop->user);
        $dialog = $this->get("/products/SMOCK/values/{$moss->id}")
            ->assertOk()
            ->getContent();
        preg_match('/name="seen" value="([0-9a-f]+)"/', $dialog, $found);
        $form = [
            'seen' => $found[1],
            'name' => 'Moss',
            'code' => $moss->code,
            'synonyms' => 'Lichen green',
            'scope' => 'everywhere',
        ];
        $this->post("/products/APRON/values/{$moss->id}", [
            'name' => 'Lichen',
            'code' => 'LCH',
            'version' => $other->version(),
            'scope' => 'everywhere',
        ])->assertOk();

        $version = str_starts_with($address, '/library') ? App\Models\Library::whole()->version : $shop->version();
        $this->post(str_replace('{id}', (string) $moss->id, $address), $form + ['version' => $version], [
            'HX-Request' => 'true',
        ])
            ->assertStatus(422)
            ->assertSee('was changed in the library while this window was open: its code is now LCH');
        expect($moss->refresh()->name)->toBe('Lichen');
        $this->post(
            str_replace('{id}', (string) $moss->id, $address),
            ['seen' => $moss->seen(), 'version' => $version] + $form,
            ['HX-Request' => 'true'],
        )->assertOk();
        expect($moss->refresh()->name)
            ->toBe('Moss')
            ->and($moss->synonyms)
            ->toBe(['Lichen green']);
    },
)->with(['/products/SMOCK/values/{id}', '/library/values/{id}']);

/** @return list<string> what is asked of the database for one change over HTTP, as a browser sends it */
function asked(Shop $shop, string $path, array $input): array
{
    config(['queue.default' => 'database']);
    test()->actingAs($shop->user);
    DB::enableQueryLog();
    test()
        ->post("/products/SMOCK/{$path}", $input + ['version' => $shop->version(), 'token' => (string) Str::uuid()], [
            'HX-Request' => 'true',
        ])
        ->assertOk();
    $queries = array_column(DB::getQueryLog(), 'query');
    DB::disableQueryLog();

    return $queries;
}

it('reads a product once for a change and its answer (it was read twice)', function (): void {
    $shop = Shop::stocked();
    $queries = asked($shop, 'photos/link', [
        'placements' => [$shop->placement('guide.jpg')],
        'selected' => $shop->token(['Color' => 'Moss']),
        'only' => 1,
    ]);
    expect(
        array_filter(
            $queries,
            fn(string $query): bool => str_starts_with($query, 'select * from `placements` where `product_id`'),
        ),
    )
        ->toHaveCount(1)
        ->and(count($queries))
        ->toBeLessThan(27);
});

it(
    'changes the numbers of one cell in few queries, and answers with that cell (41 queries, and the whole board)',
    function (string $path, string $lens, string $typed, string $shown, int $most): void {
        $shop = Shop::stocked();
        $input = ['lens' => $lens, 'selected' => $shop->token(['Color' => 'Moss', 'Size' => 'S']), 'typed' => $typed];
        $queries = asked($shop, $path, $input);
        expect(count($queries))
            ->toBeLessThanOrEqual($most)
            ->and(
                array_filter(
                    $queries,
                    fn(string $query): bool => preg_match('/`(placements|photos|facts)`/', $query) === 1,
                ),
            )
            ->toBe([]);
        $answer = $this->post(
            "/products/SMOCK/{$path}",
            ['typed' => "{$typed}1", 'version' => $shop->version()] + $input,
            ['HX-Request' => 'true'],
        )->assertHeader('HX-Retarget', '#numbers');
        expect(substr_count((string) $answer->getContent(), '<td'))
            ->toBe(1)
            ->and(strlen((string) $answer->getContent()))
            ->toBeLessThan(2_500);
        $answer->assertSee($shown)->assertSee('data-version="' . $shop->version() . '"', false);
    },
)->with([
    'stock' => ['skus/stock', 'stock', '7', '71', 17],
    'price' => ['skus/price', 'prices', '54', '541.00', 17],
    'code' => ['skus/code', 'codes', 'ODD-', 'ODD-1', 18],
]);

it('answers with all cells that change, and with the whole board where nothing did', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $sent = fn(string $typed) => $this->post(
        '/products/SMOCK/skus/stock',
        ['version' => $shop->version(), 'lens' => 'stock', 'selected' => '*', 'typed' => $typed],
        ['HX-Request' => 'true'],
    )->assertOk();
    expect(substr_count((string) $sent('3')->assertHeader('HX-Retarget')->getContent(), '<td'))->toBe(12);
    $sent('3')->assertHeaderMissing('HX-Retarget')->assertSee('data-board', false);
});

it('reads no changed rows of a history that only shows its words', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $shop->undo();
    DB::enableQueryLog();
    foreach (['', '/history', '/details', '/history/compare?from=' . HistoryEntry::query()->min('id')] as $path) {
        DB::flushQueryLog();
        $this->get("/products/SMOCK{$path}")->assertOk();
        $reading = array_filter(
            array_column(DB::getQueryLog(), 'query'),
            fn(string $query): bool => str_starts_with($query, 'select * from `history_rows`'),
        );
        // A comparison takes later entries back, so it reads theirs.
        expect(count($reading))->toBe(str_contains($path, 'compare') ? 1 : 0, $path);
    }
    DB::disableQueryLog();
});
