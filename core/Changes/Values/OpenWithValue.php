<?php

declare(strict_types=1);

namespace Core\Changes\Values;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Says which value of an axis shoppers find chosen. */
final readonly class OpenWithValue implements ProductChange
{
    /** @param  ?int  $valueId  null: the shopper chooses */
    public function __construct(private int $axisId, private ?int $valueId) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $axis = $product->axis($this->axisId);
        $value = $this->valueId === null ? null : $axis->value($this->valueId);
        if ($this->valueId !== null && $value === null) {
            throw new Refusal(
                "This is no longer a {$axis->name} of the product. Choose another.",
                RefusalKind::Gone,
                'value',
            );
        }
        $openings = $product->state->details->openings;
        unset($openings[$axis->id]);
        $openings += $value === null ? [] : [$axis->id => $value->id];

        return new Changed(
            $product->state->withDetails($product->state->details->with(['openings' => $openings])),
            $value === null
                ? "Shoppers choose the {$axis->name} themselves"
                : "Shoppers find {$axis->name} {$value->label} chosen",
        );
    }
}
