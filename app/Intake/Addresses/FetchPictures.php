<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use App\Intake\AnnouncedFile;
use App\Intake\Arrival;
use App\Intake\Sheets\WorkOnSheet;
use App\Media\WorkFolder;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Sheets\Sheet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use stdClass;

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
        foreach (FetchedPictures::sheetsWaiting() as $sheetId) {
            self::dispatch($sheetId);
        }
    }

    public function handle(
        FetchedPictures $pictures,
        PictureFetcher $fetcher,
        WorkFolder $folders,
        Arrival $arrival,
    ): void {
        $end = microtime(true) + self::MOST_SECONDS;
        $sheet = Sheet::with('file')->find($this->sheetId);
        while ($sheet !== null && ($row = $pictures->due($sheet->id)) !== null && microtime(true) < $end) {
            $folders->within(
                fn(string $folder) => $this->one($sheet, $row, "{$folder}/fetched", [$pictures, $fetcher, $arrival]),
            );
        }
        $pause = $sheet === null ? null : $pictures->pause($sheet->id);
        if ($pause !== null) {
            self::dispatch($this->sheetId)->delay($pause);
        } elseif ($sheet !== null) {
            WorkOnSheet::lookAnew($sheet);
        }
    }

    /** @param  array{FetchedPictures, PictureFetcher, Arrival}  $with */
    private function one(Sheet $sheet, stdClass $row, string $path, array $with): void
    {
        [$pictures, $fetcher, $arrival] = $with;
        try {
            $fetcher->fetch($row->address, $path);
            $file = $this->file($sheet, $row->address, (int) filesize($path));
            if ($file->state !== DropFileState::Stored) {
                $arrival->take($file, $path);
            }
            if ($file->state !== DropFileState::Stored) {
                throw AddressRefused::forGood($file->remark);
            }
            $pictures->came((int) $row->id, $file->id);
        } catch (AddressRefused $why) {
            $pictures->failed($row, $why);
        }
    }

    private function file(Sheet $sheet, string $address, int $bytes): DropFile
    {
        $name = rawurldecode(basename((string) parse_url($address, PHP_URL_PATH)));
        $host = (string) parse_url($address, PHP_URL_HOST);
        $announced = AnnouncedFile::of("{$host}/" . ($name === '' ? 'picture' : $name), $bytes, $address);
        $dropId = (int) $sheet->file?->drop_id;
        DropFile::query()->insertOrIgnore([$announced->row($dropId)]);

        return DropFile::query()->where('drop_id', $dropId)->where('print', $announced->print())->firstOrFail();
    }
}
