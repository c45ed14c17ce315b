<?php

declare(strict_types=1);

namespace App\Intake\Table;

use App\Intake\DropFingerprint;
use App\Intake\DropReading;
use App\Intake\ReadDrop;
use App\Intake\ReadFile;
use App\Models\Drop;
use App\Store\ConsistentRead;
use App\Store\Library\ViewShelf;
use Illuminate\Contracts\Cache\Repository;

/**
 * Drops as they were read last. Reading thousands of files takes a second or two: as long as nothing has changed that
 * they are read by, what was read is kept, and looked at in portions. What is settled is shown at once; whether it
 * changes how others are read is looked at with the next look.
 */
final class DropTables
{
    /** Drops of fewer files are read anew each time. */
    private const LEAST = 100;

    private const PORTION = 50;

    /**
     * Seconds. What the stamp does not see is seen then at the latest: that a picture was linked to a product which none
     * of the files is read to be of, and is nearly the same as one of them.
     */
    private const KEPT = 900;

    /** @var array<int, ?KeptTable> as they were kept or found last, by id of the drop; looked at anew each time */
    private array $last = [];

    public function __construct(
        private readonly Repository $cache,
        private readonly DropReading $reading,
        private readonly ViewShelf $shelf,
    ) {}

    /** As it stands now. */
    public function of(Drop $drop): DropTable
    {
        $pulse = DropFingerprint::of($drop);
        $kept = $this->kept($drop, $pulse);

        return $kept === null || $kept->isAhead
            ? $this->read($drop, $pulse)
            : $this->table($drop, $kept, $kept->lines(), $pulse);
    }

    /** As it stood just before something is done with it; null where that is not kept. */
    public function before(Drop $drop): ?KeptTable
    {
        return $this->kept($drop, DropFingerprint::of($drop));
    }

    /**
     * As it stands after some of its files were settled, and nothing else was done.
     *
     * @param  ?KeptTable  $before  as it stood before
     * @param  list<int>  $ids
     */
    public function after(Drop $drop, ?KeptTable $before, array $ids): DropTable
    {
        if ($before === null) {
            return $this->of($drop);
        }
        $settled = $this->reading->settled($drop, $this->files($drop, $before, $ids));
        $lines = DropTable::inOrder(array_replace($before->lines(), array_map(DropLine::of(...), $settled)));
        $stamp = DropStamp::of(DropFingerprint::of($drop), KeptTable::products($lines));
        $kept = $before->with($lines, $settled, $stamp);
        $this->last[$drop->id] = $kept;
        $this->cache->put($this->key($drop), $kept, self::KEPT);

        return $this->table($drop, $kept, $lines, '');
    }

    /**
     * Some files of it, as they are read now.
     *
     * @param  list<int>  $ids
     */
    public function some(Drop $drop, array $ids): ReadDrop
    {
        $kept = $this->before($drop);

        return $kept === null
            ? $this->reading->of($drop)
            : new ReadDrop($drop, $this->files($drop, $kept, $ids), $this->shelf->views());
    }

    private function read(Drop $drop, string $pulse): DropTable
    {
        // The stamp is of the moment at which all is read: what is changed meanwhile makes another.
        [$read, $lines, $stamp] = ConsistentRead::of(function () use ($drop, $pulse): array {
            $read = $this->reading->of($drop);
            $lines = DropTable::inOrder(array_map(DropLine::of(...), $read->files));

            return [$read, $lines, DropStamp::of($pulse, KeptTable::products($lines))];
        });
        if (count($lines) >= self::LEAST) {
            $orders = [array_keys($lines), DropTable::byProduct($lines)];
            foreach ($orders as $order => $ids) {
                foreach (array_chunk($ids, self::PORTION) as $portion => $own) {
                    $files = array_map(fn(int $id): ReadFile => $read->files[$id], array_combine($own, $own));
                    // Each by itself, since a page may need few of a portion; its product, which others have, once.
                    $bare = array_map(
                        fn(ReadFile $one): array => [$one->product?->id, serialize($one->withProduct(null))],
                        $files,
                    );
                    $this->cache->put(
                        $this->portion($drop, $stamp, $order, $portion),
                        [$bare, self::products($files)],
                        self::KEPT,
                    );
                }
            }
            $this->last[$drop->id] = KeptTable::of($stamp, $lines, $orders);
            $this->cache->put($this->key($drop), $this->last[$drop->id], self::KEPT);
        }

        return new DropTable(
            $drop,
            $lines,
            fn(array $ids): array => array_intersect_key($read->files, array_flip($ids)),
            $pulse,
        );
    }

    /** @param  array<int, DropLine>  $lines */
    private function table(Drop $drop, KeptTable $kept, array $lines, string $pulse): DropTable
    {
        return new DropTable(
            $drop,
            $lines,
            fn(array $ids): array => $this->files($drop, $kept, $ids),
            $pulse,
            $kept->isAhead,
        );
    }

    /** @param  string  $pulse  DropFingerprint of now */
    private function kept(Drop $drop, string $pulse): ?KeptTable
    {
        $isNow = fn(?KeptTable $kept): bool => $kept !== null &&
            $kept->stamp === DropStamp::of($pulse, $kept->productIds);
        $last = $this->last[$drop->id] ?? null;
        if (!$isNow($last)) {
            $kept = $this->cache->get($this->key($drop));
            $last = $kept instanceof KeptTable && $isNow($kept) ? $kept : null;
        }

        return $this->last[$drop->id] = $last;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, ReadFile> by id; those that are there
     */
    private function files(Drop $drop, KeptTable $kept, array $ids): array
    {
        $files = array_intersect_key($kept->settled(), array_flip($ids));
        $wanted = array_flip(array_diff($ids, array_keys($files)));
        $products = [];
        [$order, $portions] = $kept->portionsOf(array_keys($wanted), self::PORTION);
        foreach ($portions as $portion) {
            [$own, $written] = $this->cache->get($this->portion($drop, $kept->readAt, $order, $portion)) ?? [
                null,
                null,
            ];
            if ($own === null) {
                // What keeps them may have dropped a part of them.
                return array_intersect_key($this->reading->of($drop)->files, array_flip($ids));
            }
            foreach (array_intersect_key($own, $wanted) as $id => [$productId, $file]) {
                $products[$productId] ??= isset($written[$productId]) ? unserialize($written[$productId]) : null;
                $files[$id] = unserialize($file)->withProduct($products[$productId]);
            }
        }

        return $files;
    }

    /**
     * @param  array<int, ReadFile>  $files
     * @return array<int, string> serialized, by id
     */
    private static function products(array $files): array
    {
        $products = [];
        foreach ($files as $file) {
            if ($file->product !== null) {
                $products[$file->product->id] ??= serialize($file->product);
            }
        }

        return $products;
    }

    private function key(Drop $drop): string
    {
        return "drop-table {$drop->id}";
    }

    private function portion(Drop $drop, string $stamp, int $order, int $portion): string
    {
        return "drop-table {$drop->id} {$stamp} {$order} {$portion}";
    }
}
