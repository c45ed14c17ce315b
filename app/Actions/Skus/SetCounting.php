<?php

declare(strict_types=1);

namespace App\Actions\Skus;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Skus\ChangeStockCounting;
use Core\Details\Counting;

/** Says what the stock of a product is counted for. */
final class SetCounting
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function run(Change $change, Counting $to): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new ChangeStockCounting($to));
    }
}
