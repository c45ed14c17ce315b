<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\LoadedProduct;
use App\Catalog\ProductAxis;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** Says what shoppers see first: the SKU whose gallery opens the product, and the values they find chosen. */
final class SetOpening
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    /** @param  ?Selection  $selected  the SKU; null leaves it to the first in stock */
    public function sku(Change $change, ?Selection $selected): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($selected): string {
            $sku = $selected === null ? null : $loaded->chosen($selected)->one('A product opens with one SKU');
            $ledger->update('products', [$loaded->product->id => ['opening_cell' => $sku?->combination->key]]);

            return $sku === null ? 'Opens with the first SKU in stock' : "Opens with {$sku->code}";
        });
    }

    /** @param  ?int  $valueId  null: the shopper chooses */
    public function value(Change $change, int $axisId, ?int $valueId): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($axisId, $valueId): string {
            $axis = ProductAxis::of($loaded, $axisId);
            if ($valueId !== null && ! $axis->has($valueId)) {
                throw new Refusal("This is no longer a {$axis->name} of the product. Choose another.", RefusalKind::Gone, 'value');
            }
            $row = DB::table('product_axes')->where('product_id', $loaded->product->id)->where('axis_id', $axisId)->value('id');
            $ledger->update('product_axes', [(int) $row => ['opening_value_id' => $valueId]]);

            return $valueId === null ? "Shoppers choose the {$axis->name} themselves" : "Shoppers find {$axis->name} {$axis->value($valueId)?->label} chosen";
        });
    }
}
