<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\WorkFolder;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Refusals\PhotoRefused;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes the pictures of an archive files of its drop, in the queue. Broken off, it goes on where it was. */
final class UnpackArchive implements ShouldQueue
{
    use Queueable;

    /** Seconds; then other work comes in between. */
    private const MOST_SECONDS = 30.0;

    /** Seconds after which nobody is at work on an archive that has not gone on. */
    private const FORGOTTEN = 120;

    private const CHUNK = 500;

    public int $tries = 3;

    public int $timeout = 90;

    public function __construct(private readonly int $fileId) {}

    /** Has those unpacked whose worker died. */
    public static function resumeAbandoned(): void
    {
        foreach (
            DropFile::query()
                ->where('state', DropFileState::Unpacking)
                ->where('updated_at', '<', now()->subSeconds(self::FORGOTTEN))
                ->get()
            as $file
        ) {
            $file->touch();
            self::dispatch($file->id);
        }
    }

    public function handle(IncomingParts $parts, Arrival $arrival, WorkFolder $folders): void
    {
        $file = DropFile::query()->find($this->fileId);
        if ($file === null || $file->state !== DropFileState::Unpacking) {
            return;
        }
        try {
            $isThrough = $folders->within(
                fn(string $folder): bool => $this->unpackIn($folder, $file, $parts, $arrival),
            );
        } catch (PhotoRefused $refusal) {
            Arrival::refuse($file, $refusal->getMessage());
            $parts->forget($file);

            return;
        }
        if (!$isThrough) {
            self::dispatch($file->id);
        }
    }

    /** @return bool whether nothing of it is left */
    private function unpackIn(string $folder, DropFile $file, IncomingParts $parts, Arrival $arrival): bool
    {
        $path = $parts->joined($file, $folder);
        $archive = PictureArchive::open(
            $path,
            $file->file,
            config('slate.intake.most_files'),
            config('slate.intake.most_unpacked'),
            config('slate.photos.most_bytes'),
        );
        try {
            $isThrough = $this->unpack($file, $archive, $arrival, $folder);
        } finally {
            $archive->close();
        }
        if ($isThrough) {
            $file->update(['state' => DropFileState::Unpacked, 'remark' => $this->remark($archive)]);
            $parts->forget($file);
        }

        return $isThrough;
    }

    public function failed(Throwable $cause): void
    {
        $file = DropFile::query()->find($this->fileId);
        if ($file !== null) {
            Arrival::refuse(
                $file,
                "Unpacking {$file->file} broke off. Drop it again; if it breaks off once more, drop the folder itself.",
            );
        }
    }

    /**
     * @param  string  $folder  where each entry lies while it is taken in
     * @return bool whether nothing of it is left
     */
    private function unpack(DropFile $file, PictureArchive $archive, Arrival $arrival, string $folder): bool
    {
        $end = microtime(true) + self::MOST_SECONDS;
        $entries = $this->announce($file, $archive);
        foreach (
            DropFile::query()
                ->where('archive_id', $file->id)
                ->where('state', DropFileState::Arriving)
                ->orderBy('id')
                ->get()
            as $one
        ) {
            if (microtime(true) >= $end) {
                return false;
            }
            try {
                // A name of its own for each: what is known of a file is remembered by its name.
                $path = "{$folder}/{$one->id}";
                try {
                    $archive->extract($entries[$one->print], $path, config('slate.photos.most_bytes'));
                    $arrival->take($one, $path);
                } finally {
                    @unlink($path);
                }
            } catch (PhotoRefused $refusal) {
                Arrival::refuse($one, $refusal->getMessage());
            }
            $file->touch();
        }

        return true;
    }

    /** @return array<string, ArchiveEntry> print => entry */
    private function announce(DropFile $file, PictureArchive $archive): array
    {
        $entries = $rows = [];
        foreach ($archive->entries as $entry) {
            $announced = AnnouncedFile::inArchive($file, $entry);
            $entries[$announced->print()] = $entry;
            $rows[] = $announced->row($file->drop_id) + ['archive_id' => $file->id];
        }
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DropFile::query()->insertOrIgnore($chunk);
        }

        return $entries;
    }

    private function remark(PictureArchive $archive): string
    {
        $count = count($archive->entries);

        return ($count === 1 ? '1 picture' : number_format($count) . ' pictures') .
            ' in it' .
            match ($archive->passedOver) {
                0 => '.',
                1 => '; 1 file that is none was passed over.',
                default => '; ' . number_format($archive->passedOver) . ' files that are none were passed over.',
            };
    }
}
