<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\HistoryEntry;
use App\Models\Kept;

/** The product or the library was changed since the page was drawn: nothing was written, the change can be repeated. */
final class Stale extends Refused
{
    private function __construct(string $message, public readonly int $version)
    {
        parent::__construct($message);
    }

    public static function since(Kept $kept, int $version): self
    {
        $entries = HistoryEntry::with('user')->where('product_id', $kept->keptProductId())->where('version', '>', $version)->latest('id')->limit(3)->get(HistoryEntry::LISTED);
        $what = $entries->map(fn (HistoryEntry $entry): string => "{$entry->user->name}, {$entry->at('H:i')}: {$entry->words}")->implode('; ');

        return new self(
            "{$kept->keptName()} changed while this window was open".($what === '' ? '.' : " ({$what}).")
            .' The window now shows it as it is. Your change was not made yet.',
            $kept->keptVersion(),
        );
    }
}
