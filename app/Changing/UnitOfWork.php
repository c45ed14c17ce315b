<?php

declare(strict_types=1);

namespace App\Changing;

use App\History\Announcer;
use App\History\Change;
use App\History\IdempotencyKeys;
use App\History\ProductsChanged;
use App\History\SharedCounts;
use App\Ledger\ChangeLog;
use App\Ledger\Ledger;
use App\Ledger\RecordedChanges;
use App\Ledger\RowChange;
use App\Models\HistoryEntry;
use App\Models\HistoryOwner;
use App\Models\Library;
use App\Models\Product;
use App\Models\User;
use App\Refusals\AlreadyDone;
use App\Refusals\StaleVersion;
use App\Store\Library\LibraryRows;
use App\Store\Products\CatalogLookup;
use App\Store\Products\ChosenSkusLoader;
use App\Store\Products\ProductLoader;
use App\Store\StateRows;
use App\Store\StateWriter;
use Closure;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Matrix\Matrix;
use Core\Product\Product as CoreProduct;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * The frame of every Action on a product or on the library: right, lock, version, one transaction, one History entry.
 */
final class UnitOfWork
{
    /** A deadlock, a lost connection or a name that somebody has just taken is tried again this often in all. */
    private const TRIES = 3;

    public function __construct(
        private readonly ProductLoader $loader,
        private readonly ChosenSkusLoader $chosen,
        private readonly Announcer $announcer,
        private readonly SharedCounts $shared,
        private readonly IdempotencyKeys $marks,
        private readonly CatalogLookup $catalog,
        private readonly LibraryRows $library,
    ) {}

    /**
     * A change of a product, as a value.
     *
     * @param  class-string  $action
     * @param  ?Closure(CoreProduct): void  $told  is told what the product was before
     * @return ?HistoryEntry null where nothing changed
     *
     * @throws StaleVersion
     */
    public function change(
        Change $change,
        string $action,
        ProductChange|SkuChange $wanted,
        ?Closure $told = null,
    ): ?HistoryEntry {
        return $this->record($change, $action, function (Ledger $ledger, HistoryOwner $kept) use (
            $wanted,
            $told,
        ): string {
            assert($kept instanceof Product);

            return $wanted instanceof SkuChange
                ? $this->applyToSkus($ledger, $kept, $wanted)->words
                : $this->apply($ledger, $kept, $wanted, $told)->words;
        });
    }

    /**
     * Writes what a change makes of a product that is locked already, as a part of a larger one.
     *
     * @param  ?Closure(CoreProduct): void  $told  is told what the product was before
     */
    public function apply(Ledger $ledger, Product $kept, ProductChange $wanted, ?Closure $told = null): Changed
    {
        $product = $this->loader->load($kept)->core;
        if ($told !== null) {
            $told($product);
        }
        if ($wanted instanceof GrowsLibrary) {
            $this->library->addMissing($ledger, $wanted->named($product, $this->catalog));
        }
        $changed = $wanted->on($product, $this->catalog);
        $this->write($ledger, $kept, $product->state, $changed->state);

        return $changed;
    }

    private function applyToSkus(Ledger $ledger, Product $kept, SkuChange $wanted): Changed
    {
        $chosen = $this->chosen->load($kept, $wanted->selection());
        $changed = $wanted->on($chosen, $this->catalog);
        $this->chosen->follow($kept->id, $chosen, $changed->state);
        $this->write($ledger, $kept, $chosen->product->state, $changed->state);

        return $changed;
    }

    private function write(Ledger $ledger, Product $kept, ProductState $before, ProductState $after): void
    {
        $writer = new StateWriter([$kept->id]);
        $writer->write($ledger, $kept->id, $before, $after);
        $writer->flush();
    }

    /**
     * A change of the library, noted in its own history or in that of the product it was made from.
     *
     * @param  class-string  $action
     * @param  Closure(Ledger, HistoryOwner): string  $work  writes through the ledger, given the library, or the
     *   product it is
     * made from; returns what happened in words
     * @return ?HistoryEntry null where nothing changed
     *
     * @throws StaleVersion
     */
    public function keepLibrary(Change $change, string $action, Closure $work): ?HistoryEntry
    {
        return $this->record($change, $action, $work);
    }

    /**
     * Makes a product. Undoing it hides the product as it is, so its rows need no record of their own.
     *
     * @param  class-string  $action
     * @param  ?ProductChange  $setUp  what it is made to be at once
     *
     * @throws UniqueConstraintViolationException where somebody has just taken its code
     */
    public function create(User $user, string $action, ProductDetails $details, ?ProductChange $setUp = null): Product
    {
        Gate::forUser($user)->authorize('edit');

        return DB::transaction(function () use ($user, $action, $details, $setUp): Product {
            $row = StateRows::product(new ProductState($details, Matrix::of([])));
            $product = Product::query()->findOrFail(
                Product::query()->insertGetId(['version' => 1, 'created_at' => now(), 'updated_at' => now()] + $row),
            );
            $words = "Made the product {$details->name}";
            if ($setUp !== null) {
                $words .= ", {$this->apply(new Ledger(), $product, $setUp)->words}";
            }
            $entry = HistoryEntry::create([
                'product_id' => $product->id,
                'user_id' => $user->id,
                'action' => class_basename($action),
                'words' => mb_strimwidth($words, 0, 400, '…'),
                'version' => 1,
                'created_at' => now(),
            ]);
            $hidden = ['removed_at' => now()->format('Y-m-d H:i:s')];
            $making = new RowChange('products', $product->id, $hidden, ['removed_at' => null]);
            RecordedChanges::keep($entry->id, ChangeLog::of([$making]));
            event(new ProductsChanged($product->id));

            return $product->refresh();
        }, self::TRIES);
    }

    /**
     * @param  bool  $evenRemoved  whether a product whose making was undone may be changed
     *
     * @throws AlreadyDone
     * @throws StaleVersion
     * @throws Refusal
     */
    public function lock(Change $change, bool $evenRemoved = false): HistoryOwner
    {
        $kept =
            $change->productId === null
                ? Library::query()->lockForUpdate()->firstOrFail()
                : Product::query()->lockForUpdate()->findOrFail($change->productId);
        $this->marks->note($change);
        if ($kept instanceof Product && $kept->removed_at !== null && !$evenRemoved) {
            throw self::removed($kept);
        }
        if ($change->version !== null && $kept->keptVersion() !== $change->version) {
            throw $this->stale($kept, $change->version);
        }

        return $kept;
    }

    public static function removed(Product $product): Refusal
    {
        return new Refusal(
            "The making of {$product->name} was undone. Redo it first; then it can be changed.",
            RefusalKind::Impossible,
        );
    }

    private function stale(HistoryOwner $kept, int $version): StaleVersion
    {
        $entries = HistoryEntry::with('user')
            ->where('product_id', $kept->keptProductId())
            ->where('version', '>', $version)
            ->latest('id')
            ->limit(3)
            ->get();
        $what = $entries
            ->map(fn(HistoryEntry $entry): string => "{$entry->user->name}, {$entry->at('H:i')}: {$entry->words}")
            ->implode('; ');

        return new StaleVersion(
            "{$kept->keptName()} changed while this window was open" .
                ($what === '' ? '.' : " ({$what}).") .
                ' The window now shows it as it is. Your change was not made yet.',
            $kept->keptVersion(),
        );
    }

    /** A changed product or library: its next version. */
    public function advance(HistoryOwner $kept): int
    {
        $next = $kept->keptVersion() + 1;
        if ($kept instanceof Product) {
            $this->noteChanged($kept, ['version' => $next]);
        } else {
            Library::query()->update(['version' => $next]);
        }

        return $next;
    }

    /** @param  array<string, int>  $with  more of the product's row */
    private function noteChanged(Product $product, array $with = []): void
    {
        Product::query()
            ->whereKey($product->id)
            ->update($with + ['updated_at' => now(), 'revision' => $product->revision + 1, 'is_counted' => false]);
        $this->announcer->changed();
    }

    /**
     * @param  class-string  $action
     * @param  Closure(Ledger, HistoryOwner): string  $work
     */
    private function record(Change $change, string $action, Closure $work): ?HistoryEntry
    {
        Gate::forUser($change->user)->authorize('edit');

        for ($try = 1; ; $try++) {
            try {
                return DB::transaction(fn(): ?HistoryEntry => $this->written($change, $action, $work), self::TRIES);
            } catch (UniqueConstraintViolationException) {
                $this->loader->forget();
                // Somebody was quicker with a name or a code: at a second look it is there, and is used or named.
                if ($try === self::TRIES) {
                    throw new Refusal(
                        'Somebody has just taken the same name or code. Nothing was changed; look again, and choose another if it is still taken.',
                        RefusalKind::Taken,
                    );
                }
            }
        }
    }

    /**
     * @param  class-string  $action
     * @param  Closure(Ledger, HistoryOwner): string  $work
     */
    private function written(Change $change, string $action, Closure $work): ?HistoryEntry
    {
        $kept = $this->lock($change);
        $ledger = new Ledger();
        $words = $work($ledger, $kept);
        if ($ledger->isEmpty()) {
            return null;
        }

        $this->shared->follow($ledger->log());
        if ($kept instanceof Product) {
            $this->loader->follow($kept, $kept->revision + 1, $ledger->log());
        }
        $version = $kept->keptVersion();
        if ($change->advances()) {
            $version = $this->advance($kept);
        } elseif ($kept instanceof Product) {
            $this->noteChanged($kept);
        }

        $entry = HistoryEntry::create([
            'product_id' => $kept->keptProductId(),
            'user_id' => $change->user->id,
            'action' => class_basename($action),
            'words' => mb_strimwidth($words, 0, 400, '…'),
            'version' => $version,
            'batch' => $change->batch,
            'photo_id' => $ledger->picture(),
            'created_at' => now(),
        ]);
        RecordedChanges::keep($entry->id, $ledger->log());

        return $entry;
    }
}
