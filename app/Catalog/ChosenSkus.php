<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\Product;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Pricing\SellingPrice;
use Core\Reach\Selection;
use Core\Reach\Wording;

/** The SKUs on offer that a selection means, with what a change of their numbers needs to know of the product, and no more. */
final readonly class ChosenSkus
{
    /**
     * @param  ?Money  $basePrice  of every SKU that has none of its own
     * @param  list<SkuRow>  $skus  in the product's order
     * @param  ?list<Combination>  $made  all cells that have a SKU; null where the very cells were pointed at
     */
    public function __construct(
        public Product $product,
        public Matrix $matrix,
        public ?Money $basePrice,
        public array $skus,
        private Selection $selection,
        private ?array $made,
    ) {
    }

    /**
     * @return non-empty-list<SkuRow>
     *
     * @throws Refused where there is none
     */
    public function some(): array
    {
        return $this->skus ?: throw new Refused('Select the SKUs first: a row, a column or cells of the matrix.', Kind::Missing, 'selected');
    }

    /**
     * @param  string  $why  said where several are selected
     *
     * @throws Refused
     */
    public function one(string $why): SkuRow
    {
        return count($this->some()) === 1 ? $this->skus[0] : throw new Refused("{$why}: select a single cell.", Kind::Impossible, 'selected');
    }

    /** Where a change was made: "Ink, all sizes". */
    public function place(): string
    {
        $reach = $this->made === null ? $this->selection->cells($this->matrix) : $this->selection->reach($this->matrix, $this->made);

        return (new Wording())->whole($reach, $this->matrix);
    }

    /** The prices they are sold at in words: one, or the lowest and the highest. */
    public function prices(): string
    {
        return Money::range(array_values(array_filter(array_map(fn (SkuRow $sku): ?Money => (new SellingPrice($sku->price, $this->basePrice))->effective(), $this->skus))));
    }
}
