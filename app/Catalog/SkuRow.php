<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Matrix\StandingSku;

/** A SKU as stored. */
final readonly class SkuRow
{
    public function __construct(
        public int $id,
        public Combination $cell,
        public SkuState $state,
        public string $code,
        public ?string $gtin,
        public ?string $price,
        public int $stock,
        public ?int $weightG,
        public int $retiredVersion,
    ) {
    }

    public function isMade(): bool
    {
        return $this->state === SkuState::Made;
    }

    public function standing(): StandingSku
    {
        return new StandingSku($this->id, $this->cell, $this->state, $this->stock, $this->retiredVersion);
    }
}
