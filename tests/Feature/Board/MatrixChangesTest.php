<?php

declare(strict_types=1);

use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Matrix\ReorderValues;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Skus\SetStock;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Models\LibraryValue;
use App\Models\Right;
use App\Refusals\StaleVersion;
use Core\Changes\Matrix\OfferCells;
use Core\Gallery\Roles\Role;
use Core\Matrix\AxisWithoutValues;
use Core\Matrix\MatrixTooLarge;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

it('serves 12 SKUs with 13 placements: each shows its color’s four and the guide', function (): void {
    $shop = Shop::stocked();
    expect(DB::table('placements')->count())->toBe(13);
    foreach ($shop->loaded()->core->made as $sku) {
        $color = $shop->loaded()->core->matrix->choice($sku->cell)['Color'];
        $gallery = $shop->loaded()->core->galleries()->of($sku->cell);
        expect(array_map(fn($entry): string => $entry->placement->file, $gallery->entries))
            ->toBe(["{$color} front.jpg", "{$color} back.jpg", "{$color} worn.jpg", "{$color} detail.jpg", 'guide.jpg'])
            ->and($gallery->lead()?->file)
            ->toBe("{$color} front.jpg");
    }
});

it('shows a picture narrowed to one SKU for that SKU alone, as its Lead', function (): void {
    $shop = Shop::stocked();
    $shop->photo('own.jpg', ['Color' => 'Moss', 'Size' => 'XL'], null, Role::Lead);
    expect($shop->gallery(['Color' => 'Moss', 'Size' => 'XL'])->lead()?->file)
        ->toBe('own.jpg')
        ->and($shop->gallery(['Color' => 'Moss', 'Size' => 'L'])->lead()?->file)
        ->toBe('Moss front.jpg')
        ->and($shop->files(['Color' => 'Moss', 'Size' => 'L']))
        ->not->toContain('own.jpg');
});

it(
    'removes a value and adds it again: same SKUs, codes, stock and pictures; each undone to the identical state',
    function (): void {
        $shop = Shop::stocked();
        $start = $shop->state();
        $made = array_map(fn($sku): int => $sku->id, $shop->loaded()->core->made);
        $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
        $without = $shop->state();
        expect($shop->loaded()->core->made)
            ->toHaveCount(8)
            ->and(array_map(fn($row): string => $row->file(), $shop->loaded()->tray()))
            ->toBe(['Clay front.jpg', 'Clay back.jpg', 'Clay worn.jpg', 'Clay detail.jpg'])
            ->and(HistoryEntry::query()->latest('id')->value('words'))
            ->toBe(
                'Removed Color Clay: retires 4 with 40 in stock, 4 pictures return to the tray (2 colors × 4 sizes = 8 SKUs)',
            );

        $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
        expect(array_map(fn($sku): int => $sku->id, $shop->loaded()->core->made))
            ->toBe($made)
            ->and($shop->loaded()->tray())
            ->toBe([])
            ->and($shop->state()['skus'])
            ->toBe($start['skus'])
            ->and($shop->state()['placements'])
            ->toBe($start['placements']);
        $again = $shop->state();

        $shop->undo();
        expect($shop->state())->toBe($without);
        $shop->undo();
        expect($shop->state())->toBe($start);
        $shop->redo();
        expect($shop->state())->toBe($without);
        $shop->redo();
        expect($shop->state())->toBe($again);
    },
);

it(
    'keeps a sleeping link when somebody links the picture elsewhere meanwhile (linking anew replaced it)',
    function (): void {
        $shop = Shop::stocked();
        $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
        app(LinkPhotos::class)->run(
            $shop->change(),
            [$shop->placement('Clay detail.jpg')],
            $shop->part(['Color' => 'Moss']),
        );
        $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
        expect($shop->files(['Color' => 'Clay']))
            ->toBe(['Clay front.jpg', 'Clay back.jpg', 'Clay worn.jpg', 'Clay detail.jpg', 'guide.jpg'])
            ->and($shop->files(['Color' => 'Moss']))
            ->toContain('Clay detail.jpg');
    },
);

it('adds a style to a finished product: nothing is lost, and one undo takes it back', function (): void {
    $shop = Shop::stocked();
    $start = $shop->state();
    $shop->axes(
        ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Buttoned, Pullover'],
        ['style' => 'Pullover'],
    );
    $loaded = $shop->loaded();
    $old = $loaded->core->made[$shop->token(['Color' => 'Moss', 'Size' => 'S', 'Style' => 'Pullover'])];
    expect($loaded->core->made)
        ->toHaveCount(24)
        ->and($old->code)
        ->toBe('SMOCK-MOSS-S')
        ->and($old->stock)
        ->toBe(10)
        ->and($loaded->core->made[$shop->token(['Color' => 'Moss', 'Size' => 'S', 'Style' => 'Buttoned'])]->code)
        ->toBe('SMOCK-MOSS-S-BTT')
        ->and($shop->files(['Color' => 'Moss', 'Style' => 'Buttoned']))
        ->toBe($shop->files(['Color' => 'Moss', 'Style' => 'Pullover']))
        ->and($loaded->tray())
        ->toBe([]);
    $shop->undo();
    expect($shop->state())->toBe($start);
});

it('drops an axis onto the value that stays, with stock added up if asked', function (bool $addsUp, int $stock): void {
    $shop = Shop::stocked();
    $shop->axes(
        ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Buttoned, Pullover'],
        ['style' => 'Buttoned'],
    );
    app(SetStock::class)->run($shop->change(), Selection::whole(), '10');
    $shop->photo('pullover.jpg', ['Style' => 'Pullover']);
    $shop->photo('buttoned.jpg', ['Style' => 'Buttoned', 'Color' => 'Moss']);
    $before = $shop->state();
    $style = DB::table('axes')->where('name', 'Style')->value('id');
    $buttoned = LibraryValue::query()->where('name', 'Buttoned')->value('id');
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL'], [], [$style => $buttoned], $addsUp);
    $loaded = $shop->loaded();
    expect($loaded->core->made)
        ->toHaveCount(12)
        ->and(array_sum(array_map(fn($sku): int => $sku->stock, $loaded->core->made)))
        ->toBe($stock)
        ->and(array_map(fn($row): string => $row->file(), $loaded->tray()))
        ->toBe(['pullover.jpg'])
        ->and($shop->files(['Color' => 'Moss']))
        ->toContain('buttoned.jpg')
        ->and($shop->files(['Color' => 'Clay']))
        ->not->toContain('buttoned.jpg');
    $shop->undo();
    expect($shop->state())->toBe($before);
})->with([[false, 120], [true, 240]]);

it('leaves cells out as rules that later builds keep, and offers them again as they were', function (): void {
    $shop = Shop::stocked();
    $start = $shop->state();
    $cells = $shop->token(['Color' => 'Moss', 'Size' => 'XL']) . ';' . $shop->token(['Size' => 'S']);
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut(Selection::fromKey($cells)));
    expect($shop->loaded()->core->made)->toHaveCount(8);
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']);
    expect($shop->loaded()->core->made)->toHaveCount(11);
    $shop->undo();
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::again(Selection::fromKey($cells)));
    expect($shop->state()['skus'])
        ->toBe($start['skus'])
        ->and($shop->loaded()->core->matrix->leftOut->isNothing())
        ->toBeTrue();
});

it('keeps the library: new values are in it once, whatever their case', function (): void {
    Shop::open('A')->axes(['Color' => 'Moss, Clay', 'size' => 's, M']);
    Shop::open('B')->axes(['COLOR' => 'moss, Oat', 'Size' => 'S, L']);
    expect(LibraryValue::query()->orderBy('id')->pluck('name')->all())
        ->toBe(['Moss', 'Clay', 's', 'M', 'Oat', 'L'])
        ->and(DB::table('axes')->count())
        ->toBe(2)
        ->and(LibraryValue::query()->where('name', 'Moss')->value('swatch'))
        ->toBe('#5f7049');
});

it('puts sizes into order, and keeps an order that was dragged', function (): void {
    $shop = Shop::open();
    $shop->axes(['Size' => 'XL, S, M']);
    $axis = $shop->loaded()->core->matrix->axes[0];
    $labels = fn(): array => array_map(
        fn($value): string => $value->label,
        $shop->loaded()->core->matrix->axes[0]->values,
    );
    expect($labels())->toBe(['S', 'M', 'XL']);
    app(ReorderValues::class)->run($shop->change(), $axis->id, array_reverse($axis->valueIds()));
    expect($labels())->toBe(['XL', 'M', 'S']);
    expect(fn() => app(ReorderValues::class)->run($shop->change(), $axis->id, [1, 2]))->toThrow(
        Refusal::class,
        'changed meanwhile',
    );
});

it('refuses what cannot be, in words, and leaves everything as it was', function (
    Closure $try,
    string $exception,
    string $words,
): void {
    $shop = Shop::stocked();
    Shop::open('OTHER')->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    DB::table('skus')
        ->where('code', 'OTHER-MOSS-S')
        ->update(['code' => 'SMOCK-OAT-S']);
    $before = $shop->state();
    $entries = HistoryEntry::query()->count();
    expect(fn() => $try($shop))->toThrow($exception, $words);
    expect($shop->state())
        ->toBe($before)
        ->and(HistoryEntry::query()->count())
        ->toBe($entries);
})->with([
    'too many cells' => [
        fn(Shop $shop) => $shop->axes(
            ['Color' => 'Moss', 'Number' => implode(',', range(1, 10_001))],
            ['number' => '1'],
        ),
        MatrixTooLarge::class,
        '10,001 cells; a product can have 10,000',
    ],
    'an axis without values' => [
        fn(Shop $shop) => $shop->axes(['Color' => 'Moss', 'Size' => ' , ']),
        AxisWithoutValues::class,
        'Size has no value',
    ],
    'an axis twice' => [
        fn(Shop $shop) => $shop->axes(['Color' => 'Moss', 'color ' => 'Clay']),
        Refusal::class,
        'stands twice',
    ],
    'values without an axis' => [fn(Shop $shop) => $shop->axes(['' => 'S, M']), Refusal::class, 'give the axis a name'],
    'a code another product has' => [
        fn(Shop $shop) => $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']),
        Core\Codes\CodeNotFree::class,
        '“SMOCK-OAT-S” for Oat, S is the code of a SKU of Potting smock already. Give it another, such as SMOCK-OAT-S-2',
    ],
    'a missing comma' => [
        fn(Shop $shop) => $shop->axes(['Color' => str_repeat('Moss ', 30)]),
        Refusal::class,
        'Is a comma missing?',
    ],
]);

it('tells the later of two people what changed, and writes nothing for them', function (): void {
    $shop = Shop::stocked();
    $other = Shop::person(Right::Edit, 'Ines');
    $stale = $shop->version();
    app(SetStock::class)->run($shop->change(), Selection::whole(), '5');
    $before = $shop->state();
    expect(
        fn() => app(SetStock::class)->run(new Change($other, $shop->product->id, $stale), Selection::whole(), '9'),
    )->toThrow(StaleVersion::class, 'Stock of the whole product set to 5 (was 10)');
    expect($shop->state())->toBe($before);
});

it('lets nobody change without the right', function (): void {
    $shop = Shop::stocked();
    app(SetStock::class)->run(
        new Change(Shop::person(Right::View), $shop->product->id, $shop->version()),
        Selection::whole(),
        '9',
    );
})->throws(AuthorizationException::class);

it(
    'goes home to another value than the one that stayed, with a code of its own for what comes in its place (it ended in a clash)',
    function (): void {
        $shop = Shop::stocked();
        $sizes = $shop->loaded()->core->matrix->axes[1]->id;
        $moss = $shop->sku(['Color' => 'Moss', 'Size' => 'M'])->id;
        $shop->axes(['Color' => 'Moss, Clay, Slate'], survivors: [$sizes => $shop->id('M')]);
        $send = fn(string $path, array $more) => test()
            ->actingAs($shop->user)
            ->post(
                "/products/SMOCK/{$path}",
                $more + [
                    'axes' => [
                        ['name' => 'Color', 'values' => 'Moss, Clay, Slate'],
                        ['name' => 'Size', 'values' => 'S, M, L, XL'],
                    ],
                    'homes' => ['1' => Core\Changes\Matrix\DraftValue::existing($shop->id('S'))->toJson()],
                    'version' => $shop->version(),
                ],
                ['HX-Request' => 'true'],
            );
        // The plan proposes a way out for each, in a field of its own.
        $plan = $send('setup/plan', [])
            ->assertOk()
            ->assertSee('“SMOCK-MOSS-M” for Moss, M is the code of a SKU of Potting smock already');
        preg_match_all('/name="codes\[([^\]]+)\]" value="([^"]+)"/', (string) $plan->getContent(), $found);
        expect($found[2])->toBe(['SMOCK-MOSS-M-2', 'SMOCK-CLAY-M-2', 'SMOCK-SLT-M-2']);
        $send('setup', [])->assertStatus(422)->assertSee('is the code of a SKU');
        $send('setup', ['codes' => array_combine($found[1], $found[2])])->assertOk();
        expect($shop->loaded()->core->made)
            ->toHaveCount(12)
            ->and($shop->sku(['Color' => 'Moss', 'Size' => 'S'])->id)
            ->toBe($moss)
            ->and($shop->sku(['Color' => 'Moss', 'Size' => 'M'])->code)
            ->toBe('SMOCK-MOSS-M-2');
        $shop->undo();
        expect($shop->loaded()->core->made)->toHaveCount(3);
    },
);
