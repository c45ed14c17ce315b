<?php

declare(strict_types=1);

namespace App\Catalog;

use RuntimeException;

/** A change of prices that leaves something to decide: nothing was changed, and the person is asked. */
final class PriceToDecide extends RuntimeException
{
    public function __construct(public readonly ChosenSkus $chosen)
    {
        parent::__construct('Say first what becomes of prices that SKUs have of their own.');
    }
}
