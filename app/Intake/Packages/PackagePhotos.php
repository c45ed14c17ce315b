<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Files\Packages\PackageFile;
use App\Files\Packages\PackedPhoto;
use App\Media\Incoming\IncomingFile;
use App\Media\PhotoStore;
use App\Media\Streams;
use App\Media\WorkFolder;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Refusals\PackageRefused;
use App\Refusals\PhotoRefused;
use Illuminate\Support\Facades\DB;
use League\Flysystem\FilesystemException;

/**
 * The pictures of packages. They lie on the disk that all machines share until they are imported, beside the pictures
 * of the catalog, and are none of these.
 */
final readonly class PackagePhotos
{
    private const TABLE = 'package_photos';

    private const FOLDER = 'incoming/packages';

    private const CHUNK = 500;

    private const KEPT_DAYS = 30;

    public function __construct(private PhotoStore $store, private WorkFolder $folders) {}

    /** @param  array<string, PackedPhoto>  $photos  by checksum */
    public static function list(Package $package, array $photos): void
    {
        DB::table(self::TABLE)->where('package_id', $package->id)->delete();
        foreach (array_chunk($photos, self::CHUNK) as $chunk) {
            DB::table(self::TABLE)->insert(
                array_map(
                    fn(PackedPhoto $photo): array => [
                        'package_id' => $package->id,
                        'sha256' => $photo->sha256,
                        'path' => mb_substr($photo->path, 0, 300),
                        'bytes' => $photo->bytes,
                    ],
                    $chunk,
                ),
            );
        }
    }

    /** @return array{int, int} how many of its pictures are unpacked, and how many there are */
    public function counts(Package $package): array
    {
        $all = DB::table(self::TABLE)->where('package_id', $package->id);

        return [(clone $all)->where('is_kept', true)->count(), $all->count()];
    }

    /**
     * Takes pictures out of the package, each held against its checksum, as far as the time reaches.
     *
     * @throws PackageRefused where one of them is not what the package says
     */
    public function unpack(Package $package, PackageFile $file, string $folder, float $end): void
    {
        $open = DB::table(self::TABLE)
            ->where('package_id', $package->id)
            ->where('is_kept', false)
            ->orderBy('sha256')
            ->pluck('sha256');
        foreach ($open as $sum) {
            if (microtime(true) >= $end) {
                return;
            }
            $photo = $file->photos[$sum] ?? throw new PackageRefused("{$package->name} is another file than before.");
            $path = "{$folder}/picture";
            $file->extract($photo, $path);
            $this->keep($package, $photo, $path);
        }
        $package->update(['state' => PackageState::Vetting, 'through' => 0, 'beat_at' => now()]);
    }

    private function keep(Package $package, PackedPhoto $photo, string $path): void
    {
        $stream = Streams::read($path);
        try {
            $this->store->write(self::place($package->id, $photo->sha256), $stream);
        } catch (FilesystemException $fault) {
            report($fault);
            throw new PackageRefused('The server has too little room for the pictures. Bring the package again later.');
        } finally {
            fclose($stream);
            @unlink($path);
        }
        DB::table(self::TABLE)
            ->where('package_id', $package->id)
            ->where('sha256', $photo->sha256)
            ->update(['is_kept' => true]);
        $package->update(['beat_at' => now()]);
    }

    /**
     * Makes pictures of a package pictures of the catalog; those that it has already are the same.
     *
     * @param  list<string>  $sums
     * @return array<string, string> why it cannot be taken, by checksum
     */
    public function takeIn(int $packageId, array $sums): array
    {
        $known = DB::table('photos')->whereIn('sha256', $sums)->pluck('sha256')->all();
        $open = DB::table(self::TABLE)
            ->where('package_id', $packageId)
            ->whereIn('sha256', array_diff($sums, $known))
            ->pluck('path', 'sha256')
            ->all();

        return $open === []
            ? []
            : $this->folders->within(function (string $folder) use ($packageId, $open): array {
                $refused = [];
                foreach ($open as $sum => $path) {
                    try {
                        $this->take($packageId, $sum, basename($path), $folder);
                    } catch (PhotoRefused $refusal) {
                        $refused[$sum] = $refusal->getMessage();
                    }
                }

                return $refused;
            });
    }

    private function take(int $packageId, string $sum, string $name, string $folder): void
    {
        $place = self::place($packageId, $sum);
        $disk = $this->store->disk();
        $stream = $disk->exists($place) ? $disk->readStream($place) : null;
        if ($stream === null) {
            throw new PhotoRefused("{$name} is not kept any more. Bring the package again.");
        }
        $path = "{$folder}/{$sum}";
        file_put_contents($path, $stream);
        fclose($stream);
        try {
            $this->store->take(new IncomingFile($path, $name));
        } finally {
            @unlink($path);
        }
    }

    /** Lets go of the pictures of packages that came long ago. */
    public function prune(): void
    {
        foreach (Package::query()->where('created_at', '<', now()->subDays(self::KEPT_DAYS))->pluck('id') as $id) {
            $this->forget($id);
        }
    }

    public function forget(int $packageId): void
    {
        $this->store->disk()->deleteDirectory(self::FOLDER . "/{$packageId}");
    }

    private static function place(int $packageId, string $sum): string
    {
        return self::FOLDER . "/{$packageId}/{$sum}";
    }
}
