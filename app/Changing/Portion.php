<?php

declare(strict_types=1);

namespace App\Changing;

use App\Ledger\ChangeLog;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Models\Product;
use App\Models\User;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ChosenSkusLoader;
use App\Store\Products\ProductLoader;
use App\Store\StateWriter;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\CoreException;
use Core\Product\ProductState;
use Core\Reach\Selection;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Gate;
use LogicException;

/**
 * The unit of work for many products: locked in the order of their ids, read in a fixed number of queries, each changed
 * as a value, and written together. Statements do not grow with the number of products. A product that refuses stays as
 * it is, and stops no other.
 */
final readonly class Portion
{
    public function __construct(
        private ProductLoader $loader,
        private ChosenSkusLoader $chosen,
        private CatalogLookup $catalog,
        private Versions $versions,
    ) {}

    /**
     * In the transaction of whoever notes what became of them.
     *
     * @param  class-string  $action
     * @param  array<int, ProductChange|SkuChange>  $changes  by product id
     * @return array<int, PortionOutcome> by product id
     */
    public function write(User $user, string $batchId, string $action, array $changes): array
    {
        Gate::forUser($user)->authorize('edit');
        $products = $this->products(array_keys($changes), lock: true);
        [$outcomes, $before, $changed] = $this->tried($products, $changes);
        $writer = new StateWriter(array_keys($changed));
        $ledgers = [];
        foreach ($changed as $id => $one) {
            $ledgers[$id] = new Ledger();
            $writer->write($ledgers[$id], $id, $before[$id], $one->state);
        }
        $writer->flush();
        $ledgers = array_filter($ledgers, fn(Ledger $ledger): bool => !$ledger->isEmpty());
        $entries = $this->note(new PortionAct($user, $batchId, $action), $products, $changed, $ledgers);
        foreach (array_keys($changed) as $id) {
            $outcomes[$id] = PortionOutcome::made($entries[$id] ?? null);
        }

        return $outcomes;
    }

    /**
     * Looks whether it can be done: nothing is locked, and nothing stored.
     *
     * @param  array<int, ProductChange|SkuChange>  $changes  by product id
     * @return array<int, PortionOutcome> by product id
     */
    public function rehearse(array $changes): array
    {
        [$outcomes, , $changed] = $this->tried($this->products(array_keys($changes), lock: false), $changes);

        return $outcomes + array_map(fn(Changed $one): PortionOutcome => PortionOutcome::made(null), $changed);
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
     * @return array{array<int, PortionOutcome>, array<int, ProductState>, array<int, Changed>} those that refused; of
     * the others, what they are, and what they become
     */
    private function tried(Collection $products, array $changes): array
    {
        $refused = $before = $changed = [];
        foreach ($changes as $id => $change) {
            if ($change instanceof GrowsLibrary) {
                throw new LogicException(
                    $change::class . ' names what the library may lack: that is not added here yet.',
                );
            }
            $product = $products->get($id);
            if ($product === null) {
                $refused[$id] = PortionOutcome::refused('This product is not there any more.');
            } elseif ($product->removed_at !== null) {
                $refused[$id] = PortionOutcome::refused(UnitOfWork::removed($product)->getMessage());
            }
        }
        $open = array_diff_key($changes, $refused);
        $selections = array_map(
            fn(SkuChange $change): Selection => $change->selection(),
            array_filter($open, fn($change): bool => $change instanceof SkuChange),
        );
        $numbered = array_values($products->only(array_keys($selections))->all());
        $chosen = $numbered === [] ? [] : $this->chosen->loadMany($numbered, $selections);
        $others = array_values($products->only(array_keys(array_diff_key($open, $selections)))->all());
        $whole = $others === [] ? [] : $this->loader->loadMany($others);
        foreach ($open as $id => $change) {
            try {
                [$before[$id], $changed[$id]] =
                    $change instanceof SkuChange
                        ? [$chosen[$id]->product->state, $change->on($chosen[$id], $this->catalog)]
                        : [$whole[$id]->core->state, $change->on($whole[$id]->core, $this->catalog)];
            } catch (CoreException $refusal) {
                unset($before[$id], $changed[$id]);
                $refused[$id] = PortionOutcome::refused($refusal->getMessage());
            }
        }

        return [$refused, $before, $changed];
    }

    /**
     * One entry in the history of each product that is otherwise now, and its next version.
     *
     * @param  Collection<int, Product>  $products
     * @param  array<int, Changed>  $changed
     * @param  array<int, Ledger>  $ledgers  of those that are otherwise
     * @return array<int, int> product id => entry id
     */
    private function note(PortionAct $act, Collection $products, array $changed, array $ledgers): array
    {
        if ($ledgers === []) {
            return [];
        }
        $this->versions->advance(array_keys($ledgers));
        $rows = [];
        foreach ($ledgers as $id => $ledger) {
            $rows[$id] = [
                'product_id' => $id,
                'user_id' => $act->user->id,
                'action' => class_basename($act->action),
                'words' => mb_strimwidth($changed[$id]->words, 0, 400, '…'),
                'version' => ($products->get($id)->version ?? 0) + 1,
                'batch' => $act->batchId,
                'photo_id' => $ledger->picture(),
                'created_at' => now(),
            ];
        }

        return RecordedChanges::enter($rows, array_map(fn(Ledger $ledger): ChangeLog => $ledger->log(), $ledgers));
    }
}
