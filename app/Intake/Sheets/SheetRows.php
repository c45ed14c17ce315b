<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Intake\Sheets\Verdicts\VerdictRecord;
use App\Models\Sheets\Sheet;
use Core\Sheets\Reading\GivenProduct;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Rows\SheetLayout;
use Core\Sheets\Verdicts\ProductVerdict;
use Core\Sheets\Verdicts\RowVerdict;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The rows of sheets as they are stored: the cells of each, its product, and its verdict. */
final class SheetRows
{
    private const TABLE = 'sheet_rows';

    public function clear(Sheet $sheet): void
    {
        DB::table(self::TABLE)->where('sheet_id', $sheet->id)->delete();
    }

    /**
     * @param  array<int, list<string>>  $rows  by number
     * @param  array<int, int>  $positions  row => its product
     */
    public function insert(Sheet $sheet, array $rows, array $positions): void
    {
        $stored = [];
        foreach ($rows as $number => $cells) {
            $stored[] = [
                'sheet_id' => $sheet->id,
                'row' => $number,
                'product' => $positions[$number] ?? 0,
                'cells' => self::encode($cells),
            ];
        }
        DB::table(self::TABLE)->insertOrIgnore($stored);
    }

    /**
     * Rows from one on.
     *
     * @return array<int, list<string>> cells by number
     */
    public function after(Sheet $sheet, int $after, int $most): array
    {
        return DB::table(self::TABLE)
            ->where('sheet_id', $sheet->id)
            ->where('row', '>', $after)
            ->orderBy('row')
            ->limit($most)
            ->pluck('cells', 'row')
            ->map(self::decode(...))
            ->all();
    }

    /**
     * The rows of some products.
     *
     * @param  list<int>  $positions
     * @return array<int, GivenProduct> by position
     */
    public function products(Sheet $sheet, SheetLayout $layout, array $positions): array
    {
        $fields = $layout->fields();
        $rows = [];
        foreach (
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->whereIn('product', $positions)
                // As their index has them: in the order of the rows alone, all rows of the sheet would be looked at.
                ->orderBy('product')
                ->orderBy('row')
                ->get(['row', 'product', 'cells'])
            as $row
        ) {
            foreach (self::given($layout, $row) as $one) {
                $rows[(int) $row->product][] = $one;
            }
        }

        return array_map(fn(array $own): GivenProduct => new GivenProduct($fields, $own), $rows);
    }

    /** @return non-empty-list<GivenRow> */
    private static function given(SheetLayout $layout, stdClass $row): array
    {
        return $layout->rows((int) $row->row, self::decode($row->cells));
    }

    /** @param  array<int, int>  $positions  row => its product, in the order of the rows */
    public function sort(Sheet $sheet, array $positions): void
    {
        if ($positions === []) {
            return;
        }
        $runs = [];
        foreach ($positions as $row => $position) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][2] === $position) {
                $runs[$last][1] = $row;
            } else {
                $runs[] = [$row, $row, $position];
            }
        }
        $cases = implode(
            ' ',
            array_map(fn(array $run): string => "when `row` between {$run[0]} and {$run[1]} then {$run[2]}", $runs),
        );
        DB::table(self::TABLE)
            ->where('sheet_id', $sheet->id)
            ->whereBetween('row', [array_key_first($positions), array_key_last($positions)])
            ->update(['product' => DB::raw("case {$cases} end")]);
    }

    /**
     * Writes what becomes of the rows of products. A row of which there is no more to say than of its product has no
     * verdict of its own.
     *
     * @param  array<int, ProductVerdict>  $verdicts  by place of the product
     */
    public function note(Sheet $sheet, array $verdicts): void
    {
        DB::table(self::TABLE)
            ->where('sheet_id', $sheet->id)
            ->whereIn('product', array_keys($verdicts))
            ->where('verdict', '<>', '')
            ->update(['verdict' => '', 'changes' => null, 'problems' => null, 'kinds' => '']);
        $alike = $said = [];
        foreach ($verdicts as $product) {
            foreach ($product->rows as $one) {
                if ($product->isSaidBy($one)) {
                    continue;
                }
                if ($one->changes === [] && $one->problems === []) {
                    $alike[$one->verdict->value][] = $one->row;
                } else {
                    $said[] = $one;
                }
            }
        }
        foreach ($alike as $verdict => $rows) {
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->whereIn('row', $rows)
                ->update(['verdict' => $verdict]);
        }
        foreach (array_chunk($said, 200) as $chunk) {
            $cases = ['verdict' => '', 'changes' => '', 'problems' => '', 'kinds' => ''];
            $values = ['verdict' => [], 'changes' => [], 'problems' => [], 'kinds' => []];
            foreach ($chunk as $one) {
                foreach (VerdictRecord::encode($one) as $column => $value) {
                    $cases[$column] .= " when {$one->row} then ?";
                    $values[$column][] = $value;
                }
            }
            $sets = implode(
                ', ',
                array_map(
                    fn(string $column): string => "`{$column}` = case `row`{$cases[$column]} end",
                    array_keys($cases),
                ),
            );
            $rows = implode(',', array_map(fn(RowVerdict $one): int => $one->row, $chunk));
            DB::update('update `' . self::TABLE . "` set {$sets} where sheet_id = ? and `row` in ({$rows})", [
                ...array_merge(...array_values($values)),
                $sheet->id,
            ]);
        }
    }

    /** @return list<string> cells of a row; none where it is not there */
    public function cells(Sheet $sheet, int $row): array
    {
        $cells = DB::table(self::TABLE)->where('sheet_id', $sheet->id)->where('row', $row)->value('cells');

        return $cells === null ? [] : self::decode($cells);
    }

    /** @param  list<string>  $cells */
    public function write(Sheet $sheet, int $row, array $cells): void
    {
        DB::table(self::TABLE)
            ->where('sheet_id', $sheet->id)
            ->where('row', $row)
            ->update(['cells' => self::encode($cells)]);
    }

    /** @param  list<string>  $cells */
    private static function encode(array $cells): string
    {
        return json_encode($cells, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return list<string> */
    public static function decode(string $cells): array
    {
        /** @var list<string> $decoded */
        $decoded = json_decode($cells, true, 4, JSON_THROW_ON_ERROR);

        return $decoded;
    }
}
