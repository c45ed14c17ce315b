<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Models\Product as ProductRecord;
use App\Store\Library\LibraryReader;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use App\Store\Products\PortionCatalog;
use App\Store\Products\ProductLoader;
use Core\Changes\Catalog;
use Core\Changes\Documents\FollowDocument;
use Core\CoreException;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Product\Difference\Difference;
use Core\Product\Document\LibraryIndex;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Sheets\Verdicts\SheetVerdict;

/** Holds the products of a package against the catalog, some at a time: nothing of the catalog is written. */
final readonly class PackageVetting
{
    private const AT_ONCE = 50;

    public function __construct(
        private PackageProducts $products,
        private ProductLoader $loader,
        private CatalogLookup $catalog,
        private LibraryReader $library,
    ) {}

    public function advance(Package $package): void
    {
        $items = $this->products->after($package, $package->through, self::AT_ONCE);
        if ($items === []) {
            $package->update(['state' => PackageState::Ready, 'beat_at' => now()]);

            return;
        }
        $this->products->note($package, $this->judged($package, $items));
        $package->update(['through' => $items[count($items) - 1]->position, 'beat_at' => now()]);
    }

    /** What it is called in the history of its products. */
    public static function why(Package $package): string
    {
        return "Package {$package->name}";
    }

    /**
     * @param  list<PackedProduct>  $items
     * @return array<int, PackageVerdict> by position
     */
    private function judged(Package $package, array $items): array
    {
        $sums = array_merge(...array_map(fn(PackedProduct $one): array => $one->document->checksums(), $items));
        $index = $this->library->indexWith($sums)->with(PackageLibrary::of($package)->index($package));
        $records = ProductRecord::query()
            ->whereIn('code', array_map(fn(PackedProduct $one): string => $one->code(), $items))
            ->get();
        $loaded = $this->loader->loadMany(array_values($records->all()));
        $there = $records->keyBy(fn(ProductRecord $record): string => mb_strtoupper($record->code));
        $catalog = new PortionCatalog($this->catalog);
        $verdicts = [];
        foreach ($items as $item) {
            $record = $there->get(mb_strtoupper($item->code()));
            $verdicts[$item->position] = $this->judge(
                $package,
                $item,
                $record === null ? null : $loaded[$record->id],
                $index,
                $catalog,
            );
        }

        return $verdicts;
    }

    private function judge(
        Package $package,
        PackedProduct $item,
        ?LoadedProduct $there,
        LibraryIndex $index,
        Catalog $catalog,
    ): PackageVerdict {
        if ($item->double !== '') {
            return new PackageVerdict(SheetVerdict::Rejected, $item->double);
        }
        $why = self::why($package);
        // One that was taken back comes back.
        $isNew = $there === null || $there->product->removed_at !== null;
        $productId = $isNew ? null : $there->product->id;
        try {
            $product = $there->core ?? self::nothing($item);
            $changed = (new FollowDocument($item->document->read($index), $why))->on($product, $catalog);
            if ($there === null) {
                $owner = $catalog->codes([$item->code()], $item->code(), [])[mb_strtoupper($item->code())] ?? null;
                if ($owner !== null) {
                    return new PackageVerdict(
                        SheetVerdict::Rejected,
                        "{$item->code()} is the code of {$owner}. Give the product another.",
                    );
                }
            }
        } catch (CoreException $fault) {
            return new PackageVerdict(SheetVerdict::Rejected, $fault->getMessage(), $productId);
        }
        $words = (string) preg_replace('/^' . preg_quote($why, '/') . ': /', '', $changed->words);

        return new PackageVerdict(
            match (true) {
                $isNew => SheetVerdict::Fresh,
                Difference::between($product->state, $changed->state)->isNone() => SheetVerdict::Same,
                default => SheetVerdict::Changed,
            },
            $words,
            $productId,
        );
    }

    private static function nothing(PackedProduct $item): Product
    {
        $title = $item->document->title();

        return new Product(
            new ProductState(
                new ProductDetails($title->name, $title->code, Currency::of($title->currency)),
                Matrix::of([]),
            ),
        );
    }
}
