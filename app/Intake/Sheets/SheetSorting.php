<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Rows\GroupSlips;
use Core\Sheets\Rows\RowGroup;
use Core\Sheets\Rows\RowGrouper;
use Core\Sheets\Rows\SheetLayout;
use Illuminate\Support\Facades\DB;

/** Sorts the rows of a sheet by their products, and finds what two of them say that only one can have. */
final readonly class SheetSorting
{
    private const CHUNK = 2_000;

    /** Codes and numbers that several products of the sheet say, of which so many are named. */
    private const MOST_DOUBLES = 2_000;

    public function __construct(private SheetRows $rows, private SheetProducts $products) {}

    public function sort(Sheet $sheet): void
    {
        $layout = LayoutRecord::decode($sheet->layout);
        $grouper = new RowGrouper($layout->fields());
        $this->products->clear($sheet);
        $positions = $groups = [];
        $doubles = new DoubleCells();
        $after = 0;
        while (($some = $this->rows->after($sheet, $after, self::CHUNK)) !== []) {
            $given = array_map(
                fn(int $number, array $cells): array => $layout->rows($number, $cells),
                array_keys($some),
                $some,
            );
            $owners = $this->owners($layout, array_merge(...$given));
            $ofRows = $fresh = [];
            foreach ($given as $rows) {
                foreach ($rows as $row) {
                    $sku = mb_strtoupper($row->text(Field::of(FieldKind::Sku)));
                    $group = $grouper->group($row, $owners[$sku] ?? null);
                    if (!isset($positions[$group->key])) {
                        $positions[$group->key] = count($positions) + 1;
                        $fresh[$positions[$group->key]] = $group;
                    }
                    $ofRows[$row->number] = $positions[$group->key];
                    $doubles->see($row, $positions[$group->key]);
                }
            }
            $this->products->insert($sheet, $fresh);
            $groups += array_map(fn(RowGroup $group): array => [$group->code, $group->name], $fresh);
            $this->rows->sort($sheet, $ofRows);
            $after = array_key_last($some);
            $sheet->update(['beat_at' => now()]);
        }
        $this->products->noteNear($sheet, $this->near($groups));
        $sheet->update([
            'terms' => ['doubles' => $doubles->all(self::MOST_DOUBLES)] + $sheet->terms,
            'state' => SheetState::Vetting,
            'through' => 0,
            'beat_at' => now(),
        ]);
    }

    /**
     * The products that have the SKUs of rows that do not say their product.
     *
     * @param  list<GivenRow>  $rows
     * @return array<string, string> code of a SKU in capitals => code of its product
     */
    private function owners(SheetLayout $layout, array $rows): array
    {
        $codes = [];
        foreach ($rows as $row) {
            $sku = $row->text(Field::of(FieldKind::Sku));
            if ($sku !== '' && $row->text(Field::of(FieldKind::Product)) === '') {
                $codes[] = $sku;
            }
        }
        $owners = [];
        foreach (array_chunk($codes, 500) as $chunk) {
            foreach (
                DB::table('skus')
                    ->join('products', 'products.id', '=', 'skus.product_id')
                    ->whereNull('products.removed_at')
                    ->whereIn('skus.code', $chunk)
                    ->get(['skus.code', 'products.code as product'])
                as $row
            ) {
                $owners[mb_strtoupper($row->code)] = $row->product;
            }
        }

        return $owners;
    }

    /**
     * Products that differ in one letter are probably one: those that nobody knows yet are asked about.
     *
     * @param  array<int, array{string, string}>  $groups  position => code, name
     * @return array<int, int> position => that of the other, which stands before it
     */
    private function near(array $groups): array
    {
        $known = [];
        foreach (array_chunk(array_column($groups, 0), 500) as $codes) {
            foreach (DB::table('products')->whereIn('code', $codes)->pluck('code') as $code) {
                $known[mb_strtoupper($code)] = true;
            }
        }
        $slips = new GroupSlips();
        $near = [];
        foreach ($groups as $position => [$code, $name]) {
            $other = $slips->see($position, $code, $name);
            if ($other !== null && !isset($known[mb_strtoupper($code)])) {
                $near[$position] = $other;
            }
        }

        return $near;
    }
}
