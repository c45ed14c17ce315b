<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Looks\PhotoLook;
use App\Media\Marks\PictureMarks;

/** The sizes of a picture, what it looks like, and what it took to find out. */
final readonly class ReadPicture
{
    /** @param  array<string, array<string, string>>  $sizes  PhotoSize value => PictureFormat value => bytes */
    public function __construct(
        public array $sizes,
        public PhotoLook $look,
        public PictureMarks $marks,
        public int $milliseconds,
        public int $kilobytes,
    ) {}
}
