<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenRow;

/** Codes and numbers of SKUs that several products of a sheet say: no two SKUs of the catalog can have the same. */
final class DoubleCells
{
    /** Bits of a number that say the product; those above them say the row. */
    private const PRODUCT_BITS = 32;

    /** @var array<int, int> hash of what is said => row and product in one number, since there may be very many */
    private array $seen = [];

    /** @var list<array{int, string, int}> row, header of the field, the other row */
    private array $doubles = [];

    /** @var list<Field> */
    private readonly array $fields;

    public function __construct()
    {
        $this->fields = [Field::of(FieldKind::Sku), Field::of(FieldKind::Gtin)];
    }

    public function see(GivenRow $row, int $product): void
    {
        foreach ($this->fields as $field) {
            $text = $row->text($field);
            if ($text === '' || mb_strtolower($text) === GivenRow::NONE) {
                continue;
            }
            $kind = $field->kind;
            $hash = (int) hexdec(substr(hash('xxh64', $kind->value . ' ' . mb_strtoupper($text)), 0, 15));
            $first = $this->seen[$hash] ??= ($row->number << self::PRODUCT_BITS) | $product;
            $other = $first >> self::PRODUCT_BITS;
            if (($first & ((1 << self::PRODUCT_BITS) - 1)) !== $product) {
                // Nobody knows which of them is right.
                $this->doubles[] = [$row->number, $kind->value, $other];
                $this->doubles[] = [$other, $kind->value, $row->number];
            }
        }
    }

    /** @return list<array{int, string, int}> */
    public function all(int $most): array
    {
        return array_slice($this->doubles, 0, $most);
    }
}
