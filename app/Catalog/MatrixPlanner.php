<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\RoleClash;
use Core\Matrix\MatrixChange;
use Core\Matrix\Planner;
use Core\Reach\Carrying;

/** Puts the question of a matrix change to the core, with all that it concerns. */
final class MatrixPlanner
{
    public function __construct(private readonly CodePlanner $codes)
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
            $this->codes->plan(
                $loaded->product,
                $this->codes->patternOf($loaded->product),
                $change->to->codeParts($change->to->inOrder($plan->make)),
                $choices->codes,
                $change->to->axes === [],
            ),
            $pictures,
            $change->keepsCells() ? [] : RoleClash::of($change, $loaded->corePlacements()),
            $choices->roles,
        );
    }
}
