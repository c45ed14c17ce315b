<?php

declare(strict_types=1);

namespace Tests\Core\Sheets;

use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Matrix\SharedValue;
use Core\Details\DetailKind;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Matrix\Axis;
use Core\Matrix\Value;
use Core\Product\Document\IndexedAxis;
use Core\Product\Document\LibraryIndex;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Product\SkuFields;
use Core\Reach\Reach;
use Core\Sheets\Columns\FactColumn;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\FoundPicture;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Reading\PictureShelf;
use Core\Sheets\Writing\CellWriter;
use Core\Sheets\Writing\SheetLines;
use Core\Text\Name;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Changes\NoCatalog;
use Tests\Core\Product\RandomProduct;

/** A product as the flat sheet writes it, to be read again. */
final class WrittenSheet
{
    /**
     * A product that is drawn, and its library; null where a SKU is on offer in a cell that is left out, which no
     * catalog can hold.
     *
     * @param  bool  $isPlain  without GTINs, of which few have a check digit that holds, and with the usual codes
     * @return ?array{Randomizer, Product, LibraryIndex}
     */
    public static function drawn(int $seed, bool $isPlain = false): ?array
    {
        $random = new Randomizer(new Mt19937($seed));
        $library = RandomProduct::library($random);
        $state = (new RandomProduct($random, $library))->state();
        if ($isPlain) {
            $state = $state
                ->withDetails($state->details->with(['codePattern' => null]))
                ->withSkus(array_map(fn(Sku $sku): Sku => $sku->numbered(null), $state->skus));
        }
        $product = new Product($state);
        $astray = array_filter($product->made, fn(Sku $sku): bool => !$product->matrix->isOffered($sku->cell));

        return $astray === [] ? [$random, $product, $library] : null;
    }

    /** @param  ?Reach  $only  the cells that are wanted; null for all */
    public static function of(Product $product, ?Reach $only = null): GivenProduct
    {
        $axes = array_map(fn(Axis $axis): string => $axis->name, $product->matrix->axes);
        $details = array_filter(
            DetailKind::cases(),
            fn(DetailKind $kind): bool => !in_array(
                $kind,
                [DetailKind::AlsoIn, DetailKind::PictureUnits, DetailKind::ProductUnits],
                true,
            ),
        );
        $roles = array_filter(Role::cases(), fn(Role $role): bool => $role !== Role::Swatch);
        $plain = array_filter(
            FieldKind::cases(),
            fn(FieldKind $kind): bool => !$kind->isNamed() &&
                !in_array($kind, [FieldKind::Role, FieldKind::Detail, FieldKind::SkuText], true),
        );
        $fields = [
            ...array_map(Field::of(...), array_values($plain)),
            ...array_map(Field::axis(...), $axes),
            ...array_map(Field::adds(...), $axes),
            ...array_map(Field::swatch(...), $axes),
            ...array_map(Field::text(...), SkuFields::texts()),
            ...array_map(Field::role(...), array_values($roles)),
            ...array_map(Field::detail(...), array_values($details)),
            ...array_map(
                fn($fact): Field => Field::fact(FactColumn::ofFact($fact)->text()),
                $product->state->details->facts,
            ),
        ];
        $writer = new CellWriter($product);
        $rows = [];
        foreach (SheetLines::of($product, $only) as $at => $line) {
            $cells = [];
            foreach ($fields as $field) {
                $cells[$field->key()] = trim($writer->text($field, $line));
            }
            $rows[] = new GivenRow(count($rows) + 2, array_filter($cells, fn(string $cell): bool => $cell !== ''));
        }

        return new GivenProduct($fields, $rows);
    }

    public static function catalog(LibraryIndex $library): NoCatalog
    {
        $shared = fn(IndexedAxis $axis): SharedAxis => new SharedAxis(
            $axis->id,
            $axis->name,
            Name::of($axis->name)->folded,
            $axis->kind,
            $axis->changesPicture,
            $axis->display,
            array_column(
                array_map(
                    fn(Value $value): SharedValue => new SharedValue($value->id, $value->label, $value->code, [], null),
                    $axis->values,
                ),
                null,
                'id',
            ),
            [],
        );

        return new NoCatalog(axes: array_map($shared, $library->axes()));
    }

    /** A shelf with the pictures that a product has. */
    public static function shelf(ProductState $state): PictureShelf
    {
        return new class ($state->pictures) implements PictureShelf {
            /** @param  list<Placement>  $pictures */
            public function __construct(private readonly array $pictures) {}

            public function find(string $name): ?FoundPicture
            {
                foreach ($this->pictures as $picture) {
                    if ($picture->file === $name) {
                        return new FoundPicture($picture->photoId, $picture->file, $picture->isStill);
                    }
                }

                return null;
            }

            public function near(string $name): ?string
            {
                return null;
            }
        };
    }
}
