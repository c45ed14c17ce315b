<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use App\Store\Products\Portions;
use Core\Sheets\Rows\RowGroup;
use Core\Sheets\Verdicts\ProductVerdict;
use Core\Sheets\Verdicts\SheetVerdict;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** The products of sheets, as they are stored. */
final class SheetProducts
{
    private const TABLE = 'sheet_products';

    private const CHUNK = 500;

    public function clear(Sheet $sheet): void
    {
        DB::table(self::TABLE)->where('sheet_id', $sheet->id)->delete();
    }

    /** @param  array<int, RowGroup>  $groups  by position */
    public function insert(Sheet $sheet, array $groups): void
    {
        foreach (array_chunk($groups, self::CHUNK, true) as $chunk) {
            DB::table(self::TABLE)->insert(
                array_map(
                    fn(int $position, RowGroup $group): array => [
                        'sheet_id' => $sheet->id,
                        'position' => $position,
                        'folded' => mb_substr($group->key, 0, 200),
                        'code' => mb_substr($group->code, 0, 200),
                        'name' => mb_substr($group->name, 0, 200),
                        'is_coded' => $group->isCoded,
                    ],
                    array_keys($chunk),
                    array_values($chunk),
                ),
            );
        }
    }

    /** @param  array<int, int>  $near  position => that of another that is called nearly so */
    public function noteNear(Sheet $sheet, array $near): void
    {
        foreach ($near as $position => $other) {
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->where('position', $position)
                ->update(['near_position' => $other]);
        }
    }

    /** @return list<SheetItem> in their order */
    public function after(Sheet $sheet, int $after, int $most): array
    {
        return array_values(
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->where('position', '>', $after)
                ->orderBy('position')
                ->limit($most)
                ->get()
                ->map(SheetItem::of(...))
                ->all(),
        );
    }

    /**
     * @param  list<int>  $positions
     * @return array<int, SheetItem> by position
     */
    public function at(Sheet $sheet, array $positions): array
    {
        $items = [];
        foreach (
            DB::table(self::TABLE)->where('sheet_id', $sheet->id)->whereIn('position', $positions)->get()
            as $row
        ) {
            $items[(int) $row->position] = SheetItem::of($row);
        }

        return $items;
    }

    /**
     * The products of rows.
     *
     * @param  list<int>  $rows
     * @return list<int>
     */
    public function ofRows(Sheet $sheet, array $rows): array
    {
        return array_values(
            array_map(
                intval(...),
                DB::table('sheet_rows')
                    ->where('sheet_id', $sheet->id)
                    ->whereIn('row', $rows)
                    ->distinct()
                    ->pluck('product')
                    ->all(),
            ),
        );
    }

    /**
     * @param  array<int, ProductVerdict>  $verdicts  by position
     * @param  array<int, int>  $productIds  by position, of those that are there
     */
    public function note(Sheet $sheet, array $verdicts, array $productIds): void
    {
        $verdict = $product = $leftOut = $plain = '';
        $words = $additions = [];
        foreach ($verdicts as $position => $one) {
            $verdict .= " when {$position} then '{$one->verdict->value}'";
            $product .= " when {$position} then " . ($productIds[$position] ?? 'null');
            $leftOut .= " when {$position} then {$one->leftOut}";
            $plain .= " when {$position} then {$one->plainRows()}";
            $words[] = mb_strimwidth($one->words, 0, 400, '…');
            $additions[] = mb_strimwidth(implode("\n", $one->additions), 0, 600);
        }
        $cases = implode('', array_map(fn(int $at): string => " when {$at} then ?", array_keys($verdicts)));
        $positions = implode(',', array_keys($verdicts));
        DB::update(
            'update `' .
                self::TABLE .
                "` set verdict = case position{$verdict} end, product_id = case position{$product} end, " .
                "left_out = case position{$leftOut} end, plain_rows = case position{$plain} end, " .
                "words = case position{$cases} end, " .
                "additions = case position{$cases} end where sheet_id = ? and position in ({$positions})",
            [...$words, ...$additions, $sheet->id],
        );
    }

    /** @return array<string, int> verdict => products */
    public function counts(Sheet $sheet): array
    {
        return array_map(
            intval(...),
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->groupBy('verdict')
                ->selectRaw('verdict, count(*) as products')
                ->pluck('products', 'verdict')
                ->all(),
        );
    }

    /** @return array<string, int> verdict => rows that have none of their own */
    public function plainRows(Sheet $sheet): array
    {
        return array_map(
            intval(...),
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->groupBy('verdict')
                ->selectRaw('verdict, sum(plain_rows) as found')
                ->pluck('found', 'verdict')
                ->all(),
        );
    }

    /** @return list<string> what is new to the library, each once: "Color Dusk" */
    public function additions(Sheet $sheet): array
    {
        $all = [];
        foreach (
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->where('additions', '<>', '')
                ->distinct()
                ->pluck('additions')
            as $lines
        ) {
            $all += array_flip(explode("\n", $lines));
        }

        return array_map(strval(...), array_keys($all));
    }

    /** How many combinations of its products have no row, and are left out. */
    public function leftOut(Sheet $sheet): int
    {
        return (int) DB::table(self::TABLE)->where('sheet_id', $sheet->id)->sum('left_out');
    }

    /** The last batch with which any of it was imported. */
    public function lastBatch(Sheet $sheet): ?string
    {
        return DB::table(self::TABLE)->where('sheet_id', $sheet->id)->max('batch_id');
    }

    /**
     * Products that a sheet makes or changes: those that are sound.
     *
     * @param  ?int  $most  the first of them
     * @return array<int, int|string> position => product id, or what a new one is called
     */
    public function sound(Sheet $sheet, ?int $most): array
    {
        $sound = [];
        foreach (
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->whereIn('verdict', [SheetVerdict::Fresh->value, SheetVerdict::Changed->value])
                ->orderBy('position')
                ->when($most !== null, fn($query) => $query->limit($most ?? 0))
                ->get()
            as $row
        ) {
            $sound[(int) $row->position] =
                $row->product_id === null ? SheetItem::of($row)->title() : (int) $row->product_id;
        }

        return $sound;
    }

    /** @param  list<int>  $positions  in the order of the batch */
    public function begin(Sheet $sheet, string $batchId, array $positions): void
    {
        foreach (array_chunk($positions, self::CHUNK, true) as $chunk) {
            $cases = '';
            foreach ($chunk as $at => $position) {
                $cases .= " when {$position} then " . ($at + 1);
            }
            DB::table(self::TABLE)
                ->where('sheet_id', $sheet->id)
                ->whereIn('position', $chunk)
                ->update(['batch_id' => $batchId, 'batch_position' => DB::raw("case position{$cases} end")]);
        }
    }

    /**
     * @param  list<int>  $batchPositions
     * @return array<int, array{int, SheetItem}> place in the batch => id of the sheet, the product there
     */
    public function ofBatch(string $batchId, array $batchPositions): array
    {
        $items = [];
        foreach (
            DB::table(self::TABLE)->where('batch_id', $batchId)->whereIn('batch_position', $batchPositions)->get()
            as $row
        ) {
            $items[(int) $row->batch_position] = [(int) $row->sheet_id, SheetItem::of($row)];
        }

        return $items;
    }

    /**
     * @param  list<int>  $batchPositions
     * @return array<int, int> place in the batch => rows of the sheet
     */
    public function rowsOfBatch(string $batchId, array $batchPositions): array
    {
        return array_map(
            intval(...),
            DB::table(self::TABLE)
                ->join(
                    'sheet_rows',
                    fn(JoinClause $join) => $join
                        ->on('sheet_rows.sheet_id', '=', 'sheet_products.sheet_id')
                        ->on('sheet_rows.product', '=', 'sheet_products.position'),
                )
                ->where('batch_id', $batchId)
                ->whereIn('batch_position', $batchPositions)
                ->groupBy('batch_position')
                ->selectRaw('batch_position, count(*) as found')
                ->pluck('found', 'batch_position')
                ->all(),
        );
    }

    /**
     * As many of the first as can be held against the catalog together: by their rows, and by the SKUs that they have.
     *
     * @param  list<SheetItem>  $items
     * @return list<SheetItem>
     */
    public function fitting(Sheet $sheet, array $items): array
    {
        $rows = DB::table('sheet_rows')
            ->where('sheet_id', $sheet->id)
            ->whereIn('product', array_map(fn(SheetItem $item): int => $item->position, $items))
            ->groupBy('product')
            ->selectRaw('product, count(*) as found')
            ->pluck('found', 'product');
        $ids = [];
        foreach (
            DB::table('products')
                ->whereIn('code', array_map(fn(SheetItem $item): string => $item->code, $items))
                ->pluck('id', 'code')
            as $code => $id
        ) {
            $ids[mb_strtoupper((string) $code)] = (int) $id;
        }
        $skus = Portions::skus(array_values($ids));
        $size = fn(SheetItem $item): int => max(
            (int) ($rows[$item->position] ?? 0),
            $skus[$ids[mb_strtoupper($item->code)] ?? 0] ?? 0,
        );

        return array_slice($items, 0, Portions::fitting(array_map($size, $items)));
    }
}
