<?php

declare(strict_types=1);

namespace App\Media;

/**
 * The sizes a picture is derived in: the longer side in pixels, and what it is for. None is larger than the original.
 */
enum PhotoSize: string
{
    /** In tables, strips and on the board. */
    case Thumb = 'thumb';

    /** In listings. */
    case Card = 'card';

    /** The picture that a shopper looks at. */
    case Gallery = 'gallery';

    /** The same from near. */
    case Zoom = 'zoom';

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
            self::Gallery => 1200,
            self::Zoom => 2400,
        };
    }

    /** @return list<self> the largest first, as each is made from the one before */
    public static function fromLargest(): array
    {
        return array_reverse(self::cases());
    }
}
