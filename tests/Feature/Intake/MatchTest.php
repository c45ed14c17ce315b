<?php

declare(strict_types=1);

use App\Actions\Intake\TeachWord;
use App\Actions\Pictures\ReceivePhotos;
use App\Actions\Product\CreateProduct;
use App\Actions\Product\EditDetails;
use App\Actions\Skus\SetCode;
use App\History\Change;
use App\Media\Incoming\IncomingFile;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Words\ShopWords;
use Core\Color\Names\ColorNames;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Matching\Verdict;
use Core\Text\Name;
use Database\Seeders\LargeCatalog;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Support\Shop;

/**
 * Pictures of cloth on white, of the color that their name says.
 *
 * @param  list<string>  $files  names, with folders
 * @param  array<string, string>  $drawn  what another color was drawn in
 */
function folderOf(array $files, array $drawn = []): string
{
    $folder = sys_get_temp_dir() . '/drop-' . bin2hex(random_bytes(4));
    foreach ($files as $file) {
        File::ensureDirectoryExists(dirname("{$folder}/{$file}"));
        $picture = new Imagick();
        $picture->newImage(96, 96, '#f7f7f5', 'png');
        $cloth = new ImagickDraw();
        $cloth->setFillColor($drawn[$file] ?? (ColorNames::hex(Name::of($file)->folded) ?? '#808080'));
        $cloth->ellipse(48, 48, 26, 32, 0, 360);
        $picture->drawImage($cloth);
        $picture->writeImage("png:{$folder}/{$file}");
    }

    return $folder;
}

/** @return array<string, array<string, mixed>> file => what is said of it */
function matched(string $folder, array $options = []): array
{
    expect(Artisan::call('slate:match', ['dir' => $folder, '--json' => true] + $options))->toBe(0);

    return array_column(json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR), null, 'file');
}

function readNow(string $file, ?Product $given = null): Verdict
{
    $names = [new DroppedName($file)];

    return (new DropReader(app(ShopWords::class)->of($names, $given)))->read($names, $given?->id)[0];
}

it('says of each file which product, part and view it is of, and why', function (): void {
    Shop::stocked();
    $folder = folderOf(
        [
            'SMOCK_moss_back.jpg',
            'SMOCK-CLAY-M_02.jpg',
            'front potting smock slate.jpg',
            'SMOCK oat front.jpg',
            'IMG_2041.jpg',
            'Slate/smock detail.jpg',
            'SMOCK_slate_worn.jpg',
        ],
        ['IMG_2041.jpg' => '#5f7049', 'SMOCK_slate_worn.jpg' => '#b4694a'],
    );
    $told = matched($folder);
    expect($told['SMOCK_moss_back.jpg'])
        ->toMatchArray([
            'product' => 'SMOCK',
            'reach' => [['Color' => ['Moss']]],
            'view' => 'back',
            'confidence' => 0.95,
        ])
        ->and($told['SMOCK-CLAY-M_02.jpg'])
        ->toMatchArray([
            'product' => 'SMOCK',
            'reach' => [['Color' => ['Clay']]],
            'view' => null,
            'place' => 2,
            'confidence' => 0.99,
        ])
        ->and($told['front potting smock slate.jpg'])
        ->toMatchArray(['product' => 'SMOCK', 'reach' => [['Color' => ['Slate']]], 'view' => 'front'])
        ->and($told['smock detail.jpg'])
        ->toMatchArray(['product' => 'SMOCK', 'reach' => [['Color' => ['Slate']]], 'view' => 'detail'])
        ->and($told['SMOCK oat front.jpg']['confidence'])
        ->toBeLessThanOrEqual(0.5)
        ->and($told['IMG_2041.jpg'])
        ->toMatchArray(['product' => null, 'reach' => null])
        ->and($told['SMOCK_slate_worn.jpg'])
        ->toMatchArray(['reach' => [['Color' => ['Slate']]], 'confidence' => 0.5])
        ->and($told['SMOCK_slate_worn.jpg']['reasons'])
        ->toContain('The name says Slate, the picture looks Clay.')
        ->and(matched($folder, ['--product' => 'SMOCK'])['IMG_2041.jpg'])
        ->toMatchArray(['product' => 'SMOCK', 'reach' => [['Color' => ['Moss']]], 'confidence' => 0.7]);
    $this->artisan('slate:match', ['dir' => $folder])
        ->expectsOutputToContain('4 of 7 are sure.')
        ->assertExitCode(0);
    File::deleteDirectory($folder);
});

it('takes in and links those that are sure, in one entry of each product, and undoes that', function (): void {
    $shop = Shop::stocked();
    $before = $shop->everything();
    $folder = folderOf(['SMOCK_moss_side.jpg', 'SMOCK_clay_top view.jpg', 'SMOCK_front.jpg']);
    $this->artisan('slate:match', ['dir' => $folder, '--accept' => '0.9'])
        ->expectsOutputToContain('Say whose account')
        ->assertExitCode(2);
    $this->artisan('slate:match', ['dir' => $folder, '--accept' => '0.9', '--as' => $shop->user->email])
        ->expectsOutputToContain('Taken in: 2, refused: 0.')
        ->assertExitCode(0);
    expect($shop->words())
        ->toBe('Took in 2 pictures, linked to where their names say')
        ->and($shop->files(['Color' => 'Moss']))
        ->toContain('SMOCK_moss_side.jpg')
        ->and($shop->files(['Color' => 'Clay']))
        ->not->toContain('SMOCK_moss_side.jpg')
        ->and(DB::table('placements')->where('file_name', 'SMOCK_clay_top view.jpg')->value('view'))
        ->toBe('top');
    $shop->undo();
    expect($shop->everything())->toEqual($before);
    File::deleteDirectory($folder);
});

it('refuses in words what it cannot read', function (): void {
    foreach (
        [
            [['dir' => '/nowhere/at/all'], 'is no folder'],
            [['dir' => sys_get_temp_dir(), '--product' => 'NONE'], 'No product has the code'],
            [['dir' => sys_get_temp_dir(), '--accept' => 'much'], '--accept wants'],
        ]
        as [$arguments, $why]
    ) {
        $this->artisan('slate:match', $arguments)->expectsOutputToContain($why)->assertExitCode(2);
    }
});

it('keeps its words with the shop: codes, names, other words, translations, a product’s own labels', function (): void {
    $shop = Shop::stocked();
    expect(readNow('smock moss front.jpg')->isSure())->toBeTrue();
    app(SetCode::class)->run($shop->change(), $shop->part(['Color' => 'Moss', 'Size' => 'M']), 'ODD/77');
    app(EditDetails::class)->run($shop->change(), 'name', 'Gärtnerkittel');
    LibraryValue::query()
        ->where('name', 'Moss')
        ->update(['synonyms' => '["Lichen"]', 'translations' => '{"de":"Grünmoos"}']);
    DB::table('product_values')
        ->where('value_id', $shop->id('Clay'))
        ->update(['label' => 'Terracotta']);
    $reach = fn(string $file): ?array => readNow($file)->reach?->toArrays();
    $moss = [[$shop->id('Color') => [$shop->id('Moss')]]];
    expect(readNow('odd-77.jpg')->confidence)
        ->toBe(0.99)
        ->and($reach('odd-77.jpg'))
        ->toBe($moss)
        ->and($reach('gaertnerkittel lichen.jpg'))
        ->toBe($moss)
        ->and(readNow('gaertnerkittel lichen.jpg')->confidence)
        ->toBe(0.9)
        ->and($reach('Gartnerkittel gruenmoos.jpg'))
        ->toBe($moss)
        ->and($reach('SMOCK terracotta.jpg'))
        ->toBe([[$shop->id('Color') => [$shop->id('Clay')]]])
        ->and(readNow('SMOCK-MOSS-M.jpg')->confidence)
        ->toBe(0.95)
        ->and(readNow('Gaertnerkitel moss.jpg')->confidence)
        ->toBe(0.75);
    $shop->undo();
    $shop->undo();
    expect(readNow('potting smock moss.jpg')->isSure())
        ->toBeTrue()
        ->and(readNow('gaertnerkittel.jpg')->productId)
        ->toBeNull()
        ->and(readNow('odd-77.jpg')->productId)
        ->toBeNull();
});

it('asks the database as often for two hundred names as for twenty, among many products', function (): void {
    Shop::stocked();
    LargeCatalog::make(60, 600, 1, 5, fn(int $at): int => $at);
    Artisan::call('slate:recount', ['--waiting' => true]);
    $codes = Product::query()->pluck('code')->all();
    $count = function (int $files) use ($codes): int {
        $names = array_map(
            fn(int $at): DroppedName => new DroppedName("{$codes[$at % count($codes)]}_moss_" . $at % 9 . '_front.jpg'),
            range(1, $files),
        );
        DB::flushQueryLog();
        DB::enableQueryLog();
        app(ShopWords::class)->of($names);

        return count(DB::getQueryLog());
    };
    expect($count(200))->toBeLessThanOrEqual($count(20) + 4);
});

it(
    'warns where files are linked to something else than their names say, and links them there all the same',
    function (): void {
        $shop = Shop::stocked();
        app(CreateProduct::class)->run($shop->user, 'Brim hat', 'HAT', 1);
        $names = ['SMOCK_clay_side.jpg', 'SMOCK_moss_side.jpg', 'side.jpg', 'HAT_side.jpg', 'SMOCK slate S side.jpg'];
        $receipt = app(ReceivePhotos::class)->run(
            new Change($shop->user, $shop->product->id, null, null),
            array_map(fn(string $name): IncomingFile => new IncomingFile(Shop::picture($name), $name), $names),
            $shop->part(['Color' => 'Moss']),
        );
        expect($receipt->warnings)
            ->toBe([
                'SMOCK_clay_side.jpg is linked to Moss, all sizes; its name says Clay.',
                'HAT_side.jpg is linked to Moss, all sizes. “HAT” is Brim hat.',
                'SMOCK slate S side.jpg is linked to Moss, all sizes; its name says Slate.',
            ])
            ->and($shop->files(['Color' => 'Moss']))
            ->toContain(...$names);
    },
);

it('counts the words that were taught for the sender', function (): void {
    $shop = Shop::stocked();
    app(TeachWord::class)->run($shop->user, 'qrx', $shop->id('Moss'), 'Marle');
    $folder = folderOf(['SMOCK_qrx_back.jpg'], ['SMOCK_qrx_back.jpg' => '#5f7049']);
    expect(matched($folder)['SMOCK_qrx_back.jpg']['reasons'])
        ->toContain('“qrx” means nothing here.')
        ->and(matched($folder, ['--sender' => 'marle'])['SMOCK_qrx_back.jpg'])
        ->toMatchArray(['reach' => [['Color' => ['Moss']]], 'confidence' => 0.9]);
    File::deleteDirectory($folder);
});

it(
    'says the path of each file, and nothing but JSON where programs read it (four front.jpg could not be told apart)',
    function (): void {
        $shop = Shop::stocked();
        $folder = folderOf(['SMOCK/moss/front.jpg', 'SMOCK/clay/front.jpg']);
        $told = [];
        expect(
            Artisan::call('slate:match', [
                'dir' => $folder,
                '--json' => true,
                '--accept' => '0.9',
                '--as' => $shop->user->email,
            ]),
        )->toBe(0);
        foreach (json_decode(Artisan::output(), true, 16, JSON_THROW_ON_ERROR) as $file) {
            $told[$file['path']] = $file['reach'];
        }
        expect($told)->toBe([
            'SMOCK/clay/front.jpg' => [['Color' => ['Clay']]],
            'SMOCK/moss/front.jpg' => [['Color' => ['Moss']]],
        ]);
    },
);
