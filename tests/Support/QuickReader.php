<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Media\PhotoDeriver;
use App\Media\PictureFault;
use App\Media\PictureReader;
use ImagickException;

/** Reads pictures without a process of their own, for the many tests that are about something else. */
final class QuickReader extends PictureReader
{
    protected function decoded(string $type, int $longerSide, string $original, string $folder): array
    {
        try {
            (new PhotoDeriver())->derive($original, $type, $longerSide, $folder);
        } catch (ImagickException $fault) {
            throw PictureFault::damaged($fault->getMessage());
        }

        return ['milliseconds' => 0, 'kilobytes' => 0];
    }

    protected function codes(string $path): array
    {
        return [];
    }
}
