<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Matrix\Combination;

/** One picture combination against the shot list. */
final readonly class CoverageRow
{
    /** @param  array<string, Cover>  $views view's value => cover, in the shot list's order */
    public function __construct(
        public Combination $combination,
        public array $views,
    ) {
    }

    /** How many views are there or shared. */
    public function has(): int
    {
        return count(array_filter($this->views, fn (Cover $cover): bool => $cover !== Cover::Missing));
    }

    /** @return list<View> */
    public function missing(): array
    {
        return array_map(
            fn (string $view): View => View::from($view),
            array_keys(array_filter($this->views, fn (Cover $cover): bool => $cover === Cover::Missing)),
        );
    }
}
