<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Sequence\Order;
use Core\Product\Product;
use Core\Product\SelectionGallery;
use Core\Reach\Selection;

/** Moves a picture in one gallery, so that others change as little as possible. */
final readonly class MovePicture implements ProductChange
{
    /** @param  int  $to  the place in the gallery of the selection, from 0; past the end is the end */
    public function __construct(private int $placementId, private Selection $where, private int $to) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        [$picture] = $product->pictures([$this->placementId]);
        $part = $product->selected($this->where);
        $gallery = (new SelectionGallery($part))->ids();
        $to = max(0, min($this->to, count($gallery) - 1));
        $order = (new Order())->move($product->state->pictureIds(), $gallery, $picture->id, $to);

        return new Changed(
            $product->state->inOrder($order),
            "Moved {$picture->file} to place " . ($to + 1) . ($part->isNothing() ? '' : " of {$part->inWords()}"),
        );
    }
}
