<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

/** A text of the product itself, in a form of its own. */
final readonly class NameField
{
    /**
     * @param string $name as it is sent
     * @param int $most letters
     * @param string $known which list of what is used already is offered; empty for none
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $value,
        public int $most,
        public string $hint = '',
        public string $known = '',
    ) {}
}
