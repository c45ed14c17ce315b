<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\PhotoInspector;
use App\Media\Looks\PhotoLooks;
use App\Media\MediaKind;
use App\Media\PhotoSize;
use App\Media\PhotosRead;
use App\Media\PhotoStore;
use App\Media\PictureFault;
use App\Media\PictureFormat;
use App\Media\PictureReader;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Gate;

/** Takes a picture of a model, as somebody has turned it, as the still that stands for it everywhere. */
final class TakePoster
{
    public function __construct(
        private readonly PhotoInspector $inspector,
        private readonly PictureReader $reader,
        private readonly PhotoStore $store,
    ) {}

    /** @throws Refusal */
    public function run(User $user, Photo $photo, IncomingFile $file): void
    {
        Gate::forUser($user)->authorize('edit');
        $inspected = $this->inspector->inspect($file);
        if (
            MediaKind::ofType($photo->type) !== MediaKind::Model ||
            MediaKind::ofType($inspected->type) !== MediaKind::Still
        ) {
            throw new Refusal('A poster is a still picture of a model.', RefusalKind::Impossible, 'poster');
        }
        try {
            $read = $this->reader->readFile($file->path, $inspected);
        } catch (PictureFault $fault) {
            throw new Refusal($fault->getMessage(), RefusalKind::Unreadable, 'poster');
        }
        foreach ($read->sizes as $size => $formats) {
            foreach ($formats as $format => $bytes) {
                $this->store->write(
                    PhotoStore::derivedPath($photo->sha256, PhotoSize::from($size), PictureFormat::from($format)),
                    $bytes,
                );
            }
        }
        PhotoLooks::keep($photo, $read->look);
        $photo->update([
            'state' => PhotoState::Ready,
            'failure' => null,
            'width' => $inspected->width,
            'height' => $inspected->height,
        ]);
        event(new PhotosRead([$photo->id]));
    }
}
