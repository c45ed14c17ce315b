<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\Product;
use Core\Catalog\CatalogPicture;
use Core\Catalog\CatalogSku;
use Core\Catalog\OwnAxis;
use Core\Catalog\ProductDetails;
use Core\Catalog\ProductState;
use Core\Details\DetailFinder;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\OrderLimits;
use Core\Details\PricedSku;
use Core\Details\PriceList;
use Core\Gallery\AltText;
use Core\Gallery\Coverage;
use Core\Gallery\Galleries;
use Core\Gallery\Gallery;
use Core\Gallery\Opening;
use Core\Gallery\Placement;
use Core\Gallery\Shot;
use Core\Gallery\ShotList;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\StandingSku;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\Sale;
use Core\Reach\Reach;
use Core\Reach\ReachIndex;
use Core\Reach\Selection;
use Core\Stock\Availability;
use Core\Stock\StockBook;
use Core\Text\Day;

/** Everything the core needs to know of a product, loaded in a fixed number of queries. */
final class LoadedProduct
{
    /** @var array<string, SkuRow> made SKUs by cell key, in the product's order */
    public readonly array $made;

    /** @var array<string, DetailFinder> by kind, once asked */
    private array $finders = [];

    private ?Galleries $galleries = null;

    private ?Coverage $coverage = null;

    private ?Opening $opening = null;

    /**
     * @param  list<SkuRow>  $skus  retired ones too
     * @param  array<int, PlacementRow>  $placements  by id, in the one order
     * @param  array<int, OwnAxis>  $ownAxes  by axis id; those of which the product says something itself
     * @param  list<Shot>  $ownShots  single views in which it differs from the list of its kind
     * @param  array<int, int>  $openings  axis id => the value that shoppers find chosen
     * @param  list<Fact>  $facts  in order
     * @param  KnownNames  $names  of all axes and values that it has or had
     * @param  AltText  $altText  by which texts are made that stand for pictures
     */
    public function __construct(
        public readonly Product $product,
        public readonly Matrix $matrix,
        public readonly array $skus,
        public readonly array $placements,
        public readonly ProductSwatches $swatches,
        public readonly array $ownAxes,
        public readonly ?ShotList $shotList,
        public readonly array $ownShots,
        public readonly array $openings,
        public readonly array $facts,
        public readonly KnownNames $names,
        public readonly PriceList $prices,
        public readonly Details $details,
        public readonly StockBook $book,
        private readonly AltText $altText = new AltText(),
    ) {
        $byKey = [];
        foreach ($skus as $sku) {
            if ($sku->isMade()) {
                $byKey[$sku->cell->key] = $sku;
            }
        }
        $made = [];
        foreach ($matrix->inOrder(array_map(fn (SkuRow $sku): Combination => $sku->cell, array_values($byKey))) as $cell) {
            $made[$cell->key] = $byKey[$cell->key];
        }
        $this->made = $made;
    }

    /** @return list<Combination> made cells, in the product's order */
    public function madeCells(): array
    {
        return array_map(fn (SkuRow $sku): Combination => $sku->cell, array_values($this->made));
    }

    /** @return list<StandingSku> those on offer, in the product's order */
    public function standingSkus(): array
    {
        return array_map(fn (SkuRow $sku): StandingSku => $sku->standing(), array_values($this->made));
    }

    /** @return list<PricedSku> those on offer, in the product's order */
    public function pricedSkus(): array
    {
        return array_map(fn (SkuRow $sku): PricedSku => $sku->priced(), array_values($this->made));
    }

    /** @return list<SkuRow> the made SKUs a reach covers */
    public function skusIn(Reach $reach): array
    {
        $index = new ReachIndex($reach->clauses);

        return array_values(array_filter($this->made, fn (SkuRow $sku): bool => $index->covers($sku->cell)));
    }

    /** @return list<Placement> in the one order */
    public function corePlacements(): array
    {
        return array_map(fn (PlacementRow $row): Placement => $row->placement, array_values($this->placements));
    }

    /**
     * The values of a SKU by what they are called: of a retired one also those that the product has no more.
     *
     * @return array<string, string> axis name => value label
     */
    public function choiceOf(SkuRow $sku): array
    {
        return $sku->isMade() ? $this->matrix->choice($sku->cell) : $this->names->choice($sku->combination);
    }

    /** What a SKU shows; a retired one by its own values, whatever the product stands at meanwhile. */
    public function galleryOf(SkuRow $sku): Gallery
    {
        return $this->galleries()->of($sku->isMade() ? $sku->cell : $sku->combination);
    }

    /** The product as one value. */
    public function state(): ProductState
    {
        $facts = [];
        foreach ($this->facts as $fact) {
            $facts[$fact->name] = $fact->value;
        }
        $details = new ProductDetails(
            $this->product->name,
            Currency::of($this->product->currency),
            $this->product->description,
            $this->product->brand,
            $this->product->category,
            $this->prices->base,
            $this->product->shot_list_id,
            $facts,
            $this->openings,
            $this->product->opening_cell === null ? null : Combination::fromKey($this->product->opening_cell),
            $this->ownShots,
            $this->ownAxes,
            $this->swatches->own(),
            $this->prices->adjustments,
            $this->details,
        );

        return new ProductState(
            $details,
            $this->matrix,
            array_map(fn (SkuRow $sku): CatalogSku => new CatalogSku($sku->id, $sku->cell, $sku->state, $sku->code, $sku->price, $sku->counted, $sku->gtin, $sku->weightG), $this->skus),
            array_map(fn (PlacementRow $row): CatalogPicture => new CatalogPicture($row->placement, $row->photoId), array_values($this->placements)),
        );
    }

    /** What a selection means for this product. */
    public function selected(Selection $selection): SelectedPart
    {
        return new SelectedPart($selection, $this);
    }

    /** The SKUs that a selection means. */
    public function chosen(Selection $selection): ChosenSkus
    {
        return new ChosenSkus($this->product, $this->matrix, $this->prices, $this->details, $this->book, $this->skusIn($selection->cells($this->matrix)), $selection, $this->madeCells());
    }

    public function galleries(): Galleries
    {
        return $this->galleries ??= new Galleries($this->matrix, $this->madeCells(), $this->corePlacements(), $this->opens());
    }

    /** The SKU's cell that shoppers see before choosing. */
    public function opening(): ?Combination
    {
        return $this->opens()->cell();
    }

    /** The values that shoppers find chosen. */
    public function openingChoice(): Combination
    {
        return $this->opens()->choice();
    }

    /** Whether somebody chose the SKU that opens the product, and it is on offer. */
    public function hasChosenOpening(): bool
    {
        return $this->product->opening_cell !== null && $this->matrix->place(Combination::fromKey($this->product->opening_cell))?->key === $this->opening()?->key;
    }

    /** What shoppers see before they choose. */
    public function opens(): Opening
    {
        return $this->opening ??= new Opening(
            $this->matrix,
            $this->madeCells(),
            array_map(fn (SkuRow $sku): ?int => $sku->stock, $this->made),
            $this->product->opening_cell === null ? null : $this->matrix->place(Combination::fromKey($this->product->opening_cell)),
            $this->openings,
        );
    }

    public function coverage(): ?Coverage
    {
        if ($this->shotList !== null) {
            $this->coverage ??= Coverage::of($this->matrix, $this->madeCells(), $this->galleries(), $this->shotList);
        }

        return $this->coverage;
    }

    /** The text that stands for a picture: typed, else made by the library's pattern. */
    public function altText(Placement $placement): string
    {
        return $this->altText->of($placement, $this->product->name, $this->matrix, $this->product->brand);
    }

    public function isLinked(PlacementRow $row): bool
    {
        return ! $row->reach()->activeIn($this->matrix)->isNothing();
    }

    /** @return list<PlacementRow> pictures of this product that reach no SKU on offer, in order */
    public function tray(): array
    {
        $reaching = $this->galleries()->reaching();

        return array_values(array_filter($this->placements, fn (PlacementRow $row): bool => ! isset($reaching[$row->id()])));
    }

    /** Where a SKU lies, in words: "Moss, M"; of a product without axes its name. */
    public function placeOf(SkuRow $sku): string
    {
        return $this->matrix->inWords($sku->cell) ?: $this->product->name;
    }

    /** The regular price of a SKU: its own, else as the product's rules make it. */
    public function price(SkuRow $sku): ?Money
    {
        return $this->prices->price($sku->cell, $sku->price)->effective();
    }

    /** Whether a SKU can be bought on a day. */
    public function availability(SkuRow $sku, Day $today): Availability
    {
        return $this->book->availability($sku->cell, $sku->stock, $today);
    }

    /** How many of a SKU can be ordered at a time. */
    public function orderLimits(SkuRow $sku): OrderLimits
    {
        return OrderLimits::of($this->said(DetailKind::Least, $sku), $this->said(DetailKind::Most, $sku));
    }

    /** What is said of a SKU, as the reader keeps it; empty for nothing. */
    public function said(DetailKind $kind, SkuRow $sku): string
    {
        return ($this->finders[$kind->value] ??= $this->details->finder($kind, $this->matrix))->at($sku->cell);
    }

    /** The sale that a shopper meets on a day: one whose days have come, and that is below the regular price. */
    public function saleNow(SkuRow $sku, Day $day): ?Sale
    {
        $sale = $this->prices->sale($sku->cell);

        return $sale !== null && $sale->isOn($day) && $sale->isBelow($this->price($sku)) ? $sale : null;
    }

    /**
     * The prices of some SKUs in words: one, or the lowest and the highest.
     *
     * @param  array<SkuRow>  $skus
     */
    public function prices(array $skus): string
    {
        return Money::range(array_values(array_filter(array_map($this->price(...), array_values($skus)))));
    }
}
