<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Matrix\Planning\SleepingAxis;
use Core\Product\Product;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLine;

/** A column of a product's rows in which its SKUs differ, and which could make SKUs: a candidate for an axis. */
final readonly class AxisColumn
{
    /** More values than this are no choice that a shopper makes. */
    private const MOST_VALUES = 200;

    /**
     * @param  string  $key  header of the column; of an axis that sleeps "axis" with its name
     * @param  array<int, string>  $texts  SKU id => what its row says
     * @param  list<string>  $values  each once, in the order of the rows
     * @param  int  $silent  SKUs of which it says nothing
     */
    private function __construct(
        public string $key,
        public string $name,
        public array $texts,
        public array $values,
        public int $silent,
        public bool $isAsleep,
    ) {}

    /**
     * @param  list<Field>  $fields  columns that the product's rows have
     * @return list<self> axes that it had before first
     */
    public static function among(Product $product, array $fields): array
    {
        $found = [];
        foreach ($product->matrix->sleeping as $axis) {
            $found[] = self::asleep($product, $axis);
        }
        foreach ($fields as $field) {
            $column = self::canBeAxis($field) ? self::ofField($product, $field) : null;
            if ($column !== null && count($column->values) > 1 && count($column->values) <= self::MOST_VALUES) {
                $found[] = $column;
            }
        }

        return $found;
    }

    /** Whether every SKU has a value. */
    public function isWhole(): bool
    {
        return $this->silent === 0;
    }

    private static function canBeAxis(Field $field): bool
    {
        return match ($field->kind) {
            FieldKind::Weight, FieldKind::SkuText => true,
            FieldKind::Detail => !$field->isOfProduct(),
            default => false,
        };
    }

    private static function asleep(Product $product, SleepingAxis $axis): self
    {
        $texts = [];
        foreach (ColumnAsAxis::inOrder($product) as $sku) {
            $valueId = $sku->combination->value($axis->id) ?? $axis->standsAt;
            $texts[$sku->id] = $valueId === null ? '' : $product->library->names->value($valueId);
        }

        return self::of("axis {$axis->name}", $axis->name, $texts, true);
    }

    private static function ofField(Product $product, Field $field): self
    {
        $writer = new CellWriter($product);
        $texts = [];
        foreach (ColumnAsAxis::inOrder($product) as $at => $sku) {
            $texts[$sku->id] = $writer->text($field, new SheetLine($sku->cell, $sku, $sku->state->value, $at === 0));
        }

        return self::of($field->header(), ucfirst($field->header()), $texts, false);
    }

    /** @param  array<int, string>  $texts  SKU id => what its row says */
    private static function of(string $key, string $name, array $texts, bool $isAsleep): self
    {
        $said = array_filter($texts, fn(string $text): bool => !ColumnAsAxis::isSilent($text));

        return new self(
            $key,
            $name,
            $texts,
            array_values(array_unique($said)),
            count($texts) - count($said),
            $isAsleep,
        );
    }
}
