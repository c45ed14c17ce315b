<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\ReachMapper;

/** What a product is after a planned change of its matrix: axes, values, SKUs, reaches, prices and units. */
final readonly class PlannedState
{
    public static function of(Product $product, PlannedChange $planned): ProductState
    {
        $before = $product->state;
        $change = $planned->change;
        $matrix = self::labeled($change->to, $before);
        $carrying = ReachMapper::along($change);
        $pictures = array_map(
            fn(Placement $picture): Placement => $picture
                ->reaching($carrying->reach($picture->reach), $carrying->hidden($picture->hidden))
                ->doing($planned->rolesOf($picture)),
            $before->pictures,
        );

        return new ProductState(
            self::details($before, $planned, $matrix),
            $matrix,
            self::skus($before->skus, $planned, $matrix, $product->version),
            $pictures,
        );
    }

    /** A value that the product calls something of its own is called so as well when it comes back. */
    private static function labeled(Matrix $to, ProductState $before): Matrix
    {
        $own = $before->details->sleepingLabels;
        foreach ($before->matrix->axes as $axis) {
            $own += array_column($axis->values, 'label', 'id');
        }
        $value = fn(Value $value): Value => new Value($value->id, $own[$value->id] ?? $value->label, $value->code);
        $axes = array_map(
            fn(Axis $axis): Axis => new Axis(
                $axis->id,
                $axis->name,
                $axis->kind,
                array_map($value, $axis->values),
                $axis->changesPicture,
                $axis->display,
                $axis->sleeping,
            ),
            $to->axes,
        );

        return Matrix::of($axes, $to->leftOut, array_values($to->sleeping));
    }

    private static function details(ProductState $before, PlannedChange $planned, Matrix $matrix): ProductDetails
    {
        $details = $before->details;
        $change = $planned->change;
        $opening = $details->openingCell;
        $awake = $labels = [];
        foreach ($matrix->axes as $axis) {
            $awake += array_flip($axis->valueIds());
        }
        foreach ($before->matrix->axes as $axis) {
            $labels += array_column($axis->values, 'label', 'id');
        }

        return $details
            ->pricedBy($planned->prices->base, $planned->prices->adjustments + $details->adjustments)
            ->saying($planned->details)
            ->with([
                'openings' => self::openings($details->openings, $change),
                'openingCell' => $opening === null ? null : $change->landing($opening) ?? $opening,
                'sleepingLabels' => array_diff_key($details->sleepingLabels + $labels, $awake),
            ]);
    }

    /**
     * What shoppers find chosen follows a value that hands over to another.
     *
     * @param  array<int, int>  $openings  by axis id
     * @return array<int, int>
     */
    private static function openings(array $openings, MatrixChange $change): array
    {
        foreach ($openings as $axisId => $valueId) {
            $heir = $change->handover->opening($axisId, $valueId);
            if ($heir !== null) {
                unset($openings[$axisId]);
                $openings[$heir->toAxisId] = $heir->toValueId;
            }
        }

        return $openings;
    }

    /**
     * @param  list<Sku>  $before
     * @return list<Sku> those that are made last
     */
    private static function skus(array $before, PlannedChange $planned, Matrix $matrix, int $version): array
    {
        $plan = $planned->plan;
        $moved = array_column($plan->move, 'to', 'skuId');
        $revived = array_flip($plan->revive);
        $retired = array_flip(array_map(fn($sku): int => $sku->id, $plan->retire));
        $returning = array_flip($plan->firstToReturn);
        $units = [];
        $stock = array_column($before, 'stock', 'id');
        foreach ($plan->stockMoves as $move) {
            $units[$move->fromSkuId] = ($units[$move->fromSkuId] ?? ($stock[$move->fromSkuId] ?? 0)) - $move->units;
            $units[$move->toSkuId] = ($units[$move->toSkuId] ?? ($stock[$move->toSkuId] ?? 0)) + $move->units;
        }
        $after = [];
        foreach ($before as $sku) {
            $combination = $moved[$sku->id] ?? $sku->combination;
            $state = match (true) {
                isset($revived[$sku->id]) => SkuState::Made,
                isset($retired[$sku->id]) => SkuState::Retired,
                default => $sku->state,
            };
            $retiredAt = match (true) {
                isset($retired[$sku->id]), isset($returning[$sku->id]) => $version,
                isset($revived[$sku->id]) => 0,
                default => $sku->retiredAt,
            };
            $cell = $matrix->place($combination) ?? $combination;
            $placed = self::placed($sku, $cell, $combination, $state, $retiredAt);
            $stock = $units[$sku->id] ?? $sku->stock;
            $after[] = $stock === $placed->stock ? $placed : $placed->counted($stock);
        }
        $byId = array_column($before, null, 'id');
        $codes = $planned->codes->settled()->codes;
        foreach ($plan->make as $cell) {
            $like = $byId[$plan->likenesses[$cell->key] ?? 0] ?? null;
            $after[] = new Sku(0, $cell, SkuState::Made, $codes[$cell->key], $like?->price, weightG: $like?->weightG);
        }

        return $after;
    }

    /** The very SKU where nothing is otherwise. */
    private static function placed(
        Sku $sku,
        Combination $cell,
        Combination $combination,
        SkuState $state,
        int $retiredAt,
    ): Sku {
        return $cell->key === $sku->cell->key &&
            $combination->key === $sku->combination->key &&
            $state === $sku->state &&
            $retiredAt === $sku->retiredAt
            ? $sku
            : $sku->placed($cell, $combination, $state, $retiredAt);
    }
}
