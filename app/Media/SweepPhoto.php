<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Removes the files of a picture that was removed for good, unless it has come again meanwhile. */
final class SweepPhoto implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** Seconds between two tries. */
    public int $backoff = 60;

    public function __construct(public readonly string $sha256, public readonly string $type) {}

    public function handle(PhotoStore $store): void
    {
        if (Photo::query()->where('sha256', $this->sha256)->doesntExist()) {
            $store->forget($this->sha256, $this->type);
        }
    }
}
