<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\ReachedDetail;
use Core\Gallery\Placement;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Clause;
use Core\Reach\Reach;

/**
 * Parts a product by the values of an axis. A part that was a product before becomes that again: with its own name, code
 * and texts, where nobody has said otherwise of the whole meanwhile.
 */
final readonly class ProductSeparator
{
    /**
     * @param  array<int, array{string, string}>  $names  value id => name and code of a part that is new
     * @return list<SeparatedPart> in the order of the values
     */
    public function separate(Product $product, Axis $axis, array $names): array
    {
        $parts = [];
        foreach ($axis->values as $value) {
            $skus = $this->skusAt($product, $axis, $value);
            if ($skus !== []) {
                $parts[] = new SeparatedPart(null, $this->state($product, $axis, $value, $names[$value->id]));
            }
        }

        return $parts;
    }

    /**
     * What a product that was put into another becomes again.
     *
     * @param  Product  $whole  as it is
     * @param  Product  $own  the part as it was, without its SKUs
     * @param  list<Sku>  $skus  of the whole, those that came from it
     * @param  ProductDetails  $together  what was said of the whole when it was put together
     */
    public function again(Product $whole, Product $own, array $skus, ProductDetails $together): ProductState
    {
        $axes = array_flip($own->matrix->axisIds());
        $came = $this->clauseOf($skus, array_diff_key(array_flip($whole->matrix->axisIds()), $axes));
        $details = $this->saidSince($whole, $own, $came, $together);
        $matrix = $own->matrix;
        $back = [];
        foreach ($skus as $sku) {
            $combination = Combination::of(array_diff_key($sku->combination->values, $came->values()));
            $placed = $sku->placed(
                $matrix->place($combination) ?? $combination,
                $combination,
                $sku->state,
                $sku->retiredAt,
            );
            $back[] = $this->priced($whole, $own, $sku, $placed);
        }
        $leftOvers = array_column($own->state->pictures, null, 'photoId');
        $pictures = array_map(
            fn(Placement $picture): Placement => isset($leftOvers[$picture->photoId])
                ? $picture->withId($leftOvers[$picture->photoId]->id)
                : $picture,
            $this->pictures($whole, $came),
        );

        return new ProductState($details, $matrix, $back, $pictures);
    }

    /** @return list<Sku> */
    private function skusAt(Product $product, Axis $axis, Value $value): array
    {
        return array_values(
            array_filter(
                $product->state->skus,
                fn(Sku $sku): bool => $sku->combination->value($axis->id) === $value->id,
            ),
        );
    }

    /** @param  array{string, string}  $named  name and code */
    private function state(Product $product, Axis $axis, Value $value, array $named): ProductState
    {
        $clause = Clause::of([$axis->id => [$value->id]]);
        $axes = array_values(array_filter($product->matrix->axes, fn(Axis $own): bool => $own->id !== $axis->id));
        $rules = $this->freed(Reach::leftOutOf($product->matrix)->cut(Reach::of($clause)), $clause);
        $matrix = Matrix::of($axes, $rules, array_values($product->matrix->sleeping));
        $skus = [];
        foreach ($this->skusAt($product, $axis, $value) as $sku) {
            $combination = $sku->combination->without($axis->id);
            $placed = $sku->placed(
                $matrix->place($combination) ?? $combination,
                $combination,
                $sku->state,
                $sku->retiredAt,
            );
            $adds = isset($product->state->details->adjustments[$value->id]);
            $skus[] = $adds && $sku->price === null ? $placed->priceOf($product->price($sku)) : $placed;
        }
        $details = $product->state->details->with([
            'name' => $named[0],
            'code' => $named[1],
            'facts' => array_map(
                fn(Fact $fact): Fact => new Fact(
                    0,
                    $fact->name,
                    $fact->value,
                    $fact->kind,
                    $fact->unit,
                    $fact->isShown,
                ),
                $product->state->details->facts,
            ),
            'openings' => array_diff_key($product->state->details->openings, [$axis->id => 0]),
            'openingCell' => null,
        ]);

        return new ProductState(
            $details->saying($this->said($product->state->details->details, $clause)),
            $matrix,
            $skus,
            $this->pictures($product, $clause),
        );
    }

    /** What is said of a part of the whole, as the part says it of itself. */
    private function said(Details $details, Clause $part): Details
    {
        $own = [];
        foreach ($details->all as $detail) {
            if ($detail->reach->isEverything()) {
                $own["{$detail->kind->value} "] ??= $detail;

                continue;
            }
            $reach = $this->freed($detail->reach->cut(Reach::of($part)), $part);
            if (!$reach->isNothing()) {
                $key = $reach->isEverything() ? "{$detail->kind->value} " : count($own) . '';
                $own[$key] = new ReachedDetail($detail->kind, $reach, $detail->text);
            }
        }

        return new Details(
            array_values(
                array_filter(
                    $own,
                    fn(ReachedDetail $detail): bool => $detail->text !== '' || !$detail->reach->isEverything(),
                ),
            ),
        );
    }

    /** A reach within a part, without the values that all of the part has. */
    private function freed(Reach $reach, Clause $part): Reach
    {
        return Reach::of(
            ...array_map(function (Clause $clause) use ($part): Clause {
                foreach ($part->axisIds() as $axisId) {
                    $clause = $clause->names($axisId) ? $clause->freed($axisId) : $clause;
                }

                return $clause;
            }, $reach->clauses),
        );
    }

    /**
     * The pictures that show in a part, in their order.
     *
     * @return list<Placement>
     */
    private function pictures(Product $product, Clause $part): array
    {
        $pictures = [];
        foreach ($product->state->pictures as $picture) {
            $reach = $picture->reach->cut(Reach::of($part));
            if (!$reach->isNothing()) {
                $pictures[] = $picture->reaching(
                    $this->freed($reach, $part),
                    $this->freed($picture->hidden->cut(Reach::of($part)), $part),
                );
            }
        }

        return $pictures;
    }

    /**
     * The values that SKUs have in common on some axes.
     *
     * @param  list<Sku>  $skus
     * @param  array<int, int>  $axes  ids as keys
     */
    private function clauseOf(array $skus, array $axes): Clause
    {
        $values = [];
        foreach ($skus as $sku) {
            foreach (array_intersect_key($sku->combination->values, $axes) as $axisId => $valueId) {
                $values[$axisId][$valueId] = $valueId;
            }
        }

        return Clause::of(array_map(array_values(...), $values));
    }

    /** Its own, where the whole says what it said when it was put together; else what the whole says now. */
    private function saidSince(Product $whole, Product $own, Clause $came, ProductDetails $together): ProductDetails
    {
        $now = $whole->state->details;
        $details = $own->state->details;
        $texts = [];
        foreach (['description', 'brand', 'category'] as $text) {
            if ($now->{$text} !== $together->{$text}) {
                $texts[$text] = $now->{$text};
            }
        }
        $said = fn(Details $all): array => array_map(
            fn(ReachedDetail $detail): string => "{$detail->kind->value} {$detail->reach->key()} {$detail->text}",
            $all->all,
        );
        $isSaidAnew =
            array_diff($said($now->details), $said($together->details)) !== [] ||
            array_diff($said($together->details), $said($now->details)) !== [];
        $details = $isSaidAnew ? $details->saying($this->said($now->details, $came)) : $details;

        return $texts === [] ? $details : $details->with($texts);
    }

    /** It costs what it costs: by the part's own rules where these make it so. */
    private function priced(Product $whole, Product $own, Sku $sku, Sku $placed): Sku
    {
        $price = $whole->price($sku);
        $rule = $own->prices->price($placed->cell, null)->effective();

        return $placed->priceOf(($rule?->shown() ?? '') === ($price?->shown() ?? '') ? null : $price);
    }
}
