<?php

declare(strict_types=1);

namespace App\Intake\Sheets\Verdicts;

use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\SheetRows;
use App\Models\Sheets\Sheet;
use Core\Sheets\Reading\ProblemKind;
use Core\Sheets\Verdicts\SheetVerdict;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The rows of a sheet with their verdicts: counted, filtered, a page at a time. */
final class VettedRows
{
    public const PAGE = 100;

    private const CHUNK = 1_000;

    public function __construct(private readonly SheetProducts $products) {}

    /** @return array<string, int> verdict => rows */
    public function counts(Sheet $sheet): array
    {
        $counts = $this->products->plainRows($sheet);
        foreach (
            DB::table('sheet_rows')
                ->where('sheet_id', $sheet->id)
                ->where('verdict', '<>', '')
                ->groupBy('verdict')
                ->selectRaw('verdict, count(*) as found')
                ->pluck('found', 'verdict')
            as $verdict => $found
        ) {
            $counts[$verdict] = ($counts[$verdict] ?? 0) + (int) $found;
        }

        return $counts;
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
        return $this->some($sheet, $this->found($sheet, $verdict, $kind), $after, self::PAGE + 1);
    }

    /** @return Generator<int, VettedRow> all of them, some at a time */
    public function all(Sheet $sheet): Generator
    {
        $after = 0;
        do {
            $some = $this->some($sheet, $this->found($sheet, null, null), $after, self::CHUNK);
            foreach ($some as $row) {
                $after = $row->verdict->row;
                yield $row;
            }
        } while (count($some) === self::CHUNK);
    }

    private function found(Sheet $sheet, ?SheetVerdict $verdict, ?ProblemKind $kind): Builder
    {
        $rows = DB::table('sheet_rows')->where('sheet_id', $sheet->id);
        if ($kind !== null) {
            $rows->where('kinds', 'like', "% {$kind->value} %");
        }
        if ($verdict === null) {
            return $rows;
        }
        $ofProducts = $this->products->plainRows($sheet)[$verdict->value] ?? 0;

        return $ofProducts === 0
            ? $rows->where('verdict', $verdict->value)
            : $rows->where(
                fn(Builder $either) => $either
                    ->where('verdict', $verdict->value)
                    ->orWhere(
                        fn(Builder $plain) => $plain
                            ->where('verdict', '')
                            ->whereExists(
                                fn(Builder $product) => $product
                                    ->from('sheet_products')
                                    ->whereColumn('sheet_products.sheet_id', 'sheet_rows.sheet_id')
                                    ->whereColumn('sheet_products.position', 'sheet_rows.product')
                                    ->where('sheet_products.verdict', $verdict->value),
                            ),
                    ),
            );
    }

    /**
     * Rows in their order, and then their products: joined, the rows of the whole sheet would be put in order.
     *
     * @return list<VettedRow>
     */
    private function some(Sheet $sheet, Builder $found, int $after, int $most): array
    {
        $rows = $found
            ->where('row', '>', $after)
            ->orderBy('row')
            ->limit($most)
            ->get(['row', 'product', 'cells', 'verdict', 'changes', 'problems']);
        $products = $this->products->at(
            $sheet,
            array_values(array_unique(array_map(intval(...), $rows->pluck('product')->all()))),
        );
        $vetted = [];
        foreach ($rows as $row) {
            $product = $products[(int) $row->product] ?? null;
            if ($product !== null) {
                $vetted[] = new VettedRow(
                    VerdictRecord::decode($row, $product->verdict),
                    SheetRows::decode($row->cells),
                    $product->position,
                    $product->code,
                    $product->name,
                );
            }
        }

        return $vetted;
    }
}
