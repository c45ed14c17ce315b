<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use ImagickException;
use Throwable;

/** Makes the sizes of one picture, in the queue. Running it again does no harm. */
final class DerivePhoto implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 120;

    public function __construct(public readonly int $photoId)
    {
    }

    public function handle(PhotoStore $store, PhotoDeriver $deriver): void
    {
        $photo = Photo::query()->findOrFail($this->photoId);
        if ($photo->state === PhotoState::Ready) {
            return;
        }
        try {
            $sizes = $deriver->derive(
                (string) $store->disk()->get(PhotoStore::originalPath($photo->sha256, $photo->type)),
                max($photo->width, $photo->height),
            );
        } catch (ImagickException $damaged) {
            report($damaged);
            $photo->update(['state' => PhotoState::Failed, 'failure' => 'This file is damaged and cannot be shown. Copy it again from where it came.']);

            return;
        }
        foreach ($sizes as $name => $bytes) {
            $store->disk()->put(PhotoStore::derivedPath($photo->sha256, PhotoSize::from($name)), $bytes);
        }
        $photo->update(['state' => PhotoState::Ready, 'failure' => null]);
    }

    public function failed(Throwable $cause): void
    {
        Photo::query()->whereKey($this->photoId)->update([
            'state' => PhotoState::Failed,
            'failure' => 'The sizes of this picture could not be made. Remove it and drop it again.',
        ]);
    }
}
