<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\Sheets\CellMending;
use App\Intake\Sheets\LayoutRecord;
use App\Intake\Sheets\Mending;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\SheetRows;
use App\Intake\Sheets\SheetVetting;
use App\Intake\Sheets\SheetWork;
use App\Intake\Sheets\TermsRecord;
use App\Intake\Sheets\Verdicts\VettedRow;
use App\Intake\Sheets\Verdicts\VettedRows;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Reading\SheetTerms;
use Core\Sheets\Rows\RowShape;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/**
 * Mends a cell of a sheet: types it, takes what may be meant, or says that it is right as it is; for one row, or for all
 * that say the same there. The sheet in its file stays as it is.
 */
final readonly class MendSheet
{
    private const LONGEST = 32_767;

    /** Products that are looked at anew at once; of more the queue looks at all. */
    private const MOST_AT_ONCE = 200;

    public function __construct(
        private SheetRows $rows,
        private SheetProducts $products,
        private SheetVetting $vetting,
        private VettedRows $vetted,
        private SheetWork $work,
    ) {}

    /**
     * @return Sheet as it is then
     *
     * @throws Refusal
     */
    public function run(User $user, Sheet $sheet, CellMending $mending): Sheet
    {
        Gate::forUser($user)->authorize('edit');
        $again = DB::transaction(function () use ($sheet, $mending): Sheet {
            $sheet = Sheet::query()->lockForUpdate()->findOrFail($sheet->id);
            if ($sheet->state !== SheetState::Ready) {
                throw new Refusal('The sheet is still being looked at. Wait a moment.', RefusalKind::Changed);
            }
            $row = $mending->row;
            $problem = $this->problem($sheet, $row, $mending->header);
            $cells = $this->rows->cells($sheet, $row);
            $column = $this->column($sheet, $mending->header, $cells, $problem);
            $said = $problem->subject !== '' ? $problem->subject : $cells[$column->place] ?? '';
            if ($mending->way === Mending::Confirm) {
                $this->confirm($sheet, $column->field?->key() ?? '', $said);
                $this->lookAgain($sheet, $this->alike($sheet, $problem->kind, $row));

                return $sheet;
            }
            $other =
                $mending->way === Mending::Take
                    ? $problem->suggestion
                    : trim(mb_substr($mending->text, 0, self::LONGEST));
            if ($mending->way === Mending::Take && $other === '') {
                throw new Refusal('Nothing is proposed here. Type what is meant.', RefusalKind::Missing, 'text');
            }
            // A part of the cell is put in the place of itself; what is typed is the whole cell.
            $part = $mending->way === Mending::Take ? $problem->subject : '';
            $places = $mending->isForAll ? $this->saying($sheet, $column, $said, $problem) : [$row => $cells];
            foreach ($places as $number => $own) {
                $own = array_pad($own, $column->place + 1, '');
                $own[$column->place] = $part === '' ? $other : str_replace($part, $other, $own[$column->place]);
                $this->rows->write($sheet, $number, array_values($own));
            }
            $isOfProduct = in_array(
                $column->field?->kind,
                [FieldKind::Product, FieldKind::Name, FieldKind::Sku, FieldKind::Gtin],
                true,
            );
            if ($isOfProduct) {
                $sheet->update(['state' => SheetState::Sorting, 'through' => 0, 'beat_at' => now()]);
            } else {
                $this->lookAgain($sheet, array_keys($places));
            }

            return $sheet;
        });
        $this->work->begin($again);

        return $again;
    }

    private function problem(Sheet $sheet, int $row, string $header): CellProblem
    {
        $vetted = $this->vetted->page($sheet, null, null, $row - 1)[0] ?? null;
        foreach ($vetted?->verdict->row === $row ? $vetted->verdict->problems : [] as $problem) {
            if ($problem->column === $header) {
                return $problem;
            }
        }
        throw new Refusal('Somebody has mended this cell meanwhile. Look again.', RefusalKind::Changed);
    }

    /**
     * The column in which the cell stands; of several for pictures the one that names the one meant.
     *
     * @param  list<string>  $cells
     */
    private function column(Sheet $sheet, string $header, array $cells, CellProblem $problem): SheetColumn
    {
        $key = Field::named($header)?->key();
        $found = null;
        $layout = LayoutRecord::decode($sheet->layout);
        foreach ($layout->columns as $column) {
            if ($column->field?->key() === $key && $key !== null) {
                $found ??= $column;
                if ($problem->subject !== '' && str_contains($cells[$column->place] ?? '', $problem->subject)) {
                    return $column;
                }
            }
        }

        return $found ??
            throw new Refusal(
                $layout->shape === RowShape::SizesAcross
                    ? 'This stands in the header of a column. Correct it in the sheet, and bring it again.'
                    : "The sheet has no column for “{$header}”. Say on the page of columns which of them it is.",
                RefusalKind::Impossible,
            );
    }

    /**
     * Rows that say the same in a column.
     *
     * @return array<int, list<string>> cells by number of the row
     */
    private function saying(Sheet $sheet, SheetColumn $column, string $said, CellProblem $problem): array
    {
        $alike = [];
        foreach ($this->vetted->all($sheet) as $row) {
            $cell = $row->cells[$column->place] ?? '';
            $isSo =
                $problem->subject === ''
                    ? mb_strtolower($cell) === mb_strtolower($said)
                    : str_contains($cell, $problem->subject);
            if ($isSo) {
                $alike[$row->verdict->row] = $row->cells;
            }
        }

        return $alike;
    }

    private function confirm(Sheet $sheet, string $key, string $said): void
    {
        $terms = TermsRecord::of($sheet);
        $confirmed = [SheetTerms::confirmation($key, $said) => true] + $terms->confirmed;
        $sheet->update(['terms' => (new TermsRecord($terms->empty, $confirmed, $terms->doubles))->encode()]);
    }

    /** @return list<int> numbers of rows in which the same is the matter */
    private function alike(Sheet $sheet, ProblemKind $kind, int $row): array
    {
        $rows = array_map(fn(VettedRow $one): int => $one->verdict->row, $this->vetted->page($sheet, null, $kind, 0));

        return [...$rows, $row];
    }

    /** @param  list<int>  $rows */
    private function lookAgain(Sheet $sheet, array $rows): void
    {
        $positions = $this->products->ofRows($sheet, $rows);
        if (count($positions) > self::MOST_AT_ONCE || count($rows) > VettedRows::PAGE) {
            $sheet->update(['state' => SheetState::Vetting, 'through' => 0, 'beat_at' => now()]);

            return;
        }
        $this->vetting->vet($sheet, array_values($this->products->at($sheet, $positions)));
    }
}
