<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Placement;
use Core\Product\Product;
use Core\Reach\Reach;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Links what was accepted of an intake to one product: new pictures behind those it has, better files in the place of
 * others.
 */
final readonly class LinkArrived implements ProductChange
{
    /** @param  list<ArrivingPicture>  $pictures  in the order of their places */
    public function __construct(private array $pictures) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $own = array_column($product->state->pictures, null, 'photoId');
        $new = new NewPictures($product->state);
        $changed = $reaches = [];
        foreach ($this->pictures as $picture) {
            $here = $own[$picture->photoId] ?? null;
            if ($picture->replacesId !== null && $here?->id !== $picture->replacesId) {
                $changed[$picture->replacesId] = $this->replaced($product, $picture, $new, $here !== null);
            } else {
                // One picture that came under two names is linked to where either says.
                $before = $reaches[$picture->photoId] ?? Reach::nothing();
                $reaches[$picture->photoId] = $before->union($picture->reach);
            }
        }
        foreach ($this->pictures as $picture) {
            $reach = $reaches[$picture->photoId] ?? null;
            unset($reaches[$picture->photoId]);
            $here = $own[$picture->photoId] ?? null;
            if ($reach === null) {
                continue;
            }
            if ($here === null) {
                $new->add($picture->photoId, $picture->file, $reach, $picture->view);
            } else {
                $there = LinkPictures::there($here, $reach, $product->matrix);
                $changed[$here->id] = $there->view === null ? $there->showing($picture->view) : $there;
            }
        }

        return new Changed($new->state($changed), $this->words($product));
    }

    /** The better file keeps reach, place, roles and texts of the one before. */
    private function replaced(Product $product, ArrivingPicture $picture, NewPictures $new, bool $isHere): Placement
    {
        $old =
            array_column($product->state->pictures, null, 'id')[$picture->replacesId] ??
            throw new Refusal(
                "The picture that {$picture->file} was to replace is no longer in this product. Look at it again.",
                RefusalKind::Gone,
            );
        if ($isHere) {
            throw new Refusal(
                "{$picture->file} is in this product already, beside {$old->file}. Remove one of the two on the board.",
                RefusalKind::Taken,
            );
        }

        return $new->inPlaceOf($old, $picture->photoId, $picture->file);
    }

    private function words(Product $product): string
    {
        $count = count($this->pictures);
        $isReplacing = fn(ArrivingPicture $picture): bool => $picture->replacesId !== null;
        $replaced = count(array_filter($this->pictures, $isReplacing));
        if ($count === 1) {
            $only = $this->pictures[0];
            $where = (new Wording())->say($only->reach, $product->matrix);

            return $replaced === 1
                ? "Replaced a picture by {$only->file}, for {$where}"
                : "Linked {$only->file} to {$where}, from the intake";
        }

        return match ($replaced) {
            0 => 'Linked ' . number_format($count) . ' pictures from the intake',
            $count => 'Replaced ' . number_format($replaced) . ' pictures by better files',
            default => 'Linked ' .
                number_format($count - $replaced) .
                ' pictures from the intake, replaced ' .
                number_format($replaced),
        };
    }
}
