<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Product\Sku;

/** What holds of most fields of SKUs. */
trait UsualField
{
    abstract public function name(): string;

    public function short(): string
    {
        return $this->name();
    }

    public function inWords(int $count): string
    {
        return lcfirst($this->name()) . ($count === 1 ? '' : 's');
    }

    public function none(): string
    {
        return 'none';
    }

    public function isUnique(): bool
    {
        return false;
    }

    public function isFigure(): bool
    {
        return false;
    }

    public function isSearched(): bool
    {
        return false;
    }

    public function note(Sku $sku): string
    {
        return '';
    }

    public function linked(Sku $sku): array
    {
        return [];
    }

    public function details(): array
    {
        return [];
    }
}
