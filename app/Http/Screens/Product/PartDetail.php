<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Details\DetailKind;

/** What a part of a product says otherwise. */
final readonly class PartDetail
{
    /**
     * @param string $where the part, in words
     * @param string $words what is said there
     * @param string $selected the part as the board selects it
     */
    public function __construct(
        public DetailKind $kind,
        public string $where,
        public string $words,
        public string $selected = '',
    ) {}
}
