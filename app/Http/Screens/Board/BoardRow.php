<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

final readonly class BoardRow
{
    /**
     * @param  ?BoardHead  $group  on the first row of a group of layers
     * @param  list<BoardCell>  $cells
     */
    public function __construct(public ?BoardHead $group, public BoardHead $head, public array $cells) {}

    /** The same for two rows that are drawn the same, so that a large board redraws only what changed. */
    public function print(): string
    {
        return hash('xxh3', serialize($this));
    }
}
