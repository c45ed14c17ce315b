<?php

declare(strict_types=1);

namespace App\Store;

use App\Store\Library\AltPatterns;
use App\Store\Library\ViewShelf;
use Core\Color\Swatches\Swatch;
use Core\Details\Fact;
use Core\Details\FactKind;
use Core\Gallery\Placement;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\KnownNames;
use Core\Product\LibraryPart;
use Core\Product\LibraryRef;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\ProductSwatches;
use Core\Product\Sku;
use Core\Product\SkuFields;
use Core\Product\UsualAxis;
use Core\Text\Name;
use stdClass;

/** Reads products out of their rows: what StateRows writes. */
final readonly class StateReader
{
    public function __construct(private ViewShelf $shelf, private AltPatterns $patterns) {}

    /**
     * @param  stdClass  $row  of products
     * @param  list<Placement>  $pictures  as PlacementReader reads them
     */
    public function product(stdClass $row, ProductRows $rows, array $pictures): Product
    {
        $axes = $rows->referred('product_axes', 'axis_id', 'axes');
        $values = $rows->referred('product_values', 'value_id', 'axis_values');
        $ownAxes = $rows->of('product_axes', $row->id);
        $ownValues = $rows->of('product_values', $row->id);
        $matrix = self::matrix($row, $rows);
        $currency = Currency::of($row->currency);
        $state = new ProductState(
            $this->details($row, $rows, $matrix),
            $matrix,
            array_map(fn(stdClass $sku): Sku => self::sku($sku, $matrix, $currency), $rows->of('skus', $row->id)),
            $pictures,
        );
        $labels = $shared = [];
        foreach ($ownValues as $own) {
            $labels[$own->value_id] = $own->label ?? $values[$own->value_id]->name;
            if ($values[$own->value_id]->swatch !== null && self::isAwake($own, $matrix)) {
                $shared[$own->value_id] = Swatch::read($values[$own->value_id]->swatch);
            }
        }

        return new Product(
            $state,
            new LibraryPart(
                $this->shelf->shotList($row->shot_list_id, $row->shots),
                $this->patterns->own(),
                new KnownNames(AxisReader::names($ownAxes, $axes), $labels),
                new ProductSwatches($shared, $state->awakeSwatches()),
                array_map(
                    fn(stdClass $axis): UsualAxis => new UsualAxis(
                        (bool) $axis->changes_picture,
                        AxisDisplay::from($axis->display),
                    ),
                    $axes,
                ),
                self::synonyms($matrix, $values),
            ),
            (int) $row->version,
        );
    }

    /**
     * A product as far as the numbers of its SKUs need it: without pictures, facts and texts, and without what it uses
     * of the library beside its axes and values. What is not read is the same before a change and after it.
     *
     * @param  stdClass  $row  of products
     * @param  ProductRows  $rows  its SKUs may be some of them only
     */
    public static function numbers(stdClass $row, ProductRows $rows): Product
    {
        $matrix = self::matrix($row, $rows);
        $currency = Currency::of($row->currency);
        $details = new ProductDetails(
            $row->name,
            $row->code,
            $currency,
            basePrice: $row->price === null ? null : Money::of($row->price, $currency),
            adjustments: DetailRows::adjustments($rows->of('product_values', $row->id), $currency),
            details: DetailRows::read($rows->of('details', $row->id)),
        );

        return new Product(
            new ProductState(
                $details,
                $matrix,
                array_map(fn(stdClass $sku): Sku => self::sku($sku, $matrix, $currency), $rows->of('skus', $row->id)),
            ),
        );
    }

    /** @param  stdClass  $row  of products */
    public static function matrix(stdClass $row, ProductRows $rows): Matrix
    {
        $axes = $rows->referred('product_axes', 'axis_id', 'axes');
        $values = $rows->referred('product_values', 'value_id', 'axis_values');
        $ownAxes = $rows->of('product_axes', $row->id);
        $ownValues = $rows->of('product_values', $row->id);

        return new Matrix(
            AxisReader::axes($ownAxes, $axes, $ownValues, $values),
            Clauses::decode($row->left_out),
            AxisReader::sleeping($ownAxes, $axes, $ownValues, $values),
        );
    }

    public static function sku(stdClass $row, Matrix $matrix, Currency $currency): Sku
    {
        $combination = Combination::fromKey($row->cell);

        return new Sku(
            $row->id,
            $matrix->place($combination) ?? $combination,
            SkuState::from($row->state),
            $row->code,
            $row->price === null ? null : Money::of($row->price, $currency),
            $row->stock,
            $row->gtin,
            $row->weight_g,
            $combination,
            (bool) $row->code_typed,
            $row->retired_version,
            self::texts($row),
        );
    }

    /** @return array<string, string> */
    private static function texts(stdClass $row): array
    {
        $texts = [];
        foreach (SkuFields::texts() as $field) {
            $texts[$field->key()] = $row->{$field->column()};
        }

        return array_filter($texts, fn(?string $text): bool => $text !== null);
    }

    private function details(stdClass $row, ProductRows $rows, Matrix $matrix): ProductDetails
    {
        $currency = Currency::of($row->currency);
        $axes = $rows->of('product_axes', $row->id);
        $values = $rows->of('product_values', $row->id);
        $swatches = $labels = [];
        foreach ($values as $value) {
            if ($value->swatch !== null) {
                $swatches[$value->value_id] = Swatch::read($value->swatch);
            }
            if ($value->label !== null && !self::isAwake($value, $matrix)) {
                $labels[$value->value_id] = $value->label;
            }
        }

        return new ProductDetails(
            $row->name,
            $row->code,
            $currency,
            $row->description,
            $row->brand,
            $row->category,
            $row->price === null ? null : Money::of($row->price, $currency),
            $this->shelf->shotListRef($row->shot_list_id),
            array_map(
                fn(stdClass $fact): Fact => new Fact(
                    $fact->id,
                    $fact->name,
                    $fact->value,
                    FactKind::from($fact->kind),
                    $fact->unit,
                    (bool) $fact->is_shown,
                ),
                $rows->of('facts', $row->id),
            ),
            array_filter(array_column($axes, 'opening_value_id', 'axis_id')),
            $row->opening_cell === null ? null : Combination::fromKey($row->opening_cell),
            $this->shelf->shots($row->shots),
            AxisReader::ownAxes($axes),
            $swatches,
            DetailRows::adjustments($values, $currency),
            DetailRows::read($rows->of('details', $row->id)),
            self::pattern($row->code_pattern_id, $rows),
            $labels,
        );
    }

    /**
     * @param  array<int, stdClass>  $values  rows of the library, by id
     * @return array<string, string> folded word => what the product calls the value
     */
    private static function synonyms(Matrix $matrix, array $values): array
    {
        $synonyms = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                $words = $values[$value->id]->synonyms;
                foreach ($words === '[]' ? [] : json_decode($words, true, 2, JSON_THROW_ON_ERROR) as $word) {
                    $synonyms[Name::of($word)->folded] ??= $value->label;
                }
            }
        }

        return $synonyms;
    }

    /** Whether the product has the value at the moment. */
    private static function isAwake(stdClass $value, Matrix $matrix): bool
    {
        return $matrix->axis($value->axis_id)?->has($value->value_id) === true;
    }

    private static function pattern(?int $id, ProductRows $rows): ?LibraryRef
    {
        return $id === null ? null : new LibraryRef($id, $rows->named('code_patterns', $id));
    }
}
