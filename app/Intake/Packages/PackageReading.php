<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Files\Packages\PackageFile;
use App\Files\Packages\PackageTable;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Refusals\PackageRefused;
use App\Store\Library\Portable\PortableLibrary;
use App\Store\Library\Portable\PortableRow;
use Core\CoreException;
use Core\Product\Document\ProductDocument;
use Illuminate\Support\Facades\DB;

/** Reads the library and the documents of a package, and keeps them until they are imported. */
final readonly class PackageReading
{
    /** Products that a package may hold. */
    private const MOST = 100_000;

    /** Faults of the library that are named. */
    private const NAMED = 3;

    public function __construct(private PortableLibrary $library, private PackageProducts $products) {}

    /** @throws PackageRefused where it cannot be read */
    public function read(Package $package, PackageFile $file): void
    {
        DB::transaction(function () use ($package, $file): void {
            $rows = [];
            foreach ($this->library->tables() as $table) {
                $rows[$table->name()] = $file->rows(PackageTable::ofLibrary($table));
            }
            $this->refuseUnsound($package, $rows);
            $this->products->clear($package);
            $count = $this->documents($package, $file);
            PackagePhotos::list($package, $file->photos);
            $package->update([
                'library' => PackageLibrary::encode($rows),
                'products' => $count,
                'state' => PackageState::Unpacking,
                'beat_at' => now(),
            ]);
        });
    }

    /** @param  array<string, list<PortableRow>>  $rows  by table */
    private function refuseUnsound(Package $package, array $rows): void
    {
        $faults = $this->library->faults($rows);
        if ($faults !== []) {
            $more = count($faults) - self::NAMED;
            throw new PackageRefused(
                "The library in {$package->name} cannot be read. " .
                    implode(' ', array_slice($faults, 0, self::NAMED)) .
                    ($more > 0 ? " And {$more} more." : ''),
            );
        }
    }

    /** @return int how many there are */
    private function documents(Package $package, PackageFile $file): int
    {
        $position = 0;
        $codes = [];
        $file->documents(function (string $json) use ($package, &$position, &$codes): void {
            $position++;
            if ($position > self::MOST) {
                throw new PackageRefused(
                    "{$package->name} holds more than " . number_format(self::MOST) . ' products. Pack it in several.',
                );
            }
            try {
                $document = ProductDocument::fromJson($json);
            } catch (CoreException $fault) {
                throw new PackageRefused("Line {$position} of the products: {$fault->getMessage()}");
            }
            $this->products->add($package, $position, $document, self::double($document, $codes));
        });
        $this->products->flush();

        return $position;
    }

    /**
     * What another product before it says already.
     *
     * @param  array<string, string>  $codes  of products and SKUs, in capitals => the product that says it
     */
    private static function double(ProductDocument $document, array &$codes): string
    {
        $own = $document->title()->code;
        $double = '';
        $products = mb_strtoupper("product {$own}");
        foreach ([$products, ...array_map(mb_strtoupper(...), $document->skuCodes())] as $code) {
            $other = $codes[$code] ?? null;
            if ($other !== null && ($other !== $own || $code === $products)) {
                $double =
                    "{$other}, another product of this package, has " .
                    ($code === $products ? 'its code' : "{$code} too") .
                    '.';
            }
            $codes[$code] ??= $own;
        }

        return $double;
    }
}
