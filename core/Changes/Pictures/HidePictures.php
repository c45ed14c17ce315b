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

/** Hides pictures in galleries that they reach, or shows them there again. */
final readonly class HidePictures implements ProductChange
{
    /** @param  list<int>  $placementIds */
    public function __construct(
        private array $placementIds,
        private Selection $where,
        private bool $showAgain = false,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $pictures = $product->pictures($this->placementIds);
        $part = $product->selected($this->where);
        if ($part->isNothing()) {
            throw new Refusal('Select whose gallery is meant first.', RefusalKind::Missing, 'selected');
        }
        $changed = array_map(function (Placement $picture) use ($part, $product): Placement {
            $hidden = $this->showAgain
                ? $picture->hidden->subtract($part->reach, $product->matrix)
                : $picture->hidden->union($part->reach);

            return $picture->reaching($picture->reach, (new Simplifier())->simplify($hidden, $product->matrix));
        }, $pictures);
        $where = (new Wording())->say($part->reach, $product->matrix);

        return new Changed(
            $product->state->withChangedPictures($changed),
            ($this->showAgain ? 'Showed ' : 'Hid ') .
                PictureWords::named($pictures) .
                ($this->showAgain ? ' again in ' : ' from ') .
                $where,
        );
    }
}
