<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use Core\Changes\Details\RemoveFact;
use Core\Changes\Details\SayFact;
use Core\Details\FactKind;

/** Says facts of a product, and takes them away. */
final class EditFacts
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @param  string  $unit  of a number; nothing for none */
    public function set(
        Change $change,
        string $name,
        string $value,
        FactKind $kind = FactKind::Text,
        string $unit = '',
        bool $isShown = true,
    ): ?HistoryEntry {
        return $this->work->change($change, self::class, new SayFact($name, $value, $kind, $unit, $isShown));
    }

    public function remove(Change $change, int $factId): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new RemoveFact($factId));
    }
}
