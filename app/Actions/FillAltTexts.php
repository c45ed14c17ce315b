<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\AltTexts;
use App\Catalog\LoadedProduct;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;

/** Gives every picture whose alt text is doubled or too long one of its own. */
final class FillAltTexts
{
    public function __construct(private readonly UnitOfWork $work)
    {
    }

    public function run(Change $change): ?HistoryEntry
    {
        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded): string {
            $proposals = (new AltTexts($loaded))->check()->proposals();
            $ledger->update('placements', array_map(fn (string $text): array => ['alt_text' => $text], $proposals));

            return 'Alt text of '.(count($proposals) === 1 ? $loaded->placements[(int) array_key_first($proposals)]->file() : count($proposals).' pictures').' made their own';
        });
    }
}
