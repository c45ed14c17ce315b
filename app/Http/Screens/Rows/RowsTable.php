<?php

declare(strict_types=1);

namespace App\Http\Screens\Rows;

use App\Files\Sheets\SheetColumns;
use App\Store\Products\LoadedProduct;
use Core\Product\Product;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Typing\AxisColumn;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;
use Core\Sheets\Writing\SheetLines;

/** SKUs as rows, in the columns that a person chose: what the flat sheet would say of them. */
final readonly class RowsTable
{
    /** Rows of a page. */
    public const PAGE = 300;

    private const USUAL = [
        FieldKind::Sku,
        FieldKind::Gtin,
        FieldKind::Price,
        FieldKind::EffectivePrice,
        FieldKind::Stock,
        FieldKind::Weight,
    ];

    /** @var list<RowColumn> all that there are */
    public array $all;

    /** @var list<RowColumn> those that are shown */
    public array $columns;

    /** @var list<RowScreen> */
    public array $rows;

    /** Whether each row is named by its product and combination: products rarely have the same axes. */
    public bool $isOfSeveral;

    /** How many rows of these products come before, and how many there are. */
    public int $from;

    public int $total;

    /**
     * @param  list<LoadedProduct>  $products  in their order
     * @param  ?list<string>  $chosen  headers; null for the usual ones
     * @param  int  $from  row to begin with, from 0
     */
    public function __construct(array $products, ?array $chosen, int $from = 0)
    {
        $fields = SheetColumns::of(array_map(fn(LoadedProduct $loaded): int => $loaded->product->id, $products))
            ->fields;
        $this->all = array_map(fn(Field $field): RowColumn => new RowColumn($field), $fields);
        $this->isOfSeveral = count($products) > 1;
        $shown = array_filter(
            $this->all,
            fn(RowColumn $column): bool => match (true) {
                $column->isFixed() => false,
                $chosen === null => in_array($column->field->kind, self::USUAL, true),
                default => in_array($column->header(), $chosen, true),
            },
        );
        $this->columns = [...count($products) === 1 ? $this->axes($products[0]->core) : [], ...array_values($shown)];
        $this->from = $from;
        [$this->rows, $this->total] = $this->rows($products);
    }

    /** @return list<RowColumn> axes that make SKUs, then those that did */
    private function axes(Product $product): array
    {
        return [
            ...array_filter($this->all, fn(RowColumn $column): bool => $column->isAxis()),
            ...array_map(RowColumn::asleep(...), AxisColumn::among($product, [])),
        ];
    }

    /**
     * @param  list<LoadedProduct>  $products
     * @return array{list<RowScreen>, int} those of the page, and how many there are
     */
    private function rows(array $products): array
    {
        $rows = [];
        $at = 0;
        foreach ($products as $loaded) {
            $writer = new CellWriter($loaded->core);
            $isFirst = true;
            foreach (SheetLines::of($loaded->core) as $line) {
                // A cell that is left out has no SKU that anything could be said of.
                if ($line->sku === null && $loaded->core->state->skus !== []) {
                    continue;
                }
                if ($at >= $this->from && $at < $this->from + self::PAGE) {
                    $rows[] = $this->row($loaded, $line, $writer, $at + 1, $isFirst);
                }
                $isFirst = false;
                $at++;
            }
        }

        return [$rows, $at];
    }

    private function row(
        LoadedProduct $loaded,
        SheetLine $line,
        CellWriter $writer,
        int $number,
        bool $isFirst,
    ): RowScreen {
        return new RowScreen(
            $number,
            $loaded->product->id,
            $loaded->product->code,
            $loaded->core->matrix->inWordsOr($line->cell, ''),
            $line->sku->id ?? 0,
            array_map(fn(RowColumn $column): string => $column->text($writer, $line), $this->columns),
            $isFirst,
            $line->state,
        );
    }

    public function hasEarlier(): bool
    {
        return $this->from > 0;
    }

    public function earlier(): int
    {
        return max(0, $this->from - self::PAGE);
    }

    public function hasLater(): bool
    {
        return $this->from + self::PAGE < $this->total;
    }

    public function later(): int
    {
        return $this->from + self::PAGE;
    }

    /** @return list<RowColumn> that can be chosen */
    public function choices(): array
    {
        return array_values(array_filter($this->all, fn(RowColumn $column): bool => !$column->isFixed()));
    }

    public function isShown(RowColumn $column): bool
    {
        foreach ($this->columns as $own) {
            if ($own->field->key() === $column->field->key()) {
                return true;
            }
        }

        return false;
    }
}
