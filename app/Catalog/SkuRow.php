<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Matrix\StandingSku;
use Core\Pricing\Money;

/** A SKU as stored. */
final readonly class SkuRow
{
    /**
     * @param  Combination  $cell  where it lies in the matrix
     * @param  Combination  $combination  the same with its values on axes that sleep
     * @param  ?Money  $price  its own; null where it follows the product
     * @param  ?int  $stock  units; null where nobody has counted them
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
        public ?int $weightG,
        public int $retiredVersion,
        public bool $isCodeTyped = false,
    ) {
    }

    public function isMade(): bool
    {
        return $this->state === SkuState::Made;
    }

    /** Whether it has no unit left. What nobody has counted can be bought. */
    public function isSoldOut(): bool
    {
        return $this->stock === 0;
    }

    public function standing(): StandingSku
    {
        return new StandingSku($this->id, $this->combination, $this->state, $this->stock, $this->retiredVersion);
    }
}
