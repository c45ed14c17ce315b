<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Matrix\Combination;

/** A SKU as far as a comparison looks at it. */
final readonly class ComparedSku
{
    /**
     * @param  string  $price  as shown; empty where there is none
     * @param  ?int  $stock  null where nobody has counted
     */
    public function __construct(
        public string $code,
        public Combination $cell,
        public bool $isMade,
        public string $price,
        public ?int $stock,
    ) {
    }
}
