<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Codes\CodeClash;
use Core\Codes\CodeParts;
use Core\Codes\PlannedCodes;
use Core\Codes\SkuCodes;
use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\RoleClash;
use Core\Matrix\MatrixChange;
use Core\Matrix\Plan;
use Core\Matrix\Planner;
use Core\Reach\Carrying;

/** Puts the question of a matrix change to the core, with all that it concerns. */
final class MatrixPlanner
{
    public function __construct(private readonly TakenCodes $taken)
    {
    }

    public function plan(LoadedProduct $loaded, MatrixChange $change, MatrixChoices $choices = new MatrixChoices()): PlannedChange
    {
        $plan = (new Planner())->plan($change, array_map(fn (SkuRow $sku) => $sku->standing(), $loaded->skus));
        $cells = $change->to->inOrder($change->to->offered());
        $carrying = Carrying::along($change);
        $pictures = new PictureChanges($loaded, $change, $plan, new Galleries($change->to, $cells, array_map(
            fn (PlacementRow $row): Placement => $row->placement->reaching($carrying->reach($row->reach()), $carrying->hidden($row->placement->hidden)),
            array_values($loaded->placements),
        )));

        return new PlannedChange(
            $change,
            $plan,
            $this->codes($loaded, $change, $plan, $choices),
            $pictures,
            $change->keepsCells() ? [] : RoleClash::of($change, $loaded->corePlacements()),
            $choices->roles,
        );
    }

    /** Codes for what is made; where one is not free, the proposal is. */
    private function codes(LoadedProduct $loaded, MatrixChange $change, Plan $plan, MatrixChoices $choices): PlannedCodes
    {
        $codes = new SkuCodes();
        $product = $loaded->product;
        $parts = $change->to->codeParts($plan->make);
        $asked = array_map(fn (CodeParts $part): string => $codes->code($product->code, $part), $parts);
        $asked = [...$asked, ...array_values($choices->codes)];
        $taken = [];
        do {
            $taken += $this->taken->among($asked, $change->to->axes === [] ? $product->id : null);
            $planned = $codes->forCells($product->code, $parts, $taken, $choices->codes);
            $asked = array_values(array_diff(array_map(fn (CodeClash $clash): string => $clash->proposal, $planned->clashes), $asked));
            $found = $asked === [] ? [] : $this->taken->among($asked, null);
            $taken += $found;
        } while ($found !== []);

        return $planned;
    }
}
