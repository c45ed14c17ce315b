<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Details\DetailFinder;
use Core\Details\DetailKind;
use Core\Details\OrderLimits;
use Core\Details\Prices\PricedSku;
use Core\Details\Prices\PriceList;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Galleries;
use Core\Gallery\Gallery;
use Core\Gallery\Opening;
use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\StandingSku;
use Core\Pricing\Money;
use Core\Pricing\Sale;
use Core\Reach\Reach;
use Core\Reach\ReachIndex;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Core\Stock\Availability;
use Core\Stock\StockBook;
use Core\Text\Day;

/** A product as it is kept, with the part of the library that it uses: it answers whatever is asked of it. */
final class Product
{
    public readonly Matrix $matrix;

    public readonly PriceList $prices;

    public readonly StockBook $book;

    /** @var array<string, Sku> made SKUs by cell key, in the product's order */
    public readonly array $made;

    /** @var array<string, DetailFinder> by kind, once asked */
    private array $finders = [];

    private ?Galleries $galleries = null;

    private ?Coverage $coverage = null;

    private ?Opening $opening = null;

    /** @param  int  $version  how often it was changed, and once more: what retires now went out of offer at it */
    public function __construct(
        public readonly ProductState $state,
        public readonly LibraryPart $library = new LibraryPart(),
        public readonly int $version = 1,
    ) {
        $this->matrix = $state->matrix;
        $details = $state->details;
        $this->prices = new PriceList(
            $details->currency,
            $details->basePrice,
            $details->adjustments,
            $details->details,
            $state->matrix,
        );
        $this->book = new StockBook($details->details, $state->matrix);
        $byKey = [];
        foreach ($state->skus as $sku) {
            if ($sku->isMade()) {
                $byKey[$sku->cell->key] = $sku;
            }
        }
        $made = [];
        foreach (
            $state->matrix->inOrder(array_map(fn(Sku $sku): Combination => $sku->cell, array_values($byKey)))
            as $cell
        ) {
            $made[$cell->key] = $byKey[$cell->key];
        }
        $this->made = $made;
    }

    /** What a selection means for this product. */
    public function selected(Selection $selection): SelectedPart
    {
        return new SelectedPart($selection, $this);
    }

    /** The SKUs that a selection means. */
    public function chosen(Selection $selection): ChosenSkus
    {
        return new ChosenSkus($this, $selection, $this->madeCells());
    }

    /** @return list<Combination> made cells, in the product's order */
    public function madeCells(): array
    {
        return array_map(fn(Sku $sku): Combination => $sku->cell, array_values($this->made));
    }

    /** @return list<StandingSku> those on offer, in the product's order */
    public function standingSkus(): array
    {
        return array_map(fn(Sku $sku): StandingSku => $sku->standing($this->book), array_values($this->made));
    }

    /** @return list<PricedSku> those on offer, in the product's order */
    public function pricedSkus(): array
    {
        return array_map(fn(Sku $sku): PricedSku => $sku->priced(), array_values($this->made));
    }

    /** @return list<Sku> the made SKUs that a reach covers */
    public function skusIn(Reach $reach): array
    {
        $index = new ReachIndex($reach->clauses);

        return array_values(array_filter($this->made, fn(Sku $sku): bool => $index->covers($sku->cell)));
    }

    /**
     * The values of a SKU by what they are called: of a retired one also those that the product has no more.
     *
     * @return array<string, string> axis name => value label
     */
    public function choiceOf(Sku $sku): array
    {
        return $sku->isMade() ? $this->matrix->choice($sku->cell) : $this->library->names->choice($sku->combination);
    }

    /** Where a SKU lies, in words: "Moss, M"; of a product without axes its name. */
    public function placeOf(Sku $sku): string
    {
        return $this->matrix->inWordsOr($sku->cell, $this->state->details->name);
    }

    public function galleries(): Galleries
    {
        return $this->galleries ??= new Galleries(
            $this->matrix,
            $this->madeCells(),
            $this->state->pictures,
            $this->opens(),
        );
    }

    /** What a SKU shows; a retired one by its own values, whatever the product stands at meanwhile. */
    public function galleryOf(Sku $sku): Gallery
    {
        return $this->galleries()->of($sku->isMade() ? $sku->cell : $sku->combination);
    }

    /** What shoppers see before they choose. */
    public function opens(): Opening
    {
        return $this->opening ??= new Opening(
            $this->matrix,
            $this->madeCells(),
            array_map($this->units(...), $this->made),
            $this->chosenOpening(),
            $this->openings(),
        );
    }

    /** @return array<int, int> axis id => the value that shoppers find chosen */
    public function openings(): array
    {
        return array_intersect_key($this->state->details->openings, array_flip($this->matrix->axisIds()));
    }

    /** @return array<int, OwnAxis> by axis id; those that it has and of which it says something itself */
    public function ownAxes(): array
    {
        return array_intersect_key($this->state->details->ownAxes, array_flip($this->matrix->axisIds()));
    }

    /** Whether somebody chose the SKU that opens the product, and it is on offer. */
    public function hasChosenOpening(): bool
    {
        $chosen = $this->chosenOpening();

        return $chosen !== null && $chosen->key === $this->opens()->cell()?->key;
    }

    private function chosenOpening(): ?Combination
    {
        $cell = $this->state->details->openingCell;

        return $cell === null ? null : $this->matrix->place($cell);
    }

    /** How many of the wanted pictures are there; null where nobody said which are wanted. */
    public function coverage(): ?Coverage
    {
        $list = $this->library->shotList;

        return $list === null
            ? null
            : ($this->coverage ??= Coverage::of($this->matrix, $this->madeCells(), $this->galleries(), $list));
    }

    /** The text that stands for a picture: typed, else made by the library's pattern. */
    public function altText(Placement $placement): string
    {
        $details = $this->state->details;

        return $this->library->altText->of($placement, $details->name, $this->matrix, $details->brand);
    }

    /**
     * Chosen pictures of this product.
     *
     * @param  list<int>  $ids
     * @return non-empty-list<Placement> in the one order
     *
     * @throws Refusal where none is chosen, or one is not there any more
     */
    public function pictures(array $ids): array
    {
        $chosen = array_values(
            array_filter($this->state->pictures, fn(Placement $picture): bool => in_array($picture->id, $ids, true)),
        );
        if ($ids === [] || $chosen === []) {
            throw $ids === [] ? new Refusal('Mark a picture first.', RefusalKind::Missing) : self::pictureIsGone();
        }

        return count($chosen) < count(array_unique($ids)) ? throw self::pictureIsGone() : $chosen;
    }

    private static function pictureIsGone(): Refusal
    {
        return new Refusal(
            'One of these pictures is no longer in this product. Look at the tray again.',
            RefusalKind::Gone,
        );
    }

    /**
     * An axis that a change is about.
     *
     * @throws Refusal where the product has it no more
     */
    public function axis(int $axisId): Axis
    {
        return $this->matrix->axis($axisId) ??
            throw new Refusal('This axis is no longer on the product. Look at its axes again.', RefusalKind::Gone);
    }

    /**
     * The axis of a value that a change is about.
     *
     * @throws Refusal where the product has the value no more
     */
    public function axisHaving(int $valueId): Axis
    {
        return $this->matrix->axisOf($valueId) ??
            throw new Refusal('This value is no longer on the product. Look at its axes again.', RefusalKind::Gone);
    }

    /** Whether a picture reaches anything that the product has. */
    public function isLinked(Placement $placement): bool
    {
        return !$placement->reach->activeIn($this->matrix)->isNothing();
    }

    /** The regular price of a SKU: its own, else as the product's rules make it. */
    public function price(Sku $sku): ?Money
    {
        return $this->prices->price($sku->cell, $sku->price)->effective();
    }

    /**
     * The prices of some SKUs in words: one, or the lowest and the highest.
     *
     * @param  array<Sku>  $skus
     */
    public function priceRange(array $skus): string
    {
        return Money::range(array_values(array_filter(array_map($this->price(...), array_values($skus)))));
    }

    /** The sale that a shopper meets on a day: one whose days have come, and that is below the regular price. */
    public function saleNow(Sku $sku, Day $day): ?Sale
    {
        $sale = $this->prices->sale($sku->cell);

        return $sale !== null && $sale->isOn($day) && $sale->isBelow($this->price($sku)) ? $sale : null;
    }

    /**
     * @return ?int units that a SKU can be sold from, which others may be sold from as well; null where nobody has
     * counted them
     */
    public function units(Sku $sku): ?int
    {
        return $this->book->of($sku->cell, $sku->stock);
    }

    /** The same for SKUs that are sold from the same units. */
    public function source(Sku $sku): string
    {
        return $this->book->pool($sku->cell) ?? "sku {$sku->id}";
    }

    /** Whether a SKU can be bought on a day. */
    public function availability(Sku $sku, Day $today): Availability
    {
        return $this->book->availability($sku->cell, $this->units($sku), $today);
    }

    /** How many of a SKU can be ordered at a time. */
    public function orderLimits(Sku $sku): OrderLimits
    {
        return OrderLimits::of($this->said(DetailKind::Least, $sku), $this->said(DetailKind::Most, $sku));
    }

    /** What is said of a SKU, as the reader keeps it; empty for nothing. */
    public function said(DetailKind $kind, Sku $sku): string
    {
        return ($this->finders[$kind->value] ??= $this->state->details->details->finder($kind, $this->matrix))->at(
            $sku->cell,
        );
    }
}
