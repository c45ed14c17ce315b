<?php

declare(strict_types=1);

namespace App\Media;

/** The sizes of a picture, and what it took to make them. */
final readonly class ReadPicture
{
    /** @param  array<string, string>  $sizes  PhotoSize value => JPEG bytes */
    public function __construct(
        public array $sizes,
        public int $milliseconds,
        public int $kilobytes,
    ) {
    }
}
