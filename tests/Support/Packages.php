<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Intake\StartPackage;
use App\Batches\BatchRunner;
use App\Files\Packages\PackageWriter;
use App\Intake\Packages\PackageFromFile;
use App\Models\Batch;
use App\Models\Packages\Package;
use App\Models\Product;
use App\Models\User;
use ZipArchive;

/** Packages as tests write and bring them. */
final class Packages
{
    /** @return string path of a package of the whole catalog */
    public static function written(string $name = 'catalog.zip'): string
    {
        $folder = sys_get_temp_dir() . '/' . uniqid('package');
        mkdir($folder);
        register_shutdown_function(fn() => exec('rm -rf ' . escapeshellarg($folder)));
        $ids = Product::query()->standing()->orderBy('code')->pluck('id')->all();
        app(PackageWriter::class)->write(array_values(array_map(intval(...), $ids)), "{$folder}/{$name}");

        return "{$folder}/{$name}";
    }

    public static function vetted(User $user, string $path): Package
    {
        return app(PackageFromFile::class)->vetted($user, $path);
    }

    /** Everything sound of it is in the catalog then. */
    public static function imported(User $user, Package $package): ?Batch
    {
        $batch = app(StartPackage::class)->run($user, $package);
        while ($batch !== null && app(BatchRunner::class)->advance($batch->id, 600)) {
            // Until nothing is left.
        }

        return $batch?->refresh();
    }

    /** @return array<string, string> what it holds, by name; of the descriptor what does not depend on the time */
    public static function contents(string $path): array
    {
        $zip = new ZipArchive();
        $zip->open($path);
        $contents = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $contents[(string) $zip->getNameIndex($at)] = (string) $zip->getFromIndex($at);
        }
        $zip->close();
        $contents[PackageWriter::DESCRIPTOR] = (string) preg_replace(
            '/"created": "[^"]*"/',
            '"created": ""',
            $contents[PackageWriter::DESCRIPTOR],
        );
        ksort($contents);

        return $contents;
    }

    /** The package with one of its files otherwise; null takes it away. */
    public static function with(string $path, string $name, ?string $content): string
    {
        $other = dirname($path) . '/' . uniqid('other') . '.zip';
        copy($path, $other);
        $zip = new ZipArchive();
        $zip->open($other);
        $content === null ? $zip->deleteName($name) : $zip->addFromString($name, $content);
        $zip->close();

        return $other;
    }
}
