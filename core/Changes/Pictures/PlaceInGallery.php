<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Gallery\Sequence\Order;
use Core\Product\Product;
use Core\Product\SelectedPart;
use Core\Product\SelectionGallery;
use Core\Reach\Selection;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Links a picture of one part of a product to another part, at a place of its gallery; there as well, or instead. */
final readonly class PlaceInGallery implements ProductChange
{
    /**
     * @param  Selection  $from  the part that it is taken from
     * @param  int  $place  among the pictures of the other part, from 0; past the end is the end
     * @param  bool  $instead  whether it leaves the part that it is taken from
     */
    public function __construct(
        private int $placementId,
        private Selection $from,
        private Selection $onto,
        private int $place,
        private bool $instead,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        [$picture] = $product->pictures([$this->placementId]);
        [$here, $there] = [$product->selected($this->from), $product->selected($this->onto)];
        if ($there->isNothing()) {
            throw new Refusal(
                'The strip that it was dropped on is not there any more. Look at the sheet as it is now.',
                RefusalKind::Gone,
                'onto',
            );
        }
        $wording = new Wording();
        $left = $this->instead ? ', no longer of ' . $wording->say($here->reach, $product->matrix) : '';

        return new Changed(
            $product->state
                ->withChangedPictures([$this->linked($product, $picture, $here, $there)])
                ->inOrder($this->order($product, $picture)),
            "Put {$picture->file} at place " .
                ($this->place + 1) .
                ' of ' .
                $wording->say($there->reach, $product->matrix) .
                $left,
        );
    }

    private function linked(Product $product, Placement $picture, SelectedPart $here, SelectedPart $there): Placement
    {
        $linked = LinkPictures::there($picture, $there->reach, $product->matrix);
        if (!$this->instead) {
            return $linked;
        }
        $left = $here->cells->subtract($there->cells, $product->matrix);

        return $linked->reaching($linked->reach->subtract($left, $product->matrix), $linked->hidden);
    }

    /** @return list<int> */
    private function order(Product $product, Placement $picture): array
    {
        $gallery = (new SelectionGallery($product->selected($this->onto)))->ids();
        // Where it comes to stand in the other gallery by its place in the one order; from there it is moved.
        $places = array_flip($product->state->pictureIds());
        $own = [...array_values(array_diff($gallery, [$picture->id])), $picture->id];
        usort($own, fn(int $one, int $other): int => $places[$one] <=> $places[$other]);

        return (new Order())->move($product->state->pictureIds(), $own, $picture->id, $this->place);
    }
}
