<?php

declare(strict_types=1);

namespace Core\Gallery;

use Core\Gallery\Coverage\NumberedShot;
use Core\Matrix\Combination;

/** The gallery of one picture combination, as a row of pictures. */
final readonly class Strip
{
    /**
     * @param  list<Combination>  $cells  the made cells of the combination, in the product's order; at least one
     * @param  list<Entry>  $entries  every picture that any of them shows, in the one order
     * @param  array<int, int>  $shownBy  placement id => how many of them show it
     * @param  list<NumberedShot>  $shots  by what each picture shows, in the same order
     */
    public function __construct(
        public Combination $part,
        public array $cells,
        public array $entries,
        public array $shownBy,
        public array $shots,
    ) {}

    /** How many made cells it is of. */
    public function skus(): int
    {
        return count($this->cells);
    }

    /** What it has in common with strips of the same sequence. */
    public function sequence(): string
    {
        return implode(',', array_map(fn(NumberedShot $shot): string => $shot->key, $this->shots));
    }
}
