<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Product\Product;

/** Says which view pictures show. */
final readonly class ShowView implements ProductChange
{
    /** @param  list<int>  $placementIds */
    public function __construct(private array $placementIds, private ?View $view) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $pictures = $product->pictures($this->placementIds);
        $named = PictureWords::named($pictures);

        return new Changed(
            $product->state->withChangedPictures(
                array_map(fn(Placement $picture): Placement => $picture->showing($this->view), $pictures),
            ),
            $named . ($this->view === null ? ': no view' : ": view {$this->view->name}"),
        );
    }
}
