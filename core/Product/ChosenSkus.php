<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Details\Details;
use Core\Details\Prices\PricedPart;
use Core\Details\Prices\PricedSku;
use Core\Details\Prices\PriceList;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Money;
use Core\Reach\Reach;
use Core\Reach\ReachIndex;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;
use Core\Stock\StockBook;

/** The SKUs on offer that a selection means, of a product that may be read as far as these need it. */
final readonly class ChosenSkus
{
    public Matrix $matrix;

    public PriceList $prices;

    public Details $details;

    public StockBook $book;

    /** @var list<Sku> in the product's order */
    public array $skus;

    /** @param  ?list<Combination>  $made  all cells that have a SKU; null where the very cells were pointed at */
    public function __construct(public Product $product, private Selection $selection, private ?array $made)
    {
        $this->matrix = $product->matrix;
        $this->prices = $product->prices;
        $this->details = $product->state->details->details;
        $this->book = $product->book;
        $index = new ReachIndex($selection->cells($product->matrix)->clauses);
        $isMeant = fn(Sku $sku): bool => $product->matrix->isCell($sku->cell) && $index->covers($sku->cell);
        $this->skus = array_values(array_filter($product->made, $isMeant));
    }

    /** The same SKUs after a change. */
    public function after(ProductState $state): self
    {
        return new self(new Product($state, $this->product->library), $this->selection, $this->made);
    }

    /**
     * @return non-empty-list<Sku>
     *
     * @throws Refusal where there is none
     */
    public function some(): array
    {
        return $this->skus ?: throw Refusal::nothingSelected();
    }

    /**
     * @param  string  $why  said where several are selected
     *
     * @throws Refusal
     */
    public function one(string $why): Sku
    {
        return count($this->some()) === 1
            ? $this->skus[0]
            : throw new Refusal("{$why}: select a single cell.", RefusalKind::Impossible, 'selected');
    }

    /**
     * @return ?int units that one of them can be sold from, which others may be sold from as well; null where nobody
     * has counted them
     */
    public function units(Sku $sku): ?int
    {
        return $this->product->units($sku);
    }

    /** Where one of them lies, in words: "Ink, M". */
    public function placeOf(Sku $sku): string
    {
        return $this->product->placeOf($sku);
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
        return array_map(fn(Sku $sku): PricedSku => $sku->priced(), $this->skus);
    }

    /** The prices they are sold at in words: one, or the lowest and the highest. */
    public function pricesInWords(): string
    {
        return Money::range(array_values(array_filter(array_map($this->product->price(...), $this->skus))));
    }

    private function reach(): Reach
    {
        return $this->made === null
            ? $this->selection->cells($this->matrix)
            : $this->selection->reach($this->matrix, $this->made);
    }
}
