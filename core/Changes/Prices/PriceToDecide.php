<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Product\ChosenSkus;
use Core\Refusal;
use Core\RefusalKind;

/** A change of prices that leaves something to decide: nothing was changed, and the person is asked. */
final class PriceToDecide extends Refusal
{
    public function __construct(public readonly ChosenSkus $chosen)
    {
        parent::__construct(
            'Say first what becomes of prices that SKUs have of their own.',
            RefusalKind::Missing,
            'way',
        );
    }
}
