<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\AxisForm;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Refusals\Kind;
use App\Refusals\Refused;

/** Changes an axis of the library for every product that uses it. */
final class EditAxis
{
    public function __construct(private readonly Keeper $keeper)
    {
    }

    public function run(Change $change, int $axisId, AxisForm $form): ?HistoryEntry
    {
        return $this->keeper->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId, $form): string {
            $axis = LibraryAxis::query()->findOrFail($axisId);
            $taken = LibraryAxis::query()->where('folded', $form->name->folded)->whereKeyNot($axisId)->first();
            if ($taken !== null) {
                throw new Refused("The library has an axis {$taken->name} already.", Kind::Taken, 'name');
            }
            $ledger->update('axes', [$axisId => $form->row()]);

            return "Changed the axis {$axis->name}".($form->name->shown === $axis->name ? '' : " to {$form->name->shown}");
        });
    }
}
