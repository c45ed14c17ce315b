<?php

declare(strict_types=1);

namespace Core\Product\Plans;

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Product\Product;
use Core\Product\StockCount;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Stock\StockBook;

/**
 * What becomes of the units of a product where they are counted for something else. Counted for more SKUs together,
 * they
 * add up; counted for fewer, what was counted for these before is there again, as nobody can say who has how many.
 */
final readonly class CountingPlan
{
    public Details $details;

    public StockCount $before;

    public StockCount $after;

    public function __construct(Product $product, public Counting $to)
    {
        $from = $product->book->counting;
        $details = $product->state->details->details->withWhole(
            DetailKind::Counting,
            $to === Counting::Sku ? '' : $to->value,
        );
        if ($to === Counting::Pictures && $from === Counting::Sku) {
            $details = $this->together($product, $details);
        }
        if ($to === Counting::Product && $from !== Counting::None && $from !== $to) {
            $all = new StockCount($product->made, $product->book);
            $details = $details->withWhole(DetailKind::ProductUnits, $all->isUncounted() ? '' : (string) $all->units);
        }
        $this->details = $details;
        $this->before = new StockCount($product->made, $product->book);
        $this->after = new StockCount($product->made, new StockBook($details, $product->matrix));
    }

    /** "61 in stock becomes 61 in stock, counted for each picture combination" */
    public function inWords(): string
    {
        return "{$this->before->inWords()} becomes {$this->after->inWords()}";
    }

    /** Whether other units are there than before: of a finer way of counting. */
    public function isOff(): bool
    {
        return $this->to !== Counting::None &&
            ($this->before->units !== $this->after->units || $this->before->notCounted !== $this->after->notCounted);
    }

    private function together(Product $product, Details $details): Details
    {
        $byPart = [];
        foreach ($product->made as $sku) {
            $byPart[$product->book->part($sku->cell)->key][] = $sku;
        }
        foreach ($byPart as $skus) {
            $sum = new StockCount($skus, $product->book);
            $where = Reach::of(Clause::at($product->book->part($skus[0]->cell)));
            $details = $details->pooled($where, $sum->isUncounted() ? null : (string) $sum->units, $product->matrix);
        }

        return $details;
    }
}
