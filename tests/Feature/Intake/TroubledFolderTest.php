<?php

declare(strict_types=1);

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Product\CreateProduct;
use App\History\Change;
use App\Intake\ReadFile;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\LibraryValue;
use App\Models\Photo;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Core\Codes\Gtin;
use Core\Matching\Drop\DropFileStatus;
use Core\Reach\Wording;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Dropped;
use Tests\Support\Shop;

/*
 * A folder as it comes in a shop: 108 clear names in four habits, ten traps, and two that look like traps.
 */

const CLOTHS = [
    'Moss' => '#5f7049',
    'Clay' => '#b5694a',
    'Slate' => '#4c5d73',
    'Grün' => '#2e8b57',
    'Oat' => '#d8c8a2',
    'Berry' => '#8a3557',
];

const GERMAN = ['Moss' => 'Moos', 'Clay' => 'Ton', 'Slate' => 'Schiefer', 'Oat' => 'Hafer', 'Berry' => 'Beere'];

const WORDS_OF_VIEWS = [
    'front' => ['front', 'vorne'],
    'back' => ['back', 'Rückseite'],
    'side' => ['side', 'seitlich'],
    'detail' => ['detail', 'Nahaufnahme'],
    'worn' => ['worn', 'getragen'],
];

/** Three products. */
function threeProducts(): Shop
{
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate, Grün', 'Size' => 'S, M, L']);
    foreach (['APRON' => 'Seed apron', 'CAPE' => 'Rain cape'] as $code => $name) {
        app(CreateProduct::class)->run($shop->user, $name, $code, 1, $shop->product->refresh());
    }
    $own = fn(string $code, string $colors) => app(ChangeMatrix::class)->run(
        new Change(
            $shop->user,
            ($product = Product::query()->where('code', $code)->firstOrFail())->id,
            $product->version,
        ),
        [new DraftAxis('Color', $colors), new DraftAxis('Size', 'S, M, L')],
        new MatrixChoices(),
    );
    $own('APRON', 'Clay, Oat, Berry');
    $own('CAPE', 'Moss, Slate, Berry');
    foreach (CLOTHS as $name => $hex) {
        LibraryValue::query()
            ->where('name', $name)
            ->update([
                'swatch' => $hex,
                'translations' => json_encode(isset(GERMAN[$name]) ? ['de' => GERMAN[$name]] : new stdClass()),
            ]);
    }
    // A code of a color that is a size as well.
    LibraryValue::query()
        ->where('name', 'Slate')
        ->update(['code' => 'S']);
    foreach (DB::table('skus')->orderBy('id')->pluck('id') as $at => $id) {
        DB::table('skus')
            ->where('id', $id)
            ->update(['gtin' => Gtin::fromBody(sprintf('20%010d', $at))]);
    }
    DB::table('products')->update(['revision' => DB::raw('revision + 1'), 'is_counted' => false]);
    Artisan::call('slate:recount');

    return $shop;
}

/**
 * @return array<string, array{string, string, ?string}> name => what it is of: code, color, the view's key; and by
 *   which the cloth is drawn
 */
function clearNames(): array
{
    $clear = [];
    foreach (Product::query()->orderBy('id')->get() as $product) {
        $loaded = app(ProductLoader::class)->load($product);
        $skus = [];
        foreach ($loaded->core->made as $sku) {
            $choice = $loaded->core->matrix->choice($sku->cell);
            $skus[$choice['Color']][$choice['Size']] = [
                $sku->code,
                (string) DB::table('skus')->where('id', $sku->id)->value('gtin'),
            ];
        }
        foreach (array_slice(array_keys($skus), 0, 3) as $color) {
            foreach (array_slice(array_keys(WORDS_OF_VIEWS), 0, 3) as $at => $word) {
                [$view, $german] = WORDS_OF_VIEWS[$word];
                $clear["{$product->code}_" . mb_strtolower($color) . "_{$word}.jpg"] = [$product->code, $color, $view];
                $clear[sprintf('%s_%02d.jpg', $skus[$color]['M'][0], $at + 1)] = [$product->code, $color, null];
                $clear["{$german} {$product->name} " . (GERMAN[$color] ?? $color) . ' final.jpg'] = [
                    $product->code,
                    $color,
                    $view,
                ];
                $clear["{$skus[$color]['L'][1]}-{$word}.jpg"] = [$product->code, $color, $view];
            }
        }
    }

    return $clear;
}

/** Turned by a camera's mark: the picture lies on its side. */
function sideways(string $path): string
{
    $picture = new Imagick($path);
    $picture->extentImage($picture->getImageWidth() * 2, $picture->getImageHeight(), 0, 0);
    $picture->rotateImage('#f7f7f5', -90);
    $picture->writeImage("jpeg:{$path}");
    $exif = "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0";
    $jpeg = (string) file_get_contents($path);
    file_put_contents(
        $path,
        substr($jpeg, 0, 2) . "\xff\xe1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2),
    );

    return $path;
}

function inked(string $path): string
{
    $picture = new Imagick($path);
    $picture->transformImageColorspace(Imagick::COLORSPACE_CMYK);
    $picture->writeImage("jpeg:{$path}");

    return $path;
}

function smaller(string $path): string
{
    $picture = new Imagick($path);
    $picture->resizeImage(90, 90, Imagick::FILTER_TRIANGLE, 1);
    $picture->setImageCompressionQuality(60);
    $picture->writeImage('jpeg:' . ($copy = (string) tempnam(sys_get_temp_dir(), 'slate')));

    return $copy;
}

it(
    'reads a folder of 120 files in four habits: nothing that is sure is wrong, nine of ten are read, and each trap says what it is',
    function (): void {
        $shop = threeProducts();
        $clear = clearNames();
        $files = array_map(
            fn(string $name, array $is): array => [$name, Dropped::picture($name, CLOTHS[$is[1]])],
            array_keys($clear),
            $clear,
        );
        $files = array_column($files, 1, 0);
        expect($files)->toHaveCount(108);
        $traps = [
            'SMOCK_moss_clay_worn.jpg' => ['#5f7049', DropFileStatus::InDoubt, 'more than one color'],
            'SMOCK_clay_worn.jpg' => [
                '#5f7049',
                DropFileStatus::InDoubt,
                'The name says Clay, the picture looks Moss.',
            ],
            'SMOCK_berry_side.jpg' => ['#8a3557', DropFileStatus::InDoubt, 'does not come in Berry'],
            'SMOOCK_slate_worn.jpg' => ['#4c5d73', DropFileStatus::Likely, 'a letter away from SMOCK'],
            'SMOCK_worn.jpg' => ['#888888', DropFileStatus::InDoubt, 'says no Color'],
            'SMOCK-S_side.jpg' => ['#999999', DropFileStatus::InDoubt, '“S” can be'],
            'SMOCK CAPE moss.jpg' => ['#5f7049', DropFileStatus::InDoubt, 'more than one product'],
            'CAPE_moss_front_back.jpg' => ['#5f7049', DropFileStatus::InDoubt, 'more than one view'],
            'IMG_9921.jpg' => ['#777777', DropFileStatus::NotUnderstood, 'Nothing in the name'],
            'APRON_oat_front (1).jpg' => ['', DropFileStatus::Double, 'Nearly the same picture'],
        ];
        foreach ($traps as $name => [$hex]) {
            $files[$name] = $hex === '' ? smaller($files['APRON_oat_front.jpg']) : Dropped::picture($name, $hex);
        }
        // Read right all the same: on its side, and in ink.
        $files['CAPE_berry_worn.jpg'] = sideways(Dropped::picture('CAPE_berry_worn.jpg', CLOTHS['Berry']));
        $files['APRON_clay_worn.jpg'] = inked(Dropped::picture('APRON_clay_worn.jpg', CLOTHS['Clay']));
        expect(count($files))->toBe(120);
        $clear += [
            'CAPE_berry_worn.jpg' => ['CAPE', 'Berry', 'worn'],
            'APRON_clay_worn.jpg' => ['APRON', 'Clay', 'worn'],
        ];

        $drop = Dropped::files($shop->user, $files);
        $read = Dropped::read($drop)->files;
        $right = $wrong = [];
        foreach ($read as $one) {
            $is = $clear[$one->file->file] ?? null;
            if ($one->verdict?->isSure() === true) {
                $fits =
                    $is !== null &&
                    $one->product?->code === $is[0] &&
                    (new Wording())->say($one->verdict->reach, $one->product->matrix) === $is[1] &&
                    $one->verdict->view?->key === $is[2];
                // The near-double's name is as clear as its twin's; only its picture is doubled.
                $fits || $one->status === DropFileStatus::Double
                    ? ($right[] = $one->file->file)
                    : ($wrong[$one->file->file] = [...$one->verdict->reasons, ...$one->verdict->doubtWords()]);
            }
        }
        expect($wrong)->toBe([])->and(count(array_intersect(array_keys($clear), $right)))->toBeGreaterThanOrEqual(100);
        foreach ($traps as $name => [, $standing, $says]) {
            $one = array_values(array_filter($read, fn(ReadFile $read): bool => $read->file->file === $name))[0];
            $said = implode(' ', [
                ...$one->verdict->doubtWords(),
                ...$one->verdict->reasons,
                ...array_map(fn($alike): string => $alike->inWords(), $one->alike),
            ]);
            expect($one->status)
                ->toBe($standing, "{$name}: {$said}")
                ->and($said)
                ->toContain($says);
        }

        // The picture that lay on its side stands upright.
        $turned = Photo::query()->findOrFail(Dropped::one($drop, 'CAPE_berry_worn.jpg')->file->photo_id);
        $upright = getimagesizefromstring(
            (string) Storage::get(PhotoStore::derivedPath($turned->sha256, PhotoSize::Card)),
        );
        expect($upright[0])->toBeGreaterThan($upright[1]);
    },
);
