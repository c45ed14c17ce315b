<?php

declare(strict_types=1);

namespace Core\Matrix\Planning;

use Core\Matrix\Combination;
use Core\Matrix\SkuState;

/** A SKU as it stands before a change. */
final readonly class StandingSku
{
    /**
     * @param  Combination  $cell  with its values on axes that sleep
     * @param  ?int  $stock  units; null where nobody has counted them
     * @param  int  $retiredAt  when it last went out of offer, counted in the product's versions; of two that claim one
     *   cell the later comes back
     */
    public function __construct(
        public int $id,
        public Combination $cell,
        public SkuState $state,
        public ?int $stock = 0,
        public int $retiredAt = 0,
    ) {}
}
