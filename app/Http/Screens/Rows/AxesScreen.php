<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use App\Http\Screens\Few;
use Core\Matrix\Axis;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Sheets\Typing\AxisColumn;
use Core\Sheets\Typing\ColumnAsAxis;

/** Which columns of a product's rows make SKUs, which could, and the rows that one can be typed for. */
final readonly class AxesScreen
{
    /** Values of a column that are named. */
    private const NAMED = 6;

    /** @var list<Axis> that make SKUs */
    public array $axes;

    /** @var list<string> what each row is called, in their order */
    public array $rows;

    /** @param  list<AxisColumn>  $columns  that could make SKUs */
    public function __construct(Product $product, public array $columns)
    {
        $this->axes = $product->matrix->axes;
        $this->rows = array_map(
            fn(Sku $sku): string => $product->matrix->inWordsOr($sku->cell, $sku->code),
            ColumnAsAxis::inOrder($product),
        );
    }

    /** "cotton, linen, wool and 2 more" */
    public function values(AxisColumn $column): string
    {
        $few = Few::of($column->values, self::NAMED);
        $named = implode(', ', $few->shown);

        return $few->more === 0 ? $named : __('rows.and_more', ['named' => $named, 'count' => $few->more]);
    }

    /** Whether no column is there that could be chosen, so that one is to be typed. */
    public function typesFirst(): bool
    {
        return ($this->columns[0] ?? null)?->isWhole() !== true;
    }
}
