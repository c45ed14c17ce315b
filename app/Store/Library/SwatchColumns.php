<?php

declare(strict_types=1);

namespace App\Store\Library;

use Core\Color\Swatches\Swatch;

/** A swatch as its two columns have it. */
final class SwatchColumns
{
    /** @return array{swatch: ?string, swatch_photo_id: ?int} */
    public static function of(?Swatch $swatch): array
    {
        return ['swatch' => $swatch?->text(), 'swatch_photo_id' => $swatch?->piece?->photoId];
    }
}
