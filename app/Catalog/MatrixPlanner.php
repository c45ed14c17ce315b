<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Codes\SkuCodes;
use Core\Gallery\RoleClash;
use Core\Matrix\MatrixChange;
use Core\Matrix\Planner;
use Illuminate\Support\Facades\DB;

/** Puts the question of a matrix change to the core, with all that it concerns. */
final class MatrixPlanner
{
    private const CHUNK = 1000;

    /** @param  array<string, int>  $roleChoices  clash key => id of the picture that keeps the role */
    public function plan(LoadedProduct $loaded, MatrixChange $change, array $roleChoices = []): PlannedChange
    {
        $plan = (new Planner())->plan($change, array_map(fn (SkuRow $sku) => $sku->standing(), $loaded->skus));
        $codes = new SkuCodes();
        $wanted = array_map(fn ($cell): string => $codes->code($loaded->product->code, $change->to, $cell), $plan->make);

        $toTray = [];
        $fromTray = [];
        foreach ($loaded->placements as $row) {
            $was = $loaded->isLinked($row);
            $will = ! $change->carryReach($row->reach())->activeIn($change->to)->isNothing();
            if ($was && ! $will) {
                $toTray[] = $row->file();
            } elseif (! $was && $will) {
                $fromTray[] = $row->file();
            }
        }

        return new PlannedChange(
            $change,
            $plan,
            $codes->forCells($loaded->product->code, $change->to, $plan->make, $this->taken($wanted)),
            $toTray,
            $fromTray,
            $change->keepsCells() ? [] : RoleClash::of($change, $loaded->corePlacements()),
            $roleChoices,
        );
    }

    /**
     * @param  list<string>  $codes
     * @return array<string, string> code in upper case => what has it, in words
     */
    private function taken(array $codes): array
    {
        $taken = [];
        foreach (array_chunk($codes, self::CHUNK) as $chunk) {
            $rows = DB::table('skus')->join('products', 'products.id', '=', 'skus.product_id')
                ->whereIn('skus.code', $chunk)->get(['skus.code', 'skus.state', 'products.name']);
            foreach ($rows as $row) {
                $taken[mb_strtoupper($row->code)] = "a SKU of {$row->name}".($row->state === 'retired' ? ' (retired)' : '');
            }
        }

        return $taken;
    }
}
