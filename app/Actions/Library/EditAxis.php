<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Models\HistoryEntry;
use App\Models\LibraryAxis;
use App\Store\CountedByPictures;
use App\Store\Library\AxisForm;
use Core\Refusal;
use Core\RefusalKind;

/** Changes an axis of the library for every product that uses it. */
final class EditAxis
{
    public function __construct(private readonly UnitOfWork $work) {}

    /** @throws Refusal */
    public function run(Change $change, int $axisId, AxisForm $form): ?HistoryEntry
    {
        return $this->work->keepLibrary($change, self::class, function (Ledger $ledger) use ($axisId, $form): string {
            $axis = LibraryAxis::query()->findOrFail($axisId);
            $taken = LibraryAxis::query()->where('folded', $form->name->folded)->whereKeyNot($axisId)->first();
            if ($taken !== null) {
                throw new Refusal("The library has an axis {$taken->name} already.", RefusalKind::Taken, 'name');
            }
            $kept = $form->changesPicture === $axis->changes_picture ? 0 : $this->keepCounting($ledger, $axis);
            $ledger->update('axes', [$axisId => $form->row()]);

            return "Changed the axis {$axis->name}" .
                ($form->name->shown === $axis->name ? '' : " to {$form->name->shown}") .
                ($kept === 0
                    ? ''
                    : '; ' .
                        number_format($kept) .
                        ($kept === 1 ? ' product counts' : ' products count') .
                        ' stock by picture combination, and pictures differ there as before');
        });
    }

    /**
     * Products that count stock by picture combination go on with the combinations they have: their units would be
     * joined or parted unsaid. Each can be changed by itself, where its plan says what becomes of them.
     *
     * @return int products
     */
    private function keepCounting(Ledger $ledger, LibraryAxis $axis): int
    {
        $rows = CountedByPictures::following($axis->id);
        $own = ['changes_picture' => (int) $axis->changes_picture];
        $ledger->update('product_axes', array_fill_keys($rows, $own));

        return count($rows);
    }
}
