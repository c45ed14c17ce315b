<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Core\Changes\Prices\PriceWay;
use Core\Changes\Prices\PriceWish;
use Core\Pricing\OwnPrices;

/** A change of prices, and how it is to be made. */
trait ReadsPriceWish
{
    /** @return array<string, list<mixed>> */
    private function priceRules(): array
    {
        return ['typed' => self::TEXT, 'ending' => self::TEXT, 'way' => self::CHOICE, 'own' => self::CHOICE];
    }

    public function priceWish(): PriceWish
    {
        return new PriceWish(
            $this->string('typed')->limit(100, '')->toString(),
            $this->string('ending')->limit(20, '')->toString(),
            PriceWay::tryFrom($this->string('way')->toString()) ?? PriceWay::Asking,
            OwnPrices::tryFrom($this->string('own')->toString()),
        );
    }
}
