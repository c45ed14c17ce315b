<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\Models\HistoryEntry;
use Core\Pricing\Money;

/** Changes one detail of a product: name, description, brand, category, currency, price, shot list. */
final class EditDetails
{
    public const FIELDS = ['name' => 'name', 'description' => 'description', 'brand' => 'brand', 'category' => 'category', 'currency' => 'currency', 'price' => 'price', 'shot_list_id' => 'shot list'];

    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, string $field, string|int|null $value): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($field, $value): string {
            $stored = $field === 'price' && $value !== null ? Money::read((string) $value, $loaded->product->currency) : $value;
            $ledger->update('products', [$loaded->product->id => [$field => $stored]]);

            return 'Changed the '.self::FIELDS[$field].' of the product';
        });
    }
}
