<?php

declare(strict_types=1);

namespace Core\Changes\Values;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Matrix\AxisDisplay;
use Core\Product\OwnAxis;
use Core\Product\Product;

/** Says how shoppers choose from an axis of a product. */
final readonly class ShowAxisAs implements ProductChange
{
    /** @param  ?AxisDisplay  $display  null as the library says */
    public function __construct(private int $axisId, private ?AxisDisplay $display) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $axis = $product->axis($this->axisId);
        $usual = $product->library->usual[$axis->id]->display;
        $isUsual = $this->display === null || $this->display === $usual;
        $details = $product->state->details;
        $own = $details->ownAxes[$axis->id] ?? new OwnAxis();

        $said = new OwnAxis($own->changesPicture, $isUsual ? null : $this->display);

        return new Changed(
            $product->state
                ->withDetails($details->withOwnAxis($axis->id, $said))
                ->withMatrix($product->matrix->withAxis($axis->shownAs($this->display ?? $usual))),
            "Shoppers choose the {$axis->name} by " .
                ($this->display ?? $usual)->inWords() .
                ($isUsual ? ', as the library says' : ''),
        );
    }
}
