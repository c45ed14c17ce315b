<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Sheets\Sheet;
use Core\Sheets\Verdicts\SheetVerdict;
use Illuminate\Support\Facades\DB;

/** The sheets that arrived in the intake. */
final class SheetList
{
    private const MOST = 20;

    /** @return list<ListedSheet> the newest first */
    public function latest(): array
    {
        $sheets = Sheet::with('user')->latest('id')->limit(self::MOST)->get();
        $counts = [];
        foreach (
            DB::table('sheet_products')
                ->whereIn('sheet_id', $sheets->modelKeys())
                ->groupBy('sheet_id', 'verdict')
                ->selectRaw('sheet_id, verdict, count(*) as products')
                ->get()
            as $row
        ) {
            $counts[$row->sheet_id][$row->verdict] = (int) $row->products;
        }

        return array_values(
            $sheets
                ->map(
                    fn(Sheet $sheet): ListedSheet => new ListedSheet(
                        $sheet,
                        ($counts[$sheet->id][SheetVerdict::Fresh->value] ?? 0) +
                            ($counts[$sheet->id][SheetVerdict::Changed->value] ?? 0),
                        $counts[$sheet->id][SheetVerdict::Rejected->value] ?? 0,
                    ),
                )
                ->all(),
        );
    }

    /** The sheet of a drop in which nothing else arrived; null for none, or where more did. */
    public function aloneIn(Drop $drop): ?Sheet
    {
        $files = DropFile::query()->where('drop_id', $drop->id)->limit(2)->get();
        $file = $files->first();

        return $files->count() === 1 && $file?->state === DropFileState::Sheet
            ? Sheet::query()->where('drop_file_id', $file->id)->first()
            : null;
    }
}
