<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Verdicts\SheetVerdict;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The rows of a sheet with their verdicts: counted, filtered, a page at a time. */
final class VettedRows
{
    public const PAGE = 100;

    private const CHUNK = 1_000;

    /** @return array<string, int> verdict => rows */
    public function counts(Sheet $sheet): array
    {
        return array_map(
            intval(...),
            DB::table('sheet_rows')
                ->where('sheet_id', $sheet->id)
                ->groupBy('verdict')
                ->selectRaw('verdict, count(*) as found')
                ->pluck('found', 'verdict')
                ->all(),
        );
    }

    /** @return array<string, int> kind of problem => rows */
    public function problems(Sheet $sheet): array
    {
        $counts = [];
        foreach (
            DB::table('sheet_rows')
                ->where('sheet_id', $sheet->id)
                ->where('verdict', SheetVerdict::Rejected->value)
                ->groupBy('kinds')
                ->selectRaw('kinds, count(*) as found')
                ->pluck('found', 'kinds')
            as $kinds => $found
        ) {
            foreach (array_filter(explode(' ', (string) $kinds)) as $kind) {
                $counts[$kind] = ($counts[$kind] ?? 0) + (int) $found;
            }
        }

        return $counts;
    }

    /** Whether any row waits for a picture at an address. */
    public function hasAddresses(Sheet $sheet): bool
    {
        return DB::table('sheet_rows')
            ->where('sheet_id', $sheet->id)
            ->where('kinds', 'like', '% ' . ProblemKind::NotFetched->value . ' %')
            ->exists();
    }

    /** Rows in which something goes that is there now. */
    public function emptied(Sheet $sheet): int
    {
        return DB::table('sheet_rows')->where('sheet_id', $sheet->id)->where('changes', 'like', '%,""]%')->count();
    }

    /** @return list<VettedRow> one more than a page where there are more */
    public function page(Sheet $sheet, ?SheetVerdict $verdict, ?ProblemKind $kind, int $after): array
    {
        return array_values(
            $this->query($sheet, $verdict, $kind)
                ->where('sheet_rows.row', '>', $after)
                ->limit(self::PAGE + 1)
                ->get()
                ->map(self::row(...))
                ->all(),
        );
    }

    /** @return Generator<int, VettedRow> all of them, some at a time */
    public function all(Sheet $sheet): Generator
    {
        $after = 0;
        do {
            $some = $this->query($sheet, null, null)->where('sheet_rows.row', '>', $after)->limit(self::CHUNK)->get();
            foreach ($some as $row) {
                $after = (int) $row->row;
                yield self::row($row);
            }
        } while ($some->count() === self::CHUNK);
    }

    private function query(Sheet $sheet, ?SheetVerdict $verdict, ?ProblemKind $kind): Builder
    {
        return DB::table('sheet_rows')
            ->join(
                'sheet_products',
                fn($join) => $join
                    ->on('sheet_products.sheet_id', '=', 'sheet_rows.sheet_id')
                    ->on('sheet_products.position', '=', 'sheet_rows.product'),
            )
            ->where('sheet_rows.sheet_id', $sheet->id)
            ->when($verdict !== null, fn(Builder $query) => $query->where('sheet_rows.verdict', $verdict?->value))
            ->when(
                $kind !== null,
                fn(Builder $query) => $query->where('sheet_rows.kinds', 'like', "% {$kind?->value} %"),
            )
            ->orderBy('sheet_rows.row')
            ->select([
                'sheet_rows.row',
                'sheet_rows.cells',
                'sheet_rows.verdict',
                'sheet_rows.changes',
                'sheet_rows.problems',
                'sheet_products.position',
                'sheet_products.code',
                'sheet_products.name',
            ]);
    }

    private static function row(stdClass $row): VettedRow
    {
        return new VettedRow(
            VerdictRecord::decode($row),
            SheetRows::decode($row->cells),
            (int) $row->position,
            (string) $row->code,
            (string) $row->name,
        );
    }
}
