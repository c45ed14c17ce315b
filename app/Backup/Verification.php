<?php

declare(strict_types=1);

namespace App\Backup;

use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Refusals\BackupFault;
use Generator;
use Illuminate\Support\Facades\DB;

/** Looks whether every kept file is there and is what it was, every size, and every row's owner; mends what can be. */
final class Verification
{
    private const CHUNK = 200;

    public function __construct(private readonly PhotoStore $store) {}

    /** @return Generator<Damage> */
    public function run(bool $mend): Generator
    {
        foreach (Photo::query()->orderBy('id')->lazyById(self::CHUNK) as $photo) {
            yield from $this->photo($photo, $mend);
        }
        foreach ($this->ownerless() as $place) {
            yield new Damage('A row belongs to nothing', $place, false);
        }
        yield from $this->strays();
    }

    /** @return Generator<Damage> */
    private function photo(Photo $photo, bool $mend): Generator
    {
        $path = PhotoStore::originalPath($photo->sha256, $photo->type);
        if (!$this->store->disk()->exists($path)) {
            yield new Damage('The file of a picture is missing', $path, false);
            if ($mend) {
                $photo->update([
                    'state' => PhotoState::Failed,
                    'failure' => 'The file of this picture is missing. Drop it again.',
                ]);
            }

            return;
        }
        if ($this->checksum($path) !== $photo->sha256) {
            yield new Damage('The file of a picture is not what it was', $path, false);

            return;
        }
        if ($photo->state === PhotoState::Ready && !$this->store->isWhole($photo)) {
            yield new Damage('A size or a measurement of a picture is missing', $path, $mend);
            if ($mend) {
                $this->store->readAgain($photo);
            }
        } elseif ($photo->state === PhotoState::Waiting && !$this->isQueued($photo)) {
            yield new Damage('A picture waits to be read, and nothing is to read it', $path, $mend);
            if ($mend) {
                $this->store->readAgain($photo);
            }
        }
    }

    private function checksum(string $path): string
    {
        $stream = $this->store->disk()->readStream($path) ?? throw new BackupFault("{$path} cannot be read.");
        $hash = hash_init('sha256');
        hash_update_stream($hash, $stream);
        fclose($stream);

        return hash_final($hash);
    }

    private function isQueued(Photo $photo): bool
    {
        return DB::table('jobs')
            ->where('payload', 'like', '%DerivePhoto%')
            ->where('payload', 'like', '%photoId\\\\";i:' . $photo->id . ';%')
            ->exists();
    }

    /** @return list<string> rows whose product, axis, value or photo is not there */
    private function ownerless(): array
    {
        $found = [];
        foreach (
            [
                ['skus', 'product_id', 'products'],
                ['placements', 'product_id', 'products'],
                ['placements', 'photo_id', 'photos'],
                ['product_axes', 'product_id', 'products'],
                ['product_axes', 'axis_id', 'axes'],
                ['product_values', 'value_id', 'axis_values'],
                ['axis_values', 'axis_id', 'axes'],
                ['facts', 'product_id', 'products'],
                ['details', 'product_id', 'products'],
            ]
            as [$table, $column, $owner]
        ) {
            foreach (
                DB::table($table)
                    ->leftJoin($owner, "{$owner}.id", '=', "{$table}.{$column}")
                    ->whereNull("{$owner}.id")
                    ->whereNotNull("{$table}.{$column}")
                    ->limit(self::CHUNK)
                    ->pluck("{$table}.id")
                as $id
            ) {
                $found[] = "{$table} {$id}";
            }
        }

        return $found;
    }

    /**
     * Files in the store that no picture has. They are named, not removed: somebody may want them back with an older
     * database. Those of the last hour may still be arriving.
     *
     * @return Generator<Damage>
     */
    private function strays(): Generator
    {
        foreach (array_chunk($this->store->disk()->allFiles('photos'), self::CHUNK) as $paths) {
            $known = Photo::query()
                ->whereIn('sha256', array_map(fn(string $path): string => pathinfo($path, PATHINFO_FILENAME), $paths))
                ->pluck('sha256')
                ->all();
            foreach ($paths as $path) {
                if (
                    !in_array(pathinfo($path, PATHINFO_FILENAME), $known, true) &&
                    $this->store->disk()->lastModified($path) < time() - 3600
                ) {
                    yield new Damage('A file in the store belongs to no picture', $path, false);
                }
            }
        }
    }
}
