<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Actions\Batches\StartBatch;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Models\Batch;
use App\Models\User;
use App\Store\Products\CatalogLookup;
use App\Summaries\Lists\SingleItems;
use Core\Combining\CombineWish;
use Core\Combining\ItemGroup;
use Core\Combining\PlacedItem;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Gate;

/**
 * Puts all single items together about which there is no doubt: one batch, worked off in the queue, undone as one. What
 * refuses stays proposed.
 */
final readonly class CombineSure
{
    public function __construct(
        private SingleItems $items,
        private StartBatch $batches,
        private CatalogLookup $catalog,
    ) {}

    /**
     * @param  ?list<string>  $codes  of the products that are looked at; null for all
     *
     * @throws Refusal where there is none
     */
    public function run(User $user, ?array $codes = null): Batch
    {
        Gate::forUser($user)->authorize('edit');
        $sure = array_values(
            array_filter(
                $this->items->groups($codes),
                fn(ItemGroup $group): bool => $group->isSure() && $group->code !== '',
            ),
        );
        if ($sure === []) {
            throw new Refusal('There is nothing about which there is no doubt.', RefusalKind::Missing);
        }
        $order = new BatchOrder(
            CombineItems::NAME,
            CombineItems::wanted($sure),
            BatchMode::AsFarAsPossible,
            Selection::whole(),
        );

        return $this->batches->run(
            $user,
            $order,
            array_map(fn(ItemGroup $group): string => "{$group->code} " . CombineItems::name($group), $sure),
        );
    }

    public function wish(ItemGroup $group): CombineWish
    {
        $ids = array_map(fn(PlacedItem $one): int => $one->item->productId, $group->items);

        return new CombineWish(
            $this->catalog,
            CombineItems::name($group),
            $group->code,
            $ids,
            $group->axes,
            array_combine($ids, array_map(fn(PlacedItem $one): array => $one->values, $group->items)),
        );
    }
}
