<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Files\Packages\PackageFile;
use App\Files\Sheets\SheetFile;
use App\Intake\Arrival;
use App\Intake\IncomingParts;
use App\Intake\Packages\PackageArrival;
use App\Intake\Sheets\SheetArrival;
use App\Intake\UnpackArchive;
use App\Intake\ZipDirectory;
use App\Media\PictureFault;
use App\Media\WorkFolder;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\User;
use App\Refusals\PhotoRefused;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * Takes the next part of a file of a drop; with the last one the file is taken in. A part that comes again does no
 * harm.
 */
final class ReceivePart
{
    public function __construct(
        private readonly IncomingParts $parts,
        private readonly Arrival $arrival,
        private readonly WorkFolder $folders,
        private readonly SheetArrival $sheets,
        private readonly PackageArrival $packages,
    ) {}

    /** @param  int  $at  where in the file it begins, in bytes */
    public function run(User $user, int $fileId, int $at, string $content): DropFile
    {
        Gate::forUser($user)->authorize('edit');

        return DB::transaction(function () use ($fileId, $at, $content): DropFile {
            $file = DropFile::query()->lockForUpdate()->findOrFail($fileId);
            if (
                $file->state !== DropFileState::Arriving ||
                $at !== $file->received ||
                $at + strlen($content) > $file->bytes
            ) {
                return $file;
            }
            try {
                $this->refuseTooLarge($file);
                $this->parts->put($file, $at, $content);
                $file->update(['received' => $at + strlen($content)]);
                if ($file->received === $file->bytes) {
                    $this->takeIn($file);
                }
            } catch (PhotoRefused | PictureFault $refusal) {
                Arrival::refuse($file, $refusal->getMessage());
                $this->parts->forget($file);
            }

            return $file;
        });
    }

    /** Before any of it is kept. */
    private function refuseTooLarge(DropFile $file): void
    {
        $isArchive = str_ends_with(mb_strtolower($file->file), '.zip');
        $most = config($isArchive ? 'slate.intake.most_archive' : 'slate.photos.most_bytes');
        if ($file->bytes > $most) {
            throw new PhotoRefused(
                sprintf(
                    '%s has %s MB; %s can have %s MB. %s',
                    $file->file,
                    number_format($file->bytes / 1_048_576),
                    $isArchive ? 'an archive' : 'a picture',
                    number_format($most / 1_048_576),
                    $isArchive ? 'Pack it in several.' : 'Save it smaller.',
                ),
            );
        }
    }

    private function takeIn(DropFile $file): void
    {
        $state = $this->folders->within(function (string $folder) use ($file): DropFileState {
            $path = $this->parts->joined($file, $folder);
            $isZip = ZipDirectory::isIn($path);
            if ($isZip && !ZipDirectory::isBounded($path, config('slate.intake.most_packed'))) {
                return DropFileState::Unpacking;
            }
            // A workbook is a ZIP as well, by its first bytes.
            if (SheetFile::isSheet($path, $file->file)) {
                return DropFileState::Sheet;
            }
            if ($isZip) {
                return PackageFile::isPackage($path) ? DropFileState::Package : DropFileState::Unpacking;
            }
            $this->arrival->take($file, $path);

            return DropFileState::Stored;
        });
        match ($state) {
            DropFileState::Sheet => $this->sheets->take($file),
            DropFileState::Package => $this->packages->take($file),
            DropFileState::Unpacking => $this->unpack($file),
            default => $this->parts->forget($file),
        };
    }

    private function unpack(DropFile $file): void
    {
        $file->update(['state' => DropFileState::Unpacking]);
        UnpackArchive::dispatch($file->id)->afterCommit();
    }
}
