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
use Core\Changes\Codes\ProductCode;
use Core\Combining\CombinedPart;
use Core\Combining\ProductCombiner;
use Core\Combining\ProductSeparator;
use Core\Combining\SeparatedPart;
use Core\Gallery\Placement;
use Core\Matrix\Matrix;
use Core\Product\Product as CoreProduct;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * The unit of work for a product that becomes several: those that it was put together of come back, other parts are made.
 * It is hidden, and leads to the first of them; one entry in the history of that one gives all of it back.
 */
final readonly class Separating
{
    private const TRIES = 3;

    public function __construct(private ProductLoader $loader, private Versions $versions) {}

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
        $code = ProductCode::read($details->code);
        $known = Product::query()->where('code', $code)->first();
        if ($known !== null) {
            throw new Refusal("{$code} is the code of {$known->name}. Choose another.", RefusalKind::Taken, 'code');
        }
        $plain = new ProductState(new ProductDetails($details->name, $code, $details->currency), Matrix::of([]));
        $id = Product::query()->insertGetId(
            ['version' => 0, 'created_at' => now(), 'updated_at' => now()] + StateRows::product($plain),
        );
        $ledger->note(MadeProducts::making($id));

        return [$id, $plain];
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
