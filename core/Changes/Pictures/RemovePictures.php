<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Takes pictures out of a product that are in its tray. */
final readonly class RemovePictures implements ProductChange
{
    /** @param  list<int>  $placementIds */
    public function __construct(private array $placementIds) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $pictures = $product->pictures($this->placementIds);
        foreach ($pictures as $picture) {
            if ($product->isLinked($picture)) {
                throw new Refusal(
                    "{$picture->file} is linked. Send it back to the tray first; then it can be removed.",
                    RefusalKind::Impossible,
                );
            }
        }
        $rest = array_values(
            array_filter(
                $product->state->pictures,
                fn(Placement $picture): bool => !in_array($picture, $pictures, true),
            ),
        );

        return new Changed(
            $product->state->withPictures($rest),
            'Removed ' . PictureWords::named($pictures) . ' from the product',
        );
    }
}
