<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Codes\Gtin;
use Core\Product\ChosenSkus;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Types the GTIN of one SKU; or takes those of all selected away. */
final readonly class NumberSkus implements SkuChange
{
    /** @param  string  $typed  nothing: none */
    public function __construct(private Selection $selection, private string $typed) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws Refusal */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $gtin = trim($this->typed) === '' ? null : Gtin::typed($this->typed);
        $state = $chosen->product->state;
        if ($gtin === null) {
            $without = array_map(fn(Sku $sku): Sku => $sku->numbered(null), $chosen->some());

            return new Changed($state->withSkus($without), "GTIN of {$chosen->place()} taken away");
        }
        $sku = $chosen->one('A GTIN belongs to one SKU');
        $owner = $catalog->gtins([$gtin], [$sku->id])[$gtin] ?? null;
        if ($owner !== null) {
            throw new Refusal(
                "{$gtin} is the GTIN of {$owner}. Two SKUs cannot have the same.",
                RefusalKind::Taken,
                'typed',
            );
        }
        $restriction = Gtin::restriction($gtin);
        $was = $sku->gtin ?? 'none';

        return new Changed(
            $state->withSkus([$sku->numbered($gtin)]),
            "GTIN of {$chosen->place()} set to {$gtin} (was {$was})" .
                ($restriction === null ? '' : "; it is {$restriction}"),
        );
    }
}
