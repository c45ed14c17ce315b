<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\Catalog\SelectedSkus;

use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Refusals\Refused;
use Illuminate\Support\Facades\DB;

/** Says what shoppers see first: the SKU whose gallery opens the product, and the values they find chosen. */
final class SetOpening
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    /** @param  ?string  $selected  the SKU; null leaves it to the first in stock */
    public function sku(Change $change, ?string $selected): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected): string {
            $skus = $selected === null ? [] : SelectedSkus::of($selected, $loaded);
            if (count($skus) > 1) {
                throw new Refused('A product opens with one SKU: select a single cell.');
            }
            $ledger->update('products', [$loaded->product->id => ['opening_cell' => $skus === [] ? null : $skus[0]->combination->key]]);

            return $skus === [] ? 'Opens with the first SKU in stock' : "Opens with {$skus[0]->code}";
        });
    }

    /** @param  ?int  $valueId  null: the shopper chooses */
    public function value(Change $change, int $axisId, ?int $valueId): ?HistoryEntry
    {
        return $this->keeper->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $valueId): string {
            $axis = ProductAxis::of($loaded, $axisId);
            if ($valueId !== null && ! $axis->has($valueId)) {
                throw new Refused("This is no longer a {$axis->name} of the product. Choose another.");
            }
            $row = DB::table('product_axes')->where('product_id', $loaded->product->id)->where('axis_id', $axisId)->value('id');
            $ledger->update('product_axes', [(int) $row => ['opening_value_id' => $valueId]]);

            return $valueId === null ? "Shoppers choose the {$axis->name} themselves" : "Shoppers find {$axis->name} {$axis->value($valueId)?->label} chosen";
        });
    }
}
