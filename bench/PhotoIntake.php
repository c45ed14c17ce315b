<?php

declare(strict_types=1);

namespace Bench;

use App\Media\DerivePhoto;
use App\Media\Incoming\IncomingFile;
use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Media\PictureReader;
use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Imagick;
use RuntimeException;

/** Photos stored, read in a process each, measured and kept; beside ImageMagick alone that makes the same sizes. */
final class PhotoIntake
{
    private const PHOTOS = 200;

    private const IN_TURN = 10;

    public static function measure(): Result
    {
        $files = new Filesystem();
        $folder = sys_get_temp_dir() . '/slate-bench-' . getmypid();
        $files->ensureDirectoryExists("{$folder}/bare");
        config(['filesystems.disks.' . config('filesystems.default') . '.root' => "{$folder}/store"]);
        Storage::forgetDisk(config('filesystems.default'));
        try {
            [$ours, $bare] = self::times($folder);
        } finally {
            $files->deleteDirectory($folder);
            DB::table('jobs')->delete();
        }

        return new Result(
            'photo intake',
            self::PHOTOS . ' photos of 1600×1600',
            $ours / $bare,
            1.6,
            sprintf(
                '%.0f ms beside %.0f ms each; %d MB at most for one',
                $ours / self::PHOTOS / 1e6,
                $bare / self::PHOTOS / 1e6,
                (int) Photo::query()->max('read_kilobytes') / 1024,
            ),
        );
    }

    /** @return array{int, int} nanoseconds for all */
    private static function times(string $folder): array
    {
        $drawn = glob(dirname(__DIR__) . '/database/demo/photos/*.jpg') ?: [];
        [$store, $reader] = [app(PhotoStore::class), app(PictureReader::class)];
        [$ours, $bare] = [0, 0];
        for ($from = 0; $from < self::PHOTOS; $from += self::IN_TURN) {
            $paths = [];
            for ($at = $from; $at < $from + self::IN_TURN; $at++) {
                // What stands after the end of a JPEG is no part of the picture, and makes another file of it.
                file_put_contents(
                    $paths[] = "{$folder}/{$at}.jpg",
                    file_get_contents($drawn[$at % count($drawn)]) . "bench {$at}",
                );
            }
            $start = hrtime(true);
            foreach ($paths as $path) {
                $photo = $store->take(new IncomingFile($path, basename($path)))->photo;
                (new DerivePhoto($photo->id))->handle($store, $reader);
                if ($photo->refresh()->state !== PhotoState::Ready) {
                    throw new RuntimeException("{$path}: {$photo->failure}");
                }
            }
            $ours += hrtime(true) - $start;
            $start = hrtime(true);
            array_map(fn(string $path) => self::bare($path, "{$folder}/bare"), $paths);
            $bare += hrtime(true) - $start;
            array_map(unlink(...), $paths);
        }

        return [$ours, $bare];
    }

    private static function bare(string $path, string $folder): void
    {
        copy($path, "{$folder}/original.jpg");
        $picture = new Imagick($path);
        $picture->stripImage();
        $picture->setOption('webp:method', '2');
        foreach (PhotoSize::fromLargest() as $size) {
            if (max($picture->getImageWidth(), $picture->getImageHeight()) > $size->side()) {
                $picture->resizeImage($size->side(), $size->side(), Imagick::FILTER_TRIANGLE, 1.0, true);
            }
            foreach ([['jpeg', 84], ['webp', 80]] as [$format, $quality]) {
                $picture->setImageFormat($format);
                $picture->setImageCompressionQuality($quality);
                $picture->writeImage("{$format}:{$folder}/{$size->value}.{$format}");
            }
        }
        $picture->clear();
    }
}
