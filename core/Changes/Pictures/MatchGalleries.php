<?php

declare(strict_types=1);

namespace Core\Changes\Pictures;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Gallery\Sequence\Matched;
use Core\Gallery\Sequence\Order;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Product\Product;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;

/** Gives every picture combination the sequence of views that one has, and says which cannot have it. */
final readonly class MatchGalleries implements ProductChange
{
    public function __construct(private Selection $selection) {}

    /** @throws Refusal */
    public function on(Product $product, Catalog $catalog): Changed
    {
        $part = $product->selected($this->selection);
        $sku =
            $part->skus()[0] ??
            throw new Refusal('Select the color that the others are to match.', RefusalKind::Missing, 'selected');
        $matched = (new Order())->matchedTo(
            $sku->cell,
            $product->state->pictures,
            $product->madeCells(),
            $product->galleries(),
        );
        $like = $product->matrix->inWordsOr($this->seen($product, $sku->cell), $part->place());

        return new Changed(
            $product->state->inOrder($matched->order),
            "Gave the galleries the sequence of {$like}{$this->exceptions($product, $matched)}",
        );
    }

    private function seen(Product $product, Combination $cell): Combination
    {
        return $cell->on(array_map(fn(Axis $axis): int => $axis->id, $product->matrix->pictureAxes()));
    }

    /** Which galleries cannot match, and why. */
    private function exceptions(Product $product, Matched $matched): string
    {
        $files = array_column($product->state->pictures, 'file', 'id');
        $words = [];
        foreach ($matched->mismatches as $mismatch) {
            $where = $product->matrix->inWordsOr(
                $this->seen($product, $mismatch->cell),
                $product->matrix->inWords($mismatch->cell),
            );
            $words[$where] ??=
                "{$where} cannot: it would need {$files[$mismatch->firstId]} before {$files[$mismatch->secondId]}, " .
                'which galleries that match have the other way round';
        }

        return $words === [] ? '' : '; ' . implode('; ', $words);
    }
}
