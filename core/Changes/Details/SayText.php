<?php

declare(strict_types=1);

namespace Core\Changes\Details;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\Product;

/** Says the name of a product, its description, brand or category. */
final readonly class SayText implements ProductChange
{
    /** @param  string  $typed  a description that is formatted was cleaned before */
    public function __construct(private ProductText $what, private string $typed) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $text = $this->what->read($this->typed);
        $details = $product->state->details;

        return new Changed(
            $product->state->withDetails($this->what->said($details, $text)),
            $this->inWords($text, $this->what->of($details)),
        );
    }

    private function inWords(string $text, string $was): string
    {
        return $this->what === ProductText::Description
            ? 'Changed the description of the product'
            : ucfirst($this->what->value) . " set to “{$text}” (was “{$was}”)";
    }
}
