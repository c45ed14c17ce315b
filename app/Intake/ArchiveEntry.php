<?php

declare(strict_types=1);

namespace App\Intake;

/** A picture in an archive, as the archive tells of it. */
final readonly class ArchiveEntry
{
    /** @param  string  $path  its name with its folders, as it stands there: never used as a path of this machine */
    public function __construct(
        public int $index,
        public string $path,
        public int $bytes,
        public int $sum,
        public bool $isLocked,
    ) {}

    public function file(): string
    {
        return basename($this->path);
    }

    public function folder(): string
    {
        return str_contains($this->path, '/') ? dirname($this->path) : '';
    }

    public function leadsOut(): bool
    {
        return str_starts_with($this->path, '/') || preg_match('~(^|/)\.\.(/|$)|^[A-Za-z]:~', $this->path) === 1;
    }
}
