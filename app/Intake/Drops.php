<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Batch;
use App\Models\BatchState;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Product;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The drops there are, and how far each is settled. */
final class Drops
{
    private const PAGE = 30;

    /** Products that are offered by name. */
    private const MOST_PRODUCTS = 50;

    private const ACTS = 5;

    private const SENDERS = 50;

    private const NOTES = 30;

    private const CHUNK = 500;

    /** @return LengthAwarePaginator<int, Drop> the latest first */
    public function page(): LengthAwarePaginator
    {
        // A drop of sheets and packages alone is in the lists of these.
        $files = DropFile::query()->whereColumn('drop_files.drop_id', 'drops.id')->toBase();
        $apart = array_column(DropFileState::ofOwnPages(), 'value');
        $sheets = (clone $files)->whereIn('state', $apart);
        $others = (clone $files)->whereNotIn('state', $apart);

        return Drop::with('user')
            ->where(fn(Builder $either) => $either->whereExists($others)->orWhereNotExists($sheets))
            ->latest('id')
            ->paginate(self::PAGE);
    }

    /**
     * @param  list<int>  $dropIds
     * @return array<int, DropCounts> by drop id
     */
    public function counts(array $dropIds): array
    {
        $counts = array_fill_keys($dropIds, new DropCounts());
        $rows = LinkingState::files()
            ->whereIn('drop_files.drop_id', $dropIds)
            ->whereNotIn('drop_files.state', array_column(DropFileState::apart(), 'value'))
            ->leftJoin('photo_marks', 'photo_marks.photo_id', '=', 'drop_files.photo_id')
            ->groupBy('drop_files.drop_id', 'drop_files.state', 'photo_marks.is_card', 'linking', 'is_undone')
            ->selectRaw(
                'drop_files.drop_id, drop_files.state, photo_marks.is_card, count(*) as files, ' .
                    LinkingState::COLUMNS,
            )
            ->get();
        foreach ($rows as $row) {
            $counts[$row->drop_id] = $counts[$row->drop_id]->with(
                DropFileState::from($row->state),
                LinkingState::of($row)->isStanding(),
                (bool) $row->is_card,
                (int) $row->files,
            );
        }

        return $counts;
    }

    /** @return list<string> who sent drops, the latest first */
    public function senders(): array
    {
        return array_values(
            Drop::query()
                ->where('sender', '<>', '')
                ->groupBy('sender')
                ->orderByRaw('max(id) desc')
                ->limit(self::SENDERS)
                ->pluck('sender')
                ->all(),
        );
    }

    /**
     * @param  list<string>  $prints
     * @return list<DropFile> in the same order
     */
    public function files(Drop $drop, array $prints): array
    {
        $known = [];
        foreach (array_chunk($prints, self::CHUNK) as $chunk) {
            $known += DropFile::query()
                ->where('drop_id', $drop->id)
                ->whereIn('print', $chunk)
                ->get()
                ->keyBy('print')
                ->all();
        }

        return array_values(array_filter(array_map(fn(string $print): ?DropFile => $known[$print] ?? null, $prints)));
    }

    /** @return list<DropNote> what was done with it, the latest first */
    public function notes(Drop $drop): array
    {
        $rows = DB::table('drop_notes')
            ->join('users', 'users.id', '=', 'drop_notes.user_id')
            ->where('drop_notes.drop_id', $drop->id)
            ->latest('drop_notes.id')
            ->limit(self::NOTES)
            ->get(['users.name', 'drop_notes.words', 'drop_notes.created_at']);

        return array_values(
            array_map(
                fn(stdClass $row): DropNote => new DropNote($row->name, $row->words, Carbon::parse($row->created_at)),
                $rows->all(),
            ),
        );
    }

    /**
     * Products that pictures of a drop are of, as somebody said or linked them.
     *
     * @param  list<int>  $also  ids of products that are named beside them
     * @return array<string, string> code => name
     */
    public function products(Drop $drop, array $also): array
    {
        $ids = DB::table('drop_files')
            ->where('drop_id', $drop->id)
            ->selectRaw('coalesce(said_product_id, to_product_id) as id')
            ->distinct()
            ->limit(self::MOST_PRODUCTS)
            ->pluck('id')
            ->push($drop->product_id, ...$also)
            ->filter();

        return Product::query()->standing()->whereKey($ids->all())->orderBy('name')->pluck('name', 'code')->all();
    }

    /** @return list<Batch> what somebody accepted of the drop last, the latest first */
    public function acts(Drop $drop, User $user): array
    {
        $ids = DB::table('drop_files')
            ->where('drop_id', $drop->id)
            ->whereNotNull('batch_id')
            ->distinct()
            ->pluck('batch_id')
            ->all();

        return array_values(
            Batch::query()
                ->whereKey($ids)
                ->where('user_id', $user->id)
                ->whereNot('state', BatchState::Refused)
                ->latest('created_at')
                ->latest('id')
                ->limit(self::ACTS)
                ->get()
                ->all(),
        );
    }
}
