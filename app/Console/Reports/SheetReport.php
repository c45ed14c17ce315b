<?php

declare(strict_types=1);

namespace App\Console\Reports;

use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\Verdicts\VettedRow;
use App\Intake\Sheets\Verdicts\VettedRows;
use App\Models\Sheets\Sheet;
use Core\Sheets\Reading\CellProblem;
use Core\Sheets\Verdicts\SheetVerdict;

/** What becomes of the rows of a sheet, for programs and as lines for people. */
final readonly class SheetReport
{
    private const HELD = 'Another row of this product is rejected.';

    public function __construct(private VettedRows $rows, private SheetProducts $products) {}

    /** @return array{products: array<string, int>, skus: array<string, int>, rows: list<array<string, mixed>>} */
    public function of(Sheet $sheet, int $skuPlace): array
    {
        $rows = [];
        foreach ($this->rows->all($sheet) as $row) {
            $rows[] = $this->row($row, $skuPlace);
        }

        return [
            'products' => self::counted($this->products->counts($sheet)),
            'skus' => self::counted($this->rows->counts($sheet)),
            'rows' => $rows,
        ];
    }

    /**
     * @param  array<string, int>  $counts  by verdict
     * @return array<string, int>
     */
    public static function counted(array $counts): array
    {
        $held = $counts[SheetVerdict::Held->value] ?? 0;

        return [
            'new' => $counts[SheetVerdict::Fresh->value] ?? 0,
            'changed' => $counts[SheetVerdict::Changed->value] ?? 0,
            'same' => $counts[SheetVerdict::Same->value] ?? 0,
            'rejected' => ($counts[SheetVerdict::Rejected->value] ?? 0) + $held,
        ];
    }

    /** @return array<string, mixed> */
    private function row(VettedRow $row, int $skuPlace): array
    {
        $verdict = $row->verdict;
        $problems = array_map(
            fn(CellProblem $one): array => ['column' => $one->column, 'message' => $one->message],
            $verdict->problems,
        );
        $isHeld = $verdict->verdict === SheetVerdict::Held;

        return [
            'row' => $verdict->row,
            'product' => $row->code,
            'sku' => $skuPlace < 0 ? '' : $row->cells[$skuPlace] ?? '',
            'verdict' => $isHeld ? SheetVerdict::Rejected->value : $verdict->verdict->value,
            'changes' => (object) $verdict->changes,
            'problems' => $isHeld ? [['column' => '', 'message' => self::HELD]] : $problems,
        ];
    }
}
