<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\Sheets\SheetArrangement;
use App\Intake\Sheets\SheetLayouts;
use App\Intake\Sheets\SheetWork;
use App\Intake\Sheets\TermsRecord;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Says how a sheet is read: what its columns say, what one of its rows is about, what an empty cell means. */
final readonly class ArrangeSheet
{
    public function __construct(private SheetLayouts $layouts, private SheetWork $work) {}

    /** @throws Refusal */
    public function run(User $user, Sheet $sheet, SheetArrangement $wanted): void
    {
        Gate::forUser($user)->authorize('edit');
        $sheet = DB::transaction(function () use ($sheet, $wanted): Sheet {
            $sheet = Sheet::query()->lockForUpdate()->findOrFail($sheet->id);
            if (in_array($sheet->state, [SheetState::Reading, SheetState::Failed], true)) {
                throw new Refusal("{$sheet->name} is not read yet.", RefusalKind::Changed);
            }
            $terms = TermsRecord::of($sheet);
            $sheet->update(['terms' => (new TermsRecord($wanted->empty, $terms->confirmed, []))->encode()]);
            $this->layouts->arrange($sheet, $wanted);

            return $sheet;
        });
        $this->work->begin($sheet);
    }
}
