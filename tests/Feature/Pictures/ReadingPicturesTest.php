<?php

declare(strict_types=1);

use App\Actions\Pictures\ReadPhotosAgain;
use App\Media\DerivePhoto;
use App\Media\Looks\PhotoLooks;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Media\PictureReader;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Models\Right;
use Core\Color\ColorDifference;
use Core\Color\Lab;
use Core\Color\Srgb;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\HostilePictures;
use Tests\Support\Shop;

/*
 * Pictures are decoded in a process of their own, within limits; what becomes of each is told, and can be mended.
 */

/** The reader as it runs outside of tests, in a folder of the test's own. */
function realReader(
    int $cpuSeconds = 20,
    int $wallSeconds = 60,
    int $mostMemory = 600 * 1024 * 1024,
    ?string $folder = null,
): string {
    $folder ??= sys_get_temp_dir() . '/slate-reading-' . bin2hex(random_bytes(4));
    app()->instance(
        PictureReader::class,
        new PictureReader($folder, $cpuSeconds, $wallSeconds, $mostMemory, 1024 * 1024 * 1024),
    );

    return $folder;
}

/** @return list<string> */
function leftIn(string $folder): array
{
    return glob($folder . '/*') ?: [];
}

it('reads a picture in a process of its own, says what it took, and leaves nothing behind', function (
    string $format,
): void {
    $folder = realReader();
    Shop::open()->receive(["one.{$format}" => Shop::picture('one', $format, 900)]);
    $photo = Photo::query()->sole();
    expect($photo->state)
        ->toBe(PhotoState::Ready)
        ->and($photo->read_kilobytes)
        ->toBeGreaterThan(10_000)
        ->toBeLessThan(200_000)
        ->and($photo->read_milliseconds)
        ->toBeGreaterThan(0)
        ->and(getimagesizefromstring(Storage::get(PhotoStore::derivedPath($photo->sha256, PhotoSize::Card)))[0])
        ->toBe(640)
        ->and(leftIn($folder))
        ->toBe([]);
})->with(['jpeg', 'png', 'webp', 'avif']);

it('counts the memory of the reading alone (what it was forked from was counted as well)', function (): void {
    realReader();
    $ballast = str_repeat('x', 300 * 1024 * 1024);
    Shop::open()->receive(['one.jpg' => Shop::picture('one', 'jpeg', 900)]);
    expect(strlen($ballast))
        ->toBeGreaterThan(0)
        ->and(Photo::query()->sole()->read_kilobytes)
        ->toBeLessThan(200_000);
});

it('uses the first picture of a file with several, and says so', function (string $format): void {
    realReader();
    $moving = new Imagick();
    foreach (['red', 'blue', 'lime'] as $color) {
        $moving->newImage(200, 200, $color, $format);
        $moving->setImageDelay(20);
    }
    $path = tempnam(sys_get_temp_dir(), 'slate') . '.' . $format;
    $moving->writeImages("{$format}:{$path}", true);
    $receipt = Shop::open()->receive([
        "moving.{$format}" => $path,
        "still.{$format}" => Shop::picture('still', $format),
    ]);
    $photo = Photo::query()->orderBy('id')->firstOrFail();
    $thumb = new Imagick();
    $thumb->readImageBlob(Storage::get(PhotoStore::derivedPath($photo->sha256, PhotoSize::Thumb)));
    $color = $thumb->getImagePixelColor(90, 90)->getColor();
    expect($receipt->taken)
        ->toBe(["moving.{$format} (its first picture; it holds more)", "still.{$format}"])
        ->and($photo->state)
        ->toBe(PhotoState::Ready)
        ->and($color['r'])
        ->toBeGreaterThan(240)
        ->and($color['b'])
        ->toBeLessThan(20);
})->with(['webp', 'gif', 'tiff']);

it('measures a picture as it reads it: its colors, what it looks like, how sharp it is', function (): void {
    realReader();
    $picture = new Imagick();
    $picture->newImage(800, 800, '#f6f6f4', 'jpeg');
    $draw = new ImagickDraw();
    $draw->setFillColor('#5f7049');
    $draw->rectangle(200, 150, 600, 700);
    $draw->setFillColor('#57673f');
    array_map(fn(int $x) => $draw->rectangle($x, 150, $x + 8, 700), range(220, 580, 40));
    $picture->drawImage($draw);
    $path = tempnam(sys_get_temp_dir(), 'slate') . '.jpg';
    $picture->writeImage($path);
    $picture->blurImage(0, 6);
    $picture->writeImage($blurred = tempnam(sys_get_temp_dir(), 'slate') . '.jpg');
    Shop::open()->receive(['moss.jpg' => $path, 'blurred.jpg' => $blurred]);
    [$sharp, $soft] = array_values(PhotoLooks::of(Photo::query()->orderBy('id')->pluck('id')->all()));
    expect(
        ColorDifference::ciede2000(
            Lab::of($sharp->colors->main() ?? Srgb::packed(0)),
            Lab::of(Srgb::fromHex('#5f7049')),
        ),
    )
        ->toBeLessThan(3.0)
        ->and($sharp->colors->background->hex())
        ->toBe('#f6f6f4')
        ->and($sharp->colors->filled)
        ->toBeGreaterThan(0.3)
        ->toBeLessThan(0.4)
        ->and($sharp->colors->evenness)
        ->toBe(1.0)
        ->and($sharp->fingerprint->distance($soft->fingerprint))
        ->toBeLessThan(6)
        ->and($sharp->sharpness)
        ->toBeGreaterThan(2 * $soft->sharpness);
    DB::table('photo_looks')->delete();
    expect(app(PhotoStore::class)->isWhole(Photo::query()->firstOrFail()))->toBeFalse();
});

it(
    'gives up on what takes too long, and reads the good ones beside it (a JPEG of many scans held up all others)',
    function (): void {
        $folder = realReader(cpuSeconds: 1);
        $shop = Shop::open();
        $shop->receive([
            'slow.jpg' => HostilePictures::manyScans(3_000, 900),
            'good.jpg' => Shop::picture('good'),
            'fine.png' => Shop::picture('fine', 'png'),
        ]);
        $states = Photo::query()->orderBy('id')->get();
        expect($states->map(fn(Photo $photo): PhotoState => $photo->state)->all())
            ->toBe([PhotoState::Refused, PhotoState::Ready, PhotoState::Ready])
            ->and($states[0]->failure)
            ->toContain('takes longer than 1 seconds to read')
            ->and(leftIn($folder))
            ->toBe([]);
        $this->actingAs($shop->user)->get('/products/SMOCK')->assertOk()->assertSee('takes longer than 1 seconds');
    },
);

it(
    'holds each picture to memory and disk of its own (60 million pixels left 480 MB in the temporary folder; a text of 1 GB took 1 GB)',
    function (string $kind, int $mostKilobytes): void {
        $folder = realReader();
        Shop::open()->receive([$kind . '.png' => HostilePictures::$kind(...$kind === 'longText' ? [300] : [])]);
        $photo = Photo::query()->sole();
        expect($photo->state)
            ->toBe(PhotoState::Ready)
            ->and($photo->read_kilobytes)
            ->toBeLessThan($mostKilobytes)
            ->and(leftIn($folder))
            ->toBe([]);
    },
)->with([['bloated', 200_000], ['largest', 200_000], ['longText', 350_000]]);

it('refuses what needs more memory than a picture may', function (): void {
    $folder = realReader(mostMemory: 60 * 1024 * 1024);
    Shop::open()->receive(['large.jpg' => Shop::picture('large')]);
    $photo = Photo::query()->sole();
    expect($photo->state)
        ->toBe(PhotoState::Refused)
        ->and($photo->failure)
        ->toContain('needs more memory')
        ->and(leftIn($folder))
        ->toBe([]);
});

it(
    'waits where the server lacks room, and reads the picture once there is some (good pictures were stored as damaged)',
    function (): void {
        $shop = Shop::open();
        file_put_contents($blocked = tempnam(sys_get_temp_dir(), 'slate'), '');
        realReader(folder: $blocked . '/no-folder-here');
        $shop->receive(['front.jpg' => Shop::picture('front')]);
        $photo = Photo::query()->sole();
        expect($photo->state)
            ->toBe(PhotoState::Waiting)
            ->and($photo->failure)
            ->toContain('The server has too little room');
        $this->actingAs($shop->user)
            ->get('/products/SMOCK')
            ->assertSee('too little room')
            ->assertSee('data-waiting="1"', false);
        realReader();
        DerivePhoto::dispatch($photo->id);
        expect($photo->refresh()->state)->toBe(PhotoState::Ready)->and($photo->failure)->toBeNull();
    },
);

it(
    'reads a failed picture again where it is dropped again, or where somebody asks for it (nothing could mend it)',
    function (): void {
        realReader(cpuSeconds: 1);
        $shop = Shop::open();
        $slow = HostilePictures::manyScans(3_000, 900);
        $shop->receive(['slow.jpg' => $slow]);
        expect(Photo::query()->sole()->state)->toBe(PhotoState::Refused);
        app()->instance(PictureReader::class, new Tests\Support\QuickReader(sys_get_temp_dir(), 20, 60, 0, 0));
        $good = Shop::picture('good');
        Photo::query()->update([
            'state' => PhotoState::Failed,
            'failure' => 'It broke off.',
            'sha256' => hash_file('sha256', $good),
            'bytes' => filesize($good),
            'width' => 24,
            'height' => 24,
        ]);
        expect($shop->receive(['slow.jpg' => $good])->known)
            ->toBe(['slow.jpg is here already; it is read again.'])
            ->and(Photo::query()->sole()->state)
            ->toBe(PhotoState::Ready);

        Photo::query()->update(['state' => PhotoState::Failed, 'failure' => 'It broke off.']);
        $id = $shop->placement('slow.jpg');
        $this->actingAs($shop->user)
            ->post("/products/SMOCK/photos/{$id}/about")
            ->assertSee('It broke off.')
            ->assertSee('Read it again');
        $this->post('/products/SMOCK/photos/read-again', ['placements' => [$id]], ['HX-Request' => 'true'])->assertOk();
        expect(Photo::query()->sole()->state)->toBe(PhotoState::Ready);
        $this->actingAs(Shop::person(Right::View))
            ->post('/products/SMOCK/photos/read-again', ['placements' => [$id]], ['HX-Request' => 'true'])
            ->assertForbidden();
    },
);

it('makes a missing size anew when it is asked for, and shows a sign meanwhile (it answered 500)', function (): void {
    $shop = Shop::open();
    $shop->receive(['front.jpg' => Shop::picture('front')]);
    $photo = Photo::query()->sole();
    Storage::delete(PhotoStore::derivedPath($photo->sha256, PhotoSize::Card));
    $answer = $this->actingAs($shop->user)
        ->get("/photos/{$photo->id}/card.jpg")
        ->assertOk();
    expect($answer->headers->get('Content-Type'))
        ->toStartWith('image/svg+xml')
        ->and($answer->headers->get('Cache-Control'))
        ->toContain('no-store')
        ->and($answer->headers->get('Retry-After'))
        ->toBe('5');
    expect(
        $this->get("/photos/{$photo->id}/card.jpg")
            ->assertOk()
            ->headers->get('Content-Type'),
    )->toBe('image/jpeg');
});

it('says that the file of a picture is lost, and takes it in again', function (): void {
    $shop = Shop::open();
    $path = Shop::picture('front');
    $shop->receive(['front.jpg' => $path]);
    $photo = Photo::query()->sole();
    Storage::deleteDirectory('photos');
    Storage::deleteDirectory('derived');
    $this->actingAs($shop->user)
        ->get("/photos/{$photo->id}/thumb.jpg")
        ->assertOk();
    expect($photo->refresh()->state)
        ->toBe(PhotoState::Failed)
        ->and($photo->failure)
        ->toBe('The file of this picture is missing. Drop it again.');
    $shop->receive(['front.jpg' => $path]);
    expect($photo->refresh()->state)
        ->toBe(PhotoState::Ready)
        ->and(Storage::exists(PhotoStore::originalPath($photo->sha256, 'jpg')))
        ->toBeTrue()
        ->and(app(ReadPhotosAgain::class)->run($shop->user, $shop->product, [$shop->placement('front.jpg')]))
        ->toBe(0);
});

it('takes up a picture whose job was lost, and no other', function (): void {
    config(['queue.default' => 'database']);
    $shop = Shop::open();
    $shop->receive(['one.jpg' => Shop::picture('one')]);
    $photo = Photo::query()->firstOrFail();
    $stalled = app(App\Media\StalledPictures::class);
    $age = fn(int $seconds) => DB::table('photos')->update(['updated_at' => now()->subSeconds($seconds)]);
    $age(60);
    expect($stalled->requeue())->toBe(0, 'its job waits in the queue');
    $age(3_600);
    expect($stalled->requeue())->toBe(1, 'its job is long overdue');
    DB::table('jobs')->delete();
    expect($stalled->requeue())->toBe(0, 'it was just taken up');
    $age(60);
    expect($stalled->requeue())
        ->toBe(1)
        ->and(DB::table('jobs')->count())
        ->toBe(1);
    $this->artisan('queue:work', ['--once' => true]);
    expect($photo->refresh()->state)->toBe(PhotoState::Ready);
    $age(3_600);
    expect($stalled->requeue())->toBe(0);
});

it('is looked after by whoever works off the queue', function (): void {
    config(['queue.default' => 'database']);
    Shop::open()->receive(['one.jpg' => Shop::picture('one')]);
    DB::table('jobs')->delete();
    DB::table('photos')->update(['updated_at' => now()->subMinutes(2)]);
    event(new Illuminate\Queue\Events\Looping('database', 'default'));
    expect(DB::table('jobs')->count())->toBe(1);
});

it(
    'clears away what a reader that was killed has left, and nothing of one that works or of anybody else',
    function (): void {
        $work = sys_get_temp_dir() . '/slate-sweep-' . bin2hex(random_bytes(4));
        $kept = [
            '999999999',
            '999999999-abc',
            'anything',
            'slate-picture-x',
            'slate-picture-' . getmypid() . '-0123456789abcdef',
        ];
        $gone = ['slate-picture-999999999-0123456789abcdef', 'slate-picture-' . getmypid() . '-fedcba9876543210'];
        foreach ([...$kept, ...$gone] as $folder) {
            mkdir("{$work}/{$folder}", 0o700, true);
            touch("{$work}/{$folder}/original.jpg");
        }
        touch("{$work}/{$gone[1]}", time() - 3_600);
        (new PictureReader($work, 20, 60, 0, 0))->removeLeftovers();
        expect(array_map(basename(...), glob("{$work}/*")))->toEqualCanonicalizing($kept);
        (new Illuminate\Filesystem\Filesystem())->deleteDirectory($work);
    },
);
