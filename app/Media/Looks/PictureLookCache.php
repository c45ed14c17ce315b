<?php

declare(strict_types=1);

namespace App\Media\Looks;

use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\PhotoInspector;
use App\Media\PictureFault;
use App\Media\PictureReader;
use App\Models\Photo;
use App\Refusals\PhotoRefused;

/** What files look like that may never be taken in: measured now, or remembered where the same file is kept already. */
final class PictureLookCache
{
    public function __construct(private readonly PhotoInspector $inspector, private readonly PictureReader $reader) {}

    /** @return ?PhotoLook null where it is no picture that can be read */
    public function at(IncomingFile $file): ?PhotoLook
    {
        try {
            $inspected = $this->inspector->inspect($file);
            $known = Photo::query()->where('sha256', (string) hash_file('sha256', $file->path))->value('id');

            return ($known === null ? null : PhotoLooks::of([(int) $known])[$known] ?? null) ??
                $this->reader->readFile($file->path, $inspected)->look;
        } catch (PhotoRefused | PictureFault) {
            // It is said when somebody takes the file in; until then its name is read all the same.
            return null;
        }
    }
}
