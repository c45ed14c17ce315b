<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Sequence\Order;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Puts the pictures of a product into the order of its shot list. */
final readonly class OrderByShotList implements ProductChange
{
    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $list =
            $product->library->shotList ??
            throw new Refusal('This product has no shot list. Choose one under Details.', RefusalKind::Missing);
        $order = (new Order())->byShotList($product->state->pictures, $list, $product->madeCells());

        return new Changed($product->state->inOrder($order), 'Put the pictures into the order of the shot list');
    }
}
