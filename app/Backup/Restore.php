<?php

declare(strict_types=1);

namespace App\Backup;

use App\Media\PhotoStore;
use App\Media\Streams;
use App\Models\Photo;
use App\Models\Product;
use App\Refusals\BackupFault;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Brings a backup into an empty place: the database, the originals, and the sizes made of them anew. */
final class Restore
{
    public function __construct(
        private readonly Dump $dump,
        private readonly PhotoStore $store,
        private readonly Verification $verification,
    ) {}

    /**
     * @return Manifest what was restored; the sizes of its pictures are made by the queue
     *
     * @throws BackupFault before anything is written, where the place is not empty or the backup not whole
     */
    public function from(string $folder): Manifest
    {
        $manifest = Manifest::read($folder);
        if (Schema::hasTable('products') && (Product::query()->exists() || Photo::query()->exists())) {
            throw new BackupFault(
                'There are products or pictures here already. Restore into an empty place: another database, or this one after “bin/start --fresh --no-demo”.',
            );
        }
        // Originals first: as soon as the rows are there, so is all that they name.
        foreach ($manifest->photos as $sha256 => $type) {
            $stream = Streams::read(Manifest::photo($folder, (string) $sha256, $type));
            $this->store->write(PhotoStore::originalPath((string) $sha256, $type), $stream);
            fclose($stream);
        }
        Schema::dropAllTables();
        $this->dump->read("{$folder}/" . Manifest::DATABASE);
        DB::purge();
        // A backup of an older version is brought up to this one.
        Artisan::call('migrate', ['--force' => true]);
        // The sizes are made by the queue from here on.
        iterator_count($this->verification->run(mend: true));

        return $manifest;
    }
}
