<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\Combining;
use App\Models\Product;
use App\Models\User;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ProductLoader;
use Core\Combining\Combined;
use Core\Combining\JoinWish;
use Core\CoreException;
use Core\Refusal;
use Core\RefusalKind;

/** Adds single items to a product that has a matrix. */
final readonly class AddItems
{
    public function __construct(
        private Combining $work,
        private ProductLoader $loader,
        private CatalogLookup $catalog,
    ) {}

    /**
     * @param  array<int, array<int, string>>  $values  id of an item => axis id => label
     *
     * @throws CoreException
     */
    public function run(User $user, Product $host, array $values): Product
    {
        return $this->work->into($user, self::class, $host->id, new JoinWish($this->catalog, $values));
    }

    /**
     * What would become of the product; nothing is stored.
     *
     * @param  array<int, array<int, string>>  $values  id of an item => axis id => label
     *
     * @throws CoreException
     */
    public function plan(Product $host, array $values): Combined
    {
        $records = Product::query()->standing()->whereKey(array_keys($values))->get();
        $loaded = $this->loader->loadMany([$host, ...array_values($records->all())]);
        $items = [];
        foreach (array_keys($values) as $id) {
            $items[$id] =
                $loaded[$id]->core ??
                throw new Refusal('One of the items is not there any more. Look again.', RefusalKind::Gone);
        }

        return (new JoinWish($this->catalog, $values))->joined($loaded[$host->id]->core, $items);
    }
}
