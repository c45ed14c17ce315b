<?php

declare(strict_types=1);

namespace App\Media;

use Closure;
use FilesystemIterator;
use Throwable;

/**
 * Folders to work in, each of one process: removed when the work is done, and swept when the process was killed
 * before that. Each is named after its process.
 */
final readonly class WorkFolder
{
    private const PREFIX = 'slate-picture-';

    private const NAME = '/^slate-picture-(\d+)-[0-9a-f]{16}$/';

    /**
     * @param  string  $place  the folder in which each has its own
     * @param  int  $longest  seconds after which no work of a living process goes on any more
     */
    public function __construct(private string $place, private int $longest) {}

    /** The one that the settings name. */
    public static function asSet(): self
    {
        return new self(config('slate.reading.folder'), 10 * config('slate.reading.wall_seconds'));
    }

    /**
     * @template T
     *
     * @param  Closure(string): T  $work  given a folder of its own, which is removed after
     * @return T
     *
     * @throws PictureFault where no folder can be made
     * @throws Throwable whatever the work throws
     */
    public function within(Closure $work): mixed
    {
        $this->removeLeftovers();
        $folder = $this->place . '/' . self::PREFIX . getmypid() . '-' . bin2hex(random_bytes(8));
        if (!@mkdir($folder, 0o700, true)) {
            throw PictureFault::lacking('room to work in', "cannot make {$folder}");
        }
        try {
            return $work($folder);
        } finally {
            self::remove($folder);
        }
    }

    /** Removes what killed processes have left behind. Whatever else lies beside these folders is not ours. */
    public function removeLeftovers(): void
    {
        foreach (glob($this->place . '/' . self::PREFIX . '*', GLOB_ONLYDIR) ?: [] as $folder) {
            if (preg_match(self::NAME, basename($folder), $found) !== 1) {
                continue;
            }
            if (!is_dir("/proc/{$found[1]}") || (int) @filemtime($folder) < time() - $this->longest) {
                self::remove($folder);
            }
        }
    }

    private static function remove(string $folder): void
    {
        foreach (is_dir($folder) ? new FilesystemIterator($folder) : [] as $file) {
            @unlink((string) $file);
        }
        @rmdir($folder);
    }
}
