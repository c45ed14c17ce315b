<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\DropFile;
use App\Models\DropFileState;

/** A file that is going to arrive, as whoever sends it tells of it. */
final readonly class AnnouncedFile
{
    private const LONGEST_NAME = 200;

    private const LONGEST_FOLDER = 300;

    private function __construct(
        public string $file,
        public string $folder,
        public int $bytes,
        private string $mark,
        private ?int $changed,
    ) {}

    /**
     * @param  string  $path  its name, with the folders it lies in
     * @param  string  $changed  when it was changed last: in milliseconds since 1970, or any text that tells two states of it
     *   apart
     */
    public static function of(string $path, int $bytes, string $changed): self
    {
        $parts = array_values(
            array_filter(
                explode('/', str_replace('\\', '/', mb_scrub($path, 'UTF-8'))),
                fn(string $part): bool => !in_array($part, ['', '.', '..'], true),
            ),
        );
        $file = self::plain((string) array_pop($parts));
        // Of a long name the end is kept, where files differ.
        $file = mb_strlen($file) > self::LONGEST_NAME ? mb_substr($file, -self::LONGEST_NAME) : $file;

        return new self(
            $file === '' ? 'picture' : $file,
            mb_substr(self::plain(implode('/', $parts)), 0, self::LONGEST_FOLDER),
            $bytes,
            "{$path}\n{$bytes}\n{$changed}",
            ctype_digit($changed) ? (int) substr($changed, 0, 15) : null,
        );
    }

    public static function inArchive(DropFile $archive, ArchiveEntry $entry): self
    {
        return self::of(
            rtrim("{$archive->folder}/{$archive->file}/{$entry->path}", '/'),
            $entry->bytes,
            "{$archive->print} {$entry->index} {$entry->sum}",
        );
    }

    /** The same for the same file. */
    public function print(): string
    {
        return sha1($this->mark);
    }

    /** @return array<string, mixed> of drop_files */
    public function row(int $dropId): array
    {
        return [
            'drop_id' => $dropId,
            'print' => $this->print(),
            'file' => $this->file,
            'folder' => $this->folder,
            'bytes' => $this->bytes,
            'state' => DropFileState::Arriving->value,
            'changed_ms' => $this->changed,
        ];
    }

    /** Without characters that no file system or sheet would keep. */
    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/[\x00-\x1f\x7f|"<>]+/u', ' ', $name));
    }
}
