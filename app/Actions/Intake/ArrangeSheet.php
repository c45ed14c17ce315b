<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\Sheets\SheetLayouts;
use App\Intake\Sheets\SheetWork;
use App\Intake\Sheets\TermsRecord;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\EmptyCells;
use Core\Sheets\Rows\Shape;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Says how a sheet is read: what its columns say, what one of its rows is about, what an empty cell means. */
final readonly class ArrangeSheet
{
    public function __construct(private SheetLayouts $layouts, private SheetWork $work) {}

    /**
     * @param  array<int, string>  $fields  place of a column => header of its field; empty for left alone
     *
     * @throws Refusal
     */
    public function run(
        User $user,
        Sheet $sheet,
        array $fields,
        Shape $shape,
        FieldKind $across,
        EmptyCells $empty,
    ): void {
        Gate::forUser($user)->authorize('edit');
        $sheet = DB::transaction(function () use ($sheet, $fields, $shape, $across, $empty): Sheet {
            $sheet = Sheet::query()->lockForUpdate()->findOrFail($sheet->id);
            if (in_array($sheet->state, [SheetState::Reading, SheetState::Failed], true)) {
                throw new Refusal("{$sheet->name} is not read yet.", RefusalKind::Changed);
            }
            $terms = TermsRecord::of($sheet);
            $sheet->update(['terms' => (new TermsRecord($empty, $terms->confirmed, []))->encode()]);
            $this->layouts->arrange($sheet, $fields, $shape, $across);

            return $sheet;
        });
        $this->work->begin($sheet);
    }
}
