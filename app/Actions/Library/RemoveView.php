<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryView;
use App\Models\ShotListRecord;
use App\Store\Library\Usage;
use Core\Refusal;
use Core\RefusalKind;

/** Takes a view out of the library that no shot list and no picture has. */
final class RemoveView
{
    public function __construct(private readonly UnitOfWork $work, private readonly Usage $usage) {}

    /** @throws Refusal */
    public function run(Change $change, int $viewId): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($viewId): string {
            $view = LibraryView::query()->findOrFail($viewId);
            foreach (ShotListRecord::query()->orderBy('name')->get() as $list) {
                if (in_array($view->key, $list->views, true)) {
                    throw new Refusal(
                        "{$view->name} is on the shot list {$list->name}. Take it off there first.",
                        RefusalKind::Impossible,
                    );
                }
            }
            $asking = $this->usage->askingFor($view->key);
            if ($asking !== []) {
                throw new Refusal(
                    "{$view->name} stays: " .
                        Usage::inWords($asking) .
                        ' ' .
                        (count($asking) === 1 ? 'says' : 'say') .
                        ' of its own whether it is needed. Change that there first.',
                    RefusalKind::Impossible,
                );
            }
            $products = $this->usage->ofView($view->key);
            if ($products !== []) {
                throw new Refusal(
                    "{$view->name} stays: pictures of " . Usage::inWords($products) . ' show it.',
                    RefusalKind::Impossible,
                );
            }
            $ledger->delete('views', [$viewId]);

            return "Removed the view {$view->name}";
        });
    }
}
