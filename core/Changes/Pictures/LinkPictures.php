<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Matrix\Matrix;
use Core\Product\Product;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Links pictures to a part of a product, where they are hidden no more; or to that part only. */
final readonly class LinkPictures implements ProductChange
{
    /** @param  list<int>  $placementIds */
    public function __construct(
        private array $placementIds,
        private Selection $where,
        private bool $onlyThere = false,
    ) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $pictures = $product->pictures($this->placementIds);
        $part = $product->selected($this->where);
        if ($part->isNothing()) {
            throw new Refusal(
                'Select a color, a size, a cell or the corner first: that is what the pictures are linked to.',
                RefusalKind::Missing,
                'selected',
            );
        }
        $linked = array_map(
            fn(Placement $picture): Placement => $this->linked($picture, $part->reach, $product->matrix),
            $pictures,
        );
        $words = (new Wording())->say($part->reach, $product->matrix);

        return new Changed(
            $product->state->withChangedPictures($linked),
            'Linked ' . PictureWords::named($pictures) . ($this->onlyThere ? ' only' : '') . " to {$words}",
        );
    }

    /** What is linked already stays, and what of it sleeps; only there is nowhere else, asleep or not. */
    private function linked(Placement $picture, Reach $where, Matrix $matrix): Placement
    {
        $there = self::there($picture, $where, $matrix);

        return $this->onlyThere ? $there->reaching($where, $there->hidden) : $there;
    }

    /** A picture that is there already is linked there as well, and is hidden there no more. */
    public static function there(Placement $picture, Reach $where, Matrix $matrix): Placement
    {
        return $picture->reaching(
            (new Simplifier())->simplify($picture->reach->union($where), $matrix),
            $picture->hidden->subtract($where, $matrix),
        );
    }
}
