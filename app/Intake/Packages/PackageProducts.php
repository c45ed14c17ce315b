<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Packages\Package;
use App\Refusals\PackageRefused;
use App\Store\Products\Portions;
use Core\Product\Document\ProductDocument;
use Core\Sheets\Verdicts\SheetVerdict;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The products of packages, as they are stored until they are imported. */
final class PackageProducts
{
    private const TABLE = 'package_products';

    private const CHUNK = 500;

    /** Bytes that are written in one statement. */
    private const MOST_BYTES = 4 * 1024 * 1024;

    /** Bytes that a SKU takes in a packed document at least. */
    private const BYTES_OF_A_SKU = 20;

    /** Products of a page. */
    public const PAGE = 50;

    /** @var list<array<string, mixed>> that wait to be written */
    private array $waiting = [];

    private int $bytes = 0;

    public function clear(Package $package): void
    {
        DB::table(self::TABLE)->where('package_id', $package->id)->delete();
    }

    /**
     * @param  string  $double  what another product of the package says already; empty for nothing
     *
     * @throws PackageRefused
     */
    public function add(Package $package, int $position, ProductDocument $document, string $double): void
    {
        $title = $document->title();
        $packed =
            gzcompress($document->json) ?: throw new PackageRefused('The server has too little room for the package.');
        $this->waiting[] = [
            'package_id' => $package->id,
            'position' => $position,
            'code' => mb_substr($title->code, 0, 200),
            'name' => mb_substr($title->name, 0, 200),
            'document' => $packed,
            'double' => mb_strimwidth($double, 0, 400, '…'),
        ];
        $this->bytes += strlen($packed);
        if ($this->bytes > self::MOST_BYTES || count($this->waiting) >= self::CHUNK) {
            $this->flush();
        }
    }

    public function flush(): void
    {
        if ($this->waiting !== []) {
            DB::table(self::TABLE)->insert($this->waiting);
            $this->waiting = [];
            $this->bytes = 0;
        }
    }

    /**
     * @param  int  $most  as far as they can be held in memory together
     * @return list<PackedProduct> in their order
     */
    public function after(Package $package, int $after, int $most): array
    {
        $next = DB::table(self::TABLE)
            ->where('package_id', $package->id)
            ->where('position', '>', $after)
            ->orderBy('position')
            ->limit($most);
        $sizes = $this->sizes(clone $next, 'position');

        return $this->read($next->limit(Portions::fitting(array_values($sizes))));
    }

    /**
     * @param  list<int>  $batchPositions
     * @return array<int, int> place in the batch => SKUs of the product, about
     */
    public function sizesOfBatch(string $batchId, array $batchPositions): array
    {
        return $this->sizes(
            DB::table(self::TABLE)->where('batch_id', $batchId)->whereIn('batch_position', $batchPositions),
            'batch_position',
        );
    }

    /** @return array<int, int> by the column of their places: SKUs of each product, about */
    private function sizes(Builder $rows, string $place): array
    {
        return array_map(
            fn(mixed $bytes): int => intdiv((int) $bytes, self::BYTES_OF_A_SKU) + 1,
            $rows
                ->selectRaw("{$place} as place, octet_length(document) as bytes")
                ->pluck('bytes', 'place')
                ->all(),
        );
    }

    /**
     * @param  list<int>  $batchPositions
     * @return array<int, PackedProduct> by place in the batch
     */
    public function ofBatch(string $batchId, array $batchPositions): array
    {
        $found = [];
        foreach (
            $this->read(DB::table(self::TABLE)->where('batch_id', $batchId)->whereIn('batch_position', $batchPositions))
            as $product
        ) {
            $found[$product->batchPosition ?? 0] = $product;
        }

        return $found;
    }

    /** @return list<PackedProduct> */
    private function read(Builder $rows): array
    {
        return array_values($rows->get()->map(PackedProduct::of(...))->all());
    }

    /** @param  array<int, PackageVerdict>  $verdicts  by position */
    public function note(Package $package, array $verdicts): void
    {
        foreach ($verdicts as $position => $verdict) {
            DB::table(self::TABLE)
                ->where('package_id', $package->id)
                ->where('position', $position)
                ->update([
                    'verdict' => $verdict->verdict->value,
                    'words' => mb_strimwidth($verdict->words, 0, 400, '…'),
                    'product_id' => $verdict->productId,
                ]);
        }
    }

    /** @return array<string, int> verdict => products */
    public function counts(Package $package): array
    {
        return array_map(
            intval(...),
            DB::table(self::TABLE)
                ->where('package_id', $package->id)
                ->groupBy('verdict')
                ->selectRaw('verdict, count(*) as products')
                ->pluck('products', 'verdict')
                ->all(),
        );
    }

    /** @return list<PackageRow> one more than a page where there are more */
    public function page(Package $package, ?SheetVerdict $verdict, int $after): array
    {
        return $this->listed(
            DB::table(self::TABLE)
                ->where('package_id', $package->id)
                ->when($verdict !== null, fn(Builder $query) => $query->where('verdict', $verdict?->value))
                ->where('position', '>', $after)
                ->orderBy('position')
                ->limit(self::PAGE + 1),
        );
    }

    /** @return list<PackageRow> all of them */
    public function all(Package $package): array
    {
        return $this->listed(DB::table(self::TABLE)->where('package_id', $package->id)->orderBy('position'));
    }

    /** @return list<PackageRow> */
    private function listed(Builder $rows): array
    {
        return array_values(
            $rows
                ->get(['position', 'code', 'name', 'verdict', 'words'])
                ->map(
                    fn($row): PackageRow => new PackageRow(
                        (int) $row->position,
                        $row->code,
                        $row->name,
                        SheetVerdict::tryFrom($row->verdict),
                        $row->words,
                    ),
                )
                ->all(),
        );
    }

    /** @return array<int, int|string> position => product id, or what a new one is called: those that are sound */
    public function sound(Package $package): array
    {
        $sound = [];
        foreach (
            DB::table(self::TABLE)
                ->where('package_id', $package->id)
                ->whereIn('verdict', [SheetVerdict::Fresh->value, SheetVerdict::Changed->value])
                ->orderBy('position')
                ->get(['position', 'product_id', 'code', 'name'])
            as $row
        ) {
            $sound[(int) $row->position] =
                $row->product_id === null ? trim("{$row->code} {$row->name}") : (int) $row->product_id;
        }

        return $sound;
    }

    /** @param  list<int>  $positions  in the order of the batch */
    public function begin(Package $package, string $batchId, array $positions): void
    {
        foreach (array_chunk($positions, self::CHUNK, true) as $chunk) {
            $cases = '';
            foreach ($chunk as $at => $position) {
                $cases .= " when {$position} then " . ($at + 1);
            }
            DB::table(self::TABLE)
                ->where('package_id', $package->id)
                ->whereIn('position', $chunk)
                ->update(['batch_id' => $batchId, 'batch_position' => DB::raw("case position{$cases} end")]);
        }
    }

    /** The last batch with which any of it was imported. */
    public function lastBatch(Package $package): ?string
    {
        return DB::table(self::TABLE)->where('package_id', $package->id)->max('batch_id');
    }
}
