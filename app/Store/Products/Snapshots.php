<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Ledger\RecordedChanges;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Store\ConsistentRead;
use App\Store\ProductRows;
use Core\Product\ProductState;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** A product as it was after an entry of its history: what is stored, with all later changes taken back in memory. */
final class Snapshots
{
    public function __construct(private readonly ProductLoader $loader) {}

    /**
     * @param  ?int  $entryId  the last entry that counts; null for the product as it is
     *
     * @throws Refusal
     */
    public function at(Product $product, ?int $entryId): ProductState
    {
        return $entryId === null
            ? $this->loader->again($product)->core->state
            : ConsistentRead::of(fn(): ProductState => $this->after($product, $entryId));
    }

    /** @throws Refusal */
    private function after(Product $product, int $entryId): ProductState
    {
        $rows = ['products' => [$product->id => (array) DB::table('products')->find($product->id)]];
        foreach (array_keys(ProductRows::TABLES) as $table) {
            $rows[$table] = DB::table($table)
                ->where('product_id', $product->id)
                ->get()
                ->keyBy('id')
                ->map(fn(object $row): array => (array) $row)
                ->all();
        }
        $later = HistoryEntry::query()
            ->where('product_id', $product->id)
            ->whereNull('undone_at')
            ->where('id', '>', $entryId);
        $final = (clone $later)->where('is_final', true)->latest('id')->first();
        if ($final !== null) {
            throw new Refusal(
                "How it was before “{$final->words}” ({$final->at(
                    'j M Y',
                )}) is not known any more: changes of that age keep only their words. Choose a later point.",
                RefusalKind::Gone,
                'from',
            );
        }
        foreach (
            new RecordedChanges(array_values($later->oldest('id')->pluck('id')->all()), takenBack: true)
            as $change
        ) {
            // What the library shares is as it is today at every point of a product's history.
            if (isset($rows[$change->table])) {
                if ($change->after === null) {
                    unset($rows[$change->table][$change->id]);
                } else {
                    $rows[$change->table][$change->id] = $change->after + ($rows[$change->table][$change->id] ?? []);
                }
            }
        }
        $past = (new Product())->newFromBuilder($rows['products'][$product->id]);

        return $this->loader->assemble([$past], ProductRows::past($product->id, $rows))[$product->id]->core->state;
    }
}
