<?php

declare(strict_types=1);

namespace App\Media;

/** The sizes a picture is derived in: the longer side in pixels, and what it is for. */
enum PhotoSize: string
{
    case Thumb = 'thumb';
    case Card = 'card';
    case Full = 'full';

    /** Where the size of a photo is served. */
    public function address(int $photoId): string
    {
        return "/photos/{$photoId}/{$this->value}.jpg";
    }

    public function side(): int
    {
        return match ($this) {
            self::Thumb => 180,
            self::Card => 640,
            self::Full => 1600,
        };
    }
}
