<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Prices\PriceSkus;
use Core\Reach\Selection;

/**
 * Gives all selected SKUs prices of their own: set, raised, lowered or rounded; an empty one gives them back to the
 * product.
 */
final class SetPrices
{
    public function __construct(private readonly UnitOfWork $work) {}

    /**
     * @param  string  $typed  "49.90", "+5", "-10 %", or nothing
     * @param  string  $ending  in what each of them is to end from now on; nothing for none
     */
    public function run(Change $change, Selection $selected, string $typed, string $ending = ''): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new PriceSkus($selected, $typed, $ending));
    }
}
