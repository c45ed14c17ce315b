<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use App\Intake\Sheets\WorkOnSheet;
use App\Media\WorkFolder;
use App\Models\Sheets\Sheet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Fetches pictures that a sheet names by address, in the queue, some way at a time: each becomes a file of the sheet's
 * drop. What did not come is tried again with growing pauses. When all came or failed, the sheet is looked at anew.
 */
final class FetchPictures implements ShouldQueue
{
    use Queueable;

    private const MOST_SECONDS = 10.0;

    public int $tries = 3;

    public int $timeout = 120;

    public function __construct(private readonly int $sheetId) {}

    /** Has those go on again whose worker died. */
    public static function resumeAbandoned(): void
    {
        foreach (FetchedPictures::sheetsForgotten() as $sheet) {
            $sheet->update(['beat_at' => now()]);
            self::dispatch($sheet->id);
        }
    }

    public function handle(FetchedPictures $pictures, FetchOnePicture $one, WorkFolder $folders): void
    {
        $end = microtime(true) + self::MOST_SECONDS;
        $sheet = Sheet::with('file')->find($this->sheetId);
        if ($sheet === null) {
            return;
        }
        while (microtime(true) < $end && ($row = $pictures->take($sheet->id)) !== null) {
            $sheet->update(['beat_at' => now()]);
            $folders->within(fn(string $folder) => $one->run($sheet, $row, "{$folder}/fetched"));
        }
        $pause = $pictures->pause($sheet->id);
        if ($pause !== null) {
            self::dispatch($this->sheetId)->delay($pause);
        } else {
            WorkOnSheet::lookAnew($sheet);
        }
    }
}
