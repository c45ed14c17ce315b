<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Store\PlacementRow;
use Core\Details\CarriedPrices;
use Core\Details\PricedSku;
use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\RoleClash;
use Core\Matrix\MatrixChange;
use Core\Matrix\Planner;
use Core\Matrix\StandingSku;
use Core\Product\Sku;
use Core\Reach\Carrying;
use Core\Stock\CarriedPools;
use Core\Stock\CarriedUnits;
use Core\Stock\StockBook;

/** Puts the question of a matrix change to the core, with all that it concerns. */
final class MatrixPlanner
{
    public function __construct(private readonly CodePlanner $codes)
    {
    }

    public function plan(LoadedProduct $loaded, MatrixChange $change, MatrixChoices $choices = new MatrixChoices()): PlannedChange
    {
        $plan = (new Planner())
            ->plan($change, array_map(fn (Sku $sku): StandingSku => $sku->standing($loaded->book), $loaded->skus));
        $cells = $change->to->inOrder($change->to->offered());
        $carrying = Carrying::along($change);
        $pictures = new PictureChanges($loaded, $change, $plan, new Galleries($change->to, $cells, array_map(
            fn (PlacementRow $row): Placement => $row->placement->reaching($carrying->reach($row->reach()), $carrying->hidden($row->placement->hidden)),
            array_values($loaded->placements),
        )));

        $pools = array_values(array_map(
            fn (Sku $sku): array => [$sku->combination, $loaded->book->part($sku->cell), $loaded->units($sku)],
            $loaded->made,
        ));
        $details = CarriedPools::along($change, $loaded->details, $loaded->details->carried($carrying), $pools);
        $prices = $loaded->prices->along($change, $details);

        return new PlannedChange(
            $change,
            $plan,
            $this->codes->plan(new CodeRequest(
                $loaded->product->id,
                $loaded->product->code,
                $this->codes->patternOf($loaded->product),
                $change->to->codeParts($change->to->inOrder($plan->make)),
                $choices->codes,
                $change->to->axes === [],
            )),
            $pictures,
            $details,
            $prices,
            CarriedPrices::moves($change, $plan, $loaded->prices, $prices, $this->priced($loaded)),
            CarriedUnits::moves(
                $change,
                $plan,
                $loaded->book,
                new StockBook($details, $change->to),
                $loaded->standingSkus(),
            ),
            $change->keepsCells() ? [] : RoleClash::of($change, $loaded->corePlacements()),
            $choices->roles,
        );
    }

    /** @return list<PricedSku> those on offer, with their values on axes that sleep */
    private function priced(LoadedProduct $loaded): array
    {
        $priced = fn (Sku $sku): PricedSku => new PricedSku($sku->id, $sku->combination, $sku->price);

        return array_map($priced, array_values($loaded->made));
    }
}
