<?php

declare(strict_types=1);

namespace App\Http\Screens;

use App\Changing\EntryUndo;
use App\History\Timeline;
use App\Models\HistoryEntry;
use App\Models\HistoryOwner;
use App\Models\Product;
use App\Models\User;

/** What is kept of a product or the library, and what the person can undo and redo. */
final readonly class HistoryBar
{
    private function __construct(
        public string $time,
        public string $words,
        public ?string $undo,
        public ?string $redo,
    ) {}

    /** Just after a change of one's own: it is the last, it can be undone, and there is nothing left to redo. */
    public static function after(HistoryEntry $own): self
    {
        return new self($own->at('H:i'), $own->words, $own->words, null);
    }

    public static function of(HistoryOwner $kept, User $user): self
    {
        $last = Timeline::last($kept);

        return new self(
            $last?->at('H:i') ?? '',
            $last->words ?? '',
            EntryUndo::nextUndo($kept->keptProductId(), $user->id)?->words,
            EntryUndo::nextRedo($kept->keptProductId(), $user->id)?->words,
        );
    }

    /** @param  string  $way  "undo" or "redo" */
    public function address(HistoryOwner $of, string $way): string
    {
        return $of instanceof Product ? route($way, $of) : route("library.{$way}");
    }
}
