<?php

declare(strict_types=1);

/* What tests/Stages/hostile.sh tries. */

use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\Support\HostilePictures;
use Tests\Support\Shop;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const MOST_MEGABYTES = 600;
const GIVEN_UP_AFTER = 240;

/** Megabytes that a process and all below it hold. */
function held(int $pid): float
{
    $pages = (int) (explode(' ', (string) @file_get_contents("/proc/{$pid}/statm"))[1] ?? 0);
    $below = array_filter(explode(' ', trim((string) @file_get_contents("/proc/{$pid}/task/{$pid}/children"))));

    return ($pages * 4096) / 1_048_576 + array_sum(array_map(fn(string $child): float => held((int) $child), $below));
}

$shop = Shop::open('HARM');
$bad = [
    'endless.jpg' => HostilePictures::emptyScans(),
    'slow.jpg' => HostilePictures::manyScans(),
    'largest.png' => HostilePictures::largest(),
    'bloated.png' => HostilePictures::bloated(),
    'text.png' => HostilePictures::longText(),
];
foreach ($bad as $name => $path) {
    $receipt = $shop->receive([$name => $path]);
    if ($receipt->taken === []) {
        echo "  at the door: {$receipt->refused[0]}\n";
    }
}
$good = [];
foreach (range(1, 10) as $at) {
    $shop->receive(["good {$at}.jpg" => Shop::picture("good {$at}", 'jpeg', 1_600)]);
    $good[] = Photo::query()->max('id');
}
$worker = new Process(
    [PHP_BINARY, '-d', 'memory_limit=1024M', 'artisan', 'slate:work', '--stop-when-empty'],
    dirname(__DIR__, 2),
    timeout: null,
);
$began = microtime(true);
$worker->start();
$most = 0.0;
$ready = null;
while ($worker->isRunning() && microtime(true) - $began < GIVEN_UP_AFTER) {
    $most = max($most, held((int) $worker->getPid()));
    if (
        $ready === null &&
        Photo::query()->whereKey($good)->where('state', PhotoState::Ready)->count() === count($good)
    ) {
        $ready = microtime(true) - $began;
    }
    usleep(50_000);
}
$worker->stop(0);
$ready ??=
    Photo::query()->whereKey($good)->where('state', PhotoState::Ready)->count() === count($good)
        ? microtime(true) - $began
        : null;

$faults = 0;
foreach (
    DB::table('photos')
        ->join('placements', 'placements.photo_id', '=', 'photos.id')
        ->whereNotIn('photos.id', $good)
        ->get(['file_name', 'state', 'failure', 'read_milliseconds', 'read_kilobytes'])
    as $photo
) {
    printf(
        "  %s: %s%s\n",
        $photo->file_name,
        $photo->state,
        $photo->failure === null
            ? sprintf(' in %.1f s with %d MB', $photo->read_milliseconds / 1000, $photo->read_kilobytes / 1024)
            : ", {$photo->failure}",
    );
    $faults +=
        $photo->state === 'refused' || ($photo->state === 'ready' && $photo->file_name !== 'endless.jpg') ? 0 : 1;
}
printf(
    "  the ten good ones: %s; worker and its child together: at most %.0f MB\n",
    $ready === null ? 'NOT ready' : sprintf('ready after %.0f s behind all of these', $ready),
    $most,
);
$left = glob(getenv('READING_FOLDER') . '/*') ?: [];
if ($ready === null || $most >= MOST_MEGABYTES || $most < 10 || $left !== []) {
    echo '  NOT: within bounds ', json_encode($left), "\n";
    $faults++;
}
exit($faults === 0 ? 0 : 1);
