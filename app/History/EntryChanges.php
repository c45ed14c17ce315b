<?php

declare(strict_types=1);

namespace App\History;

use App\Ledger\RowChange;
use App\Models\HistoryEntry;
use Generator;
use IteratorAggregate;

/**
 * The row changes of some entries, read part by part: as they were made, or each taken back, the last first.
 *
 * @implements IteratorAggregate<int, RowChange>
 */
final readonly class EntryChanges implements IteratorAggregate
{
    /** @param  list<HistoryEntry>  $entries  the oldest first */
    public function __construct(private array $entries, private bool $takenBack)
    {
    }

    /** @return Generator<int, RowChange> */
    public function getIterator(): Generator
    {
        foreach ($this->takenBack ? array_reverse($this->entries) : $this->entries as $entry) {
            foreach ($entry->rowChanges($this->takenBack) as $change) {
                yield $this->takenBack ? $change->inverse() : $change;
            }
        }
    }
}
