<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Matrix\Combination;
use Core\Pricing\Money;

/** A SKU as a change of prices sees it. */
final readonly class PricedSku
{
    /** @param  ?Money  $own  typed for it; null where it follows the rule */
    public function __construct(public int $id, public Combination $cell, public ?Money $own) {}
}
