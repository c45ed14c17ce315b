<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Support\Facades\DB;

/**
 * Writes rows and remembers how each was before, so that a change can be undone. Everything an
 * Action stores of a product goes through here.
 */
final class Ledger
{
    private const CHUNK = 500;

    private readonly ChangeLog $log;

    private ?int $photoId = null;

    public function __construct()
    {
        $this->log = new ChangeLog();
    }

    public function log(): ChangeLog
    {
        return $this->log;
    }

    /**
     * Notes a change that is written elsewhere.
     *
     * @param  ?int  $photoId  the photo of the picture that it is about
     */
    public function note(RowChange $change, ?int $photoId = null): void
    {
        $this->photoId ??= $photoId;
        $this->log->add($change);
    }

    public function isEmpty(): bool
    {
        return $this->log->count() === 0;
    }

    /** The photo that stands for the change, where it was about pictures only: the first of them. */
    public function picture(): ?int
    {
        foreach ($this->log as $change) {
            if ($change->table !== 'placements') {
                return null;
            }
        }
        $first = $this->log->first();

        return $first === null
            ? null
            : $this->photoId ??
                    ($first->before['photo_id'] ??
                        ($first->after['photo_id'] ??
                            DB::table('placements')->where('id', $first->id)->value('photo_id')));
    }

    /** @param  array<string, mixed>  $row */
    public function insert(string $table, array $row): int
    {
        $id = DB::table($table)->insertGetId($row);
        $this->log->add(new RowChange($table, $id, null, (array) DB::table($table)->find($id)));

        return $id;
    }

    /**
     * A row that others may use as well, made along with the change: undoing it takes it away only where nobody uses
     * it.
     *
     * @param  array<string, mixed>  $row
     */
    public function insertShared(string $table, array $row): int
    {
        $id = DB::table($table)->insertGetId($row);
        $this->log->add(new RowChange($table, $id, null, (array) DB::table($table)->find($id), true));

        return $id;
    }

    /**
     * @param  array<int, array<string, mixed>>  $updates  id => the columns to set
     */
    public function update(string $table, array $updates): void
    {
        foreach (array_chunk($updates, self::CHUNK, true) as $chunk) {
            $full = [];
            $columns = [];
            foreach (Rows::of($table, array_keys($chunk)) as $id => $row) {
                $after = array_filter(
                    $chunk[$id],
                    fn(mixed $value, string $column): bool => $row[$column] !== $value,
                    ARRAY_FILTER_USE_BOTH,
                );
                if ($after !== []) {
                    $this->log->add(new RowChange($table, $id, array_intersect_key($row, $after), $after));
                    $full[] = $after + $row;
                    $columns += $after;
                }
            }
            if ($full !== []) {
                if (count($full) > 1) {
                    (new UniqueKeys($table))->release(array_column($full, 'id'), array_keys($columns));
                }
                $this->write($table, $full, $columns);
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $rows  as they are to be
     * @param  array<string, mixed>  $columns  that change
     */
    private function write(string $table, array $rows, array $columns): void
    {
        $wanted = array_map(fn(array $row): array => array_intersect_key($row, $columns), $rows);
        if (array_filter($wanted, fn(array $one): bool => $one !== $wanted[0]) === []) {
            DB::table($table)->whereIn('id', array_column($rows, 'id'))->update($wanted[0]);
        } else {
            DB::table($table)->upsert($rows, ['id'], array_keys($columns));
        }
    }

    /** @param  list<int>  $ids */
    public function delete(string $table, array $ids): void
    {
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            foreach (Rows::of($table, $chunk) as $id => $row) {
                $this->log->add(new RowChange($table, $id, $row, null));
            }
            DB::table($table)->whereIn('id', $chunk)->delete();
        }
    }
}
