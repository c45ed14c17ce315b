<?php

declare(strict_types=1);

namespace App\Changing;

use App\History\ProductsChanged;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;
use App\Store\Products\ProductLoader;
use App\Store\StateRows;
use App\Store\StateWriter;
use Closure;
use Core\Combining\CombinedPart;
use Core\Combining\ProductCombiner;
use Core\Combining\ProductSeparator;
use Core\Combining\SeparatedPart;
use Core\Combining\SkuExtractor;
use Core\Gallery\Placement;
use Core\Product\Product as CoreProduct;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * The unit of work for a product that becomes several: those that it was put together of come back, other parts are
 * made. It is hidden, and leads to the first of them; one entry in the history of that one gives all of it back.
 */
final readonly class Separating
{
    private const TRIES = 3;

    public function __construct(
        private ProductLoader $loader,
        private PlainProduct $plain,
        private Versions $versions,
    ) {}

    /**
     * @param  class-string  $action
     * @param  Closure(CoreProduct): list<SeparatedPart>  $separate  where it was never put together
     * @return Product the first part
     *
     * @throws Refusal
     */
    public function run(User $user, string $action, int $productId, Closure $separate): Product
    {
        Gate::forUser($user)->authorize('edit');

        return DB::transaction(function () use ($user, $action, $productId, $separate): Product {
            $whole = Product::query()->lockForUpdate()->findOrFail($productId);
            if ($whole->removed_at !== null) {
                throw UnitOfWork::removed($whole);
            }
            $core = $this->loader->load($whole)->core;
            $parts = $this->asTheyWere($whole, $core) ?? $separate($core);
            if (count($parts) < 2) {
                throw new Refusal(
                    "{$whole->name} has one value there only: there is nothing to be parted.",
                    RefusalKind::Impossible,
                );
            }
            $ledger = new Ledger();
            $free = array_column($core->state->pictures, 'id', 'photoId');
            $ids = [];
            foreach ($parts as $part) {
                $ids[] = $this->written($ledger, $whole, $part, $free);
            }
            $hidden = ['removed_at' => now()->format('Y-m-d H:i:s'), 'part_of_id' => $ids[0]];
            $ledger->update('products', [$whole->id => $hidden]);
            $codes = Product::query()->whereKey($ids)->orderBy('id')->pluck('code')->implode(', ');
            $this->note($user, $action, $ids[0], "Separated {$whole->name} into {$codes}", $ledger);
            $this->versions->advance([$whole->id, ...$ids]);
            event(new ProductsChanged($ids[0]));

            return Product::query()->findOrFail($ids[0]);
        }, self::TRIES);
    }

    /**
     * Takes SKUs out of a product: each becomes a single item, those that came from one become that again. One entry in
     * the history of the product that they were of.
     *
     * @param  class-string  $action
     * @param  Closure(CoreProduct): non-empty-list<Sku>  $which
     *
     * @throws Refusal
     */
    public function takeOut(User $user, string $action, int $productId, Closure $which): Product
    {
        Gate::forUser($user)->authorize('edit');

        return DB::transaction(function () use ($user, $action, $productId, $which): Product {
            $whole = Product::query()->lockForUpdate()->findOrFail($productId);
            if ($whole->removed_at !== null) {
                throw UnitOfWork::removed($whole);
            }
            $core = $this->loader->load($whole)->core;
            $skus = $which($core);
            [$rest, $items] = (new SkuExtractor())->takeOut($core, $skus);
            $ledger = new Ledger();
            $ids = $free = [];
            foreach ($this->asItemsWere($whole, $skus, $items) as $item) {
                $ids[] = $this->written($ledger, $whole, $item, $free);
            }
            $writer = new StateWriter([$whole->id]);
            $writer->write(
                $ledger,
                $whole->id,
                new ProductState($core->state->details, $core->matrix, $rest->skus, $core->state->pictures),
                $rest,
            );
            $writer->flush();
            $codes = Product::query()->whereKey($ids)->orderBy('id')->pluck('code')->implode(', ');
            $this->note($user, $action, $whole->id, "Took out as single items: {$codes}", $ledger);
            $this->versions->advance([$whole->id, ...$ids]);
            event(new ProductsChanged($ids[0]));

            return $whole->refresh();
        }, self::TRIES);
    }

    /**
     * SKUs that were single items before they came here are these again, under their own names.
     *
     * @param  list<Sku>  $skus
     * @param  list<SeparatedPart>  $items  of each SKU
     * @return list<SeparatedPart>
     */
    private function asItemsWere(Product $whole, array $skus, array $items): array
    {
        $from = DB::table('skus')
            ->whereIn('id', array_map(fn(Sku $sku): int => $sku->id, $skus))
            ->pluck('came_from_id', 'id')
            ->all();
        $origins = Product::query()
            ->where('part_of_id', $whole->id)
            ->whereKey(array_filter($from))
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        $loaded = $this->loader->loadMany(array_values($origins->all()));
        $met = [];

        return array_map(
            function (Sku $sku, SeparatedPart $item) use ($from, $loaded, &$met): SeparatedPart {
                $origin = $loaded[$from[$sku->id] ?? 0] ?? null;
                if ($origin === null || $origin->core->matrix->axes !== [] || isset($met[$origin->product->id])) {
                    return $item;
                }
                $met[$origin->product->id] = true;
                $left = array_column($origin->core->state->pictures, 'id', 'photoId');
                $own = $origin->core->state->details;

                return new SeparatedPart(
                    $origin->product->id,
                    new ProductState(
                        $own->with(['basePrice' => $item->state->details->basePrice]),
                        $origin->core->matrix,
                        $item->state->skus,
                        array_map(
                            fn(Placement $picture): Placement => $picture->withId(
                                $left[$picture->photoId] ?? $picture->id,
                            ),
                            $item->state->pictures,
                        ),
                    ),
                );
            },
            $skus,
            $items,
        );
    }

    /**
     * The products that it was put together of, where every SKU came from one of them.
     *
     * @return ?list<SeparatedPart>
     */
    private function asTheyWere(Product $whole, CoreProduct $core): ?array
    {
        $from = DB::table('skus')->where('product_id', $whole->id)->pluck('came_from_id', 'id')->all();
        $origins = Product::query()
            ->where('part_of_id', $whole->id)
            ->whereKey(array_unique(array_filter($from)))
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        if ($origins->isEmpty() || array_diff($from, $origins->modelKeys()) !== []) {
            return null;
        }
        $loaded = $this->loader->loadMany(array_values($origins->all()));
        $skus = [];
        foreach ($core->state->skus as $sku) {
            $skus[$from[$sku->id]][] = $sku;
        }
        $values = array_map(
            fn(array $own): array => array_diff_key(
                $own[0]->combination->values,
                array_flip($loaded[$from[$own[0]->id]]->core->matrix->axisIds()),
            ),
            $skus,
        );
        $together = array_map(
            fn(Product $origin): CombinedPart => new CombinedPart(
                $origin->id,
                $loaded[$origin->id]->core,
                $values[$origin->id],
            ),
            array_values($origins->all()),
        );
        if ($together === []) {
            return null;
        }
        $details = $core->state->details;
        [$said] = (new ProductCombiner())->details($together, $core->matrix, $details->name, $details->code);
        $separator = new ProductSeparator();

        return array_map(
            fn(CombinedPart $part): SeparatedPart => new SeparatedPart(
                $part->productId,
                $separator->again($core, $part->product, $skus[$part->productId], $said),
            ),
            $together,
        );
    }

    /**
     * @param  array<int, int>  $free  photo id => picture of the whole that no part has taken yet
     */
    private function written(Ledger $ledger, Product $whole, SeparatedPart $part, array &$free): int
    {
        [$id, $before] =
            $part->productId === null
                ? $this->made($ledger, $part->state->details)
                : $this->back($ledger, $part->productId);
        $skus = $moved = [];
        foreach ($part->state->skus as $sku) {
            $skus[$sku->id] = ['product_id' => $id, 'came_from_id' => null] + StateRows::sku($sku);
        }
        $ledger->update('skus', $skus);
        $own = array_column($before->pictures, 'id', 'id');
        $pictures = [];
        foreach ($part->state->pictures as $at => $picture) {
            $isTaken = !isset($own[$picture->id]) && ($free[$picture->photoId] ?? null) !== $picture->id;
            $pictures[] = $isTaken ? $picture->withId(-1 - $at) : $picture;
            if (!$isTaken && !isset($own[$picture->id])) {
                $moved[$picture->id] = ['product_id' => $id] + StateRows::placement($picture, $at + 1);
                unset($free[$picture->photoId]);
            }
        }
        $ledger->update('placements', $moved);
        $state = $part->state->withPictures($pictures);
        $there = array_values(
            array_filter($pictures, fn(Placement $one): bool => isset($moved[$one->id]) || isset($own[$one->id])),
        );
        $stood = array_column($before->pictures, null, 'id');
        $writer = new StateWriter([$id]);
        $writer->write(
            $ledger,
            $id,
            new ProductState(
                $before->details,
                $before->matrix,
                $state->skus,
                array_map(fn(Placement $one): Placement => $stood[$one->id] ?? $one, $there),
            ),
            $state,
        );
        $writer->flush();

        return $id;
    }

    /** @return array{int, ProductState} */
    private function back(Ledger $ledger, int $productId): array
    {
        $ledger->update('products', [$productId => ['removed_at' => null, 'part_of_id' => null]]);
        $product = Product::query()->findOrFail($productId);

        return [$productId, $this->loader->loadMany([$product])[$productId]->core->state];
    }

    /** @return array{int, ProductState} */
    private function made(Ledger $ledger, ProductDetails $details): array
    {
        [$product, $state] = $this->plain->made($details);
        $ledger->note(MadeProducts::making($product->id));

        return [$product->id, $state];
    }

    /** @param  class-string  $action */
    private function note(User $user, string $action, int $productId, string $words, Ledger $ledger): void
    {
        $entry = HistoryEntry::create([
            'product_id' => $productId,
            'user_id' => $user->id,
            'action' => class_basename($action),
            'words' => mb_strimwidth($words, 0, 400, '…'),
            'version' => (int) Product::query()->whereKey($productId)->value('version') + 1,
            'created_at' => now(),
        ]);
        RecordedChanges::keep($entry->id, $ledger->log());
    }
}
