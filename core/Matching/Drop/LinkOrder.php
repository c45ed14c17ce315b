<?php

declare(strict_types=1);

namespace Core\Matching\Drop;

use Core\Gallery\View;
use Core\Gallery\Views;

/**
 * In which order pictures that are accepted together come into their products: by view, then by the place in their
 * names, then by name. So the galleries of all colors have one sequence.
 */
final class LinkOrder
{
    /**
     * @param  list<DropPicture>  $pictures
     * @param  array<int, ?View>  $views  file id => the view that it is accepted as
     * @return list<int> file ids
     */
    public static function of(array $pictures, array $views, Views $known): array
    {
        $rank = fn(DropPicture $picture): array => [
            $known->place($views[$picture->id] ?? null),
            $picture->verdict->place ?? PHP_INT_MAX,
        ];
        usort(
            $pictures,
            fn(DropPicture $a, DropPicture $b): int => $rank($a) <=> $rank($b) ?: strnatcasecmp($a->file, $b->file),
        );

        return array_map(fn(DropPicture $picture): int => $picture->id, $pictures);
    }
}
