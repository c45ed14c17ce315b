<?php

declare(strict_types=1);

use App\Actions\Library\SaveAltPattern;
use App\Actions\Library\SaveCodePattern;
use App\Actions\Library\SaveShotList;
use App\Actions\Library\SaveSizeRun;
use App\Actions\Library\SaveView;
use App\Actions\Library\SetBanner;
use App\Actions\Product\EditDetails;
use App\Files\Packages\PackageWriter;
use App\History\Change;
use App\Models\BannerKind;
use App\Models\LibraryAxis;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Models\Photo;
use App\Models\Product;
use App\Models\Right;
use App\Models\User;
use App\Store\Library\ViewForm;
use Core\Codes\CodePart;
use Core\Codes\CodePattern;
use Core\Codes\LetterCase;
use Core\Gallery\Crop;
use Core\Refusal;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Core\Color\Samples;
use Tests\Support\Dropped;
use Tests\Support\EmptyCatalog;
use Tests\Support\Packages;
use Tests\Support\Seeds;
use Tests\Support\Shop;
use Tests\Walk\Step;
use Tests\Walk\Walk;

/** A library that has something of everything. */
function furnishLibrary(User $user): void
{
    $change = new Change($user, null);
    $color = LibraryAxis::query()->where('name', 'Color')->firstOrFail();
    app(SaveView::class)->run($change, null, ViewForm::typed('sole', 'goods', 'sole, sohle', 'under', 'de: Sohle'));
    app(SaveShotList::class)->run($change, null, 'Shoes', ['front' => 'required', 'sole' => 'wanted']);
    app(SaveSizeRun::class)->run($change, null, 'Two of them', $color->id, 'Moss, Clay');
    app(SaveAltPattern::class)->run($change, 'de', '{product} in {values}');
    app(SaveCodePattern::class)->run(
        $change,
        null,
        'Color first',
        CodePattern::of([CodePart::axis($color->id), CodePart::product(), CodePart::values()], '.', LetterCase::AsIs),
    );
    $photo = Photo::query()->firstOrFail();
    app(SetBanner::class)->picture($change, BannerKind::Page, 'Spring', $photo->id, 'spring.jpg');
    $banner = App\Models\Banner::query()->firstOrFail();
    app(SetBanner::class)->details($change, $banner->id, Crop::of(300, 400), 'Smocks in a garden');
    DB::table('axis_values')
        ->where('axis_id', $color->id)
        ->where('name', 'Clay')
        ->update(['swatch' => "photo:{$photo->id}::#b7795a", 'swatch_photo_id' => $photo->id]);
    DB::table('sender_words')->insert([
        'sender' => 'mill',
        'word' => 'Olivine',
        'folded' => 'olivine',
        'value_id' => DB::table('axis_values')->where('name', 'Moss')->value('id'),
        'view' => null,
    ]);
}

/** The documents of the products, as a package has them: of one that lies there, or of the catalog as it is. */
function packagedProducts(?string $path = null): string
{
    return Packages::contents($path ?? Packages::written())[PackageWriter::DOCUMENTS];
}

/** What a picture is called in a package. */
function packedPicture(string $path): string
{
    return array_values(preg_grep('/^photos/', array_keys(Packages::contents($path))) ?: [])[0];
}

it('is the same catalog elsewhere, whatever was done to it: documents, tables and pictures', function (
    int $seed,
): void {
    $empty = EmptyCatalog::remembered();
    $walk = Walk::ready();
    $walk->leave(Step::sequence(Samples::random(7_000 + $seed), 14));
    $shop = Shop::open('THIRD');
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    furnishLibrary($shop->user);
    $path = Packages::written();

    $empty->comeBack();
    $ines = Shop::person(Right::Edit, 'Ines');
    $package = Packages::vetted($ines, $path);
    Packages::imported($ines, $package);

    expect(Packages::contents(Packages::written()))->toBe(Packages::contents($path));
    // Brought once more, it changes nothing.
    $again = Packages::vetted($ines, $path);
    expect(
        DB::table('package_products')
            ->where('package_id', $again->id)
            ->where('verdict', '<>', 'same')
            ->pluck('words', 'code')
            ->all(),
    )->toBe([]);
})->with(Seeds::upTo(8));

it('is dropped on the intake, looked at, imported as one, and taken back as one', function (): void {
    $empty = EmptyCatalog::remembered();
    $shop = Shop::stocked();
    furnishLibrary($shop->user);
    $path = Packages::written('spring.zip');
    $said = packagedProducts($path);
    $empty->comeBack();

    $ines = Shop::person(Right::Edit, 'Ines');
    $drop = Dropped::files($ines, ['spring.zip' => $path]);
    $package = Package::query()->sole();
    expect($package->state)
        ->toBe(PackageState::Ready)
        ->and(Product::query()->exists())
        ->toBeFalse();
    $this->be($ines)
        ->get("/intake/{$drop->id}")
        ->assertRedirect(route('package', $package));
    $this->get(route('package', $package))
        ->assertOk()
        ->assertSee('spring.zip')
        ->assertSee('12 SKUs, 13 pictures')
        ->assertSee('it takes the library of the package for its own')
        ->assertSee('Import 1 product');
    $this->get('/intake')->assertOk()->assertSee('spring.zip');

    $this->post(route('package.import', $package))->assertRedirect();
    expect(Product::query()->standing()->sole()->code)
        ->toBe('SMOCK')
        ->and(packagedProducts())
        ->toBe($said);
    $this->get(route('package', $package))->assertOk()->assertSee('Same')->assertDontSee('Import 1 product');

    $batch = App\Models\Batch::query()->sole();
    $this->post(route('batch.steer', [$batch, 'undo']))->assertRedirect();
    expect(Product::query()->standing()->exists())->toBeFalse();
    $this->post(route('package.import', $package))->assertRedirect();
    expect(packagedProducts())->toBe($said);
});

it('brings a product that is there to what it says, and leaves what sleeps', function (): void {
    $shop = Shop::stocked();
    $path = Packages::written();
    $said = $shop->rows();
    app(EditDetails::class)->run($shop->change(), 'name', 'Another name');
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL']);
    $package = Packages::vetted($shop->user, $path);
    expect(DB::table('package_products')->where('package_id', $package->id)->value('verdict'))->toBe('changed');
    Packages::imported($shop->user, $package);

    expect($shop->rows())
        ->toBe($said)
        ->and(
            DB::table('package_products')
                ->where('package_id', Packages::vetted($shop->user, $path)->id)
                ->value('verdict'),
        )
        ->toBe('same');
});

it('refuses a package that is not whole, in words, and writes nothing', function (
    callable $spoil,
    string $words,
): void {
    $shop = Shop::stocked();
    $path = $spoil(Packages::written());
    $before = [DB::table('history')->count(), DB::table('photos')->count(), $shop->state()];

    expect(fn() => Packages::vetted($shop->user, $path))
        ->toThrow(Refusal::class, $words)
        ->and([DB::table('history')->count(), DB::table('photos')->count(), $shop->state()])
        ->toBe($before)
        ->and(Package::query()->latest('id')->firstOrFail()->state)
        ->toBe(PackageState::Failed);
})->with([
    'no package' => [
        fn(string $path): string => Packages::with($path, PackageWriter::DESCRIPTOR, '{"name":"other"}'),
        'is no package of a catalog',
    ],
    'of a newer version' => [
        fn(string $path): string => Packages::with(
            $path,
            PackageWriter::DESCRIPTOR,
            '{"format":"slate package","version":99}',
        ),
        'by a newer version',
    ],
    'no products' => [
        fn(string $path): string => Packages::with($path, PackageWriter::DOCUMENTS, null),
        'holds no products',
    ],
    'a line that is no product' => [
        fn(string $path): string => Packages::with($path, PackageWriter::DOCUMENTS, "{\"a\":1}\n"),
        'Line 1 of the products',
    ],
    'a picture that was changed' => [
        fn(string $path): string => Packages::with($path, packedPicture($path), 'no picture'),
        'is damaged',
    ],
    'a picture that is not in it' => [
        fn(string $path): string => Packages::with($path, packedPicture($path), null),
        'which is not in it',
    ],
    'a view of nonsense' => [
        fn(string $path): string => Packages::with(
            $path,
            'tables/views.csv',
            "key,name,showing,words,loose_words,translations\nUP!,Up,goods,[],[],{}\n",
        ),
        'The library in',
    ],
    'a row with a cell less' => [
        fn(string $path): string => Packages::with($path, 'tables/axes.csv', "name,kind\nColor\n"),
        'has 1 cells; its header has 2',
    ],
    'bytes of another kind' => [
        function (string $path): string {
            file_put_contents($path, random_bytes(500));

            return $path;
        },
        'is damaged and cannot be opened',
    ],
]);

it('rejects products that cannot be, each with its reason, and takes the others', function (): void {
    $empty = EmptyCatalog::remembered();
    $shop = Shop::stocked();
    Shop::open('BARE')->axes([]);
    $path = Packages::written();
    $lines = explode("\n", trim(Packages::contents($path)[PackageWriter::DOCUMENTS]));
    $smock = json_decode($lines[1]);
    $smock->code = 'SMOCK-2';
    $long = json_decode($lines[1]);
    $long->code = 'SMOCK-3';
    $long->name = str_repeat('long ', 60);
    foreach ([...$long->skus] as $at => $sku) {
        $sku->code = "LONG-{$at}";
    }
    $path = Packages::with(
        $path,
        PackageWriter::DOCUMENTS,
        implode("\n", [...$lines, json_encode($smock), json_encode($long), $lines[0]]),
    );
    $empty->comeBack();
    $ines = Shop::person(Right::Edit, 'Ines');

    expect(Artisan::call('slate:import', ['file' => [$path], '--as' => $ines->email, '--json' => true]))->toBe(1);
    $said = json_decode(Artisan::output(), true);
    $problems = array_column(
        array_map(fn(array $row): array => [$row['product'], $row['problems'][0]['message'] ?? ''], $said['rows']),
        1,
    );
    expect($said['products'])
        ->toBe(['new' => 2, 'changed' => 0, 'same' => 0, 'rejected' => 3])
        ->and($problems[2])
        ->toContain('SMOCK, another product of this package, has')
        ->and($problems[3])
        ->toContain('longer than this field can hold')
        ->and($problems[4])
        ->toContain('has its code')
        ->and(Product::query()->standing()->orderBy('code')->pluck('code')->all())
        ->toBe(['BARE', 'SMOCK']);
});

it('writes nothing where it only looks', function (): void {
    $empty = EmptyCatalog::remembered();
    Shop::stocked();
    $path = Packages::written();
    $empty->comeBack();
    Shop::person(Right::Edit, 'Ines');

    expect(Artisan::call('slate:import', ['file' => [$path], '--dry-run' => true]))
        ->toBe(0)
        ->and(Artisan::output())
        ->toContain('New to the library: the axis Color')
        ->and(Product::query()->exists())
        ->toBeFalse()
        ->and(Photo::query()->exists())
        ->toBeFalse()
        ->and(Storage::disk()->allFiles('incoming'))
        ->toBe([])
        ->and(Package::query()->exists())
        ->toBeFalse();
});

it('lets those look who may look, and those import who may edit', function (): void {
    $shop = Shop::stocked();
    $path = Packages::written();
    $package = Packages::vetted($shop->user, $path);
    app(EditDetails::class)->run($shop->change(), 'name', 'Another name');
    $this->be($shop->user)->get(route('package', $package))->assertDontSee('Import 1 product');
    $this->post(route('package.look', $package))->assertRedirect();
    $this->get(route('package', $package))->assertSee('Import 1 product');

    $this->be(Shop::person(Right::View))
        ->get(route('package', $package))
        ->assertOk()
        ->assertDontSee('Import 1 product');
    $this->post(route('package.import', $package))->assertForbidden();
    $this->post(route('package.look', $package))->assertForbidden();
});

it('is downloaded from the catalog, of what is shown there', function (): void {
    $shop = Shop::stocked();
    $other = Shop::open('BARE');
    app(EditDetails::class)->run($other->change(), 'name', 'Bare bench');
    $answer = $this->be($shop->user)->get(route('catalog.sheet.file', ['ending' => 'zip', 'q' => 'potting']));
    $answer->assertOk()->assertDownload('catalog.zip');
    $path = $answer->baseResponse->getFile()->getPathname();
    $lines = explode("\n", trim(Packages::contents($path)[PackageWriter::DOCUMENTS]));
    expect(array_map(fn(string $line): string => json_decode($line)->code, $lines))->toBe(['SMOCK']);
    unlink($path);
});
