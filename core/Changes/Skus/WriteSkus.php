<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Product\ChosenSkus;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Reach\Selection;

/** Writes the same into a field of all selected SKUs, or takes it away. */
final readonly class WriteSkus implements SkuChange
{
    /** More different texts than this are counted, not named. */
    private const NAMED = 3;

    /** @param  string  $typed  nothing for none */
    public function __construct(private Selection $selection, private SkuField $field, private string $typed) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $currency = $chosen->prices->currency;
        $skus = $chosen->some();
        $written = array_map(fn(Sku $sku): Sku => $this->field->written($sku, $this->typed, $currency), $skus);
        $was = array_values(array_unique(array_map($this->inWords(...), $skus)));
        $were = count($was) > self::NAMED ? count($was) . ' different' : implode(' or ', $was);

        return new Changed(
            $chosen->product->state->withSkus($written),
            "{$this->field->name()} of {$chosen->place()} set to {$this->inWords($written[0])} (was {$were})",
        );
    }

    private function inWords(Sku $sku): string
    {
        $text = $this->field->shown($sku);

        return $text === '' ? $this->field->none() : $text;
    }
}
