<?php

declare(strict_types=1);

namespace App\Intake;

use App\Media\PhotoStore;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Refusals\PhotoRefused;
use League\Flysystem\FilesystemException;

/**
 * What has arrived of a file that is sent in parts. On the disk that all machines share, so that any of them takes the
 * next part.
 */
final class IncomingParts
{
    private const FOLDER = 'incoming';

    private const KEPT_DAYS = 30;

    private const SWEPT_AT_ONCE = 100;

    public function __construct(private readonly PhotoStore $store) {}

    /** @throws PhotoRefused where there is no room */
    public function put(DropFile $file, int $at, string $content): void
    {
        try {
            $this->store->write(sprintf('%s/%012d', self::folder($file), $at), $content);
        } catch (FilesystemException $fault) {
            report($fault);
            throw new PhotoRefused(
                "{$file->file} could not be kept: the server has too little room. Drop it again in a while.",
            );
        }
    }

    /**
     * Puts the parts together in a folder of this machine.
     *
     * @return string the path of the file
     *
     * @throws PhotoRefused where it did not arrive whole
     */
    public function joined(DropFile $file, string $folder): string
    {
        $path = "{$folder}/joined";
        $joined =
            fopen($path, 'wb') ?:
            throw new PhotoRefused(
                "{$file->file} could not be put together: the server has too little room. Drop it again in a while.",
            );
        try {
            $disk = $this->store->disk();
            $parts = $disk->files(self::folder($file));
            sort($parts);
            foreach ($parts as $part) {
                $stream =
                    $disk->readStream($part) ??
                    throw new PhotoRefused("A part of {$file->file} is missing. Drop it again.");
                stream_copy_to_stream($stream, $joined);
                fclose($stream);
            }
        } finally {
            fclose($joined);
        }
        if (filesize($path) !== $file->bytes) {
            throw new PhotoRefused("{$file->file} did not arrive whole. Drop it again.");
        }

        return $path;
    }

    public function forget(DropFile $file): void
    {
        $this->store->disk()->deleteDirectory(self::folder($file));
    }

    /** Lets go of what never came to its end: whoever drops it again begins anew. */
    public function pruneAbandoned(): void
    {
        foreach (
            DropFile::query()
                ->where('state', DropFileState::Arriving)
                ->where('received', '>', 0)
                ->where('updated_at', '<', now()->subDays(self::KEPT_DAYS))
                ->limit(self::SWEPT_AT_ONCE)
                ->get()
            as $file
        ) {
            $file->update(['received' => 0]);
            $this->forget($file);
        }
    }

    private static function folder(DropFile $file): string
    {
        return self::FOLDER . "/{$file->id}";
    }
}
