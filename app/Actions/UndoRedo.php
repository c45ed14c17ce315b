<?php

declare(strict_types=1);

namespace App\Actions;

use App\History\Change;
use App\History\Keeper;
use App\History\Ledger;
use App\History\RowChange;
use App\History\RowHasChanged;
use App\Models\HistoryEntry;
use App\Models\Product;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Takes back one's own last change of a product, or makes it again. Marks the History entry; nothing is erased. */
final class UndoRedo
{
    private const TRIES = 3;

    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function undo(Change $change): HistoryEntry
    {
        return $this->run($change, 'undo');
    }

    public function redo(Change $change): HistoryEntry
    {
        return $this->run($change, 'redo');
    }

    public static function nextUndo(int $productId, int $userId): ?HistoryEntry
    {
        return HistoryEntry::query()->where('product_id', $productId)->where('user_id', $userId)->whereNull('undone_at')->latest('id')->first();
    }

    /** The earliest of one's undone entries that no later change of one's own has overtaken. */
    public static function nextRedo(int $productId, int $userId): ?HistoryEntry
    {
        return HistoryEntry::query()->where('product_id', $productId)->where('user_id', $userId)->whereNotNull('undone_at')
            ->where('id', '>', self::nextUndo($productId, $userId)->id ?? 0)->oldest('id')->first();
    }

    private function run(Change $change, string $way): HistoryEntry
    {
        Gate::forUser($change->user)->authorize('edit');

        return DB::transaction(function () use ($change, $way): HistoryEntry {
            $product = $this->keeper->lock($change);
            $entry = $way === 'undo' ? self::nextUndo($product->id, $change->user->id) : self::nextRedo($product->id, $change->user->id);
            if ($entry === null) {
                throw new Refused("There is nothing of yours to {$way} in {$product->name}.");
            }
            $entries = $this->withBatch($entry);
            $changes = $entries->flatMap(fn (HistoryEntry $one): array => $one->rowChanges())->all();
            if ($way === 'undo') {
                $changes = array_map(fn (RowChange $one): RowChange => $one->inverse(), array_reverse($changes));
            }
            try {
                (new Ledger())->apply(array_values($changes));
            } catch (RowHasChanged $clash) {
                throw $this->refusal($way, $entries, $clash, $product);
            }
            HistoryEntry::query()->whereKey($entries->modelKeys())->update([
                'undone_at' => $way === 'undo' ? now() : null,
                'undone_by' => $way === 'undo' ? $change->user->id : null,
            ]);
            $this->keeper->advance($product);

            return $entry;
        }, self::TRIES);
    }

    /** @return Collection<int, HistoryEntry> the entry, or all of its batch, the oldest first */
    private function withBatch(HistoryEntry $entry): Collection
    {
        if ($entry->batch === null) {
            return new Collection([$entry]);
        }

        return HistoryEntry::query()->where('product_id', $entry->product_id)->where('batch', $entry->batch)->oldest('id')->get();
    }

    /** @param  Collection<int, HistoryEntry>  $entries */
    private function refusal(string $way, Collection $entries, RowHasChanged $clash, Product $product): Refused
    {
        $later = HistoryEntry::with('user')->where('product_id', $product->id)->where('id', '>', $entries->first()->id)->whereNull('undone_at')
            ->whereKeyNot($entries->modelKeys())->latest('id')->get()
            ->first(fn (HistoryEntry $entry): bool => collect($entry->rowChanges())->contains(fn (RowChange $one): bool => $one->place() === $clash->change->place()));
        $why = $later === null
            ? 'the same thing was changed elsewhere since'
            : "{$later->user->name} changed the same thing at {$later->created_at->format('H:i')}: {$later->words}";

        return new Refused("“{$entries->first()->words}” cannot be ".($way === 'undo' ? 'undone' : 'redone').": {$why}.");
    }
}
