<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\ShotListRecord;
use App\Store\Library\Usage;
use Core\Refusal;
use Core\RefusalKind;

/** Takes a shot list out of the library that no product has. */
final class RemoveShotList
{
    public function __construct(private readonly UnitOfWork $work, private readonly Usage $usage) {}

    /** @throws Refusal */
    public function run(Change $change, int $listId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($listId): string {
            $list = ShotListRecord::query()->findOrFail($listId);
            $products = $this->usage->everOfShotList($listId);
            if ($products !== []) {
                throw new Refusal(
                    "{$list->name} stays: " .
                        Usage::inWords($products) .
                        ' ' .
                        (count($products) === 1 ? 'has' : 'have') .
                        ' it. Give them another first.',
                    RefusalKind::Impossible,
                );
            }
            $ledger->delete('shot_lists', [$listId]);

            return "Removed the shot list {$list->name}";
        });
    }
}
