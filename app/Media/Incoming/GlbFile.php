<?php

declare(strict_types=1);

namespace App\Media\Incoming;

use App\Refusals\PhotoRefused;
use Core\Gallery\Model\GlbContainer;

/** A file that is a model. */
final class GlbFile
{
    /** Side of the poster that stands for a model until somebody takes one. */
    public const POSTER = 1_200;

    /** @throws PhotoRefused */
    public static function inspect(IncomingFile $file, int $bytes): InspectedPhoto
    {
        $fault = GlbContainer::fault((string) file_get_contents($file->path));
        if ($fault !== null) {
            throw new PhotoRefused(
                "{$file->name} is no model that can be used: {$fault}. Export it again as one GLB file, glTF 2.0.",
            );
        }

        return new InspectedPhoto('glb', self::POSTER, self::POSTER, $bytes, false);
    }
}
