<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Reads, sorts and vets a sheet in the queue, some way at a time. Broken off, it goes on where it was. */
final class WorkOnSheet implements ShouldQueue
{
    use Queueable;

    /** Seconds; then other work comes in between. */
    private const MOST_SECONDS = 10.0;

    /** Seconds after which nobody is at work on a sheet that has not gone on. */
    private const FORGOTTEN = 120;

    public int $tries = 3;

    public int $timeout = 600;

    public function __construct(private readonly int $sheetId) {}

    /** Has those go on again whose worker died. */
    public static function resumeAbandoned(int $seconds = self::FORGOTTEN): void
    {
        $atWork = array_filter(SheetState::cases(), fn(SheetState $state): bool => $state->isAtWork());
        foreach (
            Sheet::query()->whereIn('state', $atWork)->where('beat_at', '<', now()->subSeconds($seconds))->get()
            as $sheet
        ) {
            $sheet->update(['beat_at' => now()]);
            self::dispatch($sheet->id);
        }
    }

    public function handle(SheetWork $work): void
    {
        $sheet = Sheet::query()->find($this->sheetId);
        if ($sheet !== null && $work->advance($sheet, self::MOST_SECONDS)) {
            self::dispatch($this->sheetId);
        }
    }

    /** Has sheets looked at anew that a batch imported, or that were taken back with it. */
    public static function afterBatch(string $batchId): void
    {
        $ids = DB::table('sheet_products')->where('batch_id', $batchId)->distinct()->pluck('sheet_id');
        foreach (Sheet::query()->whereIn('id', $ids)->get() as $sheet) {
            self::lookAnew($sheet);
        }
    }

    /** Has a sheet that was looked at held against the catalog once more. */
    public static function lookAnew(Sheet $sheet): void
    {
        $isReady = Sheet::query()
            ->whereKey($sheet->id)
            ->where('state', SheetState::Ready)
            ->update(['state' => SheetState::Vetting, 'through' => 0, 'beat_at' => now()]);
        if ($isReady > 0) {
            self::dispatch($sheet->id);
        }
    }
}
