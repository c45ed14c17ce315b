<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\Product;
use App\Store\PlacementRow;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\OrderLimits;
use Core\Details\PricedSku;
use Core\Details\PriceList;
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
use Core\Pricing\Money;
use Core\Pricing\Sale;
use Core\Product\ChosenSkus;
use Core\Product\OwnAxis;
use Core\Product\Product as CoreProduct;
use Core\Product\ProductState;
use Core\Product\ProductSwatches;
use Core\Product\SelectedPart;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Stock\Availability;
use Core\Stock\StockBook;
use Core\Text\Day;

/** A product beside the row it is kept in and the files of its pictures, loaded in a fixed number of queries. */
final class LoadedProduct
{
    public readonly Matrix $matrix;

    /** @var list<Sku> retired ones too */
    public readonly array $skus;

    /** @var array<string, Sku> made SKUs by cell key, in the product's order */
    public readonly array $made;

    public readonly ProductSwatches $swatches;

    /** @var array<int, OwnAxis> by axis id; those that it has and of which it says something itself */
    public readonly array $ownAxes;

    public readonly ?ShotList $shotList;

    /** @var list<Shot> single views in which it differs from the list of its kind */
    public readonly array $ownShots;

    /** @var array<int, int> axis id => the value that shoppers find chosen */
    public readonly array $openings;

    /** @var list<Fact> in order */
    public readonly array $facts;

    public readonly PriceList $prices;

    public readonly Details $details;

    public readonly StockBook $book;

    /** @param  array<int, PlacementRow>  $placements  by id, in the one order */
    public function __construct(
        public readonly Product $product,
        private readonly CoreProduct $core,
        public readonly array $placements,
    ) {
        $details = $core->state->details;
        $this->matrix = $core->matrix;
        $this->skus = $core->state->skus;
        $this->made = $core->made;
        $this->swatches = $core->library->swatches;
        $this->ownAxes = array_intersect_key($details->ownAxes, array_flip($core->matrix->axisIds()));
        $this->shotList = $core->library->shotList;
        $this->ownShots = $details->shots;
        $this->openings = array_intersect_key($details->openings, array_flip($core->matrix->axisIds()));
        $this->facts = $details->facts;
        $this->prices = $core->prices;
        $this->details = $details->details;
        $this->book = $core->book;
    }

    /** The product as the core has it. */
    public function core(): CoreProduct
    {
        return $this->core;
    }

    /** The product as one value. */
    public function state(): ProductState
    {
        return $this->core->state;
    }

    /** @return list<Combination> made cells, in the product's order */
    public function madeCells(): array
    {
        return $this->core->madeCells();
    }

    /** @return list<StandingSku> those on offer, in the product's order */
    public function standingSkus(): array
    {
        return $this->core->standingSkus();
    }

    /** @return list<PricedSku> those on offer, in the product's order */
    public function pricedSkus(): array
    {
        return $this->core->pricedSkus();
    }

    /** @return list<Sku> the made SKUs a reach covers */
    public function skusIn(Reach $reach): array
    {
        return $this->core->skusIn($reach);
    }

    /** @return list<Placement> in the one order */
    public function corePlacements(): array
    {
        return $this->core->state->pictures;
    }

    /**
     * The values of a SKU by what they are called: of a retired one also those that the product has no more.
     *
     * @return array<string, string> axis name => value label
     */
    public function choiceOf(Sku $sku): array
    {
        return $this->core->choiceOf($sku);
    }

    /** What a SKU shows; a retired one by its own values, whatever the product stands at meanwhile. */
    public function galleryOf(Sku $sku): Gallery
    {
        return $this->core->galleryOf($sku);
    }

    /** What a selection means for this product. */
    public function selected(Selection $selection): SelectedPart
    {
        return $this->core->selected($selection);
    }

    /** The SKUs that a selection means. */
    public function chosen(Selection $selection): ChosenSkus
    {
        return $this->core->chosen($selection);
    }

    public function galleries(): Galleries
    {
        return $this->core->galleries();
    }

    /** The SKU's cell that shoppers see before choosing. */
    public function opening(): ?Combination
    {
        return $this->core->opens()->cell();
    }

    /** The values that shoppers find chosen. */
    public function openingChoice(): Combination
    {
        return $this->core->opens()->choice();
    }

    /** Whether somebody chose the SKU that opens the product, and it is on offer. */
    public function hasChosenOpening(): bool
    {
        return $this->core->hasChosenOpening();
    }

    /** What shoppers see before they choose. */
    public function opens(): Opening
    {
        return $this->core->opens();
    }

    public function coverage(): ?Coverage
    {
        return $this->core->coverage();
    }

    /** The text that stands for a picture: typed, else made by the library's pattern. */
    public function altText(Placement $placement): string
    {
        return $this->core->altText($placement);
    }

    public function isLinked(PlacementRow $row): bool
    {
        return $this->core->isLinked($row->placement);
    }

    /** @return list<PlacementRow> pictures of this product that reach no SKU on offer, in order */
    public function tray(): array
    {
        $reaching = $this->galleries()->reaching();

        return array_values(array_filter($this->placements, fn (PlacementRow $row): bool => ! isset($reaching[$row->id()])));
    }

    /** Where a SKU lies, in words: "Moss, M"; of a product without axes its name. */
    public function placeOf(Sku $sku): string
    {
        return $this->core->placeOf($sku);
    }

    /** The regular price of a SKU: its own, else as the product's rules make it. */
    public function price(Sku $sku): ?Money
    {
        return $this->core->price($sku);
    }

    /**
     * @return ?int units that a SKU can be sold from, which others may be sold from as well; null where nobody has
     * counted them
     */
    public function units(Sku $sku): ?int
    {
        return $this->core->units($sku);
    }

    /** The same for SKUs that are sold from the same units. */
    public function source(Sku $sku): string
    {
        return $this->core->source($sku);
    }

    /** Whether a SKU can be bought on a day. */
    public function availability(Sku $sku, Day $today): Availability
    {
        return $this->core->availability($sku, $today);
    }

    /** How many of a SKU can be ordered at a time. */
    public function orderLimits(Sku $sku): OrderLimits
    {
        return $this->core->orderLimits($sku);
    }

    /** What is said of a SKU, as the reader keeps it; empty for nothing. */
    public function said(DetailKind $kind, Sku $sku): string
    {
        return $this->core->said($kind, $sku);
    }

    /** The sale that a shopper meets on a day: one whose days have come, and that is below the regular price. */
    public function saleNow(Sku $sku, Day $day): ?Sale
    {
        return $this->core->saleNow($sku, $day);
    }

    /**
     * The prices of some SKUs in words: one, or the lowest and the highest.
     *
     * @param  array<Sku>  $skus
     */
    public function prices(array $skus): string
    {
        return Money::range(array_values(array_filter(array_map($this->price(...), array_values($skus)))));
    }
}
