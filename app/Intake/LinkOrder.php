<?php

declare(strict_types=1);

namespace App\Intake;

use Core\Gallery\View;

/** In which order pictures that are accepted together come into their products: by view, then by the place in their names, then by name. So the galleries of all colors have one sequence. */
final class LinkOrder
{
    /**
     * @param  array<int, Acceptance>  $accepted  by file id
     * @return list<int> file ids
     */
    public static function of(array $accepted, ReadDrop $read): array
    {
        $views = array_flip(array_map(fn (View $view): string => $view->value, View::cases()));
        $ids = array_keys($accepted);
        $key = fn (int $id): array => [$accepted[$id]->view === null ? count($views) : $views[$accepted[$id]->view->value], $read->files[$id]->verdict->place ?? PHP_INT_MAX];
        usort($ids, fn (int $a, int $b): int => $key($a) <=> $key($b) ?: strnatcasecmp($read->files[$a]->file->file, $read->files[$b]->file->file));

        return $ids;
    }
}
