<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Actions\Product\EditDetails;
use App\Batches\SameForEach;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Prices\LetGoOfNeedlessPrices;
use Core\Changes\Prices\PriceByRule;
use Core\Changes\Prices\PriceToDecide;
use Core\Changes\Prices\PriceWish;
use Core\Changes\SkuChange;
use Core\Reach\Selection;

/**
 * Sets, raises, lowers or rounds prices: by their rule where the whole product or exactly one value is selected, so
 * that SKUs that come later follow; else as prices of their own.
 */
final class ChangePrices implements SameForEach
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** Where the person is to be asked first, PriceToDecide passes through, and nothing is changed. */
    public function run(Change $change, Selection $selected, PriceWish $wish): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new PriceByRule($selected, $wish));
    }

    /** Lets go of own prices that are just what the rule makes. */
    public function letGo(Change $change): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new LetGoOfNeedlessPrices());
    }

    public function inWords(array $wanted): string
    {
        $typed = trim((string) ($wanted['value'] ?? ''));

        return 'Price of every SKU ' . ($typed === '' ? 'set to the product’s' : EditDetails::priceInWords($typed));
    }

    public function change(Selection $where, array $wanted): SkuChange
    {
        return new PriceByRule($where, new PriceWish((string) ($wanted['value'] ?? '')));
    }
}
