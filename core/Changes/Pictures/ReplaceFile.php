<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\PictureNames;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Another file takes the place of a picture: reach, roles, place and texts stay. */
final readonly class ReplaceFile implements ProductChange
{
    /** @param  string  $file  what the other is called */
    public function __construct(private int $placementId, private int $photoId, private string $file) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        [$picture] = $product->pictures([$this->placementId]);
        if ($picture->photoId === $this->photoId) {
            throw new Refusal("{$this->file} is the very picture that is here.", RefusalKind::Impossible);
        }
        $names = PictureNames::of($product->state);
        $here = $names->nameOf($this->photoId);
        if ($here !== null) {
            throw new Refusal(
                "{$this->file} is in this product already, as {$here}. Link that one instead.",
                RefusalKind::Taken,
            );
        }
        $free = $names->inPlaceOf($picture->file, $this->file);

        return new Changed(
            $product->state->withChangedPictures([$picture->replacedBy($this->photoId, $free)]),
            "Replaced {$picture->file} by {$this->file}",
        );
    }
}
