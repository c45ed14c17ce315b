<?php

declare(strict_types=1);

namespace App\Media;

/** The sizes a picture is derived in: the longer side in pixels, and what it is for. */
enum PhotoSize: string
{
    case Thumb = 'thumb';
    case Card = 'card';
    case Full = 'full';

    public function side(): int
    {
        return match ($this) {
            self::Thumb => 180,
            self::Card => 640,
            self::Full => 1600,
        };
    }
}
