<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Details\Weight;
use Core\Product\ChosenSkus;
use Core\Product\Sku;
use Core\Reach\Selection;

/** Sets the weight of all selected SKUs, each the same; or says that nobody has weighed them. */
final readonly class WeighSkus implements SkuChange
{
    /** More different weights than this are counted, not named. */
    private const NAMED = 3;

    /** @param  string  $typed  in any unit, grams where none is typed; nothing where nobody has weighed them */
    public function __construct(private Selection $selection, private string $typed)
    {
    }

    public function selection(): Selection
    {
        return $this->selection;
    }

    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $grams = trim($this->typed) === '' ? null : Weight::typed($this->typed);
        $inWords = fn (?int $grams): string => $grams === null ? 'not weighed' : "{$grams} g";
        $skus = $chosen->some();
        $was = array_values(array_unique(array_map(fn (Sku $sku): string => $inWords($sku->weightG), $skus)));
        $were = count($was) > self::NAMED ? count($was).' different' : implode(' or ', $was);

        return new Changed(
            $chosen->product->state->withSkus(array_map(fn (Sku $sku): Sku => $sku->weighed($grams), $skus)),
            "Weight of {$chosen->place()} set to {$inWords($grams)} (was {$were})",
        );
    }
}
