<?php

declare(strict_types=1);

namespace App\Media;

/** Photos were read: what was measured of them is known now, or is otherwise than before. */
final readonly class PhotosRead
{
    /** @param  list<int>  $photoIds */
    public function __construct(public array $photoIds) {}
}
