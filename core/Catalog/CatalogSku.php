<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Pricing\Money;

/** A SKU with its own numbers: what is the product's is not in it. */
final readonly class CatalogSku
{
    /**
     * @param  ?int  $id  null where nobody knows which SKU it is to be: then its cell says so
     * @param  Combination  $cell  where it lies in the matrix
     * @param  ?Money  $price  its own; null where it follows the product
     * @param  ?int  $stock  units; null where nobody has counted them
     * @param  ?int  $weightG  grams; null where nobody has weighed it
     */
    public function __construct(
        public ?int $id,
        public Combination $cell,
        public SkuState $state,
        public string $code,
        public ?Money $price = null,
        public ?int $stock = null,
        public ?string $gtin = null,
        public ?int $weightG = null,
    ) {
    }

    /** Whether it is on offer. */
    public function isMade(): bool
    {
        return $this->state === SkuState::Made;
    }

    /**
     * Its own numbers as texts, to be held against another's and to be shown.
     *
     * @return array<string, string> what it is called => what it says; empty for none
     */
    public function numbers(): array
    {
        return [
            'code' => $this->code,
            'price' => $this->price?->shown() ?? '',
            'stock' => $this->stock === null ? 'not counted' : (string) $this->stock,
            'GTIN' => $this->gtin ?? '',
            'weight' => $this->weightG === null ? '' : "{$this->weightG} g",
        ];
    }
}
