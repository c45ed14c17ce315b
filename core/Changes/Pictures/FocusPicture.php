<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Crop;
use Core\Product\Product;

/** Says what a picture is shown from where it is cut. */
final readonly class FocusPicture implements ProductChange
{
    public function __construct(private int $placementId, private Crop $crop) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        [$picture] = $product->pictures([$this->placementId]);
        $percent = fn(int $thousandths): string => round($thousandths / 10, 1) . ' %';

        return new Changed(
            $product->state->withChangedPictures([$picture->cropped($this->crop)]),
            $this->crop->isMiddle()
                ? "{$picture->file} is shown from its middle"
                : "Focus of {$picture->file} set to {$percent($this->crop->x)} across, {$percent($this->crop->y)} down",
        );
    }
}
