<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Incoming\IncomingFile;
use App\Media\Incoming\InspectedPhoto;
use App\Media\Incoming\PhotoInspector;
use App\Media\Incoming\TakenPhoto;
use App\Media\Looks\PhotoLooks;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Refusals\PhotoRefused;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use League\Flysystem\FilesystemException;
use Throwable;

/** Keeps picture files, each content once, and their derived sizes. */
final class PhotoStore
{
    private const ARRIVING = 'arriving';

    /** Seconds. */
    private const ARRIVES_WITHIN = 3_600;

    /** Seconds in which a file may have been written for a picture whose row is not there yet. */
    private const JUST_NOW = 120;

    public function __construct(private readonly Filesystem $disk, private readonly PhotoInspector $inspector) {}

    /** @throws PhotoRefused */
    public function take(IncomingFile $file): TakenPhoto
    {
        $inspected = $this->inspected($file);
        $sha256 = (string) hash_file('sha256', $file->path);
        $known = Photo::query()->where('sha256', $sha256)->first();
        if ($known !== null) {
            if ($known->state->canBeReadAgain() || !$this->disk->exists(self::originalPath($sha256, $known->type))) {
                $this->keep($file, $sha256, $known->type);
                $this->readAgain($known);
            }

            return new TakenPhoto($known, $inspected->hasMoreFrames);
        }
        $this->keep($file, $sha256, $inspected->type);
        $photo = Photo::query()->createOrFirst(
            ['sha256' => $sha256],
            [
                'type' => $inspected->type,
                'bytes' => $inspected->bytes,
                'width' => $inspected->width,
                'height' => $inspected->height,
                'duration_ms' => $inspected->milliseconds,
                'state' => PhotoState::Waiting,
            ],
        );
        DerivePhoto::dispatch($photo->id)->afterCommit();

        return new TakenPhoto($photo, $inspected->hasMoreFrames);
    }

    /**
     * A file that the looking at breaks off on is refused by itself: those that arrive with it are taken.
     *
     * @throws PhotoRefused
     */
    private function inspected(IncomingFile $file): InspectedPhoto
    {
        try {
            return $this->inspector->inspect($file);
        } catch (PhotoRefused $refusal) {
            throw $refusal;
        } catch (Throwable $error) {
            report($error);
            throw new PhotoRefused(
                "{$file->name} could not be looked at: something broke off on this server, which is not the file’s fault. " .
                    'It was reported. Save it anew, as a plain JPEG, and drop that.',
            );
        }
    }

    /** Has the sizes of a picture made anew. */
    public function readAgain(Photo $photo): void
    {
        $photo->update(['state' => PhotoState::Waiting, 'failure' => null]);
        DerivePhoto::dispatch($photo->id)->afterCommit();
    }

    /** The same because somebody looks at it: behind the pictures that arrive. */
    public function readAgainWhenIdle(Photo $photo): void
    {
        $photo->update(['state' => PhotoState::Waiting, 'failure' => null]);
        DerivePhoto::dispatch($photo->id)->onQueue(PhotoCuts::ASKED_FOR)->afterCommit();
    }

    /** Whether every size is on disk, and what the picture looks like is known. */
    public function isWhole(Photo $photo): bool
    {
        foreach (PhotoSize::cases() as $size) {
            foreach (PictureFormat::cases() as $format) {
                if (!$this->disk->exists(self::derivedPath($photo->sha256, $size, $format))) {
                    return false;
                }
            }
        }

        return PhotoLooks::isThere($photo);
    }

    /** @return ?string the bytes of a size; null where it is not on disk */
    public function derived(Photo $photo, PhotoSize $size, PictureFormat $format = PictureFormat::Jpeg): ?string
    {
        $path = self::derivedPath($photo->sha256, $size, $format);

        return $this->disk->exists($path) ? $this->disk->get($path) : null;
    }

    private function keep(IncomingFile $file, string $sha256, string $type): void
    {
        $stream = Streams::read($file->path);
        try {
            $this->write(self::originalPath($sha256, $type), $stream);
        } catch (FilesystemException $fault) {
            report($fault);
            throw new PhotoRefused(
                "{$file->name} could not be kept: the server has too little room. Drop it again in a while.",
            );
        } finally {
            fclose($stream);
        }
    }

    /**
     * A file is there whole or not at all: on a disk of this machine it is written beside its place and then moved
     * there; a storage that speaks S3 does so by itself.
     *
     * @param  resource|string  $content
     *
     * @throws FilesystemException
     */
    public function write(string $path, mixed $content): void
    {
        $isLocal = $this->disk instanceof LocalFilesystemAdapter;
        $first = $isLocal ? self::ARRIVING . '/' . bin2hex(random_bytes(12)) : $path;
        try {
            is_resource($content) ? $this->disk->writeStream($first, $content) : $this->disk->put($first, $content);
            if ($isLocal) {
                $this->disk->move($first, $path);
            }
        } catch (FilesystemException $fault) {
            if ($isLocal) {
                @unlink($this->disk->path($first));
            }
            throw $fault;
        }
    }

    /** Removes what was being written when the server died. */
    public function removeLeftovers(): void
    {
        foreach ($this->disk->files(self::ARRIVING) as $path) {
            if ($this->disk->lastModified($path) < time() - self::ARRIVES_WITHIN) {
                $this->disk->delete($path);
            }
        }
    }

    /** Removes the original and everything that was made of it; what is being taken in just now stays. */
    public function forget(string $sha256, string $type): void
    {
        $original = self::originalPath($sha256, $type);
        if ($this->disk->exists($original) && $this->disk->lastModified($original) > time() - self::JUST_NOW) {
            return;
        }
        $made = array_filter(
            $this->disk->files('derived/' . substr($sha256, 0, 2)),
            fn(string $path): bool => str_starts_with(basename($path), $sha256),
        );
        $this->disk->delete([$original, ...array_values($made)]);
    }

    public function disk(): Filesystem
    {
        return $this->disk;
    }

    public static function originalPath(string $sha256, string $type): string
    {
        return 'photos/' . substr($sha256, 0, 2) . '/' . $sha256 . '.' . $type;
    }

    public static function derivedPath(
        string $sha256,
        PhotoSize $size,
        PictureFormat $format = PictureFormat::Jpeg,
    ): string {
        return 'derived/' . substr($sha256, 0, 2) . '/' . $sha256 . '-' . $size->value . '.' . $format->value;
    }
}
