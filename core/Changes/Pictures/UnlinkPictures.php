<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Product\Product;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Unlinks pictures from a part of a product, or sends them back to the tray. */
final readonly class UnlinkPictures implements ProductChange
{
    /** @param  list<int>  $placementIds */
    public function __construct(
        private array $placementIds,
        private Selection $where,
        private bool $everywhere = false,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $pictures = $product->pictures($this->placementIds);
        $part = $product->selected($this->everywhere ? Selection::whole() : $this->where);
        if ($part->isNothing()) {
            throw new Refusal(
                'Select where the pictures are to be unlinked, or send them back to the tray.',
                RefusalKind::Missing,
                'selected',
            );
        }
        $unlinked = array_map(
            fn(Placement $picture): Placement => $picture->reaching(
                (new Simplifier())->simplify(
                    $picture->reach->subtract($part->reach, $product->matrix),
                    $product->matrix,
                ),
                $picture->hidden,
            ),
            $pictures,
        );
        $named = PictureWords::named($pictures);

        return new Changed(
            $product->state->withChangedPictures($unlinked),
            $this->everywhere
                ? "Returned {$named} to the tray"
                : "Unlinked {$named} from " . (new Wording())->say($part->reach, $product->matrix),
        );
    }
}
