<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Matrix\Matrix;

/**
 * Everything about a product that is kept, as one value: what it was at a point of its history, what it is, or what
 * somebody wants it to be.
 */
final readonly class ProductState
{
    /**
     * @param  list<CatalogSku>  $skus  retired ones too
     * @param  list<CatalogPicture>  $pictures  in the one order
     */
    public function __construct(
        public ProductDetails $details,
        public Matrix $matrix,
        public array $skus = [],
        public array $pictures = [],
    ) {
    }

    /**
     * The same setup for another product: axes, values, labels, rules, openings and how shoppers choose, and SKUs in the
     * same cells with no number of their own; no picture, and no swatch of its own, as its cloth is another.
     */
    public function asSetupOf(ProductDetails $details): self
    {
        $made = array_filter($this->skus, fn (CatalogSku $sku): bool => $sku->isMade());

        return new self($details, Matrix::of($this->matrix->axes, $this->matrix->leftOut), array_map(fn (CatalogSku $sku): CatalogSku => new CatalogSku(null, $sku->cell, $sku->state, ''), array_values($made)));
    }
}
