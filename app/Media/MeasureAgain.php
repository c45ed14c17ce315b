<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Looks\PhotoLooks;
use App\Models\Photo;
use Core\Color\Measuring\ColorMeter;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Queue;

/**
 * Measures some pictures anew that an earlier version measured: their colors from a size that was derived of them,
 * their fingerprints from the sample that is kept.
 */
final class MeasureAgain implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const PORTION = 200;

    public int $tries = 3;

    /** Seconds after which another may be asked for, whatever became of this one. */
    public int $uniqueFor = 300;

    public int $timeout = 90;

    /** Where nothing else waits, and there is something to measure. */
    public static function dispatchWhenIdle(): void
    {
        if (Queue::size() === 0 && PhotoLooks::outdated(1) !== []) {
            self::dispatch();
        }
    }

    public function handle(PictureSamples $samples): void
    {
        $photos = Photo::query()->whereKey(PhotoLooks::outdated(self::PORTION))->orderBy('id')->get();
        foreach ($photos as $photo) {
            $sample = $samples->measured($photo);
            // What cannot be read now is found by the check of stored pictures, and measured when it is read again.
            PhotoLooks::correct($photo->id, $sample === null ? null : (new ColorMeter())->measure($sample));
        }
        if ($photos->isNotEmpty()) {
            event(new PhotosRead(array_values($photos->map(fn(Photo $photo): int => $photo->id)->all())));
        }
    }
}
