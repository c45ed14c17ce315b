<?php

declare(strict_types=1);

namespace Core\Changes\Details;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Details\Fact;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Takes a fact of a product away. */
final readonly class RemoveFact implements ProductChange
{
    public function __construct(private int $factId) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $details = $product->state->details;
        $own =
            array_column($details->facts, null, 'id')[$this->factId] ??
            throw new Refusal('This fact is no longer there. Look at the details again.', RefusalKind::Gone);
        $rest = array_values(array_filter($details->facts, fn(Fact $fact): bool => $fact !== $own));

        return new Changed(
            $product->state->withDetails($details->with(['facts' => $rest])),
            "Removed the fact {$own->name}",
        );
    }
}
