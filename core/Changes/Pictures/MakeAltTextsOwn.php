<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\AltTexts;
use Core\Product\Product;

/** Gives pictures whose texts are doubled texts of their own. */
final readonly class MakeAltTextsOwn implements ProductChange
{
    public function on(Product $product, Catalog $catalog): Changed
    {
        $proposals = (new AltTexts($product))->check()->proposals();
        $told = [];
        foreach ($product->state->pictures as $picture) {
            if (isset($proposals[$picture->id])) {
                $told[] = $picture->told($proposals[$picture->id]);
            }
        }

        return new Changed(
            $product->state->withChangedPictures($told),
            'Alt text of ' . (count($told) === 1 ? $told[0]->file : count($told) . ' pictures') . ' made their own',
        );
    }
}
