<?php

declare(strict_types=1);

namespace App\Intake\Addresses;

use App\Intake\AnnouncedFile;
use App\Intake\Arrival;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Sheets\Sheet;
use stdClass;

/** Fetches one picture, which becomes a file of its sheet's drop, and notes what came of it. */
final readonly class FetchOnePicture
{
    public function __construct(
        private FetchedPictures $pictures,
        private PictureFetcher $fetcher,
        private Arrival $arrival,
    ) {}

    /**
     * @param  stdClass  $row  of fetched_pictures
     * @param  string  $path  where it is put until it is looked at
     */
    public function run(Sheet $sheet, stdClass $row, string $path): void
    {
        try {
            $this->fetcher->fetch($row->address, $path);
            $this->pictures->came((int) $row->id, $this->taken($sheet, $row->address, $path)->id);
        } catch (AddressRefused $why) {
            $this->pictures->failed($row, $why);
        }
    }

    /** @throws AddressRefused where what came is no picture */
    private function taken(Sheet $sheet, string $address, string $path): DropFile
    {
        $file = $this->file($sheet, $address, (int) filesize($path));
        if ($file->state !== DropFileState::Stored) {
            $this->arrival->take($file, $path);
        }
        if ($file->state !== DropFileState::Stored) {
            throw AddressRefused::forGood($file->remark);
        }

        return $file;
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
