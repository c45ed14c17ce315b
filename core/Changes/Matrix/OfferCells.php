<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Product\Product;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Core\Refusal;
use Core\RefusalKind;

/** Leaves cells out of the offer, as rules that later builds keep; or offers them again. */
final readonly class OfferCells implements ProductChange
{
    /**
     * @param  Selection|array<int, list<int>>  $where  the selected cells; or a rule, such as Gauntlet in size 6, as
     * axis id => value ids, whether there are such cells or not yet
     */
    private function __construct(
        private Selection|array $where,
        private bool $isOffered,
        private MatrixChoices $choices,
    ) {}

    /** @param  Selection|array<int, list<int>>  $where  of a rule axis id => value ids; an axis not named is free */
    public static function leaveOut(Selection|array $where, MatrixChoices $choices = new MatrixChoices()): self
    {
        return new self($where, false, $choices);
    }

    /** @param  Selection|array<int, list<int>>  $where  of a rule axis id => value ids; an axis not named is free */
    public static function again(Selection|array $where, MatrixChoices $choices = new MatrixChoices()): self
    {
        return new self($where, true, $choices);
    }

    /** The cells that are meant. */
    public function reach(Product $product): Reach
    {
        if ($this->where instanceof Selection) {
            return $product->selected($this->where)->cells;
        }
        $named = array_filter($this->where, fn(array $valueIds): bool => $valueIds !== []);

        return $named === [] ? Reach::nothing() : Reach::of(Clause::of($named))->activeIn($product->matrix);
    }

    public function on(Product $product, Catalog $catalog): Changed
    {
        $planned = $this->plan($product, $catalog);
        $where = (new Wording())->say($this->reach($product), $product->matrix);

        return new Changed(
            PlannedState::of($product, $planned),
            ($this->isOffered ? "Offered {$where} again: " : "Left out {$where}: ") . $planned->inWords(),
        );
    }

    /** @throws Refusal where no cell is meant, or the product has no axis */
    public function plan(Product $product, Catalog $catalog): PlannedChange
    {
        $from = $product->matrix;
        $cells = $this->reach($product);
        if ($cells->isNothing()) {
            throw new Refusal('Select the cells first.', RefusalKind::Missing, 'selected');
        }
        if ($from->axes === []) {
            throw new Refusal(
                'This product has a single SKU and no axis: there is nothing to leave out.',
                RefusalKind::Impossible,
            );
        }
        $before = Reach::leftOutOf($from);
        $leftOut = $this->isOffered ? $before->subtract($cells, $from) : $before->union($cells);
        $to = new Matrix($from->axes, (new Simplifier())->simplify($leftOut, $from));

        return (new MatrixPlanner($catalog))->plan($product, new MatrixChange($from, $to), $this->choices);
    }
}
