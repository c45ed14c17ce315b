<?php

declare(strict_types=1);

namespace Core\Sheets\Axes;

use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\PlacedRow;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Reading\Problems;

/**
 * Where the SKUs that a product has go on axes that a sheet gives it: a column makes SKUs where each row says its own
 * value.
 */
final readonly class AxisHomes
{
    /** SKUs that a sentence names. */
    private const NAMED = 3;

    /**
     * @param  list<Axis>  $come  that the product does not have yet
     * @param  list<Axis>  $apart  of these those on which SKUs go to different values
     * @param  list<Sku>  $unsaid  on offer, and in no row
     */
    private function __construct(private array $come, private array $apart, private array $unsaid) {}

    /**
     * @param  Matrix  $matrix  with the axes of the sheet
     * @param  list<PlacedRow>  $placed
     */
    public static function of(Product $product, Matrix $matrix, array $placed): self
    {
        $come = $apart = $said = [];
        foreach ($placed as $one) {
            $said[$one->own->id ?? 0] = true;
        }
        foreach ($matrix->axes as $axis) {
            if ($product->matrix->axis($axis->id) !== null) {
                continue;
            }
            $come[] = $axis;
            $homes = [];
            foreach ($placed as $one) {
                if ($one->own?->isMade() === true) {
                    $homes[$one->cell->value($axis->id) ?? 0] = true;
                }
            }
            if (count($homes) > 1) {
                $apart[] = $axis;
            }
        }
        $unsaid = array_filter($product->made, fn(Sku $sku): bool => !isset($said[$sku->id]));

        return new self($come, $apart, array_values($unsaid));
    }

    /** Whether every SKU is said to go to a value of an axis that comes: then no combination is sold but theirs. */
    public function areSaidOfAll(): bool
    {
        return $this->come !== [] && $this->unsaid === [];
    }

    /** Where SKUs go to different values, nobody knows where one goes that has no row. */
    public function refuseUnsaid(GivenProduct $given, Problems $problems): void
    {
        foreach ($this->unsaid === [] ? [] : $this->apart as $axis) {
            $codes = implode(', ', array_column(array_slice($this->unsaid, 0, self::NAMED), 'code'));
            $more = count($this->unsaid) - self::NAMED;
            $problems->add(
                $given->rows[0],
                $this->fieldOf($axis, $given),
                ProblemKind::Missing,
                "The SKUs go to different values of {$axis->name}, which is new to this product, and nobody says to " .
                    "which {$codes}" .
                    ($more > 0 ? " and {$more} more go" : (count($this->unsaid) === 1 ? ' goes' : ' go')) .
                    '. Give each SKU of it a row.',
            );
        }
    }

    private function fieldOf(Axis $axis, GivenProduct $given): Field
    {
        foreach ($given->fields(FieldKind::Axis) as $field) {
            if ($field->key() === Field::axis($axis->name)->key()) {
                return $field;
            }
        }

        return Field::axis($axis->name);
    }
}
