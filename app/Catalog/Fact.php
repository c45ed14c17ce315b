<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Details\FactKind;
use Core\Text\Name;

/** Something shown to shoppers that makes no SKUs: "Lining: cotton". */
final readonly class Fact
{
    public function __construct(
        public int $id,
        public string $name,
        public string $value,
        public FactKind $kind = FactKind::Text,
        public string $unit = '',
        public bool $isShown = true,
    ) {
    }

    /** "320 g/m²", "cotton", "yes" */
    public function inWords(): string
    {
        return trim("{$this->value} {$this->unit}");
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
