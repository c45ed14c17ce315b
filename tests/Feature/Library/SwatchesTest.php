<?php

declare(strict_types=1);

use App\Actions\Library\EditAxis;
use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\SetDisplay;
use App\Actions\Matrix\SetSwatches;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\RemoveStored;
use App\Actions\Product\SetPictureAxes;
use App\Console\Reports\ColorReport;
use App\Files\SwatchDrawing;
use App\History\Change;
use App\Http\Screens\Product\PreviewOption;
use App\Http\Screens\Product\PreviewScreen;
use App\Media\PhotoCuts;
use App\Media\PhotosRead;
use App\Media\PictureFormat;
use App\Models\HistoryEntry;
use App\Models\Library;
use App\Models\LibraryValue;
use App\Models\Photo;
use App\Store\Library\AxisForm;
use App\Store\Library\ValueForm;
use App\Store\Library\ValueNames;
use App\Store\Products\ProductColors;
use App\Summaries\Summaries;
use Core\Checks\Finding;
use Core\Checks\SwatchCheck;
use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Srgb;
use Core\Color\Swatches\Swatch;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Core\Gallery\View;
use Core\Matrix\AxisDisplay;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Difference\Remark;
use Core\Refusal;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

/*
 * Swatches from the picture to the shopper. The pictures are drawn in colors that are known.
 */

const CLOTH = ['Moss' => '#5f7049', 'Clay' => '#b4694a', 'Slate' => '#4a5a6f'];

/** A smock in three colors with two pictures of each that show its color, and no swatch. */
function clothed(): Shop
{
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M']);
    foreach (CLOTH as $color => $hex) {
        $shop->cloth("{$color} front.jpg", $hex, ['Color' => $color], View::usual('front'));
        $shop->cloth("{$color} back.jpg", $hex, ['Color' => $color], View::usual('back'));
    }
    DB::table('axis_values')->update(['swatch' => null]);

    return $shop;
}

function swatch(Shop $shop, string $value): ?Swatch
{
    return $shop->loaded()->core->library->swatches->of($shop->id($value));
}

/** @return list<PreviewOption> what a shopper is offered of the color */
function offered(Shop $shop): array
{
    return (new PreviewScreen(
        $shop->loaded(),
        null,
        false,
        ValueNames::of($shop->loaded()->core->matrix, ''),
    ))->options($shop->loaded()->core->matrix->axes[0]);
}

/** @return list<string> */
function foundOf(Shop $shop): array
{
    return array_map(
        fn(Finding $finding): string => $finding->check->key(),
        (new ProductColors($shop->loaded()))->findings($shop->loaded()->core->matrix->axes[0]),
    );
}

function colorApart(string $one, string $other): float
{
    return ColorDifference::ciede2000(Lab::of(Srgb::fromHex($one)), Lab::of(Srgb::fromHex($other)));
}

it('turns an axis from a list to complete picture swatches in two acts, each one undo', function (): void {
    $shop = clothed();
    $color = $shop->id('Color');
    app(SetDisplay::class)->run($shop->change(), $color, AxisDisplay::List);
    $before = $shop->everything();

    app(SetDisplay::class)->run($shop->change(), $color, AxisDisplay::PictureSwatches);
    expect(foundOf($shop))
        ->toBe(['swatch.missing', 'swatch.missing', 'swatch.missing'])
        // Until then the names stand alone.
        ->and(array_map(fn(PreviewOption $option): ?Swatch => $option->swatch, offered($shop)))
        ->toBe([null, null, null]);
    app(SetSwatches::class)->fromLeads($shop->change(), $color);

    expect(foundOf($shop))->toBe([]);
    foreach (offered($shop) as $at => $option) {
        $piece = $option->swatch?->piece;
        [$value, $hex] = [array_keys(CLOTH)[$at], array_values(CLOTH)[$at]];
        expect($piece?->photoId)
            ->toBe(
                (int) DB::table('placements')
                    ->where('file_name', "{$value} front.jpg")
                    ->value('photo_id'),
            )
            ->and(colorApart($option->swatch?->main()->hex() ?? '#ffffff', $hex))
            ->toBeLessThan(3.0);
        // What is cut is nothing but cloth.
        $photo = Photo::query()->findOrFail($piece?->photoId);
        $chip = new Imagick();
        $chip->readImageBlob(
            (string) app(PhotoCuts::class)->bytes(
                $photo,
                Shape::Chip,
                Crop::fromKey($piece->frame ?? ''),
                PictureFormat::Jpeg,
            ),
        );
        foreach (
            [
                [1, 1],
                [$chip->getImageWidth() - 2, 1],
                [1, $chip->getImageHeight() - 2],
                [intdiv($chip->getImageWidth(), 2), intdiv($chip->getImageHeight(), 2)],
            ]
            as [$x, $y]
        ) {
            $pixel = $chip->getImagePixelColor($x, $y)->getColor();
            expect(colorApart((new Srgb($pixel['r'], $pixel['g'], $pixel['b']))->hex(), $hex))->toBeLessThan(12.0);
        }
    }
    $shop->undo();
    $shop->undo();
    expect($shop->everything())->toBe($before);
    $shop->redo();
    $shop->redo();
    expect(foundOf($shop))->toBe([]);
});

it(
    'gives a color that a value had nowhere to the library, and a piece of this cloth to the product',
    function (): void {
        $shop = clothed();
        app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color'));
        expect(LibraryValue::query()->where('name', 'Moss')->value('swatch'))
            ->not->toBeNull()
            ->and($shop->loaded()->core->library->swatches->own())
            ->toBe([]);
        app(SetDisplay::class)->run($shop->change(), $shop->id('Color'), AxisDisplay::PictureSwatches);
        app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color'));
        expect($shop->loaded()->core->library->swatches->own())
            ->toHaveCount(3)
            ->and(LibraryValue::query()->where('name', 'Moss')->first()?->look()?->isPicture())
            ->toBeFalse();
        // Where nothing lacks, nothing is done, and it is said.
        expect(fn() => app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color')))->toThrow(
            Refusal::class,
            'No value lacks a swatch',
        );
    },
);

it('says why a gap stays open', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S']);
    DB::table('axis_values')->update(['swatch' => null]);
    $shop->cloth('both.jpg', '#5f7049', ['Color' => 'Moss'], View::usual('front'));
    app(LinkPhotos::class)->run($shop->change(), [$shop->placement('both.jpg')], $shop->part(['Color' => 'Clay']));
    expect(fn() => app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color')))->toThrow(
        Refusal::class,
        'No gap can be filled from pictures: Moss has no picture of its own: both.jpg is of others too. Clay has no picture of its own',
    );
});

it('takes measured colors as they were seen, and not when the pictures show others by now', function (): void {
    $shop = clothed();
    $color = $shop->id('Color');
    $measured = fn(): array => array_filter(
        array_map(
            fn($value): ?string => (new ProductColors($shop->loaded()))
                ->of($shop->loaded()->core->matrix->axes[0])
                ->measured($value->id)
                ?->swatch->text(),
            array_column($shop->loaded()->core->matrix->axes[0]->values, null, 'id'),
        ),
    );
    $seen = $measured();
    expect($seen)->toHaveCount(3);
    foreach (CLOTH as $value => $hex) {
        expect(colorApart($seen[$shop->id($value)], $hex))->toBeLessThan(3.0);
    }
    app(SetSwatches::class)->measured($shop->change(), $color, array_slice($seen, 0, 2, true), true);
    expect(swatch($shop, 'Moss')?->text())
        ->toBe($seen[$shop->id('Moss')])
        ->and(swatch($shop, 'Slate'))
        ->toBeNull()
        ->and(HistoryEntry::query()->latest('id')->value('words'))
        ->toBe('On this product, swatches taken from pictures: Moss, Clay');
    expect(fn() => app(SetSwatches::class)->measured($shop->change(), $color, [$shop->id('Slate') => '#123456'], true))
        ->toThrow(Refusal::class, 'The pictures show other colors by now')
        ->and(fn() => app(SetSwatches::class)->measured($shop->change(), $color, [], true))
        ->toThrow(Refusal::class, 'Mark the values');
});

it('names the picture that is linked to another color than it shows', function (): void {
    $shop = clothed();
    foreach (CLOTH as $value => $hex) {
        app(SetSwatches::class)->one($shop->change(), $shop->id($value), Swatch::read($hex));
    }
    expect(foundOf($shop))->toBe([]);
    $shop->cloth('IMG_7.jpg', CLOTH['Clay'], ['Color' => 'Moss'], View::usual('side'));
    $report = app(ColorReport::class)->of($shop->loaded());
    expect($report['findings'])
        ->toHaveCount(1)
        ->and($report['findings'][0]['id'])
        ->toBe('picture.mislabeled')
        ->and($report['findings'][0]['values'])
        ->toBe(['Moss', 'Clay'])
        ->and($report['findings'][0]['message'])
        ->toBe('IMG_7.jpg is linked to Moss and looks like Clay.');
    // It is not what a swatch is taken from.
    $colors = new ProductColors($shop->loaded());
    $axis = $shop->loaded()->core->matrix->axes[0];
    expect($colors->of($axis)->measured($shop->id('Moss'), $colors->accused($axis))?->pictures)->toBe(2);
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/colors')
        ->assertOk()
        ->assertSee('IMG_7.jpg is linked to Moss and looks like Clay.');
});

it('prints what it knows of colors, for people and as JSON', function (): void {
    $shop = clothed();
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), Swatch::read('#5f7049/#ffffff'));
    expect(Artisan::call('slate:colors', ['product' => 'SMOCK', '--json' => true]))->toBe(1);
    $said = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    expect($said['product'])
        ->toBe('SMOCK')
        ->and($said['swatches'][0])
        ->toMatchArray(['axis' => 'Color', 'value' => 'Moss', 'colors' => ['#5f7049', '#ffffff']])
        ->and($said['swatches'][0]['lab'][1])
        ->toEqual([100, 0, 0])
        ->and($said['photos'])
        ->toHaveCount(6)
        ->and($said['photos'][0])
        ->toHaveKeys(['file', 'value', 'colors', 'delta_e00'])
        ->and($said['photos'][0]['colors'][0])
        ->toHaveKeys(['hex', 'share'])
        ->and(array_column($said['findings'], 'id'))
        ->toBe(['swatch.missing', 'swatch.missing']);
    expect(Artisan::call('slate:colors', ['product' => 'SMOCK']))
        ->toBe(1)
        ->and(Artisan::output())
        ->toContain('Clay has no swatch')
        ->and(Artisan::call('slate:colors', ['product' => 'NONE']))
        ->toBe(2);
});

it('lets a product have a swatch of its own, and follow the library again', function (): void {
    $shop = Shop::stocked();
    $other = Shop::open('APRON');
    $other->axes(['Color' => 'Moss']);
    $before = $shop->loaded()->core->state;
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), Swatch::read('stripes:#5f7049/#ffffff'), true);
    app(SetDisplay::class)->run($shop->change(), $shop->id('Color'), AxisDisplay::PictureSwatches);
    expect(swatch($shop, 'Moss')?->text())
        ->toBe('stripes:#5f7049/#ffffff')
        ->and(swatch($other, 'Moss')?->text())
        ->toBe('#5f7049')
        ->and($other->loaded()->core->matrix->axes[0]->display)
        ->toBe(AxisDisplay::ColorSwatches);
    // History tells it, and both ways.
    $remarks = fn(Difference $difference): array => array_map(
        fn(Remark $remark): string => $remark->words,
        (new DifferenceWording())->remarks($difference),
    );
    expect($remarks(Difference::between($before, $shop->loaded()->core->state)))
        ->toBe([
            'Color of its own: none → shoppers choose by picture swatches',
            'Swatch of its own for Color Moss: none → stripes of #5f7049 and #ffffff',
        ])
        ->and(Difference::between($shop->loaded()->core->state, $shop->loaded()->core->state)->isNone())
        ->toBeTrue();
    // A color set for every product is seen on this one too.
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), Swatch::read('#607049'));
    expect(swatch($shop, 'Moss')?->text())
        ->toBe('#607049')
        ->and(swatch($other, 'Moss')?->text())
        ->toBe('#607049')
        ->and($shop->loaded()->core->library->swatches->own())
        ->toBe([]);
    $shop->undo();
    expect(swatch($shop, 'Moss')?->text())
        ->toBe('stripes:#5f7049/#ffffff')
        ->and(swatch($other, 'Moss')?->text())
        ->toBe('#5f7049');
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), null, true);
    expect(swatch($shop, 'Moss')?->text())->toBe('#5f7049');
});

it('keeps a swatch of its own asleep while the value is away', function (): void {
    $shop = Shop::stocked();
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), Swatch::read('#112233'), true);
    $shop->axes(['Color' => 'Clay, Slate', 'Size' => 'S, M, L, XL']);
    $shop->axes(['Color' => 'Clay, Slate, Moss', 'Size' => 'S, M, L, XL']);
    expect(swatch($shop, 'Moss')?->text())->toBe('#112233');
});

it('takes no color back that was set in the library while the dialog was open', function (): void {
    $shop = Shop::stocked();
    $moss = $shop->id('Moss');
    $this->actingAs($shop->user);
    $dialog = (string) $this->post("/products/SMOCK/colors/swatches/{$moss}/draft", [], ['HX-Request' => 'true'])
        ->assertOk()
        ->getContent();
    expect($dialog)->toContain('name="seen" value="#5f7049"');
    app(SetSwatches::class)->one(
        new App\History\Change($shop->user, null, Library::whole()->version),
        $moss,
        Swatch::read('#222222'),
    );
    $this->post(
        "/products/SMOCK/colors/swatches/{$moss}",
        [
            'kind' => 'colors',
            'colors' => ['#333333'],
            'scope' => 'everywhere',
            'seen' => '#5f7049',
            'version' => $shop->version(),
        ],
        ['HX-Request' => 'true'],
    )
        ->assertStatus(422)
        ->assertSee('was changed in the library meanwhile');
    expect(LibraryValue::query()->find($moss)?->swatch)->toBe('#222222');
});

it('draws the dialog of what is being made, and says at the field what is no color', function (): void {
    $shop = clothed();
    $this->actingAs($shop->user);
    $draft = fn(array $said) => $this->post("/products/SMOCK/colors/swatches/{$shop->id('Moss')}/draft", $said, [
        'HX-Request' => 'true',
    ])->assertOk();
    $draft([])->assertSee('Take Moss')->assertSee('Moss front.jpg');
    $draft(['kind' => 'colors', 'colors' => ['rebeccapurple', 'Forest Green', '24 karat']])
        ->assertSee('#663399')
        ->assertSee('#228b22')
        ->assertSee('24 Karat, #dfc685')
        ->assertSee('Called so:');
    $draft(['kind' => 'colors', 'colors' => ['#5f7049', 'mossish', '']])
        ->assertSee('“mossish” is not a color that is known')
        ->assertSee('aria-invalid="true"', false);
    $draft(['kind' => 'pattern', 'tile' => 'zigzag', 'colors' => ['#5f7049', 'white', '']])->assertSee(
        'value="zigzag" checked',
        false,
    );
    app(SetSwatches::class)->one($shop->change(), $shop->id('Clay'), Swatch::read('#5f7149'));
    $draft(['kind' => 'colors', 'colors' => ['#5f7049', '', '']])->assertSee('Moss and Clay can hardly be told apart');
});

it('reads the color of a patch of a picture, and says what was left out', function (): void {
    $shop = clothed();
    $photo = (int) DB::table('placements')->where('file_name', 'Clay front.jpg')->value('photo_id');
    $this->actingAs($shop->user);
    $said = $this->get("/photos/{$photo}/color?frame=500-500-450-450-100-100", ['Accept' => 'application/json'])
        ->assertOk()
        ->json();
    expect(colorApart($said['hex'], CLOTH['Clay']))->toBeLessThan(3.0)->and($said['name'])->toBeString();
    // Half cloth, half ground: the larger part is meant, the other is said.
    expect(
        $this->get("/photos/{$photo}/color", ['Accept' => 'application/json'])
            ->assertOk()
            ->json('leftOut'),
    )->toContain('other colors');
    DB::table('photos')
        ->where('id', $photo)
        ->update(['state' => 'waiting']);
    $this->get("/photos/{$photo}/color", ['Accept' => 'application/json'])
        ->assertStatus(422)
        ->assertSee('still being read');
});

it('keeps the picture of a swatch, and says where it is used', function (): void {
    $shop = clothed();
    $this->actingAs($shop->user);
    $file = Illuminate\Http\UploadedFile::fake()->image('pattern.jpg', 300, 300);
    $photo = (int) $this->postJson('/library/swatches/picture', ['picture' => $file])
        ->assertOk()
        ->json('photo');
    $this->postJson('/library/swatches/picture', [
        'picture' => Illuminate\Http\UploadedFile::fake()->createWithContent('words.jpg', 'no picture'),
    ])->assertStatus(422);
    $this->postJson('/library/swatches/picture', [])->assertStatus(422)->assertSee('did not arrive');
    $this->post("/library/values/{$shop->id('Moss')}/swatch", [
        'version' => Library::whole()->version,
        'kind' => 'piece',
        'colors' => ['#5f7049'],
        'photo' => $photo,
        'frame' => '500-500-400-400-200-200',
    ])->assertOk();
    expect(swatch($shop, 'Moss')?->piece?->photoId)->toBe($photo);
    expect(
        fn() => app(RemoveStored::class)->run(new App\History\Change($shop->user, null, Library::whole()->version), [
            $photo => 'pattern.jpg',
        ]),
    )->toThrow(Refusal::class, 'pattern.jpg stays: the swatch of Color Moss is a piece of it');
    $this->get("/intake/stored/{$photo}/uses")
        ->assertOk()
        ->assertSee('Swatches are cut from it: Color Moss');
    $this->get('/intake/stored?unused=1')->assertOk()->assertDontSee('pattern.jpg');
    // What is left of it in a sheet of names: the colors; for a picture of the product its file.
    expect((string) $this->get('/products/SMOCK/sheet.csv')->assertOk()->streamedContent())->toContain('#5f7049');
});

it('prints the swatches as a page, as SVG and as PNG', function (): void {
    $shop = clothed();
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), Swatch::read('dots:#5f7049/#ffffff'));
    app(SetDisplay::class)->run($shop->change(), $shop->id('Color'), AxisDisplay::PictureSwatches);
    app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color'));
    $this->actingAs($shop->user);
    $this->get('/products/SMOCK/colors/sheet')
        ->assertOk()
        ->assertSee('Moss')
        ->assertSee('#5f7049')
        ->assertSee('Lab 44.9, -13.9, 19.7');
    $svg = (string) $this->get('/products/SMOCK/colors/sheet.svg')
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->getContent();
    $read = simplexml_load_string($svg);
    expect($read)
        ->not->toBeFalse()
        ->and($svg)
        ->toContain('MOSS')
        ->toContain('data:image/jpeg;base64,/9j/')
        ->not->toContain('href="/photos');
    $png = (string) $this->get('/products/SMOCK/colors/sheet.png')->assertOk()->getContent();
    expect(getimagesizefromstring($png)[0] ?? 0)->toBe(2 * (4 * 240 + 48));
    $this->get("/library/axes/{$shop->id('Color')}/sheet")
        ->assertOk()
        ->assertSee('The library');
    $this->get("/library/axes/{$shop->id('Color')}/sheet.png")->assertOk();
    expect(SwatchDrawing::inner(Swatch::read('dots:#5f7049/#ffffff')))
        ->toContain('fill="#5f7049"')
        ->toContain('<path fill="#ffffff"');
});

it('shows the map of a product, of the library, and as others see it', function (): void {
    $shop = clothed();
    foreach (CLOTH as $value => $hex) {
        app(SetSwatches::class)->one($shop->change(), $shop->id($value), Swatch::read($hex));
    }
    $this->actingAs($shop->user);
    $page = (string) $this->get('/products/SMOCK/colors')
        ->assertOk()
        ->assertSee('3 values, 3 with a swatch. Nothing is wrong with them.')
        ->getContent();
    expect(substr_count($page, 'data-point='))
        ->toBe(3)
        ->and(substr_count($page, 'data-move='))
        ->toBe(3)
        ->and(substr_count($page, 'data-tie='))
        ->toBe(6);
    $blind = (string) $this->get('/products/SMOCK/colors?eyes=deuteranopia')
        ->assertOk()
        ->assertSee('As seen without green cones')
        ->getContent();
    expect(substr_count($blind, 'data-move='))->toBe(0);
    $color = $shop->id('Color');
    $this->get("/library/axes/{$color}/colors?try=navy")
        ->assertOk()
        ->assertSee('is nearest to')
        ->assertSee('Slate (ΔE00');
    $this->get("/library/axes/{$color}/colors?try=mossish")
        ->assertOk()
        ->assertSee('is not a color that is known');
    // Whoever may only look is offered nothing to change.
    $this->actingAs(Shop::person(App\Models\Right::View))
        ->get('/products/SMOCK/colors')
        ->assertOk()
        ->assertDontSee('data-dialog')
        ->assertSee('Shoppers choose the Color by color swatches');
    $twine = Shop::open('TWINE');
    $this->get('/products/TWINE/colors')->assertOk()->assertSee('Nothing of this product differs by color');
});

it('writes names on colored buttons so that they are read, and beside the color where no ink is', function (): void {
    $shop = clothed();
    foreach (['Moss' => '#24304f', 'Clay' => '#ece9e2', 'Slate' => '#ffffff/#000000'] as $value => $hex) {
        app(SetSwatches::class)->one($shop->change(), $shop->id($value), Swatch::read($hex));
    }
    app(SetDisplay::class)->run($shop->change(), $shop->id('Color'), AxisDisplay::Buttons);
    expect(
        array_map(
            fn(PreviewOption $option): array => [$option->isGround, $option->ink()],
            array_slice(offered($shop), 0, 2),
        ),
    )
        ->toBe([[true, 'white'], [true, 'black']])
        ->and(offered($shop)[2]->isGround)
        ->toBeFalse()
        ->and(foundOf($shop))
        ->toBe([
            SwatchCheck::Far->value,
            SwatchCheck::Far->value,
            SwatchCheck::Far->value,
            SwatchCheck::HardlyRead->value,
        ]);
});

it('fills the gaps of an axis of the library from products that have its values', function (): void {
    $shop = clothed();
    $color = $shop->id('Color');
    $change = fn(): App\History\Change => new App\History\Change($shop->user, null, Library::whole()->version);
    app(EditAxis::class)->run($change(), $color, AxisForm::typed('Color', 'color', 'picture swatches', true));
    $this->actingAs($shop->user)
        ->get("/library/axes/{$color}")
        ->assertOk()
        ->assertSee('No value has a picture swatch: Moss, Clay, Slate');
    $this->post("/library/axes/{$color}/colors/fill", ['version' => Library::whole()->version, 'part' => 'axis'])
        ->assertOk()
        ->assertDontSee('No value has');
    expect(LibraryValue::query()->where('axis_id', $color)->whereNotNull('swatch_photo_id')->count())->toBe(3);
});

it('proposes two-part swatches for compound names, and orders them behind their plain color', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'White with red print, Navy, White, White with blue print']);
    expect(swatch($shop, 'White with red print')?->text())->toBe('#f6f5f1/#b3322f');
    $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/colors/order',
            ['axis' => $shop->id('Color'), 'by' => 'hue', 'version' => $shop->version()],
            ['HX-Request' => 'true'],
        )
        ->assertOk();
    expect(array_column($shop->loaded()->core->matrix->axes[0]->values, 'label'))->toBe([
        'White',
        'White with red print',
        'White with blue print',
        'Navy',
    ]);
});

it('sets a product up like another with how shoppers choose, and without swatches of its cloth', function (): void {
    $shop = Shop::stocked();
    app(SetDisplay::class)->run($shop->change(), $shop->id('Color'), AxisDisplay::PictureSwatches);
    app(SetPictureAxes::class)->run($shop->change(), [$shop->id('Color'), $shop->id('Size')]);
    app(SetSwatches::class)->one($shop->change(), $shop->id('Moss'), Swatch::read('#112233'), true);
    $this->actingAs($shop->user)
        ->post('/products', ['name' => 'Apron', 'code' => 'APRON', 'like' => 'SMOCK'])
        ->assertSessionHasNoErrors();
    $copy = app(App\Store\Products\ProductLoader::class)->load(
        App\Models\Product::query()->where('code', 'APRON')->firstOrFail(),
    );
    expect($copy->core->matrix->axes[0]->display)
        ->toBe(AxisDisplay::PictureSwatches)
        ->and($copy->core->matrix->axes[1]->changesPicture)
        ->toBeTrue()
        ->and($copy->core->library->swatches->of($shop->id('Moss'))?->text())
        ->toBe('#5f7049');
});

/** A file with a bag of this color and its soft shadow. */
function bagOn(string $ground, string $color): string
{
    $picture = new Imagick();
    $picture->newImage(600, 600, $ground);
    $shadow = new Imagick();
    $shadow->newImage(600, 600, 'none');
    $draw = new ImagickDraw();
    $draw->setFillColor('rgba(0,0,0,0.5)');
    $draw->ellipse(300, 492, 180, 26, 0, 360);
    $shadow->drawImage($draw);
    $shadow->blurImage(0, 14);
    $picture->compositeImage($shadow, Imagick::COMPOSITE_OVER, 0, 0);
    $draw = new ImagickDraw();
    $draw->setFillColor($color);
    $draw->roundRectangle(130, 200, 470, 490, 20, 20);
    $picture->drawImage($draw);
    $path = tempnam(sys_get_temp_dir(), 'slate');
    $picture->setImageFormat('jpeg');
    file_put_contents($path, $picture->getImageBlob());

    return $path;
}

it(
    'fills gaps only from what was measured surely (a gray bag got the color of its ground, and the next moment that was wrong)',
    function (): void {
        $shop = Shop::open();
        $shop->axes(['Color' => 'Gray, White', 'Size' => 'S']);
        DB::table('axis_values')->update(['swatch' => null]);
        foreach (['Gray' => ['#f4f4f2', '#b9bcc0'], 'White' => ['#fafaf8', '#f8f8f6']] as $color => [$ground, $cloth]) {
            $shop->receive(["{$color}.jpg" => bagOn($ground, $cloth)]);
            app(LinkPhotos::class)->run(
                $shop->change(),
                [$shop->placement("{$color}.jpg")],
                $shop->part(['Color' => $color]),
            );
        }
        app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color'));
        expect(colorApart(swatch($shop, 'Gray')?->hex() ?? '', '#b9bcc0'))
            ->toBeLessThan(2.0)
            ->and(swatch($shop, 'White'))
            ->toBeNull()
            ->and(HistoryEntry::query()->latest('id')->value('words'))
            ->toContain('What White.jpg shows cannot be told surely from its ground: take the color from it by hand.')
            ->and(foundOf($shop))
            ->toBe(['swatch.missing']);
    },
);

it('fills what can be filled, and says why the rest stays open', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S']);
    DB::table('axis_values')->update(['swatch' => null]);
    foreach (['Moss', 'Slate'] as $color) {
        $shop->cloth("{$color}.jpg", CLOTH[$color], ['Color' => $color], View::usual('front'));
    }
    app(SetSwatches::class)->fromLeads($shop->change(), $shop->id('Color'));
    expect(HistoryEntry::query()->latest('id')->value('words'))
        ->toBe('Swatches made from Lead pictures: Moss, Slate. Clay has no picture yet.')
        ->and(foundOf($shop))
        ->toBe(['swatch.missing']);
});

it('refuses in words an undo that would bring back a piece of a picture that is gone', function (): void {
    $shop = clothed();
    $change = fn(): App\History\Change => new App\History\Change($shop->user, null, Library::whole()->version);
    $photo = app(App\Actions\Pictures\KeepPicture::class)->run(
        $shop->user,
        new App\Media\Incoming\IncomingFile(Shop::picture('pattern'), 'pattern.jpg'),
    );
    app(SetSwatches::class)->one($change(), $shop->id('Moss'), Swatch::read("photo:{$photo->id}::#5f7049"));
    app(SetSwatches::class)->one($change(), $shop->id('Moss'), Swatch::read('#5f7049'));
    app(RemoveStored::class)->run($change(), [$photo->id => 'pattern.jpg']);
    // The last word cannot be taken back, and what lies before it hangs on the picture.
    expect(fn() => app(App\Actions\Product\UndoRedo::class)->undo($change()))->toThrow(Refusal::class);
    expect(LibraryValue::query()->where('name', 'Moss')->value('swatch'))->toBe('#5f7049');
});

it(
    'counts findings anew where what they read changes: a swatch and a name of the library, and a photo that was read',
    function (): void {
        $shop = clothed();
        $kept = function (string $check) use ($shop): int {
            while (app(Summaries::class)->countSome() > 0);

            return (int) DB::table('finding_counts')
                ->where('product_id', $shop->product->id)
                ->where('check_key', $check)
                ->value('found');
        };
        $give = fn(string $value, ?string $hex) => app(SetSwatches::class)->one(
            new Change($shop->user, null),
            $shop->id($value),
            $hex === null ? null : Swatch::read($hex),
        );
        $give('Moss', '#24304f');
        $give('Clay', '#253150');
        expect($kept('swatch.alike'))->toBe(1);
        $give('Clay', '#b4593b');
        expect($kept('swatch.alike'))->toBe(0);

        $photos = DB::table('placements')->where('product_id', $shop->product->id)->pluck('photo_id');
        DB::table('photo_looks')
            ->whereIn('photo_id', $photos)
            ->update(['colors' => '[["#00ff00",1]]', 'doubt' => null]);
        expect($kept('swatch.far'))->toBe(1);
        event(new PhotosRead($photos->all()));
        // Where all pictures have the same color, it tells nothing of any value.
        expect($kept('swatch.far'))->toBe(0);

        $text = fn(): string => (string) DB::table('product_summaries')
            ->where('product_id', $shop->product->id)
            ->value('card_text');
        $kept('swatch.far');
        $before = $text();
        app(EditValue::class)->run(new Change($shop->user, null), $shop->id('Moss'), ValueForm::typed('Fern', 'MOSS'));
        $kept('swatch.far');
        expect($before)->toContain('Moss')->and($text())->toBe(str_replace('Moss', 'Fern', $before));
    },
);
