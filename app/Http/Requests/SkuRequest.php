<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Numbers of SKUs, typed or pasted. */
final class SkuRequest extends ProductRequest
{
    use ReadsPriceWish;

    protected function ownRules(): array
    {
        return $this->priceRules() + [
            'grid' => ['nullable', 'string', 'max:400000', 'regex:/^[0-9:,;|]*$/'],
            'block' => ['nullable', 'string', 'max:1000001'],
            'first' => self::YES,
            'counting' => self::CHOICE,
        ];
    }
}
