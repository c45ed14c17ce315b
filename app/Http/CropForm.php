<?php

declare(strict_types=1);

namespace App\Http;

use Core\Gallery\Crop;
use Core\Gallery\CropFrame;

/** Focus and frame as a form sends them: in percent, with up to one decimal. */
final class CropForm
{
    /** @return ?Crop null where nothing was sent */
    public static function read(mixed $given): ?Crop
    {
        if (!is_array($given) || $given === []) {
            return null;
        }
        $number = fn(string $name, int $usual): int => (int) round(
            10 * max(0, min(100, is_numeric($given[$name] ?? null) ? (float) $given[$name] : $usual)),
        );

        return Crop::of(
            $number('x', 50),
            $number('y', 50),
            new CropFrame($number('left', 0), $number('top', 0), $number('width', 100), $number('height', 100)),
        );
    }
}
