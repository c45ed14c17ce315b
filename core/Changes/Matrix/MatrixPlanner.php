<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Changes\Codes\CodePlanner;
use Core\Changes\Codes\CodeRequest;
use Core\Details\Prices\CarriedPrices;
use Core\Details\Prices\PricedSku;
use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\Roles\RoleClash;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Planning\StandingSku;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Reach\ReachMapper;
use Core\Stock\CarriedPools;
use Core\Stock\CarriedUnits;
use Core\Stock\StockBook;

/** Plans a change of a product's matrix with all that it concerns: SKUs, codes, pictures, prices and units. */
final readonly class MatrixPlanner
{
    private CodePlanner $codes;

    public function __construct(Catalog $catalog)
    {
        $this->codes = new CodePlanner($catalog);
    }

    public function plan(
        Product $product,
        MatrixChange $change,
        MatrixChoices $choices = new MatrixChoices(),
    ): PlannedChange {
        $standing = fn(Sku $sku): StandingSku => $sku->standing($product->book);
        $plan = (new Planner())->plan($change, array_map($standing, $product->state->skus));
        $carrying = ReachMapper::along($change);
        $pools = array_values(
            array_map(
                fn(Sku $sku): array => [$sku->combination, $product->book->part($sku->cell), $product->units($sku)],
                $product->made,
            ),
        );
        $said = $product->state->details->details;
        $details = CarriedPools::along($change, $said, $said->carried($carrying), $pools);
        $prices = $product->prices->along($change, $details);
        $book = new StockBook($details, $change->to);

        return new PlannedChange(
            $change,
            $plan,
            $this->codes->plan($this->newCodes($product, $change, $plan, $choices)),
            new PictureChanges($product, $change, $plan, $this->galleries($product, $change, $carrying)),
            $details,
            $prices,
            CarriedPrices::moves($change, $plan, $product->prices, $prices, $this->priced($product)),
            CarriedUnits::moves($change, $plan, $product->book, $book, $product->standingSkus()),
            $change->keepsCells() ? [] : RoleClash::of($change, $product->state->pictures),
            $choices->roles,
        );
    }

    /** @return list<PricedSku> those on offer, with their values on axes that sleep */
    private function priced(Product $product): array
    {
        $priced = fn(Sku $sku): PricedSku => new PricedSku($sku->id, $sku->combination, $sku->price);

        return array_map($priced, array_values($product->made));
    }

    private function newCodes(Product $product, MatrixChange $change, Plan $plan, MatrixChoices $choices): CodeRequest
    {
        $code = $product->state->details->code;

        return new CodeRequest(
            $code,
            $this->codes->patternOf($product),
            $change->to->codeParts($change->to->inOrder($plan->make)),
            $choices->codes,
            $change->to->axes === [] ? $code : null,
        );
    }

    /** What shoppers see once the change is made. */
    private function galleries(Product $product, MatrixChange $change, ReachMapper $carrying): Galleries
    {
        $carried = fn(Placement $picture): Placement => $picture->reaching(
            $carrying->reach($picture->reach),
            $carrying->hidden($picture->hidden),
        );

        return new Galleries(
            $change->to,
            $change->to->inOrder($change->to->offered()),
            array_map($carried, $product->state->pictures),
        );
    }
}
