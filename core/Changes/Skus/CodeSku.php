<?php

declare(strict_types=1);

namespace Core\Changes\Skus;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\SkuChange;
use Core\Product\ChosenSkus;
use Core\Product\SkuField\CodeField;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Types the code of one SKU. A typed code is kept when codes are made anew. */
final readonly class CodeSku implements SkuChange
{
    public function __construct(private Selection $selection, private string $typed) {}

    public function selection(): Selection
    {
        return $this->selection;
    }

    /** @throws Refusal */
    public function on(ChosenSkus $chosen, Catalog $catalog): Changed
    {
        $code = CodeField::read($this->typed);
        $sku = $chosen->one('A code belongs to one SKU');
        $sharing = $chosen->matrix->axes === [] ? $chosen->product->state->details->code : null;
        $owner = array_values($catalog->codes([$code], $sharing, [$sku->id]))[0] ?? null;
        if ($owner !== null) {
            throw new Refusal("{$code} is the code of {$owner}. Choose another.", RefusalKind::Taken, 'typed');
        }

        return new Changed(
            $chosen->product->state->withSkus([$sku->coded($code)]),
            "Code of {$chosen->place()} set to {$code} (was {$sku->code})",
        );
    }
}
