<?php

declare(strict_types=1);

namespace App\Store;

use App\Store\Library\SwatchColumns;
use App\Store\Library\ViewShelf;
use Core\Details\Fact;
use Core\Details\ReachedDetail;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Axis;
use Core\Matrix\Planning\SleepingAxis;
use Core\Pricing\Adjustment;
use Core\Product\OwnAxis;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuFields;
use Core\Reach\Reach;

/**
 * A product as the rows it is kept in: what StateReader reads. Every column that says something of a product is
 * written here, and nowhere else; what only serves the keeping (ids, versions, times, folded names) is not the state's.
 */
final readonly class StateRows
{
    /**
     * @param  array<int, string>  $names  what the library calls the values, by id: a label that is the same is none of
     * the product's own
     */
    public function __construct(private array $names) {}

    /** @return array<string, mixed> the columns of the product's own row */
    public static function product(ProductState $state): array
    {
        $details = $state->details;

        return [
            'code' => $details->code,
            'name' => $details->name,
            'description' => $details->description,
            'brand' => $details->brand,
            'category' => $details->category,
            'currency' => $details->currency->code,
            'price' => Amounts::stored($details->basePrice),
            'shot_list_id' => $details->shotList?->id,
            'left_out' => Clauses::encode(Reach::leftOutOf($state->matrix)),
            'opening_cell' => $details->openingCell?->key,
            'shots' => ViewShelf::encode($details->shots),
            'code_pattern_id' => $details->codePattern?->id,
        ];
    }

    /** @return array<int, array<string, mixed>> rows of product_axes by axis id: those that sleep have no place */
    public static function axes(ProductState $state): array
    {
        $rows = [];
        foreach ($state->matrix->axes as $position => $axis) {
            $rows[$axis->id] =
                [
                    'axis_id' => $axis->id,
                    'position' => $position,
                    'stands_at_value_id' => null,
                ] + self::look($state->details, $axis->id);
        }
        foreach ($state->matrix->sleeping as $axis) {
            $rows[$axis->id] =
                [
                    'axis_id' => $axis->id,
                    'position' => null,
                    'stands_at_value_id' => $axis->standsAt,
                ] + self::look($state->details, $axis->id);
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function look(ProductDetails $details, int $axisId): array
    {
        $own = $details->ownAxes[$axisId] ?? new OwnAxis();

        return [
            'opening_value_id' => $details->openings[$axisId] ?? null,
            'changes_picture' => $own->changesPicture === null ? null : (int) $own->changesPicture,
            'display' => $own->display?->value,
        ];
    }

    /** @return array<int, array<string, mixed>> rows of product_values by value id: those that sleep have no place */
    public function values(ProductState $state): array
    {
        $rows = [];
        foreach ([...$state->matrix->axes, ...array_values($state->matrix->sleeping)] as $axis) {
            $labels = $axis instanceof Axis ? array_column($axis->values, 'label', 'id') : [];
            $placed = $axis instanceof SleepingAxis ? $axis->valueIds : $axis->valueIds();
            foreach ([...array_keys($placed), ...array_fill(0, count($axis->sleeping), null)] as $at => $position) {
                $id = $axis->everyValueId()[$at];
                $label = $labels[$id] ?? ($state->details->sleepingLabels[$id] ?? null);
                $rows[$id] =
                    [
                        'axis_id' => $axis->id,
                        'value_id' => $id,
                        'position' => $position,
                        'label' => $label === ($this->names[$id] ?? null) ? null : $label,
                    ] +
                    SwatchColumns::of($state->details->ownSwatches[$id] ?? null) +
                    self::adjustment($state->details->adjustments[$id] ?? new Adjustment());
            }
        }

        return $rows;
    }

    /** @return array{price_amount: ?string, price_percent: ?string} */
    public static function adjustment(Adjustment $adjustment): array
    {
        return [
            'price_amount' => Amounts::stored($adjustment->amount),
            'price_percent' =>
                $adjustment->percent === null
                    ? null
                    : (string) $adjustment->percent->toScale(Adjustment::PERCENT_DIGITS),
        ];
    }

    /** @return array<string, mixed> */
    public static function sku(Sku $sku): array
    {
        return [
            'cell' => $sku->combination->key,
            'state' => $sku->state->value,
            'code' => $sku->code,
            'code_typed' => (int) $sku->isCodeTyped,
            'gtin' => $sku->gtin,
            'price' => Amounts::stored($sku->price),
            'stock' => $sku->stock,
            'weight_g' => $sku->weightG,
            'retired_version' => $sku->retiredAt,
        ] + self::texts($sku);
    }

    /** @return array<string, ?string> */
    private static function texts(Sku $sku): array
    {
        $columns = [];
        foreach (SkuFields::texts() as $field) {
            $columns[$field->column()] = $sku->texts[$field->key()] ?? null;
        }

        return $columns;
    }

    /**
     * @param  int  $position  in the one order
     * @return array<string, mixed>
     */
    public static function placement(Placement $placement, int $position): array
    {
        return [
            'photo_id' => $placement->photoId,
            'file_name' => $placement->file,
            'position' => $position,
            'reach' => Clauses::encode($placement->reach),
            'hidden' => Clauses::encode($placement->hidden),
            'view' => $placement->view?->key,
            'roles' => json_encode(
                array_map(fn(Role $role): string => $role->value, $placement->roles),
                JSON_THROW_ON_ERROR,
            ),
            'alt_text' => $placement->altText,
            'crop' => $placement->crop,
        ];
    }

    /** @return array<string, string|int> */
    public static function fact(Fact $fact, int $position): array
    {
        return FactRows::columns($fact, $position);
    }

    /** @return array<string, string> */
    public static function detail(ReachedDetail $detail): array
    {
        return ['kind' => $detail->kind->value, 'reach' => Clauses::encode($detail->reach), 'text' => $detail->text];
    }

    /** @return array<string, list<array<string, mixed>>> all of it by table, but for the product's own row */
    public function all(ProductState $state): array
    {
        $pictures = $state->pictures;
        $facts = $state->details->facts;

        return [
            'product_axes' => array_values(self::axes($state)),
            'product_values' => array_values($this->values($state)),
            'skus' => array_map(self::sku(...), $state->skus),
            'placements' => array_map(
                fn(Placement $picture, int $at): array => self::placement($picture, $at + 1),
                $pictures,
                array_keys($pictures),
            ),
            'facts' => array_map(fn(Fact $fact, int $at): array => self::fact($fact, $at), $facts, array_keys($facts)),
            'details' => array_map(self::detail(...), $state->details->details->all),
        ];
    }
}
