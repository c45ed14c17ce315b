<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use App\Models\PhotoState;
use Core\Gallery\Crop;
use Core\Gallery\Shape;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Makes the shapes of a picture as its focus and frame say. Running it again does no harm. */
final class DeriveCuts implements ShouldQueue, ShouldBeUnique
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    /** Seconds. */
    public int $uniqueFor = 60;

    public function __construct(
        public readonly int $photoId,
        public readonly string $crop,
        public readonly Shape $shape = Shape::Square,
    ) {}

    public function uniqueId(): string
    {
        return "{$this->photoId} {$this->crop} {$this->shape->cutWith()[0]->value}";
    }

    public function handle(PhotoCuts $cuts): void
    {
        $photo = Photo::query()->findOrFail($this->photoId);
        if ($photo->state === PhotoState::Ready) {
            $cuts->make($photo, Crop::fromKey($this->crop), $this->shape);
        }
    }
}
