<?php

declare(strict_types=1);

namespace App\Http\Screens;

/** One cell of the board as drawn. */
final readonly class BoardCell
{
    /**
     * @param  string  $state  "made", "left out" or "open"
     * @param  string  $place  the cell in words, for those who hear the grid
     * @param  ?string  $thumb  address of the Lead, in the Photos lens
     * @param  string  $text  what the lens shows
     * @param  string  $note  a small line below
     * @param  bool  $warns  whether a shopper would meet something wrong here
     */
    public function __construct(
        public string $key,
        public string $state,
        public string $place,
        public ?string $thumb = null,
        public string $text = '',
        public string $note = '',
        public bool $warns = false,
    ) {
    }
}
