<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Text\Name;

/** Something shown to shoppers that makes no SKUs: "Lining: cotton". */
final readonly class Fact
{
    public function __construct(
        public int $id,
        public string $name,
        public string $value,
    ) {
    }

    /** @param  list<self>  $facts */
    public static function named(array $facts, string $name): ?self
    {
        foreach ($facts as $fact) {
            if (Name::of($fact->name)->is(Name::of($name))) {
                return $fact;
            }
        }

        return null;
    }
}
