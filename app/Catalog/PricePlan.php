<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Pricing\Money;
use Core\Pricing\PriceChange;
use Core\Pricing\UnreadablePrice;

/** What a change of prices does to some SKUs, before it is made: every price once. */
final readonly class PricePlan
{
    /** @var array<int, ?Money> SKU id => its own price from now on; null where it follows the product */
    public array $own;

    /** @var list<PriceMove> lowest first */
    public array $moves;

    /** @var int SKUs that have no price to be changed */
    public int $without;

    /**
     * @param  list<SkuRow>  $skus
     *
     * @throws UnreadablePrice
     */
    public function __construct(ChosenSkus $chosen, array $skus, PriceChange $change)
    {
        $own = $moves = [];
        $without = 0;
        foreach ($skus as $sku) {
            $price = $chosen->prices->price($sku->cell, $sku->price);
            $is = $price->effective();
            if ($is === null && $change->isOfWhatIs()) {
                $without++;

                continue;
            }
            $own[$sku->id] = $change->of($is);
            $becomes = $own[$sku->id] ?? $price->ruled;
            $key = ($is?->shown() ?? '').'>'.($becomes?->shown() ?? '');
            $moves[$key] = new PriceMove($is, $becomes, ($moves[$key]->count ?? 0) + 1);
        }
        usort($moves, fn (PriceMove $a, PriceMove $b): int => $a->from === null || $b->from === null ? ($a->from === null ? 0 : 1) <=> ($b->from === null ? 0 : 1) : $a->from->amount->compareTo($b->from->amount));
        $this->own = $own;
        $this->moves = $moves;
        $this->without = $without;
    }
}
