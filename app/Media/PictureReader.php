<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use Closure;
use FilesystemIterator;
use Illuminate\Contracts\Filesystem\Filesystem;
use Symfony\Component\Process\Exception\ExceptionInterface as ProcessException;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Has a picture decoded in a process of its own, held to limits of time, memory and disk, in a folder that is
 * removed whatever happens: no file can stall or fill what reads the others.
 */
class PictureReader
{
    /** Seconds between the signal that time is up and the end; without them nobody could tell it from a lack of memory. */
    private const GRACE = 5;

    /** How the folder of one picture is called: by the process that reads it. */
    private const OWN = 'slate-picture-';

    private const OWN_NAME = '/^slate-picture-(\d+)-[0-9a-f]{16}$/';

    private const OUT_OF_TIME = 24;

    private const KILLED = 9;

    private const FILE_TOO_LARGE = 25;

    /** ImageMagick's codes of resource limits: 400 to 499. */
    private const RESOURCE_CODES = [400, 499];

    /**
     * @param  string  $work  the folder in which each picture has its own
     * @param  int  $cpuSeconds  of the processor
     * @param  int  $wallSeconds  on the clock
     * @param  int  $mostMemory  address space, in bytes
     * @param  int  $mostDisk  of one temporary file, in bytes
     */
    public function __construct(
        private readonly string $work,
        private readonly int $cpuSeconds,
        private readonly int $wallSeconds,
        private readonly int $mostMemory,
        private readonly int $mostDisk,
    ) {
    }

    /** @throws PictureFault */
    public function read(Photo $photo, Filesystem $disk): ReadPicture
    {
        return $this->inFolder(fn (string $folder): ReadPicture => $this->ofStill($photo->type, max($photo->width, $photo->height), $this->fetched($photo, $disk, $folder), $folder));
    }

    /**
     * Reads a file that is not kept.
     *
     * @throws PictureFault
     */
    public function readFile(string $path, InspectedPhoto $inspected): ReadPicture
    {
        return $this->inFolder(fn (string $folder): ReadPicture => $this->ofStill($inspected->type, max($inspected->width, $inspected->height), (string) realpath($path), $folder));
    }

    /** @throws PictureFault */
    private function ofStill(string $type, int $longerSide, string $original, string $folder): ReadPicture
    {
        [$stillType, $still] = MediaKind::ofType($type) === MediaKind::Still ? [$type, $original] : Posters::still($original, $type, $folder);

        return $this->sizes($folder, $this->decoded($stillType, $longerSide, $still, $folder));
    }

    /**
     * @param  Closure(string): ReadPicture  $work  given a folder of its own, which is removed after
     *
     * @throws PictureFault
     */
    private function inFolder(Closure $work): ReadPicture
    {
        $this->sweep();
        $folder = $this->work.'/'.self::OWN.getmypid().'-'.bin2hex(random_bytes(8));
        if (! @mkdir($folder, 0o700, true)) {
            throw PictureFault::lacking('room to work in', "cannot make {$folder}");
        }
        try {
            return $work($folder);
        } finally {
            $this->remove($folder);
        }
    }

    /**
     * Removes what a reader that was killed has left behind: its folder says which process it was. Whatever else lies
     * beside these folders is not ours.
     */
    public function sweep(): void
    {
        foreach (glob($this->work.'/'.self::OWN.'*', GLOB_ONLYDIR) ?: [] as $folder) {
            if (preg_match(self::OWN_NAME, basename($folder), $found) === 1 && (! is_dir("/proc/{$found[1]}") || (int) @filemtime($folder) < time() - 10 * $this->wallSeconds)) {
                $this->remove($folder);
            }
        }
    }

    private function fetched(Photo $photo, Filesystem $disk, string $folder): string
    {
        $path = PhotoStore::originalPath($photo->sha256, $photo->type);
        $stream = $disk->exists($path) ? $disk->readStream($path) : null;
        if ($stream === null) {
            throw PictureFault::lost($path);
        }
        $original = "{$folder}/original.{$photo->type}";
        $copied = @file_put_contents($original, $stream);
        fclose($stream);
        if ($copied !== $photo->bytes) {
            throw $copied === false || $copied < $photo->bytes && (int) @disk_free_space($folder) < $photo->bytes
                ? PictureFault::lacking('room on disk', "copied {$copied} of {$photo->bytes} bytes")
                : PictureFault::lost($path);
        }

        return $original;
    }

    /** @return array{fault?: string, code?: int, milliseconds: int, kilobytes: int} what the process said */
    protected function decoded(string $type, int $longerSide, string $original, string $folder): array
    {
        $process = new Process(
            ['prlimit', '--cpu='.$this->cpuSeconds.':'.($this->cpuSeconds + self::GRACE), "--as={$this->mostMemory}", "--fsize={$this->mostDisk}", '--core=0', PHP_BINARY, '-n', '-d', 'extension=imagick', '-d', 'memory_limit=256M', '-d', 'display_errors=stderr', __DIR__.'/read-picture.php', $original, $type, (string) $longerSide, $folder],
            $folder,
            ['MAGICK_CONFIGURE_PATH' => __DIR__.'/imagemagick', 'MAGICK_TEMPORARY_PATH' => $folder, 'MAGICK_TMPDIR' => $folder, 'TMPDIR' => $folder],
            timeout: $this->wallSeconds,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException $late) {
            throw PictureFault::beyond("takes longer than {$this->wallSeconds} seconds to read", $late->getMessage());
        } catch (ProcessSignaledException) {
            throw $this->fault($process, []);
        } catch (ProcessException $fault) {
            throw PictureFault::lacking('strength to start reading', $fault->getMessage());
        }
        /** @var array{fault?: string, code?: int, milliseconds?: int, kilobytes?: int}|null $said */
        $said = json_decode($process->getOutput(), true);

        return isset($said['milliseconds'], $said['kilobytes']) && ! isset($said['fault']) ? ['milliseconds' => $said['milliseconds'], 'kilobytes' => $said['kilobytes']] : throw $this->fault($process, $said ?? []);
    }

    /** @param  array{fault?: string, code?: int}  $said */
    private function fault(Process $process, array $said): PictureFault
    {
        $cause = trim(($said['fault'] ?? '').' '.mb_substr($process->getErrorOutput(), 0, 500)." exit {$process->getExitCode()}");
        $signal = $process->hasBeenSignaled() ? $process->getTermSignal() : ($process->getExitCode() > 128 ? $process->getExitCode() - 128 : 0);
        $code = $said['code'] ?? 0;
        $isResource = $code >= self::RESOURCE_CODES[0] && $code <= self::RESOURCE_CODES[1];

        return match (true) {
            preg_match('/no space left|quota exceeded|read-only file system/i', $cause) === 1 => PictureFault::lacking('room on disk', $cause),
            $signal === self::OUT_OF_TIME => PictureFault::beyond("takes longer than {$this->cpuSeconds} seconds to read", $cause),
            $signal === self::FILE_TOO_LARGE => PictureFault::beyond('needs more room to be read than a picture may', $cause),
            $signal === self::KILLED => PictureFault::lacking('memory', $cause),
            $isResource, preg_match('/memory|cache resources|cannot allocate|failed to map/i', $cause) === 1 => PictureFault::beyond('needs more memory to be read than a picture may', $cause),
            default => PictureFault::damaged($cause),
        };
    }

    /** @param  array{milliseconds: int, kilobytes: int}  $said */
    private function sizes(string $folder, array $said): ReadPicture
    {
        $sizes = [];
        foreach (PhotoSize::cases() as $size) {
            foreach (PictureFormat::cases() as $format) {
                $bytes = @file_get_contents("{$folder}/{$size->value}.{$format->value}");
                $sizes[$size->value][$format->value] = $bytes === false || $bytes === '' ? throw PictureFault::damaged("no {$size->value}.{$format->value} was made") : $bytes;
            }
        }

        $samples = @file_get_contents("{$folder}/".PhotoDeriver::SAMPLES);

        return new ReadPicture($sizes, PhotoLook::measured($samples === false ? throw PictureFault::damaged('no samples were made') : $samples), $said['milliseconds'], $said['kilobytes']);
    }

    private function remove(string $folder): void
    {
        foreach (is_dir($folder) ? new FilesystemIterator($folder) : [] as $file) {
            @unlink((string) $file);
        }
        @rmdir($folder);
    }
}
