<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Details\PricedSku;
use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Matrix\StandingSku;
use Core\Pricing\Money;
use Core\Stock\StockBook;

/** A SKU as stored. */
final readonly class SkuRow
{
    /**
     * @param  Combination  $cell  where it lies in the matrix
     * @param  Combination  $combination  the same with its values on axes that sleep
     * @param  ?Money  $price  its own; null where it follows the product
     * @param  ?int  $stock  units that it can be sold from, which others may be sold from as well; null where nobody has counted them
     * @param  ?int  $counted  units that were counted for it alone
     * @param  ?string  $pool  the same for SKUs that are sold from the same units; null where it has its own
     */
    public function __construct(
        public int $id,
        public Combination $cell,
        public Combination $combination,
        public SkuState $state,
        public string $code,
        public ?string $gtin,
        public ?Money $price,
        public ?int $stock,
        public ?int $counted,
        public ?string $pool,
        public ?int $weightG,
        public int $retiredVersion,
        public bool $isCodeTyped = false,
    ) {
    }

    public function isMade(): bool
    {
        return $this->state === SkuState::Made;
    }

    /** The same, sold from the units that another book has for it. */
    public function soldFrom(StockBook $book): self
    {
        return new self($this->id, $this->cell, $this->combination, $this->state, $this->code, $this->gtin, $this->price, $book->of($this->cell, $this->counted), $this->counted, $book->pool($this->cell), $this->weightG, $this->retiredVersion, $this->isCodeTyped);
    }

    /** The same for SKUs that are sold from the same units. */
    public function source(): string
    {
        return $this->pool ?? "sku {$this->id}";
    }

    /** Whether it has no unit left. What nobody has counted can be bought. */
    public function isSoldOut(): bool
    {
        return $this->stock === 0;
    }

    public function priced(): PricedSku
    {
        return new PricedSku($this->id, $this->cell, $this->price);
    }

    public function standing(): StandingSku
    {
        return new StandingSku($this->id, $this->combination, $this->state, $this->pool === null ? $this->stock : null, $this->retiredVersion);
    }
}
