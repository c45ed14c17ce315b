<?php

declare(strict_types=1);

namespace App\Changing;

use App\History\Change;
use App\History\SharedCounts;
use App\Ledger\KeyIsTaken;
use App\Ledger\RecordedChanges;
use App\Ledger\Replay;
use App\Ledger\RowHasChanged;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

/**
 * Takes back what a person changed of a product or of the library, or makes it again: the last change, all back to a
 * point, or one entry. Marks the History entries; nothing is erased.
 */
final class EntryUndo
{
    private const TRIES = 3;

    /** The Action that makes a product. */
    public const MAKING = 'CreateProduct';

    /** MariaDB's number of a row that refers to one that is not there. */
    private const REFERS_TO_NOTHING = 1452;

    /** MariaDB's number of a row that others refer to. */
    private const IS_REFERRED_TO = 1451;

    /** Later entries that are looked through for the one that stands in the way. */
    private const LOOKED_THROUGH = 200;

    public function __construct(
        private readonly UnitOfWork $work,
        private readonly SharedCounts $shared,
        private readonly Versions $versions,
    ) {}

    public function undo(Change $change): HistoryEntry
    {
        return $this->run(
            $change,
            'undo',
            fn(): ?HistoryEntry => self::nextUndo($change->productId, $change->user->id),
        );
    }

    public function redo(Change $change): HistoryEntry
    {
        return $this->run(
            $change,
            'redo',
            fn(): ?HistoryEntry => self::nextRedo($change->productId, $change->user->id),
        );
    }

    /** Takes back all of one's own changes that came after an entry, as one. What others did meanwhile stays. */
    public function undoTo(Change $change, int $entryId): HistoryEntry
    {
        return $this->run(
            $change,
            'undo',
            fn(): ?HistoryEntry => self::own($change->productId, $change->user->id)
                ->whereNull('undone_at')
                ->where('id', '>', $entryId)
                ->oldest('id')
                ->first(),
            $entryId,
        );
    }

    public static function nextUndo(?int $productId, int $userId): ?HistoryEntry
    {
        return self::own($productId, $userId)->whereNull('undone_at')->where('is_final', false)->latest('id')->first();
    }

    /** The earliest of one's undone entries that no change of one's own made since has overtaken. */
    public static function nextRedo(?int $productId, int $userId): ?HistoryEntry
    {
        return self::own($productId, $userId)
            ->whereNotNull('undone_at')
            ->where('is_final', false)
            ->where('undone_after', '>=', (int) self::own($productId, $userId)->max('id'))
            ->oldest('id')
            ->first();
    }

    /** @return Builder<HistoryEntry> */
    private static function own(?int $productId, int $userId): Builder
    {
        return HistoryEntry::query()->where('product_id', $productId)->where('user_id', $userId);
    }

    /**
     * @param  callable(): ?HistoryEntry  $which  the entry meant, asked for once the product is locked
     * @param  ?int  $after  with it, all of one's own changes later than this entry
     */
    private function run(Change $change, string $way, callable $which, ?int $after = null): HistoryEntry
    {
        Gate::forUser($change->user)->authorize('edit');

        return DB::transaction(function () use ($change, $way, $which, $after): HistoryEntry {
            $kept = $this->work->lock($change, evenRemoved: $way === 'redo');
            $entry =
                $which() ??
                throw new Refusal("There is nothing of yours to {$way} in {$kept->keptName()}.", RefusalKind::Gone);
            $entries =
                $after === null
                    ? $this->withBatch($entry, $way)
                    : self::own($change->productId, $change->user->id)
                        ->whereNull('undone_at')
                        ->where('id', '>', $after)
                        ->oldest('id')
                        ->get();
            if ($way === 'undo') {
                $this->refuseToUnmake($entries, $change);
            }
            $this->refuseFinal($entries, $way);
            $touched = $this->replay($entries, $way);
            $this->work->advance($kept);
            $this->versions->advance(array_values(array_diff($touched, [$kept->keptProductId()])));
            $this->mark($entries, $way, $change->user);

            return $entry;
        }, self::TRIES);
    }

    /**
     * Takes back together what a batch did to some products, or makes it again, in the transaction of whoever notes
     * what became of them. What was taken back, or made again, by hand meanwhile stays so.
     *
     * @param  list<int>  $entryIds  one of each product
     *
     * @throws Refusal where one of them cannot be
     */
    public function batch(User $user, string $way, array $entryIds): void
    {
        Gate::forUser($user)->authorize('edit');
        $first = HistoryEntry::query()->whereKey($entryIds)->get();
        $products = Product::query()
            ->whereKey($first->pluck('product_id')->all())
            ->orderBy('id')
            ->lockForUpdate()
            ->get();
        $removed = $products->first(fn(Product $product): bool => $product->removed_at !== null);
        if ($way === 'undo' && $removed !== null) {
            throw UnitOfWork::removed($removed);
        }
        $entries = HistoryEntry::query()
            ->where('user_id', $user->id)
            ->whereIn('batch', $first->pluck('batch')->unique()->all())
            ->whereIn('product_id', $products->modelKeys())
            ->when(
                $way === 'undo',
                fn(Builder $query) => $query->whereNull('undone_at'),
                fn(Builder $query) => $query->whereIn('undone_with', $first->pluck('undone_with')->filter()->all()),
            )
            ->oldest('id')
            ->get();
        if ($entries->isEmpty()) {
            return;
        }
        if ($way === 'undo') {
            foreach ($entries->groupBy('product_id') as $productId => $own) {
                $this->refuseToUnmake($own, new Change($user, (int) $productId));
            }
        }
        $this->refuseFinal($entries, $way);
        $this->replay($entries, $way);
        $this->versions->advance(array_values($entries->pluck('product_id')->unique()->all()));
        $this->mark($entries, $way, $user);
    }

    /**
     * @param  Collection<int, HistoryEntry>  $entries
     * @return list<int> products whose own rows were changed
     *
     * @throws Refusal
     */
    private function replay(Collection $entries, string $way): array
    {
        $done = $way === 'undo' ? 'undone' : 'redone';
        $first = $entries->firstOrFail();
        try {
            $replay = new Replay(new RecordedChanges(array_values($entries->pluck('id')->all()), $way === 'undo'));
            $replay->run();
            $this->shared->follow($replay);

            return $replay->idsOf('products');
        } catch (RowHasChanged $clash) {
            $unknown = 'the same thing was changed elsewhere since';
            throw $this->refusal($way, $entries, $clash->change->place(), $unknown);
        } catch (QueryException $fault) {
            throw match ($fault->errorInfo[1] ?? null) {
                self::REFERS_TO_NOTHING => new Refusal(
                    "“{$first->words}” cannot be {$done}: what it used is not there any more, in the library or among" .
                        ' the stored pictures.',
                    RefusalKind::Gone,
                ),
                self::IS_REFERRED_TO => new Refusal(
                    "“{$first->words}” cannot be {$done}: what it made is used meanwhile.",
                    RefusalKind::Changed,
                ),
                default => $fault,
            };
        } catch (KeyIsTaken $clash) {
            throw $this->refusal($way, $entries, $clash->place(), $clash->inWords());
        }
    }

    /** @param  Collection<int, HistoryEntry>  $entries */
    private function mark(Collection $entries, string $way, User $user): void
    {
        HistoryEntry::query()
            ->whereKey($entries->modelKeys())
            ->update(
                $way === 'undo'
                    ? [
                        'undone_at' => now(),
                        'undone_by' => $user->id,
                        'undone_after' => HistoryEntry::query()->max('id'),
                        'undone_with' => (string) Str::ulid(),
                    ]
                    : ['undone_at' => null, 'undone_by' => null, 'undone_after' => null, 'undone_with' => null],
            );
    }

    /**
     * The entry, or with it those of its batch that are one's own and can go the same way, the oldest first: what was
     * taken back of a batch before, to a point within it, is not taken back again, and returns by itself.
     *
     * @return Collection<int, HistoryEntry>
     */
    private function withBatch(HistoryEntry $entry, string $way): Collection
    {
        if ($entry->batch === null) {
            return new Collection([$entry]);
        }

        return self::own($entry->product_id, $entry->user_id)
            ->where('batch', $entry->batch)
            ->when(
                $way === 'undo',
                fn(Builder $query) => $query->whereNull('undone_at'),
                fn(Builder $query) => $query->whereNotNull('undone_at')->where('undone_with', $entry->undone_with),
            )
            ->oldest('id')
            ->get();
    }

    /**
     * Of old entries the words are kept and the rows let go.
     *
     * @param  Collection<int, HistoryEntry>  $entries
     */
    private function refuseFinal(Collection $entries, string $way): void
    {
        $final = $entries->firstWhere('is_final', true);
        if ($final !== null) {
            throw new Refusal(
                "“{$final->words}” ({$final->at('j M Y')}) cannot be " .
                    ($way === 'undo' ? 'undone' : 'redone') .
                    ' any more: changes of that age keep only their words.',
                RefusalKind::Gone,
            );
        }
    }

    /**
     * The making of a product is not taken back under the hands of others.
     *
     * @param  Collection<int, HistoryEntry>  $entries
     */
    private function refuseToUnmake(Collection $entries, Change $change): void
    {
        $making = $entries->firstWhere('action', self::MAKING);
        $other =
            $making === null
                ? null
                : HistoryEntry::with('user')
                    ->where('product_id', $making->product_id)
                    ->whereNull('undone_at')
                    ->where('user_id', '<>', $change->user->id)
                    ->latest('id')
                    ->first();
        if ($other !== null) {
            throw new Refusal(
                "“{$making->words}” cannot be undone: {$other->user->name} has worked on it since ({$other->at(
                    'H:i',
                )}: {$other->words}).",
                RefusalKind::Changed,
            );
        }
    }

    /**
     * @param  Collection<int, HistoryEntry>  $entries
     * @param  string  $place  the row that stands in the way
     */
    private function refusal(string $way, Collection $entries, string $place, string $unknown): Refusal
    {
        $touches = function (HistoryEntry $entry) use ($place): bool {
            foreach ($entry->rowChanges() as $change) {
                if ($change->place() === $place) {
                    return true;
                }
            }

            return false;
        };
        $own = $entries->first($touches) ?? $entries->firstOrFail();
        $later = HistoryEntry::with('user')
            ->where('id', '>', $own->id)
            ->whereNull('undone_at')
            ->whereKeyNot($entries->modelKeys())
            ->latest('id')
            ->limit(self::LOOKED_THROUGH)
            ->get()
            ->first($touches);
        $why =
            $later === null
                ? $unknown
                : "{$later->user->name} changed the same thing at {$later->at('H:i')}: {$later->words}";

        return new Refusal(
            "“{$own->words}” cannot be " . ($way === 'undo' ? 'undone' : 'redone') . ": {$why}.",
            RefusalKind::Changed,
        );
    }
}
