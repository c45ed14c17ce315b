<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Changes\Matrix\SizesInOrder;
use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\Prices\PriceList;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Simplifier;

/**
 * Adds single items to a product that has a matrix: each falls into a cell, under its own code and with all that is its
 * own. The product stays what it is; what is said of an item otherwise is said of its cell.
 */
final readonly class ItemJoiner
{
    /**
     * @param  list<CombinedPart>  $items  with a value on each axis of the product
     * @param  list<Axis>  $named  the axes of the product with the values that the items have, new ones too
     *
     * @throws CombineConflict
     */
    public function join(Product $host, array $items, array $named): Combined
    {
        $this->refuse($host, $items);
        $plain = Matrix::of(
            $this->axes($host, $items, $named),
            Reach::leftOutOf($host->matrix),
            array_values($host->matrix->sleeping),
        );
        $skus = [...$host->state->skus, ...$this->skus($host, $items, $plain)];
        [$matrix, $holes] = $this->withoutHoles($host, $plain, $skus);
        $details = $host->state->details->saying($this->said($host, $items, $matrix));
        $skus = $this->priced(
            $items,
            $skus,
            new PriceList($details->currency, $details->basePrice, $details->adjustments, $details->details, $matrix),
        );

        return new Combined(
            new ProductState(
                $details,
                $matrix,
                $skus,
                CombinedPictures::of([new CombinedPart(0, $host, []), ...$items], $matrix),
            ),
            $this->remarks($host, $items),
            $holes,
        );
    }

    /** @param  list<CombinedPart>  $items */
    private function refuse(Product $host, array $items): void
    {
        $name = $host->state->details->name;
        if ($host->matrix->axes === []) {
            throw CombineConflict::noAxes($name);
        }
        if ($items === []) {
            throw CombineConflict::noItem();
        }
        foreach ($items as $item) {
            $own = $item->product->state->details;
            if ($item->product->matrix->axes !== []) {
                throw CombineConflict::noSingleItem($own->name);
            }
            if (!$own->currency->is($host->state->details->currency)) {
                throw CombineConflict::differsIn('currency', $name, $own->name);
            }
            $isApart = in_array($host->book->counting, [Counting::Sku, Counting::None], true);
            if ($item->product->book->counting !== $host->book->counting || !$isApart) {
                throw CombineConflict::differsIn('what their stock is counted for', $name, $own->name);
            }
        }
    }

    /**
     * @param  list<CombinedPart>  $items
     * @param  list<Axis>  $named
     * @return list<Axis> those of the product, with the values that come
     */
    private function axes(Product $host, array $items, array $named): array
    {
        $axes = [];
        $said = array_column($named, null, 'id');
        foreach ($host->matrix->axes as $axis) {
            $values = array_column($axis->values, null, 'id');
            $isNew = false;
            foreach ($items as $item) {
                $id = $item->values[$axis->id] ?? 0;
                $value = $values[$id] ?? ($said[$axis->id] ?? null)?->value($id);
                if ($value !== null && !isset($values[$id])) {
                    $values[$id] = $value;
                    $isNew = true;
                }
            }
            $values = array_values($values);
            $axes[] = $isNew
                ? $axis->with($axis->kind === AxisKind::Size ? SizesInOrder::of($values) : $values)
                : $axis;
        }

        return $axes;
    }

    /**
     * @param  list<CombinedPart>  $items
     * @return list<Sku>
     */
    private function skus(Product $host, array $items, Matrix $matrix): array
    {
        $taken = array_map(fn(Sku $sku): string => $sku->code, $host->made);
        $skus = [];
        foreach ($items as $item) {
            $cell = Combination::of($item->values);
            foreach ($item->product->state->skus as $sku) {
                if ($sku->isMade()) {
                    if (isset($taken[$cell->key])) {
                        throw CombineConflict::inOneCell($matrix->inWords($cell), [$taken[$cell->key], $sku->code]);
                    }
                    $taken[$cell->key] = $sku->code;
                }
                $skus[] = $sku->placed($cell, $cell, $sku->state, $sku->retiredAt);
            }
        }

        return $skus;
    }

    /**
     * Of the cells that come with new values, those without a SKU are not sold.
     *
     * @param  list<Sku>  $skus
     * @return array{Matrix, int}
     */
    private function withoutHoles(Product $host, Matrix $matrix, array $skus): array
    {
        $standing = [];
        foreach ($skus as $sku) {
            $standing[$sku->cell->key] = $sku->isMade() || isset($standing[$sku->cell->key]);
        }
        $all = $matrix->combinations();
        $new = array_filter(
            $all,
            fn(Combination $cell): bool => !$host->matrix->isCell($cell) && !isset($standing[$cell->key]),
        );
        $out = array_filter(
            $all,
            fn(Combination $cell): bool => !isset($standing[$cell->key]) &&
                (!$host->matrix->isCell($cell) || !$host->matrix->isOffered($cell)),
        );
        $dormant = Reach::leftOutOf($matrix)->dormantIn($matrix);
        $rules = $out === [] ? Reach::nothing() : (new Simplifier())->fromCells(array_values($out), $all, $matrix);

        return [Matrix::of($matrix->axes, $rules->union($dormant), array_values($matrix->sleeping)), count($new)];
    }

    /**
     * What an item says otherwise than the product is said of its cell.
     *
     * @param  list<CombinedPart>  $items
     */
    private function said(Product $host, array $items, Matrix $matrix): Details
    {
        $details = $host->state->details->details;
        foreach ($items as $item) {
            $where = Reach::of(Clause::of(array_map(fn(int $valueId): array => [$valueId], $item->values)));
            foreach (DetailKind::cases() as $kind) {
                $own = $item->product->state->details->details->whole($kind);
                if (!$kind->isOfProduct() && $own !== '' && $own !== $details->whole($kind)) {
                    $details = $details->with($kind, $where, $own, $matrix);
                }
            }
        }

        return $details;
    }

    /**
     * An item costs what it cost.
     *
     * @param  list<CombinedPart>  $items
     * @param  list<Sku>  $skus
     * @return list<Sku>
     */
    private function priced(array $items, array $skus, PriceList $rules): array
    {
        $prices = [];
        foreach ($items as $item) {
            foreach ($item->product->state->skus as $sku) {
                $prices[$sku->id] = $item->product->price($sku);
            }
        }

        return array_map(function (Sku $sku) use ($prices, $rules): Sku {
            if (!array_key_exists($sku->id, $prices)) {
                return $sku;
            }
            $rule = $rules->price($sku->cell, null)->effective();

            return $sku->priceOf(
                ($rule?->shown() ?? '') === ($prices[$sku->id]?->shown() ?? '') ? null : $prices[$sku->id],
            );
        }, $skus);
    }

    /**
     * @param  list<CombinedPart>  $items
     * @return list<string> what of the items is not kept
     */
    private function remarks(Product $host, array $items): array
    {
        $remarks = [];
        $own = $host->state->details;
        foreach ($items as $item) {
            $details = $item->product->state->details;
            foreach ($details->facts as $fact) {
                $known = Fact::named($own->facts, $fact->name);
                if ($known?->whole() !== $fact->whole()) {
                    $remarks[] = "The fact {$fact->name} of {$details->code} is not kept: the product’s counts.";
                }
            }
            if ($details->description !== '' && $details->description !== $own->description) {
                $remarks[] = "The description of {$details->code} is not kept: the product’s counts.";
            }
        }

        return $remarks;
    }
}
