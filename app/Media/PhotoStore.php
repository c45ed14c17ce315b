<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Contracts\Filesystem\Filesystem;

/** Keeps picture files, each content once, and their derived sizes. */
final class PhotoStore
{
    public function __construct(
        private readonly Filesystem $disk,
        private readonly PhotoInspector $inspector,
    ) {
    }

    /** @throws PhotoRefused */
    public function take(IncomingFile $file): Photo
    {
        $inspected = $this->inspector->inspect($file);
        $sha256 = (string) hash_file('sha256', $file->path);
        $known = Photo::query()->where('sha256', $sha256)->first();
        if ($known !== null) {
            return $known;
        }
        $stream = fopen($file->path, 'rb');
        $this->disk->writeStream(self::originalPath($sha256, $inspected->type), $stream);
        fclose($stream);
        $photo = Photo::query()->createOrFirst(['sha256' => $sha256], [
            'type' => $inspected->type,
            'bytes' => $inspected->bytes,
            'width' => $inspected->width,
            'height' => $inspected->height,
            'state' => PhotoState::Waiting,
        ]);
        DerivePhoto::dispatch($photo->id)->afterCommit();

        return $photo;
    }

    public function disk(): Filesystem
    {
        return $this->disk;
    }

    public static function originalPath(string $sha256, string $type): string
    {
        return 'photos/'.substr($sha256, 0, 2).'/'.$sha256.'.'.$type;
    }

    public static function derivedPath(string $sha256, PhotoSize $size): string
    {
        return 'derived/'.substr($sha256, 0, 2).'/'.$sha256.'-'.$size->value.'.jpg';
    }
}
