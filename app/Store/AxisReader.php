<?php

declare(strict_types=1);

namespace App\Store;

use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Planning\SleepingAxis;
use Core\Matrix\Value;
use Core\Product\OwnAxis;
use stdClass;

/** Reads the axes and values of a product from its rows and the library's. */
final class AxisReader
{
    /**
     * Axes and values that a product does not use at the moment have a row without a place.
     *
     * @param  list<stdClass>  $rows
     * @return list<stdClass>
     */
    public static function used(array $rows): array
    {
        return array_values(array_filter($rows, fn(stdClass $row): bool => $row->position !== null));
    }

    /**
     * @param  list<stdClass>  $ownAxes  product axes, in order
     * @param  array<int, stdClass>  $library  axes by id
     * @param  list<stdClass>  $ownValues  product values, in order
     * @param  array<int, stdClass>  $libraryValues  values by id
     * @return list<Axis>
     */
    public static function axes(array $ownAxes, array $library, array $ownValues, array $libraryValues): array
    {
        $byAxis = [];
        $sleeping = [];
        foreach ($ownValues as $row) {
            $value = $libraryValues[$row->value_id];
            if ($row->position === null) {
                $sleeping[$row->axis_id][] = $value->id;
            } else {
                $byAxis[$row->axis_id][] = new Value($value->id, $row->label ?? $value->name, $value->code);
            }
        }

        return array_map(
            fn(stdClass $row): Axis => new Axis(
                $row->axis_id,
                $library[$row->axis_id]->name,
                AxisKind::from($library[$row->axis_id]->kind),
                $byAxis[$row->axis_id] ?? [],
                (bool) ($row->changes_picture ?? $library[$row->axis_id]->changes_picture),
                AxisDisplay::from($row->display ?? $library[$row->axis_id]->display),
                $sleeping[$row->axis_id] ?? [],
            ),
            self::used($ownAxes),
        );
    }

    /**
     * @param  list<stdClass>  $rows  product axes
     * @return array<int, OwnAxis> by axis id
     */
    public static function ownAxes(array $rows): array
    {
        $own = [];
        foreach ($rows as $row) {
            $own[$row->axis_id] = new OwnAxis(
                $row->changes_picture === null ? null : (bool) $row->changes_picture,
                $row->display === null ? null : AxisDisplay::from($row->display),
            );
        }

        return array_filter($own, fn(OwnAxis $axis): bool => !$axis->isNone());
    }

    /**
     * The values of a sleeping axis keep their places; those that have none slept before it did.
     *
     * @param  list<stdClass>  $ownAxes
     * @param  array<int, stdClass>  $library  axes by id
     * @param  list<stdClass>  $ownValues
     * @param  array<int, stdClass>  $libraryValues  values by id
     * @return list<SleepingAxis>
     */
    public static function sleeping(array $ownAxes, array $library, array $ownValues, array $libraryValues): array
    {
        $sleeping = [];
        foreach ($ownAxes as $axis) {
            if ($axis->position === null) {
                $values = array_values(
                    array_filter($ownValues, fn(stdClass $row): bool => $row->axis_id === $axis->axis_id),
                );
                $placed = array_column(self::used($values), 'value_id');
                $stands = array_column($values, null, 'value_id')[$axis->stands_at_value_id] ?? null;
                $sleeping[] = new SleepingAxis(
                    $axis->axis_id,
                    $placed,
                    $axis->stands_at_value_id,
                    array_values(array_diff(array_column($values, 'value_id'), $placed)),
                    $library[$axis->axis_id]->name,
                    $stands === null ? '' : $stands->label ?? $libraryValues[$stands->value_id]->name,
                    (bool) ($axis->changes_picture ?? $library[$axis->axis_id]->changes_picture),
                );
            }
        }

        return $sleeping;
    }

    /**
     * @param  list<stdClass>  $ownAxes
     * @param  array<int, stdClass>  $library  axes by id
     * @return array<int, string> by axis id, those that the product has before those that sleep
     */
    public static function names(array $ownAxes, array $library): array
    {
        usort(
            $ownAxes,
            fn(stdClass $a, stdClass $b): int => [$a->position === null, $a->position, $a->id] <=> [
                $b->position === null,
                $b->position,
                $b->id,
            ],
        );
        $names = [];
        foreach ($ownAxes as $row) {
            $names[$row->axis_id] = $library[$row->axis_id]->name;
        }

        return $names;
    }
}
