<?php

declare(strict_types=1);

namespace App\Http\Screens\Intake;

use App\Store\Library\LibraryShelf;
use Core\Details\DetailKind;
use Core\Gallery\Roles\Role;
use Core\Product\SkuFields;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** What a column of a sheet can say, to be chosen from. */
final readonly class FieldChoices
{
    private const PRODUCT = [
        FieldKind::Product,
        FieldKind::Name,
        FieldKind::Description,
        FieldKind::Brand,
        FieldKind::Category,
        FieldKind::BasePrice,
        FieldKind::Currency,
    ];

    private const SKU = [
        FieldKind::Sku,
        FieldKind::Gtin,
        FieldKind::Price,
        FieldKind::SalePrice,
        FieldKind::Stock,
        FieldKind::Weight,
        FieldKind::State,
    ];

    private const PICTURES = [FieldKind::Photos, FieldKind::Views, FieldKind::AltTexts];

    public function __construct(private LibraryShelf $library) {}

    /**
     * @param  list<SheetColumnScreen>  $columns  of the sheet: what they say already can be chosen as well
     * @return array<string, list<string>> heading => headers of fields as we write them
     */
    public function of(array $columns): array
    {
        $axes = array_values($this->library->axes()->pluck('name')->all());
        $own = [];
        foreach ($columns as $column) {
            $header = trim($column->column->header);
            if ($header !== '') {
                $own[] = Field::axis($header)->header();
                $own[] = Field::fact($header)->header();
            }
            if ($column->field() !== '') {
                $own[] = $column->field();
            }
        }
        $plain = fn(FieldKind ...$kinds): array => array_map(
            fn(FieldKind $kind): string => $kind->value,
            array_values($kinds),
        );
        $groups = [
            __('sheets.of_the_product') => $plain(...self::PRODUCT),
            __('sheets.of_the_sku') => [
                ...$plain(...self::SKU),
                ...array_map(fn($field): string => Field::text($field)->header(), SkuFields::texts()),
            ],
            __('sheets.axes_of_the_shop') => array_map(fn(string $axis): string => Field::axis($axis)->header(), $axes),
            __('sheets.of_pictures') => [...$plain(...self::PICTURES), ...self::roles()],
            __('sheets.of_values') => [
                ...array_map(fn(string $axis): string => Field::adds($axis)->header(), $axes),
                ...array_map(fn(string $axis): string => Field::swatch($axis)->header(), $axes),
            ],
            __('sheets.details') => array_map(fn(DetailKind $kind): string => $kind->value, DetailKind::cases()),
        ];
        $known = array_merge(...array_values($groups));

        return $groups + [__('sheets.new_here') => array_values(array_unique(array_diff($own, $known)))];
    }

    /** @return list<string> */
    private static function roles(): array
    {
        $roles = array_filter(Role::cases(), fn(Role $role): bool => $role !== Role::Swatch);

        return array_values(array_map(fn(Role $role): string => $role->value, $roles));
    }
}
