<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Store\Library\AxisForm;
use Core\Refusal;
use Core\RefusalKind;

/** Adds an axis to the library. */
final class CreateAxis
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @throws Refusal */
    public function run(Change $change, AxisForm $form): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($form): string {
            $taken = LibraryAxis::query()->where('folded', $form->name->folded)->first();
            if ($taken !== null) {
                throw new Refusal("The library has an axis {$taken->name} already.", RefusalKind::Taken, 'name');
            }
            $ledger->insert('axes', $form->row());

            return "Added the axis {$form->name->shown}";
        });
    }
}
