<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\EntryUndo;
use App\History\Change;
use App\Models\HistoryEntry;

/**
 * Takes back one's own last change of a product or of the library, or all of one's own back to a point; or makes them
 * again.
 */
final class UndoRedo
{
    public function __construct(private readonly EntryUndo $entries) {}

    public function undo(Change $change): HistoryEntry
    {
        return $this->entries->undo($change);
    }

    public function redo(Change $change): HistoryEntry
    {
        return $this->entries->redo($change);
    }

    /** Takes back all of one's own changes that came after an entry, as one. What others did meanwhile stays. */
    public function undoTo(Change $change, int $entryId): HistoryEntry
    {
        return $this->entries->undoTo($change, $entryId);
    }
}
