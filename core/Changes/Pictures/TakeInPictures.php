<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Product\Product;
use Core\Product\SelectedPart;
use Core\Reach\Reach;
use Core\Reach\Selection;

/**
 * Takes pictures into a product's tray, or links them to where they were dropped. Those that are in the product
 * already are linked there as well.
 */
final readonly class TakeInPictures implements ProductChange
{
    /**
     * @param  list<ArrivingPicture>  $pictures
     * @param  ?Selection  $onto  a part of the matrix to link them to; null for where each says itself
     */
    public function __construct(private array $pictures, private ?Selection $onto = null) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $part = $this->onto === null ? null : $product->selected($this->onto);
        $new = new NewPictures($product->state);
        $names = $this->placed($new, $part);
        $state = $new->state($part === null ? [] : $this->linked($product, $part));

        return new Changed($state, $this->words($new->added(), $names, $part));
    }

    /** @return list<string> the name that each gets in the product, or has there already */
    public function names(Product $product): array
    {
        return $this->placed(new NewPictures($product->state), null);
    }

    /** @return list<string> the name of each */
    private function placed(NewPictures $new, ?SelectedPart $part): array
    {
        return array_map(
            fn(ArrivingPicture $picture): string => $new->name($picture->photoId) ??
                $new->add($picture->photoId, $picture->file, $part->reach ?? $picture->reach, $picture->view),
            $this->pictures,
        );
    }

    /** @return list<Placement> those that were in the product already, linked there as well */
    private function linked(Product $product, SelectedPart $part): array
    {
        $own = array_column($product->state->pictures, null, 'photoId');
        $linked = [];
        foreach ($this->pictures as $picture) {
            $here = $own[$picture->photoId] ?? null;
            if ($here !== null) {
                $there = LinkPictures::there($here, $part->reach, $product->matrix);
                $linked[] = $picture->view === null ? $there : $there->showing($picture->view);
            }
        }

        return $linked;
    }

    /**
     * @param  list<Placement>  $added
     * @param  list<string>  $names
     */
    private function words(array $added, array $names, ?SelectedPart $part): string
    {
        if ($part !== null) {
            $count = count(array_unique($names));

            return 'Took in ' . ($count === 1 ? $names[0] : "{$count} pictures") . ", linked to {$part->place()}";
        }
        $what = $added === [] ? 'no picture' : PictureWords::named($added);
        $isInTray = fn(Placement $picture): bool => $picture->reach->equals(Reach::nothing());

        return $added !== [] && array_filter($added, $isInTray) === []
            ? "Took in {$what}, linked to where their names say"
            : "Put {$what} into the tray";
    }
}
