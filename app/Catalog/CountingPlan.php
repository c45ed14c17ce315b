<?php

declare(strict_types=1);

namespace App\Catalog;

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Product\StockCount;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Stock\StockBook;

/**
 * What becomes of the units of a product where they are counted for something else. Counted for more SKUs together, they
 * add up; counted for fewer, what was counted for these before is there again, as nobody can say who has how many.
 */
final readonly class CountingPlan
{
    public Details $details;

    public StockCount $before;

    public StockCount $after;

    public function __construct(LoadedProduct $loaded, public Counting $to)
    {
        $from = $loaded->book->counting;
        $details = $loaded->details->withWhole(DetailKind::Counting, $to === Counting::Sku ? '' : $to->value);
        if ($to === Counting::Pictures && $from === Counting::Sku) {
            $details = $this->together($loaded, $details);
        }
        if ($to === Counting::Product && $from !== Counting::None && $from !== $to) {
            $all = new StockCount($loaded->made, $loaded->book);
            $details = $details->withWhole(DetailKind::ProductUnits, $all->isUncounted() ? '' : (string) $all->units);
        }
        $this->details = $details;
        $this->before = new StockCount($loaded->made, $loaded->book);
        $this->after = new StockCount($loaded->made, new StockBook($details, $loaded->matrix));
    }

    /** "61 in stock becomes 61 in stock, counted for each picture combination" */
    public function inWords(): string
    {
        return "{$this->before->inWords()} becomes {$this->after->inWords()}";
    }

    /** Whether other units are there than before: of a finer way of counting. */
    public function isOff(): bool
    {
        return $this->to !== Counting::None && ($this->before->units !== $this->after->units || $this->before->notCounted !== $this->after->notCounted);
    }

    private function together(LoadedProduct $loaded, Details $details): Details
    {
        $byPart = [];
        foreach ($loaded->made as $sku) {
            $byPart[$loaded->book->part($sku->cell)->key][] = $sku;
        }
        foreach ($byPart as $skus) {
            $sum = new StockCount($skus, $loaded->book);
            $where = Reach::of(Clause::at($loaded->book->part($skus[0]->cell)));
            $details = $details->pooled($where, $sum->isUncounted() ? null : (string) $sum->units, $loaded->matrix);
        }

        return $details;
    }
}
