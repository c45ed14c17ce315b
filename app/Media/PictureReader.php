<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Incoming\InspectedPhoto;
use App\Media\Looks\PhotoLook;
use App\Media\Marks\CodeReader;
use App\Media\Marks\PictureMarks;
use App\Models\Photo;
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
    /**
     * Seconds between the signal that time is up and the end; without them nobody could tell it from a lack of memory.
     */
    private const GRACE = 5;

    private const OUT_OF_TIME = 24;

    private const KILLED = 9;

    private const FILE_TOO_LARGE = 25;

    private const CRASHED = [4, 6, 7, 8, 11];

    /** What PHP ends with where a fatal error broke it off. */
    private const FATAL = 255;

    private readonly WorkFolder $folders;

    /**
     * @param  string  $work  the folder in which each picture has its own
     * @param  int  $cpuSeconds  of the processor
     * @param  int  $wallSeconds  on the clock
     * @param  int  $mostMemory  address space, in bytes
     * @param  int  $mostDisk  of one temporary file, in bytes
     */
    public function __construct(
        string $work,
        private readonly int $cpuSeconds,
        private readonly int $wallSeconds,
        private readonly int $mostMemory,
        private readonly int $mostDisk,
    ) {
        $this->folders = new WorkFolder($work, 10 * $wallSeconds);
    }

    /** @throws PictureFault */
    public function read(Photo $photo, Filesystem $disk): ReadPicture
    {
        return $this->folders->within(
            fn(string $folder): ReadPicture => $this->ofStill(
                $photo->type,
                max($photo->width, $photo->height),
                $this->fetched($photo, $disk, $folder),
                $folder,
            ),
        );
    }

    /**
     * Reads a file that is not kept.
     *
     * @throws PictureFault
     */
    public function readFile(string $path, InspectedPhoto $inspected): ReadPicture
    {
        return $this->folders->within(
            fn(string $folder): ReadPicture => $this->ofStill(
                $inspected->type,
                max($inspected->width, $inspected->height),
                (string) realpath($path),
                $folder,
            ),
        );
    }

    /** @throws PictureFault */
    private function ofStill(string $type, int $longerSide, string $original, string $folder): ReadPicture
    {
        [$stillType, $still] =
            MediaKind::ofType($type) === MediaKind::Still
                ? [$type, $original]
                : Posters::still($original, $type, $folder);

        return $this->sizes($folder, $this->decoded($stillType, $longerSide, $still, $folder));
    }

    /** Removes what a reader that was killed has left behind. */
    public function removeLeftovers(): void
    {
        $this->folders->removeLeftovers();
    }

    /** @return list<string> what the codes in a gray copy hold */
    protected function codes(string $path): array
    {
        return CodeReader::read($path);
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
            throw $copied === false || ($copied < $photo->bytes && (int) @disk_free_space($folder) < $photo->bytes)
                ? PictureFault::lacking('room on disk', "copied {$copied} of {$photo->bytes} bytes")
                : PictureFault::lost($path);
        }

        return $original;
    }

    /** @return array{milliseconds: int, kilobytes: int} what the process said */
    protected function decoded(string $type, int $longerSide, string $original, string $folder): array
    {
        $process = BoundedProcess::of(
            [
                '--cpu=' . $this->cpuSeconds . ':' . ($this->cpuSeconds + self::GRACE),
                "--as={$this->mostMemory}",
                "--fsize={$this->mostDisk}",
            ],
            [
                PHP_BINARY,
                '-n',
                '-d',
                'extension=imagick',
                '-d',
                'memory_limit=256M',
                '-d',
                'display_errors=stderr',
                __DIR__ . '/read-picture.php',
                $original,
                $type,
                (string) $longerSide,
                $folder,
            ],
            $this->wallSeconds,
            $folder,
            [
                'MAGICK_CONFIGURE_PATH' => __DIR__ . '/imagemagick',
                'MAGICK_TEMPORARY_PATH' => $folder,
                'MAGICK_TMPDIR' => $folder,
                'TMPDIR' => $folder,
            ],
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
        $said = json_decode($process->getOutput(), true);
        if (
            !is_array($said) ||
            isset($said['fault']) ||
            !is_int($said['milliseconds'] ?? null) ||
            !is_int($said['kilobytes'] ?? null)
        ) {
            throw $this->fault($process, is_array($said) ? $said : []);
        }

        return ['milliseconds' => $said['milliseconds'], 'kilobytes' => $said['kilobytes']];
    }

    /**
     * Three things can be wrong with a file: it is damaged, it is beyond a limit, or it is of a kind that is not read.
     * Whatever else broke the reading off is not the file's fault.
     *
     * @param  array<array-key, mixed>  $said
     */
    private function fault(Process $process, array $said): PictureFault
    {
        $errors = mb_substr(mb_scrub($process->getErrorOutput()), 0, 500);
        $exit = (int) $process->getExitCode();
        $told = is_string($said['fault'] ?? null) ? $said['fault'] : '';
        $cause = trim("{$told} {$errors} exit {$exit}");
        $signal = $process->hasBeenSignaled() ? $process->getTermSignal() : max(0, $exit - 128);

        return match (true) {
            preg_match('/no space left|quota exceeded|read-only file system/i', $cause) === 1 => PictureFault::lacking(
                'room on disk',
                $cause,
            ),
            $signal === self::OUT_OF_TIME => PictureFault::beyond(
                "takes longer than {$this->cpuSeconds} seconds to read",
                $cause,
            ),
            $signal === self::FILE_TOO_LARGE => PictureFault::beyond(
                'needs more room to be read than a picture may',
                $cause,
            ),
            $signal === self::KILLED => PictureFault::lacking('memory', $cause),
            preg_match('/allowed memory size|cannot allocate|failed to map|bad_alloc|out of memory/i', $errors) === 1
                => PictureFault::beyond('needs more memory to be read than a picture may', $cause),
            isset($said['code']) => self::ofDecoder((int) $said['code'], $told, $cause),
            in_array($signal, self::CRASHED, true) && $exit !== self::FATAL => PictureFault::damaged($cause),
            default => PictureFault::ours($cause),
        };
    }

    /** What the picture library's own code of a fault means. Source: MagickCore/exception.h, ExceptionType. */
    private static function ofDecoder(int $code, string $told, string $cause): PictureFault
    {
        $isUnknown = preg_match('/not supported|unsupported|no decode delegate|not authorized/i', $told) === 1;

        return match (true) {
            $code >= 400 && $code < 405 => PictureFault::beyond(
                'needs more memory to be read than a picture may',
                $cause,
            ),
            $code >= 420 && $code < 425, $code === 499, $isUnknown => PictureFault::unknown($cause),
            // A file that cannot be opened, or a cache that cannot be written, lies on this machine.
            $code >= 430 && $code < 435, $code >= 445 && $code < 450 => PictureFault::ours($cause),
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
                $sizes[$size->value][$format->value] =
                    $bytes === false || $bytes === ''
                        ? throw PictureFault::ours("no {$size->value}.{$format->value} was made")
                        : $bytes;
            }
        }

        $samples = @file_get_contents("{$folder}/" . PhotoDeriver::SAMPLES);
        $samples = $samples === false ? throw PictureFault::ours('no samples were made') : $samples;
        /** @var array{exif: array<string, string>} $written */
        $written = json_decode($samples, true, flags: JSON_THROW_ON_ERROR);

        return new ReadPicture(
            $sizes,
            PhotoLook::measured($samples),
            PictureMarks::of($written['exif'], $this->codes("{$folder}/" . PhotoDeriver::FOR_CODES)),
            $said['milliseconds'],
            $said['kilobytes'],
        );
    }
}
