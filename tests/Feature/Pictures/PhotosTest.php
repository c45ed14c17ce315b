<?php

declare(strict_types=1);

use App\Actions\Pictures\HidePhotos;
use App\Actions\Pictures\LinkPhotos;
use App\Actions\Pictures\OrderPhotos;
use App\Actions\Pictures\RemovePhotos;
use App\Actions\Pictures\UnlinkPhotos;
use App\Media\DerivePhoto;
use App\Media\Looks\PhotoLooks;
use App\Media\MeasureAgain;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use Core\Gallery\Roles\Role;
use Core\Reach\Selection;
use Core\Refusal;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

it('stores one content once, and makes every size of it, without metadata', function (string $format): void {
    $shop = Shop::open();
    $path = Shop::picture('one', $format, 900);
    $receipt = $shop->receive(['front.' . $format => $path, 'the same.jpg' => $path]);
    $photo = Photo::query()->sole();
    expect($receipt->taken)
        ->toBe(['front.' . $format])
        ->and($receipt->known)
        ->toBe(["the same.jpg is here already, as front.{$format}."])
        ->and($photo->state)
        ->toBe(PhotoState::Ready)
        ->and($photo->width)
        ->toBe(900);
    foreach (PhotoSize::cases() as $size) {
        $derived = getimagesizefromstring(Storage::get(PhotoStore::derivedPath($photo->sha256, $size)));
        expect($derived['mime'])->toBe('image/jpeg')->and($derived[0])->toBe(min(900, $size->side()));
    }
    Shop::open('OTHER')->receive(['again.jpg' => $path]);
    expect(Photo::query()->count())
        ->toBe(1)
        ->and(DB::table('placements')->count())
        ->toBe(2);
})->with(['jpeg', 'png', 'webp']);

it('turns a picture upright by its camera’s mark', function (): void {
    $picture = new Imagick();
    $picture->newImage(400, 200, 'red', 'jpeg');
    $picture->setImageOrientation(Imagick::ORIENTATION_RIGHTTOP);
    $path = tempnam(sys_get_temp_dir(), 'slate');
    file_put_contents($path, $picture->getImageBlob());
    // Imagick writes the mark only into an EXIF block that is there; so it is put in by hand.
    $exif = "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0";
    $jpeg = file_get_contents($path);
    file_put_contents(
        $path,
        substr($jpeg, 0, 2) . "\xff\xe1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2),
    );
    Shop::open()->receive(['turned.jpg' => $path]);
    $derived = getimagesizefromstring(
        Storage::get(PhotoStore::derivedPath(Photo::query()->sole()->sha256, PhotoSize::Card)),
    );
    expect([$derived[0], $derived[1]])->toBe([200, 400]);
});

it('refuses what is no usable picture, each file by itself, in words', function (
    string $name,
    string $content,
    string $words,
): void {
    $shop = Shop::open();
    $path = tempnam(sys_get_temp_dir(), 'slate');
    file_put_contents($path, $content);
    $receipt = $shop->receive([$name => $path, 'good.jpg' => Shop::picture('good')]);
    expect($receipt->taken)
        ->toBe(['good.jpg'])
        ->and($receipt->refused)
        ->toHaveCount(1)
        ->and($receipt->refused[0])
        ->toStartWith($words);
    expect(Photo::query()->count())->toBe(1);
})->with([
    'text' => ['notes.jpg', "Just some notes.\n", 'notes.jpg is not a picture that can be used: it holds plain text.'],
    'empty' => ['nothing.jpg', '', 'nothing.jpg is empty (0 bytes).'],
    'svg' => [
        'logo.jpg',
        '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>',
        'logo.jpg is not a picture that can be used: it holds an SVG drawing.',
    ],
    'too many pixels' => fn(): array => [
        'huge.png',
        "\x89PNG\r\n\x1a\n" .
        pack('N', 13) .
        ($header = 'IHDR' . pack('NNCCCCC', 20_000, 20_000, 8, 2, 0, 0, 0)) .
        pack('N', crc32($header)),
        'huge.png has 20,000 × 20,000 px; a picture can have 60 million pixels.',
    ],
    'broken off in the header' => ['cut.png', "\x89PNG\r\n\x1a\n\0\0\0\x0dIHDR", 'cut.png '],
]);

it('says so where a picture is damaged behind its header', function (): void {
    $shop = Shop::open();
    $path = Shop::picture('damaged', 'png', 300);
    file_put_contents($path, substr(file_get_contents($path), 0, 60));
    $shop->receive(['damaged.png' => $path]);
    $photo = Photo::query()->sole();
    expect($photo->state)->toBe(PhotoState::Refused)->and($photo->failure)->toContain('damaged');
    $this->actingAs($shop->user)->get('/products/SMOCK')->assertOk()->assertSee('This file is damaged');
});

it('waits in the queue without holding anybody up', function (): void {
    Queue::fake();
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('front')]);
    Queue::assertPushed(DerivePhoto::class, 1);
    $this->actingAs($shop->user)
        ->get('/products/SMOCK')
        ->assertOk()
        ->assertSee('being read…')
        ->assertSee('data-waiting="1"', false);
});

it('gives a second file of the same name a name of its own, and says so', function (): void {
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('one')]);
    $receipt = $shop->receive(['FRONT.jpg' => Shop::picture('two')]);
    expect($receipt->taken)->toBe(['FRONT.jpg (as FRONT (2).jpg: another picture has its name)']);
});

it('takes 200 files in parcels over HTTP', function (): void {
    Queue::fake();
    $shop = Shop::open();
    foreach (array_chunk(range(1, 200), 50) as $parcel) {
        $files = array_map(
            fn(int $number): UploadedFile => new UploadedFile(
                Shop::picture("p{$number}", 'png', 8 + $number),
                "dir/../p{$number}.png",
                null,
                null,
                true,
            ),
            $parcel,
        );
        $this->actingAs($shop->user)
            ->post('/products/SMOCK/photos', ['files' => $files, 'batch' => '0b9f9b1e-0c52-4f6e-9d2a-0f1e2d3c4b5a'])
            ->assertOk()
            ->assertJsonCount(50, 'taken');
    }
    expect(DB::table('placements')->count())
        ->toBe(200)
        ->and(DB::table('placements')->min('file_name'))
        ->toBe('p1.png');
    $shop->undo();
    expect(DB::table('placements')->count())->toBe(0);
});

it('says so where a file did not arrive whole', function (): void {
    $shop = Shop::open();
    $cut = new UploadedFile('/tmp/not-there', 'cut.jpg', null, UPLOAD_ERR_INI_SIZE, true);
    $this->actingAs($shop->user)
        ->post('/products/SMOCK/photos', ['files' => [$cut]])
        ->assertOk()
        ->assertJsonPath(
            'refused.0',
            'cut.jpg did not arrive whole; a picture can have 40 MB. Save it smaller, or drop it again.',
        );
});

it('links to what is selected, in the fewest words', function (): void {
    $shop = Shop::stocked();
    $id = $shop->photo('extra.jpg', ['Color' => 'Moss', 'Size' => 'S']);
    foreach (['M', 'L', 'XL'] as $size) {
        app(LinkPhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Moss', 'Size' => $size]));
    }
    expect($shop->loaded()->placements[$id]->reach()->toArrays())
        ->toHaveCount(1)
        ->and($shop->loaded()->core->selected(Selection::nothing())->isNothing())
        ->toBeTrue();
    app(LinkPhotos::class)->run($shop->change(), [$id], Selection::whole());
    expect($shop->loaded()->placements[$id]->reach()->isEverything())->toBeTrue();
    app(UnlinkPhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Clay']));
    expect($shop->files(['Color' => 'Clay']))
        ->not->toContain('extra.jpg')
        ->and($shop->files(['Color' => 'Slate']))
        ->toContain('extra.jpg');
});

it('keeps a picture with the only color there is, as a second one comes', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss', 'Size' => 'S, M']);
    $shop->photo('moss.jpg', ['Color' => 'Moss']);
    $shop->photo('small.jpg', ['Color' => 'Moss', 'Size' => 'S']);
    app(LinkPhotos::class)->run(
        $shop->change(),
        [$shop->placement('small.jpg')],
        $shop->part(['Color' => 'Moss', 'Size' => 'M']),
    );
    $shop->photo('guide.jpg', []);
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    expect($shop->files(['Color' => 'Clay']))
        ->toBe(['guide.jpg'])
        ->and($shop->files(['Color' => 'Moss', 'Size' => 'S']))
        ->toBe(['moss.jpg', 'small.jpg', 'guide.jpg']);
});

it('hides without unlinking, and shows again by linking or by asking', function (): void {
    $shop = Shop::stocked();
    $id = $shop->placement('Moss back.jpg');
    app(HidePhotos::class)->run($shop->change(), [$id], $shop->part(['Color' => 'Moss', 'Size' => 'S']));
    expect($shop->files(['Color' => 'Moss', 'Size' => 'S']))
        ->not->toContain('Moss back.jpg')
        ->and($shop->files(['Color' => 'Moss', 'Size' => 'M']))
        ->toContain('Moss back.jpg');
    app(HidePhotos::class)->showAgain($shop->change(), [$id], $shop->part(['Color' => 'Moss']));
    expect($shop->files(['Color' => 'Moss', 'Size' => 'S']))->toContain('Moss back.jpg');
});

it('hands a role over between pictures of the same reach', function (): void {
    $shop = Shop::stocked();
    app(App\Actions\Pictures\AssignRole::class)->run($shop->change(), $shop->placement('Moss worn.jpg'), Role::Lead);
    expect($shop->gallery(['Color' => 'Moss'])->lead()?->file)
        ->toBe('Moss worn.jpg')
        ->and($shop->gallery(['Color' => 'Clay'])->lead()?->file)
        ->toBe('Clay front.jpg');
});

it('measures anew what an earlier version measured, once nothing else waits', function (): void {
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('front'), 'back.jpg' => Shop::picture('back')]);
    [$front, $back] = Photo::query()->orderBy('id')->get()->all();
    $measured = fn(Photo $photo): array => (array) DB::table('photo_looks')
        ->where('photo_id', $photo->id)
        ->first(['colors', 'evenness', 'doubt', 'measured_by']);
    $before = $measured($front);
    DB::table('photo_looks')->update([
        'colors' => '[["#010203",1]]',
        'doubt' => 'It has no even background.',
        'measured_by' => 1,
    ]);
    // One of them cannot be read for it: it is not asked for again and again.
    Storage::delete(PhotoStore::derivedPath($back->sha256, PhotoSize::Card));
    MeasureAgain::dispatchWhenIdle();
    expect(PhotoLooks::outdated(10))
        ->toBe([])
        ->and($measured($front)['colors'])
        ->not->toContain('#010203')
        ->and($measured($front)['doubt'])
        ->toBe($before['doubt'])
        ->and($measured($back)['colors'])
        ->toContain('#010203');
    $look = PhotoLooks::of([$front->id])[$front->id];
    $once = json_decode($before['colors'], true)[0][0];
    expect(
        Core\Color\ColorDifference::ciede2000(
            Core\Color\Lab::of($look->colors->main()),
            Core\Color\Lab::of(Core\Color\Srgb::fromHex($once)),
        ),
    )->toBeLessThan(1.5);
});

it('gives all colors the sequence of one', function (): void {
    $shop = Shop::stocked();
    app(OrderPhotos::class)->move(
        $shop->change(),
        $shop->placement('Clay detail.jpg'),
        $shop->part(['Color' => 'Clay']),
        0,
    );
    app(OrderPhotos::class)->matchTo($shop->change(), $shop->part(['Color' => 'Clay']));
    expect($shop->files(['Color' => 'Slate']))->toBe([
        'Slate detail.jpg',
        'Slate front.jpg',
        'Slate back.jpg',
        'Slate worn.jpg',
        'guide.jpg',
    ]);
});

it('removes for good only from the tray', function (): void {
    $shop = Shop::stocked();
    $id = $shop->placement('guide.jpg');
    expect(fn() => app(RemovePhotos::class)->run($shop->change(), [$id]))->toThrow(
        Refusal::class,
        'guide.jpg is linked. Send it back to the tray first',
    );
    expect(fn() => app(LinkPhotos::class)->run($shop->change(), [999_999], Selection::whole()))->toThrow(
        Refusal::class,
        'no longer in this product',
    );
    expect(fn() => app(LinkPhotos::class)->run($shop->change(), [$id], Selection::nothing()))->toThrow(
        Refusal::class,
        'Select a color',
    );
});

it('serves derived sizes only, with validators, to those signed in', function (): void {
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('front')]);
    $id = Photo::query()->sole()->id;
    $this->get("/photos/{$id}/thumb.jpg")->assertRedirectContains('/sign-in?to=');
    $answer = $this->actingAs($shop->user)
        ->get("/photos/{$id}/thumb.jpg")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg');
    $this->get("/photos/{$id}/thumb.jpg", ['If-None-Match' => $answer->headers->get('ETag')])->assertStatus(304);
    $this->get("/photos/{$id}/original.jpg")->assertNotFound();
});

it('names each file that PHP passed over, since it says nothing itself', function (): void {
    $shop = Shop::open();
    $file = fn(string $name): UploadedFile => new UploadedFile(Shop::picture($name), $name, null, null, true);
    $answer = $this->actingAs($shop->user)
        ->post('/products/SMOCK/photos', [
            'files' => [$file('one.jpg'), $file('two.jpg')],
            'names' => ['one.jpg', 'two.jpg', 'two.jpg', 'three.jpg'],
        ])
        ->assertOk();
    expect($answer->json('taken'))
        ->toHaveCount(2)
        ->and($answer->json('refused'))
        ->toBe([
            'two.jpg did not arrive: this server takes fewer files at once. Drop it again by itself.',
            'three.jpg did not arrive: this server takes fewer files at once. Drop it again by itself.',
        ]);
});

it('has one place for what may be sent at once, that PHP, nginx and the page agree on', function (): void {
    $ini = parse_ini_file(base_path('deploy/php/slate.ini'), false, INI_SCANNER_RAW);
    $made = sys_get_temp_dir() . '/slate-made-' . bin2hex(random_bytes(4));
    exec(escapeshellarg(base_path('deploy/write')) . ' --to ' . escapeshellarg($made), $ignored, $code);
    expect($code)
        ->toBe(0)
        ->and(file_get_contents("{$made}/nginx.conf"))
        ->toContain("client_max_body_size {$ini['post_max_size']};")
        ->and(file_get_contents("{$made}/90-indigo-slate.ini"))
        ->toBe(file_get_contents(base_path('deploy/php/slate.ini')))
        ->and(config('slate.photos.most_bytes'))
        ->toBe(ini_parse_quantity($ini['upload_max_filesize']))
        ->and(ini_parse_quantity($ini['post_max_size']))
        ->toBeGreaterThan(ini_parse_quantity($ini['upload_max_filesize']) + 1024 * 1024)
        ->and((int) $ini['max_input_vars'])
        ->toBeGreaterThan(2_000 + 11 * 1_000);
    $shop = Shop::open();
    $most = html_entity_decode(
        (string) preg_replace(
            '/.*data-most="([^"]+)".*/s',
            '$1',
            (string) $this->actingAs($shop->user)->get('/products/SMOCK')->getContent(),
        ),
    );
    expect(json_decode($most, true))->toBe(['picture' => 41_943_040, 'bytes' => 67_108_864, 'files' => 60]);
    (new Illuminate\Filesystem\Filesystem())->deleteDirectory($made);
});
