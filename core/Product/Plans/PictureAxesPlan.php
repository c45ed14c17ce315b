<?php

declare(strict_types=1);

namespace Core\Product\Plans;

use Core\Details\Details;
use Core\Gallery\PictureAxes;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Planner;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Stock\CarriedPools;
use Core\Stock\CarriedUnits;
use Core\Stock\StockBook;
use Core\Stock\UnitMove;

/** What becomes of a product where its pictures differ by other axes: units that a picture combination has go along. */
final readonly class PictureAxesPlan
{
    public Matrix $to;

    public Details $details;

    /** @var list<UnitMove> */
    public array $unitMoves;

    /** @param  list<int>  $axisIds */
    public function __construct(Product $product, array $axisIds)
    {
        $this->to = PictureAxes::chosen($product->matrix, $axisIds);
        $skus = array_values(
            array_map(
                fn(Sku $sku): array => [$sku->cell, $product->book->part($sku->cell), $product->units($sku)],
                $product->made,
            ),
        );
        $this->details = CarriedPools::withPictureAxes(
            $product->matrix,
            $this->to,
            $product->state->details->details,
            $skus,
        );
        $change = new MatrixChange($product->matrix, $this->to);
        $standing = $product->standingSkus();
        $this->unitMoves = CarriedUnits::moves(
            $change,
            (new Planner())->plan($change, $standing),
            $product->book,
            new StockBook($this->details, $this->to),
            $standing,
        );
    }

    /** "Moss 100 and Clay 50 → all 150"; empty where no unit goes elsewhere. */
    public function unitsInWords(int $most): string
    {
        return UnitMove::allInWords($this->unitMoves, $most);
    }
}
