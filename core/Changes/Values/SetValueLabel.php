<?php

declare(strict_types=1);

namespace Core\Changes\Values;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Matrix\Value;
use Core\Product\Product;

/** Says what a product calls a value, also one that sleeps: a name of its own, or the library's. */
final readonly class SetValueLabel implements ProductChange
{
    public function __construct(private int $valueId, private string $label) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $axis = $product->matrix->axisOf($this->valueId);
        $words = "Called a value {$this->label}";
        if ($axis === null) {
            $details = $product->state->details;
            $labels = array_replace($details->sleepingLabels, [$this->valueId => $this->label]);

            return new Changed($product->state->withDetails($details->with(['sleepingLabels' => $labels])), $words);
        }
        $values = array_map(
            fn(Value $value): Value => $value->id === $this->valueId
                ? new Value($value->id, $this->label, $value->code)
                : $value,
            $axis->values,
        );

        return new Changed($product->state->withMatrix($product->matrix->withAxis($axis->with($values))), $words);
    }
}
