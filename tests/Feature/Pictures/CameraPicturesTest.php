<?php

declare(strict_types=1);

use App\Media\DerivePhoto;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Media\PictureFormat;
use App\Media\PictureReader;
use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;
use Tests\Support\Films;
use Tests\Support\Photographs;
use Tests\Support\Shop;

require_once __DIR__ . '/../../Reference/tools.php';

/*
 * Pictures as cameras and other programs make them, the whole way: upload, queue, reading process.
 */

/** The reader as it runs outside of tests. */
function wholeReader(): void
{
    config(['queue.default' => 'database']);
    app()->bind(
        PictureReader::class,
        fn(): PictureReader => new PictureReader(
            sys_get_temp_dir() . '/slate-camera-' . getmypid(),
            20,
            60,
            600 * 1024 * 1024,
            1024 * 1024 * 1024,
        ),
    );
}

/**
 * @param  array<string, string>  $files  name => path
 * @return array<string, Photo> by name, once the queue is through
 */
function uploaded(Shop $shop, array $files): array
{
    foreach (array_chunk($files, 8, true) as $some) {
        $uploads = array_map(
            fn(string $name, string $path): UploadedFile => new UploadedFile($path, $name, null, null, true),
            array_keys($some),
            $some,
        );
        test()
            ->actingAs($shop->user)
            ->post('/products/SMOCK/photos', ['files' => $uploads])
            ->assertOk();
    }
    while (DB::table('jobs')->where('available_at', '<=', time())->exists()) {
        test()->artisan('queue:work', ['--once' => true]);
    }
    $rows = DB::table('placements')
        ->join('photos', 'photos.id', '=', 'placements.photo_id')
        ->get(['photos.id', 'file_name']);

    return $rows
        ->mapWithKeys(fn(stdClass $row): array => [$row->file_name => Photo::query()->findOrFail($row->id)])
        ->all();
}

/** @return array{int, int, int} the color in the middle of a derived size */
function middleOf(Photo $photo): array
{
    $picture = new Imagick();
    $picture->readImageBlob((string) Storage::get(PhotoStore::derivedPath($photo->sha256, PhotoSize::Card)));
    $color = $picture
        ->getImagePixelColor(intdiv($picture->getImageWidth(), 2), intdiv($picture->getImageHeight(), 2))
        ->getColor();

    return [$color['r'], $color['g'], $color['b']];
}

it('reads pictures with color profiles (nearly every photograph was called damaged)', function (): void {
    wholeReader();
    mkdir($folder = sys_get_temp_dir() . '/slate-profiles-' . bin2hex(random_bytes(4)));
    // Source: sharp (libvips) writes the pictures and their profiles.
    $files = outside(['node', __DIR__ . '/../../Reference/tools/profiles.mjs', $folder], '');
    expect($files)->toHaveCount(8);
    foreach (uploaded(Shop::open(), $files) as $name => $photo) {
        expect($photo->state)->toBe(PhotoState::Ready, "{$name}: {$photo->failure}");
        foreach (PhotoSize::cases() as $size) {
            foreach (PictureFormat::cases() as $format) {
                expect(Storage::exists(PhotoStore::derivedPath($photo->sha256, $size, $format)))->toBeTrue();
            }
        }
        foreach (middleOf($photo) as $at => $channel) {
            expect(abs($channel - [0x5f, 0x70, 0x49][$at]))->toBeLessThanOrEqual(4, $name);
        }
    }
});

it('reads photographs that nobody here made, also with the profile of another camera', function (): void {
    $photographs = Photographs::some();
    wholeReader();
    mkdir($folder = sys_get_temp_dir() . '/slate-photographs-' . bin2hex(random_bytes(4)));
    $files = outside(['node', __DIR__ . '/../../Reference/tools/profiles.mjs', $folder], '');
    (new Process(['exiftool', '-q', '-b', '-icc_profile', '-w', 'icc', $files['p3.jpg']]))->mustRun();
    foreach (array_slice($photographs, 0, 3, true) as $name => $path) {
        // Source: exiftool writes the profile and what a camera says of itself.
        copy($path, $copy = "{$folder}/as-shot-{$name}");
        (new Process([
            'exiftool',
            '-q',
            '-overwrite_original',
            "-icc_profile<={$folder}/p3.icc",
            '-Model=Field 7',
            '-DateTimeOriginal=2026:03:01 10:00:00',
            $copy,
        ]))->mustRun();
        $photographs["as-shot-{$name}"] = $copy;
    }
    foreach (uploaded(Shop::open(), $photographs) as $name => $photo) {
        expect($photo->state)->toBe(PhotoState::Ready, "{$name}: {$photo->failure}");
    }
    expect(Photo::query()->count())->toBe(count($photographs));
});

it(
    'never says that a fault of ours is the file’s: it is reported, waits, and is tried again (a missing class was damage)',
    function (): void {
        config(['queue.default' => 'database']);
        $shop = Shop::open();
        $broken = new class (sys_get_temp_dir(), 20, 60, 600 << 20, 1 << 30) extends PictureReader {
            protected function decoded(string $type, int $longerSide, string $original, string $folder): array
            {
                $process = new Process([
                    PHP_BINARY,
                    '-n',
                    '-d',
                    'display_errors=stderr',
                    '-r',
                    'new App\Media\NotThere();',
                ]);
                $process->run();
                $fault = new ReflectionMethod(PictureReader::class, 'fault');

                throw $fault->invoke($this, $process, []);
            }
        };
        app()->instance(PictureReader::class, $broken);
        $photo = uploaded($shop, ['front.jpg' => Shop::picture('front')])['front.jpg'];
        expect($photo->state)
            ->toBe(PhotoState::Waiting)
            ->and($photo->failure)
            ->toContain('not the file’s fault')
            ->and(DB::table('jobs')->count())
            ->toBe(1, 'it is tried again');
        // Whatever breaks off in the worker itself is no fault of the file either.
        $photo->update(['failure' => null]);
        DB::table('jobs')->delete();
        app()->bind(PictureReader::class, fn(): PictureReader => throw new LogicException('A wrong setting'));
        DerivePhoto::dispatch($photo->id);
        foreach (range(1, 3) as $try) {
            DB::table('jobs')->update(['available_at' => 0]);
            $this->artisan('queue:work', ['--once' => true]);
        }
        expect($photo->refresh()->state)
            ->toBe(PhotoState::Waiting)
            ->and($photo->failure)
            ->toContain('not the file’s fault');
    },
);

/** A picture of noise in a format, for which no packing helps. */
function noisy(string $format): string
{
    $picture = new Imagick();
    $picture->newPseudoImage(300, 300, 'plasma:');
    $picture->setImageFormat($format);

    return $picture->getImageBlob();
}

/** The same with the value of a field of a TIFF changed. Source: TIFF 6.0, section 2. */
function withTag(string $tiff, int $tag, int $value): string
{
    $isLittle = str_starts_with($tiff, 'II');
    $first = unpack($isLittle ? 'V' : 'N', $tiff, 4)[1];
    for ($at = $first + 2; ; $at += 12) {
        if (unpack($isLittle ? 'v' : 'n', $tiff, $at)[1] === $tag) {
            return substr_replace($tiff, pack($isLittle ? 'V' : 'N', $isLittle ? $value : $value << 16), $at + 8, 4);
        }
    }
}

it(
    'says of what is not taken whether it is damaged, too large or of an unknown kind (it was said to need memory)',
    function (string $name, Closure $make, string $says): void {
        wholeReader();
        $photo = uploaded(Shop::open(), [$name => Films::file($make())])[$name];
        expect($photo->failure)->toContain($says)->and($photo->state)->toBe(PhotoState::Refused);
    },
)->with([
    'half a JPEG' => ['half.jpg', fn(): string => substr(noisy('jpeg'), 0, -2_000), 'damaged'],
    'half a PNG' => ['half.png', fn(): string => substr(noisy('png'), 0, -30_000), 'damaged'],
    'half a WebP' => ['half.webp', fn(): string => substr(noisy('webp'), 0, -4_000), 'damaged'],
    'half a GIF' => ['half.gif', fn(): string => substr(noisy('gif'), 0, -20_000), 'damaged'],
    'a TIFF with odd tags' => ['odd.tif', fn(): string => withTag(noisy('tiff'), 277, 5_000), 'damaged'],
    'an unknown packing' => [
        'packing.tif',
        fn(): string => withTag(noisy('tiff'), 259, 34_712),
        'of a kind that is not read',
    ],
]);

it('takes the good files beside a bad one (a film without a codec’s name took them with it)', function (): void {
    $shop = Shop::open();
    $model = Films::model(
        fn(array $tree): array => ['bufferViews' => [['buffer' => [], 'byteLength' => [36]]]] + $tree,
    );
    $film = str_replace('avc1', 'zzzz', (string) file_get_contents(Films::film()));
    $uploads = [];
    foreach (
        [
            'good.jpg' => Shop::picture('good'),
            'odd.glb' => Films::file($model),
            'odd.mp4' => Films::file($film),
            'fine.jpg' => Shop::picture('fine'),
        ]
        as $name => $path
    ) {
        $uploads[] = new UploadedFile($path, $name, null, null, true);
    }
    $answer = $this->actingAs($shop->user)
        ->post('/products/SMOCK/photos', ['files' => $uploads])
        ->assertOk();
    expect($answer->json('taken'))
        ->toBe(['good.jpg', 'fine.jpg'])
        ->and($answer->json('refused'))
        ->toHaveCount(2);
});

it('asks a film for what it needs only (a comment of 36 MB held a process for 19 seconds)', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'slate') . '.mp4';
    $described = Films::file(";FFMETADATA1\ncomment=" . str_repeat('words and more ', 2_400_000) . "\n");
    (new Process([
        'ffmpeg',
        '-nostdin',
        '-v',
        'error',
        '-y',
        '-i',
        Films::film(),
        '-i',
        $described,
        '-map_metadata',
        '1',
        '-codec',
        'copy',
        $path,
    ]))->mustRun();
    expect(filesize($path))->toBeGreaterThan(30_000_000);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    expect(Shop::open()->receive(['long.mp4' => $path])->taken)
        ->toBe(['long.mp4'])
        ->and(memory_get_peak_usage() - $before)
        ->toBeLessThan(24 * 1024 * 1024);
});

it('hands neither the application’s key nor the database’s password to a program that reads files', function (): void {
    putenv('DB_PASSWORD=secret');
    $_ENV['APP_KEY'] = 'base64:secret';
    $process = App\Media\BoundedProcess::of(['--cpu=5'], ['env'], 5);
    $process->mustRun();
    expect($process->getOutput())
        ->not->toContain('secret')
        ->toContain('PATH=')
        ->and(substr_count($process->getOutput(), "\n"))
        ->toBeLessThan(6);
    putenv('DB_PASSWORD');
    unset($_ENV['APP_KEY']);
});
