<?php

declare(strict_types=1);

namespace App\Actions\Rows;

use App\Changing\EntryUndo;
use App\Models\HistoryEntry;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Takes back what somebody typed last into rows, in all products together, or makes it again. */
final class UndoRows
{
    private const TRIES = 3;

    public function __construct(private readonly EntryUndo $undo) {}

    /** @throws Refusal */
    public function run(User $user, string $way): void
    {
        DB::transaction(function () use ($user, $way): void {
            $entry =
                ($way === 'undo' ? self::last($user) : self::next($user)) ??
                throw new Refusal("There is nothing typed into rows to {$way}.", RefusalKind::Gone);
            $ids = self::own($user)
                ->where('batch', $entry->batch)
                ->when(
                    $way === 'undo',
                    fn(Builder $query) => $query->whereNull('undone_at'),
                    fn(Builder $query) => $query->whereNotNull('undone_at'),
                )
                ->orderBy('product_id')
                ->pluck('id')
                ->all();
            $this->undo->batch($user, $way, array_values($ids));
        }, self::TRIES);
    }

    /** What would be taken back. */
    public static function last(User $user): ?HistoryEntry
    {
        return self::own($user)->whereNull('undone_at')->where('is_final', false)->latest('id')->first();
    }

    /** What would be made again: nothing where something was typed since. */
    public static function next(User $user): ?HistoryEntry
    {
        return self::own($user)
            ->whereNotNull('undone_at')
            ->where('is_final', false)
            ->where('undone_after', '>=', (int) self::own($user)->max('id'))
            ->oldest('id')
            ->first();
    }

    /** @return Builder<HistoryEntry> */
    private static function own(User $user): Builder
    {
        return HistoryEntry::query()
            ->where('user_id', $user->id)
            ->where('action', class_basename(TypeRows::class))
            ->whereNotNull('batch');
    }
}
