<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Refusals\PackageRefused;
use Core\Product\Document\ProductDocument;
use stdClass;

/** A product of a package, with its document. */
final readonly class PackedProduct
{
    /** @param  string  $double  what another product of the package says already; empty for nothing */
    public function __construct(
        public int $packageId,
        public int $position,
        public ProductDocument $document,
        public string $double,
        public ?int $batchPosition,
    ) {}

    /** @throws PackageRefused */
    public static function of(stdClass $row): self
    {
        $json = gzuncompress($row->document);

        return new self(
            (int) $row->package_id,
            (int) $row->position,
            ProductDocument::fromJson(
                $json === false ? throw new PackageRefused("The product {$row->code} cannot be read.") : $json,
            ),
            $row->double,
            $row->batch_position === null ? null : (int) $row->batch_position,
        );
    }

    public function code(): string
    {
        return $this->document->title()->code;
    }
}
