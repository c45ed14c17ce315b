<?php

declare(strict_types=1);

use App\Actions\Intake\AcceptFiles;
use App\Actions\Skus\SetGtin;
use App\Files\BarcodeDrawing;
use App\Files\Cards\CardDrawing;
use App\Files\Cards\PrintedCard;
use App\Files\Cards\ProductCards;
use App\Files\Cards\WhichCards;
use App\Intake\Drops;
use App\Media\Marks\CodeReader;
use App\Media\PhotoDeriver;
use App\Media\PictureReader;
use App\Store\Products\ProductLoader;
use Core\Codes\Barcode;
use Core\Matching\Drop\DropFileStatus;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\CardPhotographs;
use Tests\Support\Dropped;
use Tests\Support\Shop;

beforeEach(function () {
    $this->folder = sys_get_temp_dir() . '/slate-cards-' . uniqid();
    mkdir($this->folder);
    // With a process of its own, and the codes read: what these tests are about.
    $this->app->bind(
        PictureReader::class,
        fn(): PictureReader => new PictureReader(
            config('slate.reading.folder'),
            20,
            60,
            config('slate.reading.most_memory'),
            config('slate.reading.most_disk'),
        ),
    );
});

afterEach(function () {
    array_map(unlink(...), glob("{$this->folder}/*"));
    rmdir($this->folder);
});

/** @return list<PrintedCard> */
function cardsOf(Shop $shop, WhichCards $which = WhichCards::Parts): array
{
    return ProductCards::of(app(ProductLoader::class)->again($shop->product), $which);
}

/** A card as it lies before the camera, and its path. */
function cardPicture(PrintedCard $card, string $folder): string
{
    file_put_contents("{$folder}/card.svg", CardDrawing::svg($card));
    exec("rsvg-convert -w 1200 -o {$folder}/card.png {$folder}/card.svg", $said, $failed);
    expect($failed)->toBe(0);
    $picture = new Imagick("{$folder}/card.png");
    $picture->setImageFormat('jpeg');
    $path = "{$folder}/" . md5($card->card->code) . '.jpg';
    $picture->writeImage("jpeg:{$path}");

    return $path;
}

/** @return list<string> what the reader finds in a photograph, from the copy that the intake makes of it */
function codesIn(string $photo, string $folder): array
{
    [$width, $height] = getimagesize($photo);
    (new PhotoDeriver())->derive($photo, 'jpg', max($width, $height), $folder);

    return CodeReader::read("{$folder}/" . PhotoDeriver::FOR_CODES);
}

test('there is a card for each color, for each view of them, and for what is missing', function () {
    $shop = Shop::stocked();
    $parts = array_map(fn(PrintedCard $card): string => CardDrawing::named($card), cardsOf($shop));
    // The last is for the size guide, which is of all colors.
    expect($parts)->toBe(['Potting smock, Moss', 'Potting smock, Clay', 'Potting smock, Slate', 'Potting smock']);
    $views = array_map(fn(PrintedCard $card): string => CardDrawing::named($card), cardsOf($shop, WhichCards::Views));
    expect($views)
        ->toContain('Potting smock, Clay, front', 'Potting smock, size guide')
        ->and(array_unique($views))
        ->toBe($views);
    $missing = array_map(
        fn(PrintedCard $card): string => CardDrawing::named($card),
        cardsOf($shop, WhichCards::MissingViews),
    );
    expect(array_diff($missing, $views))->toBe([])->and(count($missing))->toBeLessThan(count($views));
});

test('cards are printed, for a product and for what the catalog lacks', function () {
    $shop = Shop::stocked();
    $page = $this->actingAs($shop->user)->get('/products/SMOCK/cards?paper=a6');
    $page->assertOk()->assertSee('4 cards')->assertSee('Potting smock, Moss')->assertSee('is-a6', false);
    $this->get('/products/SMOCK/cards?selected=' . $shop->token(['Color' => 'Clay']))
        ->assertOk()
        ->assertSee('1 card')
        ->assertSee('Potting smock, Clay')
        ->assertDontSee('Potting smock, Moss');
    $this->get('/coverage/slate-cards?which=nonsense&paper=nonsense')->assertOk();
    $this->artisan('slate:cards', ['product' => ['SMOCK'], '--out' => "{$this->folder}/cards.html"])
        ->expectsOutputToContain('Potting smock, Moss')
        ->assertExitCode(0);
    expect(file_get_contents("{$this->folder}/cards.html"))->toContain('Potting smock, Clay');
    $this->artisan('slate:cards', ['product' => ['NONE']])
        ->expectsOutputToContain('No product has the code NONE.')
        ->assertExitCode(1);
    $this->artisan('slate:cards', ['product' => ['SMOCK'], '--out' => "{$this->folder}/cards.png"])->assertExitCode(1);
});

test('cameras’ pictures are linked by the cards between them, in three acts', function () {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    [$moss, $clay] = cardsOf($shop);
    $drop = Dropped::files($shop->user, [
        'DSC_0001.jpg' => cardPicture($moss, $this->folder),
        'DSC_0002.jpg' => Dropped::picture('1 Moss'),
        'DSC_0003.jpg' => Dropped::picture('2 Moss'),
        'DSC_0004.jpg' => cardPicture($clay, $this->folder),
        'DSC_0005.jpg' => Dropped::picture('3 Clay'),
    ]);
    expect(Dropped::standings($drop))->toBe([
        'DSC_0001.jpg' => 'card',
        'DSC_0002.jpg' => 'sure',
        'DSC_0003.jpg' => 'sure',
        'DSC_0004.jpg' => 'card',
        'DSC_0005.jpg' => 'sure',
    ]);
    app(AcceptFiles::class)->asRead($shop->user, $drop, Dropped::seen($drop, DropFileStatus::Sure));
    expect($shop->files(['Color' => 'Moss']))
        ->toBe(['DSC_0002.jpg', 'DSC_0003.jpg'])
        ->and($shop->files(['Color' => 'Clay']))
        ->toBe(['DSC_0005.jpg'])
        // The pictures of the cards wait for nobody.
        ->and(
            app(Drops::class)
                ->counts([$drop->id])
                [$drop->id]->isSettled(),
        )
        ->toBeTrue();
    $this->actingAs($shop->user)
        ->get("/intake/{$drop->id}")
        ->assertSee('2 slate cards')
        ->assertSee('What was taken after it is Potting smock, Moss.');
});

test('three hundred pictures with a camera’s numbers are linked by twenty-four cards, in two acts', function () {
    $shop = Shop::open();
    $hues = array_map(fn(int $hue): string => "Hue {$hue}", range(1, 24));
    $shop->axes(['Color' => implode(', ', $hues)]);
    $cards = array_slice(cardsOf($shop), 0, 24);
    $drop = Dropped::files($shop->user, ['DSC_4000.jpg' => Dropped::picture('any', '#808080', 40)]);
    $photo = (array) DB::table('photos')->orderByDesc('id')->first();
    $look = (array) DB::table('photo_looks')->where('photo_id', $photo['id'])->first();
    $file = (array) DB::table('drop_files')->where('drop_id', $drop->id)->first();
    $rows = $truth = [];
    [$id, $number] = [$photo['id'], 4000];
    foreach ($cards as $at => $card) {
        foreach (['card', ...range(1, $at % 2 === 0 ? 12 : 13)] as $shot) {
            [$id, $number] = [$id + 1, $number + 1];
            $rows['photos'][] = ['id' => $id, 'sha256' => hash('sha256', (string) $id)] + $photo;
            $rows['photo_looks'][] = ['photo_id' => $id, 'colors' => '[]'] + $look;
            $rows['photo_marks'][] = [
                'photo_id' => $id,
                'camera' => '',
                'codes' => json_encode($shot === 'card' ? [$card->card->code] : []),
                'is_card' => $shot === 'card',
            ];
            $rows['drop_files'][] =
                ['id' => $file['id'] + $number, 'photo_id' => $id, 'file' => "DSC_{$number}.jpg", 'print' => $number] +
                $file;
            if ($shot !== 'card') {
                $truth["DSC_{$number}.jpg"] = $hues[$at];
            }
        }
    }
    foreach ($rows as $table => $own) {
        DB::table($table)->insert($own);
    }
    expect($truth)->toHaveCount(300);
    app(AcceptFiles::class)->asRead($shop->user, $drop, Dropped::seen($drop, DropFileStatus::Sure));
    $linked = [];
    foreach ($hues as $hue) {
        foreach ($shop->files(['Color' => $hue]) as $file) {
            $linked[$file] = $hue;
        }
    }
    ksort($linked);
    expect($linked)->toBe($truth);
});

test('a card of a product that is gone says so, and stands for nothing', function () {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay']);
    $card = cardPicture(cardsOf($shop)[0], $this->folder);
    DB::table('products')
        ->where('id', $shop->product->id)
        ->update(['created_at' => '2020-01-01 00:00:00']);
    $drop = Dropped::files($shop->user, ['DSC_0001.jpg' => $card, 'DSC_0002.jpg' => Dropped::picture('1 Moss')]);
    expect(Dropped::standings($drop))
        ->toBe(['DSC_0001.jpg' => 'card', 'DSC_0002.jpg' => 'not-understood'])
        ->and(Dropped::one($drop, 'DSC_0001.jpg')->why)
        ->toBe('No product that is here has this card.');
});

test('the GTIN on a label that hangs on the goods says the color', function () {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay']);
    app(SetGtin::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '4006381333931');
    $label = new Imagick();
    $label->newImage(800, 800, '#f7f7f5', 'jpeg');
    file_put_contents("{$this->folder}/bars.svg", BarcodeDrawing::svg(Barcode::of('4006381333931'), 3));
    exec("rsvg-convert -o {$this->folder}/bars.png {$this->folder}/bars.svg");
    $bars = new Imagick("{$this->folder}/bars.png");
    $label->compositeImage($bars, Imagick::COMPOSITE_OVER, 200, 300);
    $label->writeImage("jpeg:{$this->folder}/label.jpg");
    $drop = Dropped::files($shop->user, ['P1000001.jpg' => "{$this->folder}/label.jpg"]);
    expect(Dropped::one($drop, 'P1000001.jpg')->verdict?->reasons[0])->toBe(
        '4006381333931 is the GTIN of Potting smock, Moss.',
    );
});

test('cards are read from photographs that are askew, blurred, dim, and held by hand', function () {
    $all = getenv('SLATE_SEEDS') === 'all';
    $count = $all ? 500 : 15;
    $photographs = new CardPhotographs(new Randomizer(new Mt19937($all ? 1 : (int) gmdate('z'))), $this->folder);
    $read = $wrong = 0;
    for ($at = 0; $at < $count; $at++) {
        [$photo, $code] = $photographs->next('photo');
        $found = codesIn($photo, $this->folder);
        $read += in_array($code, $found, true) ? 1 : 0;
        $wrong += array_diff($found, [$code]) === [] ? 0 : 1;
    }
    expect($wrong)
        ->toBe(0)
        ->and($read)
        ->toBeGreaterThanOrEqual((int) floor(0.98 * $count) - ($all ? 0 : 1));
});
