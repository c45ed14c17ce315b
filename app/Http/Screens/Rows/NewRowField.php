<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

/** A field of a row that is to be added. */
final readonly class NewRowField
{
    /**
     * @param  string  $header  as the sheet calls it
     * @param  list<string>  $known  what is offered to be typed
     */
    public function __construct(
        public string $header,
        public string $label,
        public string $text,
        public array $known = [],
    ) {}
}
