<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use App\Models\Sheets\Sheet;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The addresses of pictures that sheets name, and what became of each. */
final class FetchedPictures
{
    private const TABLE = 'fetched_pictures';

    private const CHUNK = 500;

    /** Seconds before it is tried again, growing. */
    private const PAUSES = [5, 30, 120, 600];

    /** Seconds for which an address is its worker's alone: longer than fetching one may last. */
    private const LEASE = 60;

    /** Times that taking one is tried where two workers met. */
    private const TRIES = 3;

    /** Seconds after which nobody is at work on a sheet whose addresses have not gone on. */
    private const FORGOTTEN = 120;

    /**
     * @param  list<string>  $addresses
     * @return int how many were not known yet
     */
    public function add(Sheet $sheet, array $addresses): int
    {
        $added = 0;
        foreach (array_chunk($addresses, self::CHUNK) as $chunk) {
            $added += DB::table(self::TABLE)->insertOrIgnore(
                array_map(
                    fn(string $address): array => [
                        'sheet_id' => $sheet->id,
                        'hash' => hash('sha256', $address),
                        'address' => $address,
                        'state' => AddressState::Waiting->value,
                        'next_at' => now(),
                    ],
                    $chunk,
                ),
            );
        }

        return $added;
    }

    /** Those that did not come are tried again. */
    public function again(Sheet $sheet): void
    {
        DB::table(self::TABLE)
            ->where('sheet_id', $sheet->id)
            ->where('state', AddressState::Failed->value)
            ->update(['state' => AddressState::Waiting->value, 'tries' => 0, 'reason' => '', 'next_at' => now()]);
    }

    /** The next whose turn it is, which nobody else takes for a while; null for none now. */
    public function take(int $sheetId): ?stdClass
    {
        return DB::transaction(function () use ($sheetId): ?stdClass {
            $row = DB::table(self::TABLE)
                ->where('sheet_id', $sheetId)
                ->where('state', AddressState::Waiting->value)
                ->where('next_at', '<=', now())
                ->orderBy('next_at')
                ->orderBy('id')
                ->lockForUpdate()
                ->first();
            if ($row !== null) {
                DB::table(self::TABLE)
                    ->where('id', $row->id)
                    ->update(['next_at' => now()->addSeconds(self::LEASE)]);
            }

            return $row;
        }, self::TRIES);
    }

    /** Seconds until the next is due; null where none waits. */
    public function pause(int $sheetId): ?int
    {
        $next = DB::table(self::TABLE)
            ->where('sheet_id', $sheetId)
            ->where('state', AddressState::Waiting->value)
            ->min('next_at');

        return $next === null ? null : max(1, (int) ceil(now()->diffInSeconds(Carbon::parse((string) $next))));
    }

    public function came(int $id, int $dropFileId): void
    {
        DB::table(self::TABLE)
            ->where('id', $id)
            ->update(['state' => AddressState::Fetched->value, 'drop_file_id' => $dropFileId, 'reason' => '']);
    }

    public function failed(stdClass $row, AddressRefused $why): void
    {
        $pause = self::PAUSES[(int) $row->tries] ?? null;
        DB::table(self::TABLE)
            ->where('id', $row->id)
            ->update([
                'state' => ($why->isForNow && $pause !== null ? AddressState::Waiting : AddressState::Failed)->value,
                'tries' => (int) $row->tries + 1,
                'reason' => mb_strimwidth($why->getMessage(), 0, 300, '…'),
                'next_at' => now()->addSeconds($pause ?? 0),
            ]);
    }

    /** @return array<string, int> state => addresses */
    public function counts(Sheet $sheet): array
    {
        return array_map(
            intval(...),
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->groupBy('state')
                ->selectRaw('state, count(*) as found')
                ->pluck('found', 'state')
                ->all(),
        );
    }

    /** @return array<string, string> address => why it did not come; the first of them */
    public function reasons(Sheet $sheet, int $most): array
    {
        return DB::table(self::TABLE)
            ->where('sheet_id', $sheet->id)
            ->where('state', AddressState::Failed->value)
            ->orderBy('id')
            ->limit($most)
            ->pluck('reason', 'address')
            ->all();
    }

    /** @return Collection<int, Sheet> of which addresses are due, and nobody is at work on them */
    public static function sheetsForgotten(): Collection
    {
        $since = now()->subSeconds(self::FORGOTTEN);

        return Sheet::query()
            ->where('beat_at', '<', $since)
            ->whereIn(
                'id',
                DB::table(self::TABLE)
                    ->select('sheet_id')
                    ->where('state', AddressState::Waiting->value)
                    ->where('next_at', '<', $since),
            )
            ->get();
    }
}
