<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Wording;

/**
 * What a selection means for a product: its reach in the fewest words, which may take in cells that are not made, and
 * the very cells that were pointed at.
 */
final readonly class SelectedPart
{
    public Reach $reach;

    public Reach $cells;

    public function __construct(Selection $selection, public Product $product)
    {
        $this->cells = $selection->cells($product->matrix);
        $this->reach = $selection->reach($product->matrix, $product->madeCells());
    }

    public function isNothing(): bool
    {
        return $this->reach->isNothing();
    }

    /** @return list<Sku> */
    public function skus(): array
    {
        return $this->product->skusIn($this->reach);
    }

    /** Where a change was made: "Ink, all sizes". */
    public function place(): string
    {
        return (new Wording())->whole($this->reach, $this->product->matrix);
    }

    public function inWords(): string
    {
        if ($this->isNothing()) {
            return 'Nothing selected';
        }

        return ucfirst((new Wording())->say($this->reach, $this->product->matrix));
    }
}
