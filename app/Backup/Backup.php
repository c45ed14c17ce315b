<?php

declare(strict_types=1);

namespace App\Backup;

use App\Media\PhotoStore;
use App\Models\Photo;
use App\Refusals\BackupFault;

/** Writes the database and all originals into a folder, while people work. It appears whole or not at all. */
final class Backup
{
    public function __construct(private readonly Dump $dump, private readonly PhotoStore $store) {}

    /**
     * @return array{Manifest, list<string>} what it holds, and the pictures whose original could not be had
     *
     * @throws BackupFault
     */
    public function into(string $folder): array
    {
        if (file_exists($folder)) {
            throw new BackupFault("{$folder} is there already. Name a folder that is not.");
        }
        $part = $folder . '.part';
        if (!is_dir($part) && !@mkdir($part, 0o700, true)) {
            throw new BackupFault("There is no folder {$part} that can be written to.");
        }
        $this->dump->write("{$part}/" . Manifest::DATABASE);
        // What has arrived since the dump is copied too: one picture too many harms nothing, one too few would.
        $photos = [];
        $lost = [];
        foreach (Photo::query()->orderBy('id')->lazyById(500) as $photo) {
            $this->copied($photo, Manifest::photo($part, $photo->sha256, $photo->type))
                ? ($photos[$photo->sha256] = $photo->type)
                : ($lost[] = "{$photo->sha256}.{$photo->type}");
        }
        $manifest = new Manifest(
            now()->toIso8601String(),
            (string) hash_file('sha256', "{$part}/" . Manifest::DATABASE),
            $photos,
        );
        $manifest->write($part);
        rename($part, $folder);

        return [$manifest, $lost];
    }

    /** Whether the original was there and is what it should be. */
    private function copied(Photo $photo, string $to): bool
    {
        $path = PhotoStore::originalPath($photo->sha256, $photo->type);
        $stream = $this->store->disk()->exists($path) ? $this->store->disk()->readStream($path) : null;
        if ($stream === null) {
            return false;
        }
        @mkdir(dirname($to), 0o700, true);
        $written = @file_put_contents($to, $stream);
        fclose($stream);
        if ($written === false) {
            throw new BackupFault("{$to} cannot be written. Is there room?");
        }
        if (hash_file('sha256', $to) !== $photo->sha256) {
            unlink($to);

            return false;
        }

        return true;
    }
}
