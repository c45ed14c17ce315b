<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use Core\Product\Sku;
use Core\Product\StockCount;
use Core\Stock\StockBook;

/** The numbers of selected SKUs in sums, for the foot of the board. */
final readonly class SumsOfNumbers
{
    /**
     * @param  string  $prices  one, or the lowest and the highest; empty for none
     * @param  list<Sku>  $skus
     */
    public function __construct(
        private string $prices,
        private string $currency,
        private array $skus,
        private StockBook $book,
    ) {}

    /** @return array<string, string> what is summed => in words */
    public function inWords(): array
    {
        return [
            'prices' => $this->prices === '' ? __('board.no_price') : "{$this->prices} {$this->currency}",
            'stock' => (new StockCount($this->skus, $this->book))->inWords(),
        ];
    }
}
