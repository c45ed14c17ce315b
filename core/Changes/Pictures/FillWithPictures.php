<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Product\Product;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Links pictures to a part of a product that lacks a view, and says that they show it. */
final readonly class FillWithPictures implements ProductChange
{
    /** @param  list<int>  $placementIds */
    public function __construct(private array $placementIds, private Selection $part, private View $view) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $pictures = $product->pictures($this->placementIds);
        $where = $product->selected($this->part);
        if ($where->isNothing()) {
            throw new Refusal(
                'What lacks the picture is not in the product any more. Look at the map as it is now.',
                RefusalKind::Gone,
                'onto',
            );
        }
        $linked = fn(Placement $picture): Placement => LinkPictures::there(
            $picture,
            $where->reach,
            $product->matrix,
        )->showing($this->view);
        $words = (new Wording())->say($where->reach, $product->matrix);

        return new Changed(
            $product->state->withChangedPictures(array_map($linked, $pictures)),
            PictureWords::named($pictures) . " is the {$this->view->name} of {$words}",
        );
    }
}
