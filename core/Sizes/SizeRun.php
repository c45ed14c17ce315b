<?php

declare(strict_types=1);

namespace Core\Sizes;

use Core\Text\Name;

/** An ordered, reusable list of size values. */
final readonly class SizeRun
{
    /** @param  list<string>  $sizes in order */
    public function __construct(public string $name, public array $sizes) {}

    /** The place of a size in the run, from 0. */
    public function place(string $size): ?int
    {
        foreach ($this->sizes as $place => $own) {
            if (Name::of($own)->is(Name::of($size))) {
                return $place;
            }
        }

        return null;
    }
}
