<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Prices by rules: the base, what values add, and changes of many. */
final class PricesRequest extends ProductRequest
{
    use ReadsPriceWish;

    protected function ownRules(): array
    {
        return $this->priceRules() + ['amount' => self::TEXT, 'percent' => self::TEXT, 'value' => self::ID];
    }
}
