<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Models\User;
use App\Store\Products\CatalogLookup;
use App\Summaries\Lists\SingleItems;
use Core\Combining\CombineWish;
use Core\Combining\ItemGroup;
use Core\Combining\PlacedItem;
use Core\CoreException;
use Illuminate\Support\Facades\Gate;

/** Puts all single items together about which there is no doubt: each product is undone by itself. */
final readonly class CombineSure
{
    /** Products that are made in one act; those left are proposed again. */
    private const MOST = 100;

    public function __construct(
        private SingleItems $items,
        private CombineProducts $combine,
        private CatalogLookup $catalog,
    ) {}

    /**
     * @param  ?list<string>  $codes  of the products that are looked at; null for all
     * @return int products made
     */
    public function run(User $user, ?array $codes = null): int
    {
        Gate::forUser($user)->authorize('edit');
        $made = 0;
        foreach ($this->items->groups($codes) as $group) {
            if ($group->isSure() && $group->code !== '' && $made < self::MOST) {
                $made += $this->combined($user, $group) ? 1 : 0;
            }
        }

        return $made;
    }

    private function combined(User $user, ItemGroup $group): bool
    {
        try {
            $this->combine->run($user, $this->wish($group));

            return true;
        } catch (CoreException) {
            // What refuses stays proposed, and says why where a person puts it together.
            return false;
        }
    }

    public function wish(ItemGroup $group): CombineWish
    {
        $ids = array_map(fn(PlacedItem $one): int => $one->item->productId, $group->items);

        return new CombineWish(
            $this->catalog,
            mb_strtoupper(mb_substr($group->name, 0, 1)) . mb_substr($group->name, 1),
            $group->code,
            $ids,
            $group->axes,
            array_combine($ids, array_map(fn(PlacedItem $one): array => $one->values, $group->items)),
        );
    }
}
