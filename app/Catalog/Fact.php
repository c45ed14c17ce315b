<?php

declare(strict_types=1);

namespace App\Catalog;

/** Something shown to shoppers that makes no SKUs: "Lining: cotton". */
final readonly class Fact
{
    public function __construct(
        public int $id,
        public string $name,
        public string $value,
    ) {
    }
}
