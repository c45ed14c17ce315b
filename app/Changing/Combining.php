<?php

declare(strict_types=1);

namespace App\Changing;

use App\History\ProductsChanged;
use App\Ledger\ChangeLog;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;
use App\Store\Library\LibraryRows;
use App\Store\Products\ProductLoader;
use App\Store\StateRows;
use App\Store\StateWriter;
use Core\Combining\Combined;
use Core\Combining\CombinedPart;
use Core\Combining\CombineWish;
use Core\Combining\JoinWish;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * The unit of work for several products that become one: a product is made that takes in their SKUs and pictures. They
 * are hidden as they are, and lead to it. One entry in its history, which undone gives all of it back.
 */
final readonly class Combining
{
    private const TRIES = 3;

    public function __construct(
        private ProductLoader $loader,
        private PlainProduct $plain,
        private LibraryRows $library,
        private Versions $versions,
    ) {}

    /**
     * @param  class-string  $action
     * @param  ?string  $batch  of which it is a part
     *
     * @throws Refusal
     */
    public function run(User $user, string $action, CombineWish $wish, ?string $batch = null): Product
    {
        Gate::forUser($user)->authorize('edit');

        return DB::transaction(function () use ($user, $action, $wish, $batch): Product {
            $productIds = $wish->productIds;
            $products = $this->locked($productIds);
            $parts = $this->parts($productIds, $products);
            $ledger = new Ledger();
            $this->library->addMissing($ledger, $wish->axes());
            $combined = $wish->combined($parts);
            [$made, $before] = $this->plain->made($combined->state->details);
            $this->takeIn($ledger, $made, $combined->state);
            $this->write($ledger, $made, $before, $combined->state);
            $hidden = ['removed_at' => now()->format('Y-m-d H:i:s'), 'part_of_id' => $made->id];
            $ledger->update('products', array_fill_keys($productIds, $hidden));
            $ledger->note(MadeProducts::making($made->id));
            $words = $this->words($combined, $products);
            $this->note($user, $action, $made, [$words, $ledger->log(), $batch]);
            $this->versions->advance([$made->id, ...$productIds]);
            event(new ProductsChanged($made->id));

            return $made->refresh();
        }, self::TRIES);
    }

    /**
     * Single items go into a product that has a matrix, and are hidden as they are. One entry in its history.
     *
     * @param  class-string  $action
     *
     * @throws Refusal
     */
    public function into(User $user, string $action, int $hostId, JoinWish $wish): Product
    {
        Gate::forUser($user)->authorize('edit');

        return DB::transaction(function () use ($user, $action, $hostId, $wish): Product {
            $itemIds = $wish->itemIds();
            $products = $this->locked([$hostId, ...$itemIds]);
            $host = $products->firstOrFail('id', $hostId);
            $loaded = $this->loader->loadMany(array_values($products->all()));
            $core = $loaded[$hostId]->core;
            $ledger = new Ledger();
            $this->library->addMissing($ledger, $wish->axes($core));
            $items = [];
            foreach ($itemIds as $id) {
                $items[$id] = $loaded[$id]->core;
            }
            $joined = $wish->joined($core, $items);
            $this->takeIn($ledger, $host, $joined->state, array_flip($this->ownIds($core->state)));
            $this->write($ledger, $host, $core->state, $joined->state);
            $hidden = ['removed_at' => now()->format('Y-m-d H:i:s'), 'part_of_id' => $hostId];
            $ledger->update('products', array_fill_keys($itemIds, $hidden));
            $codes = $products
                ->except([$hostId])
                ->map(fn(Product $product): string => $product->code)
                ->implode(', ');
            $words =
                "Added {$codes}" .
                ($joined->holes === 0 ? '' : ", {$joined->holes} combinations left out") .
                ($joined->remarks === [] ? '' : '. ' . implode(' ', $joined->remarks));
            $this->note($user, $action, $host, [$words, $ledger->log(), null]);
            $this->versions->advance([$hostId, ...$itemIds]);
            event(new ProductsChanged($hostId));

            return $host->refresh();
        }, self::TRIES);
    }

    /** The entry in the history of a product that was put together just now. */
    public function entryOf(Product $made): int
    {
        return HistoryEntry::query()->where('product_id', $made->id)->latest('id')->firstOrFail()->id;
    }

    /** @return list<int> ids of the SKUs that are there already */
    private function ownIds(ProductState $state): array
    {
        return array_map(fn(Sku $sku): int => $sku->id, $state->skus);
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Product> in the order of their ids
     */
    private function locked(array $ids): Collection
    {
        $products = Product::query()->whereKey($ids)->orderBy('id')->lockForUpdate()->get();
        foreach ($products as $product) {
            if ($product->removed_at !== null) {
                throw UnitOfWork::removed($product);
            }
        }
        if ($products->count() !== count($ids)) {
            throw new Refusal('One of the products is not there any more. Look again.', RefusalKind::Gone);
        }

        return $products;
    }

    /**
     * @param  list<int>  $ids
     * @param  Collection<int, Product>  $products
     * @return array<int, CombinedPart> by product id; values are yet to be said
     */
    private function parts(array $ids, Collection $products): array
    {
        $loaded = $this->loader->loadMany(array_values($products->all()));
        $parts = [];
        foreach ($ids as $id) {
            $parts[$id] = new CombinedPart($id, $loaded[$id]->core, []);
        }

        return $parts;
    }

    /** @param  array<int, mixed>  $there  ids of SKUs that are of the product already, as keys */
    private function takeIn(Ledger $ledger, Product $made, ProductState $state, array $there = []): void
    {
        $own = ['product_id' => $made->id];
        $from = DB::table('skus')
            ->whereIn('id', array_map(fn(Sku $sku): int => $sku->id, $state->skus))
            ->pluck('product_id', 'id');
        $skus = [];
        foreach (array_filter($state->skus, fn(Sku $sku): bool => !isset($there[$sku->id])) as $sku) {
            $skus[$sku->id] = $own + ['came_from_id' => $from[$sku->id]] + StateRows::sku($sku);
        }
        $ledger->update('skus', $skus);
        $pictures = [];
        foreach ($state->pictures as $at => $picture) {
            $pictures[$picture->id] = $own + StateRows::placement($picture, $at + 1);
        }
        $ledger->update('placements', $pictures);
    }

    private function write(Ledger $ledger, Product $made, ProductState $before, ProductState $after): void
    {
        $writer = new StateWriter([$made->id]);
        $writer->write(
            $ledger,
            $made->id,
            new ProductState($before->details, $before->matrix, $after->skus, $after->pictures),
            $after,
        );
        $writer->flush();
    }

    /**
     * @param  class-string  $action
     * @param  array{string, ChangeLog, ?string}  $done  in words, as rows, and in which batch
     */
    private function note(User $user, string $action, Product $made, array $done): void
    {
        $entry = HistoryEntry::create([
            'product_id' => $made->id,
            'user_id' => $user->id,
            'action' => class_basename($action),
            'words' => mb_strimwidth($done[0], 0, 400, '…'),
            'version' => $made->version + 1,
            'batch' => $done[2],
            'created_at' => now(),
        ]);
        RecordedChanges::keep($entry->id, $done[1]);
    }

    /** @param  Collection<int, Product>  $products */
    private function words(Combined $combined, Collection $products): string
    {
        $made = count(array_filter($combined->state->skus, fn(Sku $sku): bool => $sku->isMade()));
        $codes = $products->map(fn(Product $product): string => $product->code)->implode(', ');

        return "Put together of {$codes}: {$made} SKUs" .
            ($combined->holes === 0 ? '' : ", {$combined->holes} combinations left out") .
            ($combined->remarks === [] ? '' : '. ' . implode(' ', $combined->remarks));
    }
}
