<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Support\Facades\Queue;

/**
 * Pictures that wait to be read while no job is left to do it: the server died between keeping a picture and putting
 * it into the queue, or the queue was lost. They are put into it again; a picture that is read twice is no harm.
 */
final class StalledPictures
{
    private const CHUNK = 200;

    /** Seconds after which a picture counts as forgotten: where the queue is empty, and where it is not. */
    private const WHEN_IDLE = 20;

    private const WHEN_BUSY = 1_800;

    /** @return int how many were taken up */
    public function requeue(): int
    {
        $count = 0;
        $since = now()->subSeconds(
            Queue::size() + Queue::size(PhotoCuts::ASKED_FOR) === 0 ? self::WHEN_IDLE : self::WHEN_BUSY,
        );
        foreach (
            Photo::query()->where('state', PhotoState::Waiting)->where('updated_at', '<', $since)->lazyById(self::CHUNK)
            as $photo
        ) {
            $photo->touch();
            DerivePhoto::dispatch($photo->id);
            $count++;
        }

        return $count;
    }
}
