<?php

declare(strict_types=1);

namespace Bench;

use App\Media\DerivePhoto;
use App\Media\Incoming\IncomingFile;
use App\Media\PhotoStore;
use App\Media\PictureReader;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Imagick;

/** What the process holds that takes in a thousand pictures, beside what it held after a hundred. */
final class PictureMemory
{
    private const PICTURES = 1_000;

    private const FIRST = 100;

    public static function measure(): Result
    {
        $files = new Filesystem();
        $folder = sys_get_temp_dir() . '/slate-bench-' . getmypid();
        $files->ensureDirectoryExists($folder);
        config(['filesystems.disks.' . config('filesystems.default') . '.root' => "{$folder}/store"]);
        Storage::forgetDisk(config('filesystems.default'));
        [$store, $reader] = [app(PhotoStore::class), app(PictureReader::class)];
        try {
            $first = 0;
            for ($at = 1; $at <= self::PICTURES; $at++) {
                $picture = new Imagick();
                $picture->newPseudoImage(
                    320,
                    320,
                    sprintf('gradient:#%06x-#%06x', ($at * 7919) % 0xffffff, ($at * 104729) % 0xffffff),
                );
                $picture->setImageFormat('jpeg');
                $picture->writeImage($path = "{$folder}/{$at}.jpg");
                $picture->clear();
                $photo = $store->take(new IncomingFile($path, basename($path)))->photo;
                (new DerivePhoto($photo->id))->handle($store, $reader);
                unlink($path);
                $first = $at === self::FIRST ? memory_get_usage() : $first;
            }
            gc_collect_cycles();
            $last = memory_get_usage();
        } finally {
            $files->deleteDirectory($folder);
            DB::table('jobs')->delete();
        }

        return new Result(
            'memory of taking in',
            number_format(self::PICTURES) . ' pictures',
            $last / $first,
            1.1,
            sprintf('%.1f MB after %d, %.1f MB at the end', $first / 1_048_576, self::FIRST, $last / 1_048_576),
        );
    }
}
