<?php

declare(strict_types=1);

namespace App\Changing;

use App\History\SharedCounts;
use App\Ledger\ChangeLog;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Models\Product;
use App\Store\Library\LibraryRows;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ChosenSkusLoader;
use App\Store\Products\LoadedProduct;
use App\Store\Products\PortionCatalog;
use App\Store\Products\ProductLoader;
use App\Store\StateWriter;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\CoreException;
use Core\Matrix\Matrix;
use Core\Product\ChosenSkus;
use Core\Product\Product as CoreProduct;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Reach\Selection;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Gate;

/**
 * The unit of work for many products: locked in the order of their ids, read in a fixed number of queries, each changed
 * as a value, and written together. Statements do not grow with the number of products. Those that are yet to be are
 * made; what the library lacks of them is added. A product that refuses stays as it is, and stops no other.
 */
final readonly class Portion
{
    public function __construct(
        private ProductLoader $loader,
        private ChosenSkusLoader $chosen,
        private CatalogLookup $catalog,
        private Versions $versions,
        private LibraryRows $library,
        private SharedCounts $shared,
    ) {}

    /**
     * In the transaction of whoever notes what became of them.
     *
     * @param  array<int, PortionItem>  $items  by position
     * @return array<int, PortionOutcome> by position
     */
    public function write(PortionAct $act, array $items): array
    {
        Gate::forUser($act->user)->authorize('edit');
        $made = new MadeProducts(
            array_filter(array_map(fn(PortionItem $one): ?ProductDetails => $one->details, $items)),
        );
        $ids = array_filter(array_map(fn(PortionItem $one): ?int => $one->productId, $items)) + $made->ids();
        $changes = [];
        foreach ($ids as $position => $id) {
            $changes[$id] = $items[$position]->change;
        }
        $products = $this->products(array_keys($changes), lock: true);
        $ledgers = array_map(fn(): Ledger => new Ledger(), $changes);
        [$outcomes, $before, $changed] = $this->tried($products, $changes, $made, $ledgers);
        $writer = new StateWriter(array_keys($changed));
        foreach ($changed as $id => $one) {
            $writer->write($ledgers[$id], $id, $before[$id], $one->state);
        }
        $writer->flush();
        array_map($made->forget(...), array_keys($outcomes));
        $entries = $this->note($act, $products, $changed, $ledgers, $made);
        foreach (array_keys($changed) as $id) {
            $outcomes[$id] = PortionOutcome::made($entries[$id] ?? null);
        }
        $byPosition = array_map(PortionOutcome::refused(...), $made->refused());
        foreach ($ids as $position => $id) {
            $isNew = isset($made->ids()[$position]) && !$outcomes[$id]->isRefused;
            $byPosition[$position] = $isNew ? $outcomes[$id]->of($id) : $outcomes[$id];
        }

        return $byPosition;
    }

    /**
     * Looks whether it can be done: nothing is locked, and nothing stored.
     *
     * @param  array<int, PortionItem>  $items  by position
     * @return array<int, PortionOutcome> by position
     */
    public function rehearse(array $items): array
    {
        $ids = array_filter(array_map(fn(PortionItem $one): ?int => $one->productId, $items));
        $changes = $outcomes = [];
        foreach ($items as $position => $item) {
            if ($item->productId !== null) {
                $changes[$item->productId] = $item->change;
            } elseif ($item->details !== null && $item->change instanceof ProductChange) {
                $outcomes[$position] = $this->rehearsed($item->details, $item->change);
            }
        }
        [$refused] = $this->tried($this->products(array_keys($changes), lock: false), $changes);

        return $outcomes + array_map(fn(int $id): PortionOutcome => $refused[$id] ?? PortionOutcome::made(null), $ids);
    }

    private function rehearsed(ProductDetails $details, ProductChange $change): PortionOutcome
    {
        try {
            $change->on(new CoreProduct(new ProductState($details, Matrix::of([]))), $this->catalog);
        } catch (CoreException $refusal) {
            return PortionOutcome::refused($refusal->getMessage());
        }

        return PortionOutcome::made(null);
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Product> by id
     */
    private function products(array $ids, bool $lock): Collection
    {
        $query = Product::query()->whereKey($ids)->orderBy('id');

        return ($lock ? $query->lockForUpdate() : $query)->get()->keyBy('id');
    }

    /**
     * @param  Collection<int, Product>  $products
     * @param  array<int, ProductChange|SkuChange>  $changes
     * @param  array<int, Ledger>  $ledgers  by product id, of those that are written; none: nothing is
     * @return array{array<int, PortionOutcome>, array<int, ProductState>, array<int, Changed>} those that refused; of
     * the others, what they are, and what they become
     */
    private function tried(Collection $products, array $changes, ?MadeProducts $made = null, array $ledgers = []): array
    {
        $refused = $before = $changed = [];
        foreach (array_keys($changes) as $id) {
            $product = $products->get($id);
            if ($product === null) {
                $refused[$id] = PortionOutcome::refused('This product is not there any more.');
            } elseif ($product->removed_at !== null && $made?->isReturning($id) !== true) {
                $refused[$id] = PortionOutcome::refused(UnitOfWork::removed($product)->getMessage());
            }
        }
        $open = array_diff_key($changes, $refused);
        [$chosen, $whole] = $this->loaded($products, $open);
        $catalog = new PortionCatalog($this->catalog);
        $catalog->lookUp($open, $whole);
        foreach ($open as $id => $change) {
            try {
                [$before[$id], $changed[$id]] =
                    $change instanceof SkuChange
                        ? [$chosen[$id]->product->state, $change->on($chosen[$id], $catalog)]
                        : [
                            $whole[$id]->core->state,
                            $this->changed($whole[$id]->core, $change, $catalog, $ledgers[$id] ?? null),
                        ];
            } catch (CoreException $refusal) {
                unset($before[$id], $changed[$id]);
                $refused[$id] = PortionOutcome::refused($refusal->getMessage());
            }
        }

        return [$refused, $before, $changed];
    }

    /**
     * @param  Collection<int, Product>  $products
     * @param  array<int, ProductChange|SkuChange>  $changes
     * @return array{array<int, ChosenSkus>, array<int, LoadedProduct>} those of which some SKUs are read, and those
     * that are read as a whole
     */
    private function loaded(Collection $products, array $changes): array
    {
        $selections = array_map(
            fn(SkuChange $change): Selection => $change->selection(),
            array_filter($changes, fn($change): bool => $change instanceof SkuChange),
        );
        $numbered = array_values($products->only(array_keys($selections))->all());
        $others = array_values($products->only(array_keys(array_diff_key($changes, $selections)))->all());

        return [
            $numbered === [] ? [] : $this->chosen->loadMany($numbered, $selections),
            $others === [] ? [] : $this->loader->loadMany($others),
        ];
    }

    /**
     * The library gets what it lacks only where the product becomes what is wanted.
     *
     * @throws CoreException
     */
    private function changed(
        CoreProduct $product,
        ProductChange $change,
        PortionCatalog $catalog,
        ?Ledger $ledger,
    ): Changed {
        $changed = $change->on($product, $catalog);
        if ($ledger === null || !($change instanceof GrowsLibrary) || !self::lacksSomething($changed)) {
            return $changed;
        }
        $this->library->addMissing($ledger, $change->named($product, $catalog));
        $this->shared->follow($ledger->log());
        $catalog->forgetLibrary();

        return $change->on($product, $catalog);
    }

    /** Whether it has an axis or a value that the library does not have. */
    private static function lacksSomething(Changed $changed): bool
    {
        foreach ($changed->state->matrix->axes as $axis) {
            if ($axis->id < 0 || min([0, ...$axis->valueIds()]) < 0) {
                return true;
            }
        }

        return false;
    }

    /**
     * One entry in the history of each product that is otherwise now, and its next version.
     *
     * @param  Collection<int, Product>  $products
     * @param  array<int, Changed>  $changed
     * @param  array<int, Ledger>  $ledgers
     * @return array<int, int> product id => entry id
     */
    private function note(
        PortionAct $act,
        Collection $products,
        array $changed,
        array $ledgers,
        MadeProducts $made,
    ): array {
        $rows = $logs = $making = [];
        foreach ($changed as $id => $one) {
            $isNew = $made->isNew($id);
            if ($made->isReturning($id)) {
                $ledgers[$id]->note(MadeProducts::making($id));
                $making[] = $id;
            }
            if ($ledgers[$id]->isEmpty() && !$isNew) {
                continue;
            }
            $words = $isNew ? "Made the product {$one->state->details->name}, {$one->words}" : $one->words;
            $rows[$id] = [
                'product_id' => $id,
                'user_id' => $act->user->id,
                'action' => $isNew ? EntryUndo::MAKING : class_basename($act->action),
                'words' => mb_strimwidth($words, 0, 400, '…'),
                'version' => ($products->get($id)->version ?? 0) + 1,
                'batch' => $act->batchId,
                'photo_id' => $ledgers[$id]->picture(),
                'created_at' => now(),
            ];
            $logs[$id] = $isNew ? ChangeLog::of([MadeProducts::making($id)]) : $ledgers[$id]->log();
        }
        if ($rows === []) {
            return [];
        }
        $this->versions->advance(array_keys($rows));
        Product::query()
            ->whereKey($making)
            ->update(['removed_at' => null]);

        return RecordedChanges::enter($rows, $logs);
    }
}
