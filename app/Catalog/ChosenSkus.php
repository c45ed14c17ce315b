<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\Product;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Details\Details;
use Core\Details\PricedPart;
use Core\Details\PricedSku;
use Core\Details\PriceList;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Stock\StockBook;

/** The SKUs on offer that a selection means, with what a change of their numbers needs to know of the product, and no more. */
final readonly class ChosenSkus
{
    /**
     * @param  list<Sku>  $skus  in the product's order
     * @param  ?list<Combination>  $made  all cells that have a SKU; null where the very cells were pointed at
     */
    public function __construct(
        public Product $product,
        public Matrix $matrix,
        public PriceList $prices,
        public Details $details,
        public StockBook $book,
        public array $skus,
        private Selection $selection,
        private ?array $made,
    ) {
    }

    /**
     * @return non-empty-list<Sku>
     *
     * @throws Refused where there is none
     */
    public function some(): array
    {
        return $this->skus ?: throw Refused::nothingSelected();
    }

    /**
     * @param  string  $why  said where several are selected
     *
     * @throws Refused
     */
    public function one(string $why): Sku
    {
        return count($this->some()) === 1 ? $this->skus[0] : throw new Refused("{$why}: select a single cell.", Kind::Impossible, 'selected');
    }

    /** @return ?int units that one of them can be sold from, which others may be sold from as well; null where nobody has counted them */
    public function units(Sku $sku): ?int
    {
        return $this->book->of($sku->cell, $sku->stock);
    }

    /** The same for SKUs that are sold from the same units. */
    public function source(Sku $sku): string
    {
        return $this->book->pool($sku->cell) ?? "sku {$sku->id}";
    }

    /** Where one of them lies, in words: "Ink, M". */
    public function placeOf(Sku $sku): string
    {
        return $this->matrix->inWords($sku->cell) ?: $this->product->name;
    }

    /** Where a change was made: "Ink, all sizes". */
    public function place(): string
    {
        return (new Wording())->whole($this->reach(), $this->matrix);
    }

    /** @return ?PricedPart the whole product or the one value that is selected; null where it is another part */
    public function pricedPart(): ?PricedPart
    {
        return PricedPart::of($this->reach(), $this->matrix);
    }

    /** @return list<PricedSku> */
    public function pricedSkus(): array
    {
        return array_map(fn (Sku $sku): PricedSku => $sku->priced(), $this->skus);
    }

    private function reach(): Reach
    {
        return $this->made === null
            ? $this->selection->cells($this->matrix)
            : $this->selection->reach($this->matrix, $this->made);
    }

    /** The prices they are sold at in words: one, or the lowest and the highest. */
    public function pricesInWords(): string
    {
        return Money::range(array_values(array_filter(array_map(fn (Sku $sku): ?Money => $this->prices->price($sku->cell, $sku->price)->effective(), $this->skus))));
    }
}
