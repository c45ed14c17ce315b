<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use Core\Sheets\Columns\ColumnGround;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Rows\RowShape;
use Core\Sheets\Rows\SheetLayout;

/** The layout of a sheet as it is stored. */
final class LayoutRecord
{
    /** @return array<string, mixed> */
    public static function encode(SheetLayout $layout): array
    {
        return [
            'shape' => $layout->shape->value,
            'axis' => $layout->axis,
            'across' => $layout->across->value,
            'sizes' => $layout->sizes,
            'columns' => array_map(
                fn(SheetColumn $column): array => [
                    $column->place,
                    $column->header,
                    $column->field?->header() ?? '',
                    $column->ground->value,
                    $column->unit,
                ],
                $layout->columns,
            ),
        ];
    }

    /** @param  array<string, mixed>  $stored */
    public static function decode(array $stored): SheetLayout
    {
        /** @var array{shape: string, axis: string, across: string, sizes: list<int>, columns: list<array{int, string, string, string, string}>} $stored */
        return new SheetLayout(
            array_map(
                fn(array $column): SheetColumn => new SheetColumn(
                    $column[0],
                    $column[1],
                    $column[2] === '' ? null : Field::named($column[2]),
                    ColumnGround::from($column[3]),
                    $column[4],
                ),
                $stored['columns'],
            ),
            RowShape::from($stored['shape']),
            $stored['sizes'],
            $stored['axis'],
            FieldKind::from($stored['across']),
        );
    }
}
