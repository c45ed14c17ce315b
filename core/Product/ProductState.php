<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Color\Swatches\Swatch;
use Core\Gallery\Placement;
use Core\Matrix\Matrix;

/**
 * Everything about a product that is kept, as one value: what it was at a point of its history, what it is, or what
 * somebody wants it to be. What sleeps is in it as well.
 */
final readonly class ProductState
{
    /**
     * @param  list<Sku>  $skus  retired ones too
     * @param  list<Placement>  $pictures  in the one order
     */
    public function __construct(
        public ProductDetails $details,
        public Matrix $matrix,
        public array $skus = [],
        public array $pictures = [],
    ) {}

    /**
     * The same setup for another product: axes, values, labels, rules, openings and how shoppers choose, and SKUs in
     * the
     * same cells with no number of their own; no picture, and no swatch of its own, as its cloth is another.
     */
    public function asSetupOf(ProductDetails $details): self
    {
        $made = array_values(array_filter($this->skus, fn(Sku $sku): bool => $sku->isMade()));
        $skus = array_map(fn(Sku $sku): Sku => new Sku(0, $sku->cell, $sku->state, ''), $made);

        return new self($details, Matrix::of($this->matrix->axes, $this->matrix->leftOut), $skus);
    }

    /**
     * The same with some of its SKUs changed.
     *
     * @param  array<Sku>  $changed
     */
    public function withSkus(array $changed): self
    {
        $byId = array_column($changed, null, 'id');

        return new self(
            $this->details,
            $this->matrix,
            array_map(fn(Sku $sku): Sku => $byId[$sku->id] ?? $sku, $this->skus),
            $this->pictures,
        );
    }

    public function withDetails(ProductDetails $details): self
    {
        return new self($details, $this->matrix, $this->skus, $this->pictures);
    }

    public function withMatrix(Matrix $matrix): self
    {
        return new self($this->details, $matrix, $this->skus, $this->pictures);
    }

    /** @param  list<Placement>  $pictures  in the one order */
    public function withPictures(array $pictures): self
    {
        return new self($this->details, $this->matrix, $this->skus, $pictures);
    }

    /**
     * The same with some of its pictures changed.
     *
     * @param  array<Placement>  $changed
     */
    public function withChangedPictures(array $changed): self
    {
        $byId = array_column($changed, null, 'id');

        return $this->withPictures(
            array_map(fn(Placement $picture): Placement => $byId[$picture->id] ?? $picture, $this->pictures),
        );
    }

    /** @return list<int> ids of its pictures, in the one order */
    public function pictureIds(): array
    {
        return array_map(fn(Placement $picture): int => $picture->id, $this->pictures);
    }

    /**
     * The same with its pictures in another order.
     *
     * @param  list<int>  $ids  of all of them
     */
    public function inOrder(array $ids): self
    {
        $byId = array_column($this->pictures, null, 'id');

        return $this->withPictures(array_map(fn(int $id): Placement => $byId[$id], $ids));
    }

    /** @return array<int, Swatch> its own swatches of the values that it has at the moment, by value id */
    public function awakeSwatches(): array
    {
        $values = [];
        foreach ($this->matrix->axes as $axis) {
            $values += array_flip($axis->valueIds());
        }

        return array_intersect_key($this->details->ownSwatches, $values);
    }
}
