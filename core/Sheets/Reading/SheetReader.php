<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

use Core\Changes\Catalog;
use Core\Changes\Matrix\ReadAxis;
use Core\Color\Swatches\Swatch;
use Core\CoreException;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Prices\PriceList;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Pricing\Money;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Sheets\Axes\AxisCells;
use Core\Sheets\Axes\AxisHomes;
use Core\Sheets\Axes\ReadAxes;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/**
 * Reads what the rows of a sheet make of a product: the product as it is to be, and what is the matter with cells. What
 * the sheet says nothing of stays as it is.
 */
final class SheetReader
{
    private Problems $problems;

    public function __construct(private readonly Catalog $catalog, private readonly SheetTerms $terms)
    {
        $this->problems = new Problems();
    }

    public function read(Product $product, GivenProduct $given): ReadSheet
    {
        $this->problems = new Problems();
        try {
            return $this->whole($product, $given);
        } catch (CoreException $fault) {
            $field = $given->fields(FieldKind::Axis)[0] ?? Field::of(FieldKind::Product);
            $this->problems->add($given->rows[0], $field, ProblemKind::Impossible, $fault->getMessage());

            return new ReadSheet($product->state, [], [], $this->problems->all());
        }
    }

    private function whole(Product $product, GivenProduct $given): ReadSheet
    {
        $axes = (new AxisCells($this->catalog, $product, $this->terms, $this->problems))->read($given);
        $values = new ValueCells($axes, $this->terms, $this->problems);
        $swatches = $values->swatches($given);
        $named = array_map(fn(ReadAxis $axis): ReadAxis => self::withSwatches($axis, $swatches), $axes->read);
        $details = (new ProductCells($this->terms, $this->problems))->read($product->state->details, $given);
        $details = $details->pricedBy(
            $details->basePrice,
            $values->adjustments($given, $details->currency) + $details->adjustments,
        );
        $details = self::withOwnSwatches($details, $product, $swatches);
        $matrix = $this->matrix($product, $axes);
        $placed = (new SkuPlaces($product, $matrix, $axes, $this->problems))->of($given);
        $homes = AxisHomes::of($product, $matrix, $placed);
        $homes->refuseUnsaid($given, $this->problems);
        $skus = new SkuCells($details, $this->counting($details->details, $given), $this->terms, $this->problems);
        [$details, $read] = $this->priced($product, $details, $skus->read($placed, $given), $given);
        $read = $product->made === [] ? $this->asShown($details, $matrix, [$placed, $read], $given) : $read;
        $all = $this->all($product, $placed, $read);
        $made = array_values(array_filter($all, fn(Sku $sku): bool => $sku->isMade() && $matrix->isCell($sku->cell)));
        $matrix = LeftOutCells::in($matrix, $placed, $made, $homes);
        $cells = new DetailCells($matrix, $details->currency, $this->terms, $this->problems);
        $details = $details->saying($cells->read($details->details, $given, $placed, $made));
        $pictures = new PictureCells($matrix, $made, $this->terms, $this->problems);
        $state = new ProductState($details, $matrix, $all, $pictures->read($product->state->pictures, $given, $placed));

        return new ReadSheet($state, $named, $placed, $this->problems->all());
    }

    /**
     * What is new to the library gets the swatch that the sheet says.
     *
     * @param  array<int, Swatch>  $swatches  by value id
     */
    private static function withSwatches(ReadAxis $axis, array $swatches): ReadAxis
    {
        $new = array_filter($swatches, fn(int $id): bool => $id < 0, ARRAY_FILTER_USE_KEY);
        $own = array_intersect_key($new, $axis->swatches);

        return $own === []
            ? $axis
            : new ReadAxis(
                $axis->draft,
                $axis->axis,
                $axis->read,
                $own + $axis->swatches,
                $axis->unused,
                $axis->runs,
                $axis->near,
            );
    }

    /** @param  array<int, Swatch>  $swatches  by value id */
    private static function withOwnSwatches(ProductDetails $details, Product $product, array $swatches): ProductDetails
    {
        $own = [];
        foreach ($swatches as $valueId => $swatch) {
            $here = $product->library->swatches->of($valueId);
            $isSame =
                $here !== null &&
                ($swatch->piece === null || $here->piece === null
                    ? $here->hex() === $swatch->hex() && $here->tile === $swatch->tile
                    : $here->piece->photoId === $swatch->piece->photoId);
            if ($valueId > 0 && !$isSame) {
                $own[$valueId] = $swatch;
            }
        }

        return $own === [] ? $details : $details->with(['ownSwatches' => $own + $details->ownSwatches]);
    }

    private function matrix(Product $product, ReadAxes $axes): Matrix
    {
        $own = $product->matrix;
        $shape = fn(Axis $axis): array => [$axis->id, $axis->valueIds()];

        return array_map($shape, $own->axes) === array_map($shape, $axes->axes)
            ? $own
            : Matrix::of($axes->axes, $own->leftOut, array_values($own->sleeping));
    }

    private function counting(Details $details, GivenProduct $given): Counting
    {
        $said = $given->first(Field::detail(DetailKind::Counting));

        return Counting::tryFrom($said) ?? (Counting::tryFrom($details->whole(DetailKind::Counting)) ?? Counting::Sku);
    }

    /**
     * @param  list<Sku>  $skus
     * @return array{ProductDetails, list<Sku>}
     */
    private function priced(Product $product, ProductDetails $details, array $skus, GivenProduct $given): array
    {
        $price = Field::of(FieldKind::Price);
        if (!$given->has($price) || $given->has(Field::of(FieldKind::BasePrice))) {
            return [$details, $skus];
        }
        $said = [];
        $made = array_column($product->made, null, 'id');
        foreach ($skus as $sku) {
            $own = $made[$sku->id] ?? null;
            if ($sku->price !== null && ($own === null || $own->price?->equals($sku->price) !== true)) {
                $said[$sku->cell->key] = true;
            }
        }
        $rule = SheetPrices::of($product, $details, $skus, $said);

        return [$rule->details, $rule->skus];
    }

    /**
     * A new SKU costs what the sheet shows of it: where an axis that sleeps goes on counting in the catalog that wrote
     * it, nothing else in the sheet says so.
     *
     * @param  array{list<PlacedRow>, list<Sku>}  $rows  and the SKUs that they say
     * @return list<Sku>
     */
    private function asShown(ProductDetails $details, Matrix $matrix, array $rows, GivenProduct $given): array
    {
        [$placed, $skus] = $rows;
        $field = Field::of(FieldKind::EffectivePrice);
        if (!$given->has($field)) {
            return $skus;
        }
        $shown = [];
        foreach ($placed as $one) {
            $shown[$one->cell->key] = $one->row->text($field);
        }
        $prices = new PriceList(
            $details->currency,
            $details->basePrice,
            $details->adjustments,
            $details->details,
            $matrix,
        );

        return array_map(function (Sku $sku) use ($shown, $prices, $details): Sku {
            $text = $shown[$sku->cell->key] ?? '';
            $made = $prices->price($sku->cell, $sku->price)->effective()?->shown() ?? '';

            return $text === '' || $sku->price !== null || $text === $made
                ? $sku
                : $sku->priceOf(Money::typed($text, $details->currency));
        }, $skus);
    }

    /**
     * All SKUs of the product as they are to be: those that the sheet does not name stay.
     *
     * @param  list<PlacedRow>  $placed
     * @param  list<Sku>  $read
     * @return list<Sku>
     */
    private function all(Product $product, array $placed, array $read): array
    {
        $byId = $new = $gone = [];
        foreach ($read as $sku) {
            if ($sku->id === 0) {
                $new[] = $sku;
            } else {
                $byId[$sku->id] = $sku;
            }
        }
        foreach ($placed as $one) {
            if ($one->state !== RowState::Made && $one->own?->isMade() === true) {
                $gone[$one->own->id] = true;
            }
        }
        $own = array_map(
            fn(Sku $sku): Sku => isset($gone[$sku->id])
                ? $sku->placed($sku->cell, $sku->combination, SkuState::Retired, $product->version)
                : $byId[$sku->id] ?? $sku,
            $product->state->skus,
        );

        return [...$own, ...$new];
    }
}
