<?php

declare(strict_types=1);

namespace App\Intake;

/** In which order pictures that are accepted together come into their products: by view, then by the place in their names, then by name. So the galleries of all colors have one sequence. */
final class LinkOrder
{
    /**
     * @param  array<int, Acceptance>  $accepted  by file id
     * @return list<int> file ids
     */
    public static function of(array $accepted, ReadDrop $read): array
    {
        $ids = array_keys($accepted);
        $key = fn (int $id): array => [$read->views->place($accepted[$id]->view), $read->files[$id]->verdict->place ?? PHP_INT_MAX];
        usort($ids, fn (int $a, int $b): int => $key($a) <=> $key($b) ?: strnatcasecmp($read->files[$a]->file->file, $read->files[$b]->file->file));

        return $ids;
    }
}
