<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use App\Store\DetailsInUse;
use Core\Details\DetailKind;
use Core\Gallery\Roles\Role;
use Core\Product\Product;
use Core\Product\SkuField;
use Core\Product\SkuFields;
use Core\Reach\Reach;
use Core\Sheets\Columns\FactColumn;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\SafeCell;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLines;

/** The columns of the flat sheet, and a product's rows in them. */
final readonly class SheetColumns
{
    /** They have columns of their own, or stand in the column of the stock. */
    private const ELSEWHERE = [
        DetailKind::AlsoIn,
        DetailKind::ListPrice,
        DetailKind::Cost,
        DetailKind::PictureUnits,
        DetailKind::ProductUnits,
    ];

    /** @param  list<Field>  $fields  in the order of the columns */
    private function __construct(public array $fields) {}

    /** @param  list<int>  $productIds */
    public static function of(array $productIds): self
    {
        $said = DetailsInUse::in($productIds);
        $axes = array_values($said->axes);
        $details = array_filter(
            DetailKind::cases(),
            fn(DetailKind $kind): bool => isset($said->kinds[$kind->value]) && !in_array($kind, self::ELSEWHERE, true),
        );
        $texts = array_filter(
            SkuFields::texts(),
            fn(SkuField $field): bool => in_array($field->column(), $said->skuColumns, true),
        );

        return new self([
            ...self::plain(
                FieldKind::Product,
                FieldKind::Name,
                FieldKind::Description,
                FieldKind::Brand,
                FieldKind::Category,
            ),
            ...array_map(Field::axis(...), $axes),
            ...self::plain(
                FieldKind::Sku,
                FieldKind::Gtin,
                FieldKind::Price,
                FieldKind::BasePrice,
                FieldKind::EffectivePrice,
                FieldKind::SalePrice,
            ),
            Field::detail(DetailKind::ListPrice),
            Field::detail(DetailKind::Cost),
            ...self::plain(
                FieldKind::Currency,
                FieldKind::Weight,
                FieldKind::Stock,
                FieldKind::State,
                FieldKind::Photos,
                FieldKind::Views,
                FieldKind::AltTexts,
            ),
            ...array_map(Field::role(...), self::roles()),
            ...array_map(Field::text(...), array_values($texts)),
            ...array_map(Field::adds(...), array_values(array_intersect_key($said->axes, $said->adding))),
            ...array_map(Field::swatch(...), array_values(array_intersect_key($said->axes, $said->swatched))),
            ...array_map(Field::detail(...), array_values($details)),
            ...array_map(fn(FactColumn $fact): Field => Field::fact($fact->text()), $said->facts),
        ]);
    }

    /**
     * The same with those only that a person chose; the code of the product is always there.
     *
     * @param  list<string>  $headers
     */
    public function only(array $headers): self
    {
        return new self(
            array_values(
                array_filter(
                    $this->fields,
                    fn(Field $field): bool => $field->kind === FieldKind::Product ||
                        in_array($field->header(), $headers, true),
                ),
            ),
        );
    }

    /** @return list<string> */
    public function header(): array
    {
        return array_map(fn(Field $field): string => $field->header(), $this->fields);
    }

    /**
     * @param  ?Reach  $only  the cells that are wanted; null for all
     * @return iterable<list<string>>
     */
    public function rows(Product $product, ?Reach $only = null): iterable
    {
        $writer = new CellWriter($product);
        foreach (SheetLines::of($product, $only) as $line) {
            yield array_map(fn(Field $field): string => SafeCell::write($writer->text($field, $line)), $this->fields);
        }
    }

    /** @return list<Field> */
    private static function plain(FieldKind ...$kinds): array
    {
        return array_map(Field::of(...), array_values($kinds));
    }

    /** @return list<Role> */
    private static function roles(): array
    {
        return array_values(array_filter(Role::cases(), fn(Role $role): bool => $role !== Role::Swatch));
    }
}
