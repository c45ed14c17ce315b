<?php

declare(strict_types=1);

namespace Core\Sheets\Typing;

use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;

/** Rows that are to be added to a product: each says its value on every axis, and what else it likes. */
final readonly class NewRows
{
    /**
     * @param  non-empty-list<array<string, string>>  $rows  header of a field as we write it => what stands there
     *
     * @throws Refusal where a header is none of ours
     */
    public static function of(Product $product, array $rows): GivenProduct
    {
        $product = $product->state->details->code;
        $code = Field::of(FieldKind::Product);
        $fields = [$code->key() => $code];
        $given = [];
        foreach ($rows as $at => $row) {
            $cells = [$code->key() => $product];
            foreach ($row as $header => $text) {
                $field =
                    Field::named($header) ??
                    throw new Refusal("There is no column {$header}.", RefusalKind::Unreadable, column: $header);
                $fields[$field->key()] = $field;
                $cells[$field->key()] = trim($text);
            }
            $given[] = new GivenRow($at + 1, array_filter($cells, fn(string $text): bool => $text !== ''));
        }

        return new GivenProduct(array_values($fields), $given);
    }
}
