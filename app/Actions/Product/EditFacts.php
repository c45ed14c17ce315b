<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Details\RemoveFact;
use Core\Changes\Details\SayFact;

/** Says facts of a product, and takes them away. */
final class EditFacts
{
    public function __construct(private readonly UnitOfWork $work) {}

    public function set(Change $change, SayFact $fact): ?HistoryEntry
    {
        return $this->work->change($change, self::class, $fact);
    }

    public function remove(Change $change, int $factId): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new RemoveFact($factId));
    }
}
