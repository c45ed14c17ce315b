<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Prices\SellIn;

/** Sells a product in another currency: the numbers stay, rounded where the currency cannot have them. */
final class ChangeCurrency
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, string $code): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new SellIn($code, false));
    }

    /** Rounds the amounts that the other currency cannot have. */
    public function rounding(Change $change, string $code): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new SellIn($code, true));
    }
}
