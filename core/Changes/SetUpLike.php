<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Codes\CodeNotFree;
use Core\Product\LibraryRef;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Sets a new product up like another: with the same axes, values, labels, left-out rules and openings, and SKUs of its
 * own.
 */
final readonly class SetUpLike implements ProductChange
{
    public function __construct(private ProductState $pattern) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $become = new BecomeState($this->pattern->asSetupOf($this->details($product->state->details)), '');
        $name = $this->pattern->details->name;
        try {
            $planned = $become->plan($product, $catalog);

            return new Changed(
                $become->on($product, $catalog)->state,
                "set up like {$name}: " . ($planned?->inWords() ?? 'nothing to make yet'),
            );
        } catch (CodeNotFree $clash) {
            throw new Refusal(
                "{$clash->clash->inWords()} Choose another code for the product.",
                RefusalKind::Taken,
                'code',
            );
        }
    }

    /** Its own, with what is said of the axes; single views only where both follow the same shot list. */
    private function details(ProductDetails $own): ProductDetails
    {
        $pattern = $this->pattern->details;

        return $own->with([
            'openings' => $pattern->openings,
            'shots' => LibraryRef::same($own->shotList, $pattern->shotList) ? $pattern->shots : [],
            'ownAxes' => $pattern->ownAxes,
        ]);
    }
}
