<?php

declare(strict_types=1);

/* What tests/Stages/full-disk.sh tries on the small disks that it has mounted. */

use App\Actions\Batches\TryAgain;
use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Models\Right;
use App\Summaries\Status\Health;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$faults = 0;
$expect = function (string $what, bool $holds, string $found = '') use (&$faults): void {
    echo $holds ? "  ok: {$what}\n" : "  NOT: {$what} {$found}\n";
    $faults += $holds ? 0 : 1;
};
[$store, $reading] = [(string) getenv('FILESYSTEM_ROOT'), (string) getenv('READING_FOLDER')];
/** Fills a disk up to some bytes. */
$fill = function (string $disk, int $but): void {
    @file_put_contents("{$disk}/filler", str_repeat('x', max(0, (int) disk_free_space($disk) - $but)));
};
$room = fn(string $disk): bool => @unlink("{$disk}/filler");
$work = function (): void {
    Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 900]);
};
/** Jobs that wait for a while are due now, as they are after that while. */
$due = fn() => DB::table('jobs')->update(['available_at' => time() - 1]);
$picture = fn(string $name): string => (function () use ($name): string {
    $path = tempnam(sys_get_temp_dir(), 'slate');
    $image = imagecreatetruecolor(700, 700);
    mt_srand(crc32($name));
    for ($at = 0; $at < 3_000; $at++) {
        imagefilledellipse($image, mt_rand(0, 700), mt_rand(0, 700), 40, 40, mt_rand(0, 0xffffff));
    }
    imagejpeg($image, $path, 92);

    return $path;
})();
$jobs = fn(): int => DB::table('jobs')->where('payload', 'like', '%DerivePhoto%')->count();
$states = fn(): array => Photo::query()
    ->orderBy('id')
    ->get()
    ->map(fn(Photo $photo): string => $photo->state->value)
    ->all();
$ines = Shop::person(Right::Release, 'Ines');
$shop = Shop::open('DISK');

// No room for what is sent.
$fill($store, 20_000);
$receipt = $shop->receive(['full.jpg' => $picture('full')]);
$expect(
    'with a full disk a picture is refused in words',
    str_contains($receipt->refused[0] ?? '', 'too little room') && $receipt->taken === [],
    json_encode($receipt),
);
$expect(
    'and nothing of it is kept',
    Photo::query()->count() === 0 && array_diff(Storage::allFiles(), ['filler']) === [] && $jobs() === 0,
    json_encode(Storage::allFiles()),
);
$room($store);
$receipt = $shop->receive(['full.jpg' => $picture('full')]);
$expect('with room made, dropping it again takes it in', $receipt->taken === ['full.jpg']);

// Room for what is sent, none for its sizes.
$fill($store, 30_000);
$work();
$photo = Photo::query()->sole();
$expect(
    'with no room for its sizes a picture waits, and says for what',
    $photo->state === PhotoState::Waiting && str_contains((string) $photo->failure, 'too little room on disk'),
    "{$photo->state->value} {$photo->failure}",
);
$expect(
    'no size of it is half there',
    array_filter(
        Storage::allFiles('derived'),
        fn(string $path): bool => Storage::size($path) === 0 ||
            @getimagesizefromstring((string) Storage::get($path)) === false,
    ) === [],
    json_encode(Storage::allFiles('derived')),
);
$expect('it is in the queue for later', $jobs() === 1);
$room($store);

// No room to read in.
$shop->receive(['second.jpg' => $picture('second')]);
$fill($reading, 10_000);
$due();
$work();
$expect('with no room to read in, pictures wait', $states() === ['waiting', 'waiting'], json_encode($states()));
$room($reading);
$expect('one button mends them all', app(TryAgain::class)->pictures($ines) === 2);
$work();
$expect('and they are ready', $states() === ['ready', 'ready'], json_encode($states()));
$expect('the folder for reading is empty', (glob("{$reading}/*") ?: []) === []);

// A disk that can only be read.
$shop->receive(['third.jpg' => $picture('third')]);
Storage::deleteDirectory('derived');
exec('mount -o remount,ro ' . escapeshellarg($store), $ignored, $code);
$expect('the disk can only be read now', $code === 0);
$receipt = $shop->receive(['fourth.jpg' => $picture('fourth')]);
$expect(
    'a picture is refused in words',
    count($receipt->refused) === 1 && str_contains($receipt->refused[0], 'could not be kept'),
    json_encode($receipt),
);
$expect('machines are told', app(Health::class)->checks()['disk'] === ['ok' => false, 'says' => 'cannot be written']);
$due();
$work();
$third = Photo::query()->orderByDesc('id')->firstOrFail();
$expect(
    'a picture whose sizes cannot be kept waits',
    $third->state === PhotoState::Waiting && str_contains((string) $third->failure, 'too little room on disk'),
    "{$third->state->value} {$third->failure}",
);
exec('mount -o remount,rw ' . escapeshellarg($store));
$verify = Artisan::call('slate:verify', ['--mend' => true]);
app(TryAgain::class)->pictures($ines);
$due();
$work();
$expect(
    'written to again, all sizes are there after one command and one button',
    $states() === ['ready', 'ready', 'ready'] &&
        Photo::query()->get()->every(fn(Photo $one): bool => app(PhotoStore::class)->isWhole($one)),
    json_encode($states()),
);
$expect('and all is verified', Artisan::call('slate:verify') === 0, Artisan::output());
exit($faults === 0 ? 0 : 1);
