<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Gallery\Placement;

/** What changes of pictures call them. */
final class PictureWords
{
    /** @param  non-empty-list<Placement>  $pictures */
    public static function named(array $pictures): string
    {
        return count($pictures) === 1 ? $pictures[0]->file : count($pictures) . ' pictures';
    }
}
