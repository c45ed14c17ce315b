<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\Amounts;
use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Pricing\Currency;
use Core\Pricing\Money;

/** Changes one detail of a product: name, description, brand, category, price, shot list. */
final class EditDetails
{
    public const FIELDS = ['name' => 'name', 'description' => 'description', 'brand' => 'brand', 'category' => 'category', 'price' => 'price', 'shot_list_id' => 'shot list'];

    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  string|int|null  $value  a price as typed */
    public function run(Change $change, string $field, string|int|null $value): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($field, $value): string {
            $price = $field === 'price' && $value !== null ? Money::typed((string) $value, Currency::of($loaded->product->currency)) : null;
            $ledger->update('products', [$loaded->product->id => [$field => $field === 'price' ? Amounts::stored($price) : $value]]);

            return match ($field) {
                'price' => 'Price of the product set to '.($price?->shown() ?? 'none').' (was '.($loaded->basePrice?->shown() ?? 'none').')',
                'name', 'brand', 'category' => ucfirst(self::FIELDS[$field])." set to “{$value}” (was “{$loaded->product->{$field}}”)",
                default => 'Changed the '.self::FIELDS[$field].' of the product',
            };
        });
    }
}
