<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Batches\BatchItem;
use App\Batches\MakesProducts;
use App\Intake\Packages\PackagePhotos;
use App\Intake\Packages\PackageProducts;
use App\Intake\Packages\PackageVetting;
use App\Intake\Packages\PackedProduct;
use App\Models\Packages\Package;
use App\Store\Library\LibraryReader;
use Core\Changes\Documents\FollowDocument;
use Core\Changes\ProductChange;
use Core\Changes\RefusedChange;
use Core\CoreException;
use Core\Pricing\Currency;
use Core\Product\Document\LibraryIndex;
use Core\Product\ProductDetails;
use Core\Refusal;
use Core\RefusalKind;

/** Makes and changes products as the documents of a package say. Their pictures are taken in with them. */
final class ImportPackage implements MakesProducts
{
    public const NAME = 'package';

    public function __construct(
        private readonly PackageProducts $products,
        private readonly PackagePhotos $photos,
        private readonly LibraryReader $library,
    ) {}

    public function inWords(array $wanted): string
    {
        $count = (int) ($wanted['count'] ?? 0);

        return "Imported “{$wanted['name']}”: " . ($count === 1 ? '1 product' : number_format($count) . ' products');
    }

    public function changes(string $batchId, array $items): array
    {
        $packed = $this->packed($batchId, $items);
        $packageId = reset($packed)->packageId ?? 0;
        $package = Package::query()->find($packageId);
        $sums = array_merge(
            ...array_values(array_map(fn(PackedProduct $one): array => $one->document->checksums(), $packed)),
        );
        $refused = $this->photos->takeIn($packageId, array_values(array_unique($sums)));
        $index = $this->library->indexWith($sums);

        return array_map(
            fn(PackedProduct $one): ProductChange => $this->change(
                $one,
                $index,
                array_intersect_key($refused, array_flip($one->document->checksums())),
                $package === null ? '' : PackageVetting::why($package),
            ),
            $packed,
        );
    }

    public function details(string $batchId, array $items, array $changes): array
    {
        return array_map(function (PackedProduct $one): ProductDetails {
            $title = $one->document->title();

            return new ProductDetails($title->name, $title->code, Currency::of($title->currency));
        }, $this->packed($batchId, $items));
    }

    public function sizes(string $batchId, array $items): array
    {
        return $this->products->sizesOfBatch($batchId, array_map(fn(BatchItem $item): int => $item->position, $items));
    }

    /**
     * @param  list<BatchItem>  $items
     * @return array<int, PackedProduct> by place in the batch
     */
    private function packed(string $batchId, array $items): array
    {
        return $this->products->ofBatch($batchId, array_map(fn(BatchItem $item): int => $item->position, $items));
    }

    /** @param  array<string, string>  $refused  why pictures of it cannot be taken, by checksum */
    private function change(PackedProduct $one, LibraryIndex $index, array $refused, string $why): ProductChange
    {
        try {
            if ($refused !== []) {
                throw new Refusal(array_values($refused)[0], RefusalKind::Unreadable);
            }

            return new FollowDocument($one->document->read($index), $why);
        } catch (CoreException $fault) {
            return new RefusedChange($fault);
        }
    }
}
