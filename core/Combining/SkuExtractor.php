<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Gallery\Placement;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;
use Core\Reach\Simplifier;
use Core\Refusal;
use Core\RefusalKind;

/**
 * Takes SKUs out of a product: each becomes a single item with all that is its own, and with the pictures that a
 * shopper saw of it. Their cells are left out, so that no build makes them again.
 */
final readonly class SkuExtractor
{
    private const LONGEST_NAME = 120;

    private const LONGEST_CODE = 40;

    /**
     * @param  non-empty-list<Sku>  $skus  of the product, on offer
     * @return array{ProductState, list<SeparatedPart>} what stays, and the items that are made
     *
     * @throws Refusal where they cannot be taken out
     */
    public function takeOut(Product $product, array $skus): array
    {
        $this->refuse($product, $skus);
        $gone = array_column($skus, null, 'id');
        $stay = array_values(array_filter($product->state->skus, fn(Sku $sku): bool => !isset($gone[$sku->id])));
        $details = $product->state->details;
        $opening = $details->openingCell;
        $isOpening = array_filter($skus, fn(Sku $sku): bool => $opening !== null && $sku->cell->key === $opening->key);
        $rest = new ProductState(
            $isOpening === [] ? $details : $details->with(['openingCell' => null]),
            $this->leavingOut($product, $skus),
            $stay,
            $product->state->pictures,
        );

        return [
            $rest,
            array_map(fn(Sku $sku): SeparatedPart => new SeparatedPart(null, $this->item($product, $sku)), $skus),
        ];
    }

    /** @param  non-empty-list<Sku>  $skus */
    private function refuse(Product $product, array $skus): void
    {
        $name = $product->state->details->name;
        if ($product->matrix->axes === []) {
            throw new Refusal("{$name} is a single item already.", RefusalKind::Impossible);
        }
        if (count($skus) >= count($product->made)) {
            throw new Refusal(
                "These are all SKUs of {$name}. Separate the product by an axis, or leave at least one.",
                RefusalKind::Impossible,
            );
        }
        if (!in_array($product->book->counting, [Counting::Sku, Counting::None], true)) {
            throw new Refusal(
                "The stock of {$name} is counted for {$product->book->counting->inWords()}. Count it for each SKU " .
                    'first, so that it is known what goes with them.',
                RefusalKind::Impossible,
            );
        }
    }

    /** @param  non-empty-list<Sku>  $skus */
    private function leavingOut(Product $product, array $skus): Matrix
    {
        $matrix = $product->matrix;
        $all = $matrix->combinations();
        $gone = array_fill_keys(array_map(fn(Sku $sku): string => $sku->cell->key, $skus), true);
        $out = array_filter(
            $all,
            fn(Combination $cell): bool => isset($gone[$cell->key]) || !$matrix->isOffered($cell),
        );
        $rules = (new Simplifier())->fromCells(array_values($out), $all, $matrix);
        $dormant = Reach::leftOutOf($matrix)->dormantIn($matrix);

        return Matrix::of($matrix->axes, $rules->union($dormant), array_values($matrix->sleeping));
    }

    private function item(Product $product, Sku $sku): ProductState
    {
        $own = $product->state->details;
        $nowhere = Combination::of([]);
        $code = (string) preg_replace('~[^A-Za-z0-9._-]+~', '-', $sku->code);
        $details = new ProductDetails(
            mb_substr("{$own->name} {$product->matrix->inWords($sku->cell)}", 0, self::LONGEST_NAME),
            mb_substr($code, 0, self::LONGEST_CODE),
            $own->currency,
            '',
            $own->brand,
            $own->category,
            $product->price($sku),
            $own->shotList,
            array_map(
                fn(Fact $fact): Fact => new Fact(
                    0,
                    $fact->name,
                    $fact->value,
                    $fact->kind,
                    $fact->unit,
                    $fact->isShown,
                ),
                $own->facts,
            ),
            shots: $own->shots,
            details: $this->said($product, $sku),
        );

        return new ProductState(
            $details,
            Matrix::of([]),
            [$sku->priceOf(null)->placed($nowhere, $nowhere, $sku->state, $sku->retiredAt)],
            $this->pictures($product, $sku),
        );
    }

    private function said(Product $product, Sku $sku): Details
    {
        $details = new Details();
        foreach (DetailKind::cases() as $kind) {
            $text = $kind->isOfProduct()
                ? $product->state->details->details->whole($kind)
                : $product->said($kind, $sku);
            $details = $text === '' ? $details : $details->withWhole($kind, $text);
        }

        return $details;
    }

    /** @return list<Placement> those that a shopper saw of it, in the order of the gallery */
    private function pictures(Product $product, Sku $sku): array
    {
        $pictures = [];
        foreach ($product->galleries()->of($sku->cell)->entries as $at => $entry) {
            $pictures[] = $entry->placement->withId(-1 - $at)->reaching(Reach::everything(), Reach::nothing());
        }

        return $pictures;
    }
}
