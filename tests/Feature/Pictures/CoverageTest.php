<?php

declare(strict_types=1);

use App\Actions\Library\SaveShotList;
use App\Actions\Library\SaveView;
use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Pictures\PlaceInStrip;
use App\Actions\Pictures\SetShot;
use App\Actions\Product\UndoRedo;
use App\History\Change;
use App\Models\Library;
use App\Models\LibraryView;
use App\Models\Product;
use App\Models\Right;
use App\Models\ShotListRecord;
use App\Store\Library\ViewForm;
use App\Store\Words\ShopWords;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ProductList;
use App\Summaries\Shooting\ShootingLine;
use App\Summaries\Shooting\ShootingList;
use App\Summaries\Summaries;
use Core\Changes\Matrix\OfferCells;
use Core\Changes\Pictures\PlaceInGallery;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\Support\LazyCounts;
use Tests\Support\Shop;

/** @return list<array<string, mixed>> */
function reported(string ...$codes): array
{
    Artisan::call('slate:coverage', ['product' => $codes, '--json' => true]);

    return json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR);
}

/**
 * What is missing, as every place says it that can: the map, the board, the catalog's bar, its map, the command, the
 * shooting list.
 */
function missingEverywhere(Shop $shop): array
{
    while (app(Summaries::class)->countSome() > 0);
    $code = $shop->product->code;
    $map = (string) test()
        ->get("/products/{$code}/coverage")
        ->assertOk()
        ->getContent();
    preg_match_all('/data-hole data-onto="[^"]+" data-view="[^"]+" data-words="([^"]+)"/', $map, $holes);
    $board = (string) test()
        ->get("/products/{$code}")
        ->assertOk()
        ->getContent();
    preg_match_all('/<i class="missing/', $board, $marks);
    $rows = array_filter(reported($code), fn(array $row): bool => $row['state'] === 'missing');
    $required = count(array_filter($rows, fn(array $row): bool => $row['required']));
    $kept = DB::table('product_summaries')->where('product_id', $shop->product->id)->first();
    $all = count(array_filter(reported($code), fn(array $row): bool => $row['required']));
    $lines = iterator_to_array(app(ShootingList::class)->of([$shop->product->id]), false);

    expect(count($holes[1]))
        ->toBe(count($rows))
        ->and(count($marks[0]))
        ->toBe(count($rows))
        ->and($kept->holes)
        ->toBe($required)
        ->and($kept->coverage)
        ->toBe($all === 0 ? 100 : intdiv(100 * ($all - $required), $all))
        ->and((int) DB::table('coverage_summaries')->where('product_id', $shop->product->id)->sum('missing'))
        ->toBe(count($rows));
    test()
        ->get('/coverage')
        ->assertOk()
        ->assertSee($kept->coverage . ' %');
    test()
        ->get('/')
        ->assertOk()
        ->assertSee("{$kept->coverage} %");
    $words = array_map(
        fn(array $row): string => implode(', ', [
            ...array_values($row['combination']) ?: ['Whole product'],
            $row['view'],
        ]),
        array_values($rows),
    );
    sort($words);
    $said = $holes[1];
    sort($said);
    expect($said)->toBe($words);
    // A view of the whole product is asked for once.
    expect(count(array_filter($lines, fn(ShootingLine $line): bool => !$line->view->showing->isOfAll())))->toBe(
        count(array_filter($rows, fn(array $row): bool => $row['view'] !== 'size guide')),
    );

    return $words;
}

function live(Shop $shop, string $path, array $input, string $page = 'coverage'): TestResponse
{
    return test()->post(
        "/products/{$shop->product->code}/{$path}",
        $input + ['version' => $shop->version(), 'page' => $page],
        ['HX-Request' => 'true'],
    );
}

function libraryChange(Shop $shop): Change
{
    return new Change($shop->user, null, Library::whole()->version);
}

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs($this->shop->user);
});

it(
    'says the same of what is missing in all places, before a file is dropped where one is missing and after, and after undo',
    function (): void {
        $shop = $this->shop;
        $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']);
        $before = missingEverywhere($shop);
        expect($before)->toBe(['Oat, back', 'Oat, detail', 'Oat, front', 'Oat, worn']);
        $state = $shop->state();

        $this->post('/products/SMOCK/photos', [
            'files' => [new UploadedFile(Shop::picture('oat'), 'IMG_0042.jpg', null, null, true)],
            'onto' => $shop->token(['Color' => 'Oat']),
            'view' => 'front',
        ])
            ->assertOk()
            ->assertJsonPath('refused', []);
        expect(missingEverywhere($shop))
            ->toBe(['Oat, back', 'Oat, detail', 'Oat, worn'])
            ->and($shop->files(['Color' => 'Oat', 'Size' => 'M']))
            ->toBe(['guide.jpg', 'IMG_0042.jpg'])
            ->and($shop->words())
            ->toBe('Took in IMG_0042.jpg, linked to Oat, all sizes');

        // The same picture dropped where another view is missing is that view there.
        $this->post('/products/SMOCK/photos', [
            'files' => [new UploadedFile(Shop::picture('Moss back.jpg'), 'again.jpg', null, null, true)],
            'onto' => $shop->token(['Color' => 'Oat']),
            'view' => 'back',
        ])->assertOk();
        expect(missingEverywhere($shop))->toBe(['Oat, detail', 'Oat, worn']);
        $shop->undo();
        $shop->undo();
        expect(missingEverywhere($shop))->toBe($before)->and($shop->state())->toEqual($state);
    },
);

it('fills a hole with a picture that is here, in one act', function (): void {
    $shop = $this->shop;
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']);
    $id = $shop->photo('unnamed.jpg', []);
    app(App\Actions\Pictures\UnlinkPhotos::class)->everywhere($shop->change(), [$id], Selection::whole());
    $oat = $shop->token(['Color' => 'Oat']);
    live($shop, 'coverage/place', ['onto' => $oat, 'view' => 'detail'])
        ->assertOk()
        ->assertSee('Detail of Oat')
        ->assertSee('Missing on 4 SKUs.')
        ->assertSee('unnamed.jpg')
        ->assertSee('not linked');
    live($shop, 'coverage/fill', ['placements' => [$id], 'onto' => $oat, 'view' => 'detail'])
        ->assertOk()
        ->assertSee('2 of 12 required pictures')
        ->assertDontSee('Oat, detail, required: missing');
    expect($shop->words())
        ->toBe('unnamed.jpg is the detail of Oat')
        ->and(missingEverywhere($shop))
        ->toBe(['Oat, back', 'Oat, front', 'Oat, worn']);
    live($shop, 'coverage/fill', ['placements' => [$id], 'onto' => '*', 'view' => 'nosuch'])
        ->assertStatus(422)
        ->assertSee('no view');
    live($shop, 'coverage/fill', ['placements' => [$id], 'onto' => '99:99', 'view' => 'front'])->assertStatus(422);
});

it('lets a product differ in one view from its shot list, with a reason', function (): void {
    $shop = $this->shop;
    $set = app(SetShot::class);
    expect(fn() => $set->run($shop->change(), View::usual('worn'), Need::NotWanted, ' '))
        ->toThrow(Refusal::class, 'Say why')
        ->and(fn() => $set->run($shop->change(), View::usual('worn'), Need::Wanted, str_repeat('x', 121)))
        ->toThrow(Refusal::class, '120 characters');
    $before = $shop->state();
    $set->run($shop->change(), View::usual('detail'), Need::NotWanted, 'plain cloth');
    $set->run($shop->change(), View::usual('flat'), Need::Required, '');
    expect($shop->words())
        ->toBe('Flat pictures required here')
        ->and(missingEverywhere($shop))
        ->toBe(['Clay, flat', 'Moss, flat', 'Slate, flat']);
    $this->get('/products/SMOCK/coverage')
        ->assertSee('plain cloth')
        ->assertSee('3 of 9 required pictures are missing; 12 SKUs lack at least one.');
    $this->get(
        '/products/SMOCK/history/compare?from=' .
            $shop->entryBefore((int) DB::table('history')->where('product_id', $shop->product->id)->max('id'), 2),
    )
        ->assertOk()
        ->assertSee('Detail pictures');
    $set->run($shop->change(), View::usual('flat'), null, '');
    expect(missingEverywhere($shop))->toBe([]);
    $shop->undo();
    $shop->undo();
    $shop->undo();
    expect($shop->state())->toEqual($before);
});

it('asks for pictures by names that are read fully, at 0.99, as what they were asked for', function (): void {
    $shop = $this->shop;
    $shop->axes(
        ['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL', 'Style' => 'Buttoned, Pullover'],
        ['style' => 'Buttoned'],
    );
    app(SaveView::class)->run(libraryChange($shop), null, ViewForm::typed('inner seam', 'goods', '', ''));
    app(SaveShotList::class)->run(libraryChange($shop), 1, 'Garment', [
        'front' => 'required',
        'inner-seam' => 'required',
        'top' => 'wanted',
        'pack' => 'wanted',
        'size guide' => 'required',
    ]);
    app(App\Actions\Pictures\UnlinkPhotos::class)->everywhere(
        $shop->change(),
        [$shop->placement('guide.jpg')],
        Selection::whole(),
    );
    $single = Shop::open('TWINE');
    $single->axes([]);
    while (app(Summaries::class)->countSome() > 0);

    $lines = iterator_to_array(
        app(ShootingList::class)->of(array_values(Product::query()->orderBy('id')->pluck('id')->all())),
        false,
    );
    expect(array_filter($lines, fn(ShootingLine $line): bool => $line->file === ''))
        ->toBe([])
        ->and(count(array_unique(array_map(fn(ShootingLine $line): string => $line->file, $lines))))
        ->toBe(count($lines))
        ->toBeGreaterThan(15);
    $folder = sys_get_temp_dir() . '/shots-' . bin2hex(random_bytes(4));
    File::ensureDirectoryExists($folder);
    $blank = new Imagick();
    $blank->newImage(60, 60, '#ffffff', 'jpeg');
    foreach ($lines as $line) {
        $blank->writeImage("jpeg:{$folder}/{$line->file}");
    }
    Artisan::call('slate:match', ['dir' => $folder, '--json' => true]);
    $read = array_column(json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR), null, 'file');
    foreach ($lines as $line) {
        expect($read[$line->file]['product'])
            ->toBe($line->code)
            ->and($read[$line->file]['view'])
            ->toBe($line->view->name)
            ->and($read[$line->file]['confidence'])
            ->toBe(0.99)
            ->and($read[$line->file]['reach'])
            ->toBe([array_map(fn(string $label): array => [$label], $line->choice)]);
    }
});

it('writes the shooting list as a sheet and as a page, grouped as a photographer works', function (): void {
    $shop = $this->shop;
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']);
    missingEverywhere($shop);
    $file = sys_get_temp_dir() . '/shots-' . bin2hex(random_bytes(4)) . '.csv';
    expect(Artisan::call('slate:coverage', ['product' => ['SMOCK'], '--shooting-list' => $file]))
        ->toBe(1)
        ->and(Artisan::output())
        ->toContain('4 pictures to be taken')
        ->and(explode("\n", (string) file_get_contents($file))[1])
        ->toBe('SMOCK,"Potting smock",Oat,front,required,4,SMOCK-OAT-S_front.jpg')
        ->and(Artisan::call('slate:coverage', ['product' => ['NOSUCH']]))
        ->toBe(2)
        ->and(Artisan::call('slate:coverage', ['product' => ['SMOCK'], '--shooting-list' => '/nosuch/folder/a.csv']))
        ->toBe(2);
    $this->get('/coverage/shooting-list')
        ->assertOk()
        ->assertSee('4 pictures to be taken, 3 required')
        ->assertSee('SMOCK-OAT-S_front.jpg');
    $this->get('/coverage/shooting-list?by=view')
        ->assertOk()
        ->assertSeeInOrder(['Back', 'Detail', 'Front', 'Worn']);
    $this->get('/coverage/shooting-list?by=color&product=SMOCK')
        ->assertOk()
        ->assertSeeInOrder(['Oat', '4 pictures']);
    $this->get('/coverage/shooting-list?product=NOSUCH')->assertNotFound();
    expect($this->get('/coverage/shooting-list.csv')->assertOk()->streamedContent())->toBe(
        (string) file_get_contents($file),
    );
    app(SetShot::class)->run($shop->change(), View::usual('worn'), Need::NotWanted, 'not this one');
    $this->get('/coverage/shooting-list?lacks=worn')->assertOk()->assertSee('Nothing is missing');
    $this->get('/coverage/shooting-list?lacks=front')->assertOk()->assertSee('3 pictures to be taken');
});

it('shows over the catalog what lacks which view, filtered and sorted from kept counts', function (): void {
    $shop = $this->shop;
    $bare = Shop::open('BARE');
    $bare->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    missingEverywhere($shop);
    $list = app(ProductList::class);
    $codes = fn(array $filters): array => array_map(
        fn($row): string => $row->code,
        $list->page(new ListQuery('', $filters))->rows,
    );
    expect($codes(['lacks' => 'worn']))
        ->toBe(['BARE'])
        ->and($codes(['lacks' => 'any']))
        ->toBe(['BARE'])
        ->and($codes(['lacks' => 'pack']))
        ->toBe([]);
    $this->get('/coverage')
        ->assertOk()
        ->assertSeeInOrder(['BARE', 'SMOCK'])
        ->assertSee('front, required: 1 missing on 2 SKUs', false)
        ->assertSee('required: 3 there');
    $this->get('/coverage?lacks=front&sort=name')
        ->assertOk()
        ->assertSee('BARE')
        ->assertDontSee('/products/SMOCK/')
        ->assertSee('1 of 2 products');
    $bare->photo('one.jpg', ['Color' => 'Moss'], View::usual('front'));
    missingEverywhere($bare);
    expect($codes(['lacks' => 'front']))
        ->toBe([])
        ->and(DB::table('catalog_totals')->where('facet', 'lacks')->where('value', 'front')->value('products'))
        ->toBe(0);
});

it('never counts what is left out, open or retired', function (): void {
    $shop = $this->shop;
    app(LeaveOutCells::class)->run($shop->change(), OfferCells::leaveOut($shop->part(['Color' => 'Slate'])));
    expect(
        array_unique(array_map(fn(array $row): string => $row['combination']['Color'], reported('SMOCK'))),
    )->not->toContain('Slate');
    missingEverywhere($shop);
    $shop->axes(['Color' => 'Moss, Slate', 'Size' => 'S, M, L, XL']);
    expect(
        array_values(
            array_unique(array_map(fn(array $row): string => $row['combination']['Color'], reported('SMOCK'))),
        ),
    )->toBe(['Moss']);
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Moss', 'Size' => 'S'])),
    );
    expect(array_unique(array_column(reported('SMOCK'), 'skus')))->toBe([3]);
    missingEverywhere($shop);
    $open = Shop::open('OPEN');
    expect(reported('OPEN'))->toBe([]);
    missingEverywhere($open);
});

it('keeps coverage and roles with the colors through every change of the matrix, and undoes it whole', function (
    Closure $deed,
    int $undos,
): void {
    $shop = $this->shop;
    app(SetShot::class)->run($shop->change(), View::usual('detail'), Need::Wanted, 'seldom asked for');
    $look = fn(): array => [
        $shop->state(),
        reported('SMOCK'),
        array_map(
            fn($sku): ?string => $shop->loaded()->core->galleries()->of($sku->cell)->role(Role::Lead)->placement()
                ?->file,
            array_values($shop->loaded()->core->made),
        ),
    ];
    $before = $look();
    $deed($shop);
    missingEverywhere($shop);
    foreach (range(1, $undos) as $_) {
        $shop->undo();
    }
    expect($look())->toEqual($before);
    missingEverywhere($shop);
})->with([
    'renamed' => [
        fn(Shop $shop) => app(App\Actions\Matrix\EditValue::class)->run(
            $shop->change(),
            $shop->id('Moss'),
            App\Store\Library\ValueForm::typed('Lichen', 'LCH'),
            true,
        ),
        1,
    ],
    'merged' => [
        function (Shop $shop): void {
            $shop->merge('Clay', 'Moss');
            expect(
                array_column(
                    array_filter(
                        reported('SMOCK'),
                        fn(array $row): bool => $row['combination']['Color'] === 'Moss' && $row['view'] === 'front',
                    ),
                    'files',
                ),
            )->toBe([['Moss front.jpg', 'Clay front.jpg']]);
        },
        1,
    ],
    'removed and revived' => [
        function (Shop $shop): void {
            $before = reported('SMOCK');
            $shop->axes(['Color' => 'Clay, Slate', 'Size' => 'S, M, L, XL']);
            expect(count(reported('SMOCK')))->toBeLessThan(count($before));
            $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL']);
            expect(reported('SMOCK'))->toEqual($before);
        },
        2,
    ],
    'an axis added' => [
        function (Shop $shop): void {
            $shop->axes(
                ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Buttoned, Pullover'],
                ['style' => 'Buttoned'],
            );
            expect(array_unique(array_column(reported('SMOCK'), 'state')))->not->toContain('missing');
        },
        1,
    ],
]);

it('aligns scrambled strips in one act, and takes it back in one', function (string $way): void {
    $shop = Shop::open('ALIGN');
    $colors = ['Moss', 'Clay', 'Slate', 'Oat', 'Ink', 'Straw', 'Berry', 'Fern'];
    $views = ['front', 'back', 'side', 'detail', 'worn', 'flat'];
    $shop->axes(['Color' => implode(', ', $colors), 'Size' => 'S, M']);
    $files = array_merge(
        ...array_map(
            fn(string $color): array => array_map(fn(string $view): string => "{$color} {$view}.jpg", $views),
            $colors,
        ),
    );
    mt_srand(4);
    shuffle($files);
    $shop->receive(array_combine($files, array_map(Shop::picture(...), $files)));
    foreach ($colors as $color) {
        app(App\Actions\Pictures\LinkPhotos::class)->run(
            $shop->change(),
            array_map(fn(string $view): int => $shop->placement("{$color} {$view}.jpg"), $views),
            $shop->part(['Color' => $color]),
        );
    }
    foreach ($views as $view) {
        app(App\Actions\Pictures\DescribePhotos::class)->view(
            $shop->change(),
            array_map(fn(string $color): int => $shop->placement("{$color} {$view}.jpg"), $colors),
            View::usual($view),
        );
    }
    $this->actingAs($shop->user)->get('/products/ALIGN/contact')->assertOk()->assertSee('of 8 strips differ in order');
    $state = $shop->state();
    live($shop, "photos/{$way}", ['selected' => $shop->token(['Color' => 'Oat'])], 'contact')
        ->assertOk()
        ->assertSee('All 8 strips have one sequence');
    $this->get('/products/ALIGN/contact?align=view')->assertOk()->assertSee('All 8 strips have one sequence');
    $shop->undo();
    expect($shop->state())->toEqual($state);
})->with(['follow-shot-list', 'match-others']);

it('brings a picture into another strip as well, or instead, at its place', function (): void {
    $shop = $this->shop;
    $before = $shop->state();
    $id = $shop->placement('Moss detail.jpg');
    app(PlaceInStrip::class)->run(
        $shop->change(),
        new PlaceInGallery($id, $shop->part(['Color' => 'Moss']), $shop->part(['Color' => 'Clay']), 1, false),
    );
    expect($shop->words())
        ->toBe('Put Moss detail.jpg at place 2 of Clay')
        ->and($shop->files(['Color' => 'Clay']))
        ->toBe(['Clay front.jpg', 'Moss detail.jpg', 'Clay back.jpg', 'Clay worn.jpg', 'Clay detail.jpg', 'guide.jpg'])
        ->and($shop->files(['Color' => 'Moss']))
        ->toContain('Moss detail.jpg');
    app(PlaceInStrip::class)->run(
        $shop->change(),
        new PlaceInGallery($id, $shop->part(['Color' => 'Moss']), $shop->part(['Color' => 'Slate']), 99, true),
    );
    expect($shop->files(['Color' => 'Moss']))
        ->not->toContain('Moss detail.jpg')
        ->and(array_slice($shop->files(['Color' => 'Slate']), -1))
        ->toBe(['Moss detail.jpg'])
        ->and($shop->files(['Color' => 'Clay']))
        ->toContain('Moss detail.jpg');
    $shop->undo();
    $shop->undo();
    expect($shop->state())->toEqual($before);
    live(
        $shop,
        'photos/place',
        ['placements' => [$id], 'selected' => $shop->token(['Color' => 'Moss']), 'onto' => '1:99999', 'to' => 0],
        'contact',
    )->assertStatus(422);
});

it('gives roles by a rule over all colors in one act, shown before', function (): void {
    $shop = $this->shop;
    $shop->photo('Moss second back.jpg', ['Color' => 'Moss'], View::usual('back'), Role::Hover);
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat', 'Size' => 'S, M, L, XL']);
    $state = $shop->state();
    $rule = ['views' => ['lead' => 'worn', 'hover' => 'back', 'card' => '']];
    live($shop, 'roles/plan', $rule, 'roles')
        ->assertOk()
        ->assertSee('6 of 8 change.')
        ->assertSee('Oat has no worn picture; its Lead stays as it is.')
        ->assertSee('Moss second back.jpg')
        ->assertSee('Moss worn.jpg');
    expect($shop->state())->toEqual($state);
    live($shop, 'roles', $rule, 'roles')
        ->assertOk()
        ->assertSee('Lead is the worn, Hover is the back, in every picture combination that has one');
    $roles = fn(string $color): array => array_map(
        fn(Role $role): ?string => $shop
            ->gallery(['Color' => $color, 'Size' => 'M'])
            ->role($role)
            ->placement()?->file,
        [Role::Lead, Role::Hover],
    );
    expect($roles('Moss'))
        ->toBe(['Moss worn.jpg', 'Moss back.jpg'])
        ->and($roles('Slate'))
        ->toBe(['Slate worn.jpg', 'Slate back.jpg'])
        ->and(
            json_decode(
                (string) DB::table('placements')->where('id', $shop->placement('Moss front.jpg'))->value('roles'),
            ),
        )
        ->toBe([]);
    $shop->undo();
    expect($shop->state())->toEqual($state);
    live($shop, 'roles', ['views' => ['lead' => '']], 'roles')
        ->assertStatus(422)
        ->assertSee('Choose a view');
    live($shop, 'roles/choose', ['selected' => $shop->token(['Color' => 'Moss']), 'role' => 'lead'], 'roles')
        ->assertOk()
        ->assertSee('Lead of Moss')
        ->assertSee('has it; take it away');
    $this->get('/products/SMOCK/roles')->assertOk()->assertSee('stepped in as the Lead')->assertSee('for Moss');
});

it('names two pictures for one job in the role table, and settles it there', function (): void {
    $shop = $this->shop;
    DB::table('placements')
        ->where('id', $shop->placement('Moss back.jpg'))
        ->update(['roles' => '["lead"]']);
    $this->get('/products/SMOCK/roles')
        ->assertOk()
        ->assertSee('1 with more than one picture for the same job')
        ->assertSee('assigned twice');
    live(
        $shop,
        'photos/role',
        ['placements' => [$shop->placement('Moss front.jpg')], 'role' => 'lead', 'take' => 0],
        'roles',
    )
        ->assertOk()
        ->assertDontSee('assigned twice');
});

it('makes views and shot lists in the library, says whom they touch, counts anew, and undoes', function (): void {
    $shop = $this->shop;
    missingEverywhere($shop);
    $this->get('/library/shots')->assertOk()->assertSee('Garment')->assertSee('rückseite');
    $post = fn(string $path, array $input): TestResponse => $this->post(
        "/library/shots/{$path}",
        $input + ['version' => Library::whole()->version],
        ['HX-Request' => 'true'],
    );
    $post('views', ['name' => 'Sole', 'showing' => 'goods', 'words' => 'outsole, unten'])
        ->assertOk()
        ->assertSee('Sole, outsole, unten');
    expect(LibraryView::query()->where('name', 'Sole')->value('key'))->toBe('sole');
    $post('views', ['name' => 'sole', 'showing' => 'goods', 'words' => ''])
        ->assertStatus(422)
        ->assertSee('There is a view Sole already.');
    $post('views', ['name' => '360', 'showing' => 'goods', 'words' => 'back'])
        ->assertStatus(422)
        ->assertSee('“back” means the view back already');
    $post('views', ['name' => '360', 'showing' => 'goods', 'words' => ''])->assertOk();
    expect(LibraryView::query()->where('name', '360')->value('key'))->toBe('view-360');
    $post('views', ['name' => str_repeat('12345', 8), 'showing' => 'goods', 'words' => ''])->assertOk();
    $post('views', ['name' => str_repeat('12345', 7), 'showing' => 'goods', 'words' => ''])->assertOk();
    $post('views', ['name' => '後ろ', 'showing' => 'back', 'words' => '後ろ姿'])->assertOk();
    expect(LibraryView::query()->orderByDesc('id')->limit(3)->pluck('key')->all())->toBe([
        'view',
        'view-123451234512345-2',
        'view-123451234512345',
    ]);
    $this->get('/library/shots/lists/1')
        ->assertOk()
        ->assertSee('Changing it changes what is missing of Potting smock.');
    $list = ShotListRecord::query()->findOrFail(1);
    $post('lists/1', [
        'name' => 'Garment',
        'need' => ['sole' => 'required', 'front' => 'wanted', 'nosuch' => 'required', 'back' => ''],
    ])->assertOk();
    expect(
        ShotListRecord::query()
            ->findOrFail(1)
            ->only(['views', 'required']),
    )
        ->toBe(['views' => ['sole', 'front'], 'required' => ['sole']])
        ->and(missingEverywhere($shop))
        ->toBe(['Clay, Sole', 'Moss, Sole', 'Slate, Sole']);
    $sole = LibraryView::query()->where('key', 'sole')->firstOrFail();
    $post("views/{$sole->id}/remove", [])
        ->assertStatus(422)
        ->assertSee('is on the shot list Garment');
    $post('lists', ['name' => 'garment', 'need' => ['front' => 'wanted']])
        ->assertStatus(422)
        ->assertSee('already');
    $post('lists', ['name' => 'Boots', 'need' => []])
        ->assertStatus(422)
        ->assertSee('at least one view');
    $post('lists/1/remove', [])->assertStatus(422)->assertSee('Garment stays');
    // Renamed, it is the same view still.
    $id = $shop->photo('sole.jpg', ['Color' => 'Moss'], $sole->toCore());
    $post("views/{$sole->id}", ['name' => 'Outsole', 'showing' => 'goods', 'words' => ''])->assertOk();
    expect(missingEverywhere($shop))->toBe(['Clay, Outsole', 'Slate, Outsole']);
    $post("views/{$sole->id}/remove", [])->assertStatus(422);
    app(UndoRedo::class)->undo(libraryChange($shop));
    app(UndoRedo::class)->undo(libraryChange($shop));
    expect(
        ShotListRecord::query()
            ->findOrFail(1)
            ->only(['views', 'required']),
    )
        ->toBe($list->only(['views', 'required']))
        ->and(missingEverywhere($shop))
        ->toBe([]);
    app(UndoRedo::class)->redo(libraryChange($shop));
    expect(missingEverywhere($shop))->toBe(['Clay, Sole', 'Slate, Sole']);
    expect($id)->toBeGreaterThan(0);
});

it('reads names of files by the words of the library’s views', function (): void {
    app(SaveView::class)->run(libraryChange($this->shop), null, ViewForm::typed('Sole', 'goods', 'outsole, suela', ''));
    while (app(Summaries::class)->countSome() > 0);
    $names = [new DroppedName('SMOCK_moss_suela.jpg')];
    [$verdict] = (new DropReader(app(ShopWords::class)->of($names)))->read($names);
    expect($verdict->view?->name)->toBe('Sole')->and($verdict->confidence)->toBe(0.95);
});

it('gives back a product a shot list only while the library has it', function (): void {
    $shop = $this->shop;
    app(SaveShotList::class)->run(libraryChange($shop), null, 'Boots', ['front' => 'required']);
    $boots = (int) ShotListRecord::query()->where('name', 'Boots')->value('id');
    app(App\Actions\Product\EditDetails::class)->run($shop->change(), 'shot_list_id', $boots);
    app(App\Actions\Product\EditDetails::class)->run($shop->change(), 'shot_list_id', 1);
    app(App\Actions\Library\RemoveShotList::class)->run(libraryChange($shop), $boots);
    expect(fn() => $shop->undo())->toThrow(Refusal::class, 'not there any more');
});

it(
    'proposes picture axes from what is linked, shows what another choice does to coverage, and undoes it',
    function (): void {
        $shop = $this->shop;
        $shop->axes(
            ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Style' => 'Buttoned, Pullover'],
            ['style' => 'Buttoned'],
        );
        $shop->photo('one size.jpg', ['Color' => 'Moss', 'Size' => 'XL'], View::usual('flat'));
        $before = $shop->state();
        $now = reported('SMOCK');
        [$color, $size] = array_map($shop->id(...), ['Color', 'Size']);
        live($shop, 'picture-axes/plan', [])
            ->assertOk()
            ->assertSee('13 of 13 pictures are linked by Color')
            ->assertSee('1 of 13 pictures are linked by Size')
            ->assertSee('0 of 13 pictures are linked by Style')
            ->assertSee('Now: 6 galleries, 100 % of the required views there, 0 missing.')
            ->assertSeeInOrder(['by Color', 'proposed', 'by Size']);
        live($shop, 'picture-axes/plan', ['said' => 1, 'picture_axes' => [$color => '1']])
            ->assertOk()
            ->assertSee('Then: 3 galleries, 100 %');
        live($shop, 'picture-axes/plan', ['said' => 1])
            ->assertOk()
            ->assertSee('Then: 1 gallery, 100 %');
        live($shop, 'picture-axes', ['picture_axes' => [$color => '1', $size => '1']])
            ->assertOk()
            ->assertSee('Moss, XL');
        expect($shop->words())
            ->toBe('Pictures differ by Color and Size')
            ->and(count(reported('SMOCK')))
            ->toBe(2 * count($now));
        missingEverywhere($shop);
        live($shop, 'picture-axes', [])->assertOk()->assertSee('Whole product');
        expect(array_unique(array_column(reported('SMOCK'), 'skus')))->toBe([24]);
        $shop->undo();
        $shop->undo();
        expect($shop->state())->toEqual($before)->and(reported('SMOCK'))->toEqual($now);
    },
);

it('draws forty strips of twelve pictures in as many queries as few', function (): void {
    $shop = $this->shop;
    $ask = function (string $path): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($path)->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $paths = ['/products/SMOCK/contact', '/products/SMOCK/coverage', '/products/SMOCK/roles', '/coverage'];
    // What is read once and remembered is read by now.
    array_map($ask, $paths);
    $few = array_map($ask, $paths);
    $shop->axes([
        'Color' => implode(', ', array_map(fn(int $at): string => "Shade {$at}", range(1, 40))),
        'Size' => 'S, M',
    ]);
    $photo = DB::table('placements')->where('product_id', $shop->product->id)->value('photo_id');
    $rows = [];
    foreach ($shop->loaded()->core->matrix->axes[0]->values as $value) {
        foreach (range(1, 12) as $at) {
            $rows[] = [
                'product_id' => $shop->product->id,
                'photo_id' => $photo,
                'file_name' => "{$value->label} {$at}.jpg",
                'position' => count($rows) + 100,
                'reach' => json_encode([[$shop->loaded()->core->matrix->axes[0]->id => [$value->id]]]),
                'hidden' => '[]',
                'view' => ['front', 'back', 'detail'][$at % 3],
                'roles' => '[]',
                'alt_text' => '',
            ];
        }
    }
    DB::table('placements')->insert($rows);
    $this->get('/products/SMOCK/contact')->assertOk()->assertSee('Shade 40')->assertSee('Shade 7 12.jpg');
    LazyCounts::settle();
    expect(array_map($ask, $paths))->toBe($few)->and(max($few))->toBeLessThan(30);
});

it('shows the maps to who may only look, and lets them change nothing', function (): void {
    $shop = $this->shop;
    $this->actingAs(Shop::person(Right::View));
    foreach (
        [
            '/products/SMOCK/contact',
            '/products/SMOCK/coverage',
            '/products/SMOCK/roles',
            '/coverage',
            '/coverage/shooting-list',
            '/library/shots',
        ]
        as $path
    ) {
        $this->get($path)
            ->assertOk()
            ->assertDontSee('Follow the shot list</button>', false)
            ->assertDontSee('Roles by rule');
    }
    foreach (['coverage/fill', 'coverage/shot', 'coverage/place', 'photos/place', 'roles', 'roles/plan'] as $path) {
        live($shop, $path, [])->assertForbidden();
    }
    foreach (['lists', 'lists/1', 'lists/1/remove', 'views', 'views/1', 'views/1/remove'] as $path) {
        $this->post("/library/shots/{$path}")->assertForbidden();
    }
});
