<?php

declare(strict_types=1);

namespace App\Summaries\Lists;

/** Something that the top bar leads to. */
final readonly class SearchHit
{
    /** @param  ?string  $selected  what of the product is selected there; null for what it opens with */
    public function __construct(
        public string $label,
        public string $note,
        public string $product,
        public ?string $selected = null,
    ) {}
}
