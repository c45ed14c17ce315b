<?php

declare(strict_types=1);

namespace App\Intake\Sheets;

use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Rows\RowGroup;
use Core\Sheets\Rows\RowGrouper;
use Core\Sheets\Rows\SheetLayout;
use Illuminate\Support\Facades\DB;

/** Says of each row of a sheet which of its products it is about, some rows at a time, in their order. */
final class RowSorter
{
    private readonly RowGrouper $grouper;

    private readonly DoubleCells $doubles;

    /** @var array<string, int> key of the product => its place in the sheet, from 1 */
    private array $positions = [];

    /** @var array<int, array{string, string}> place => code, name */
    private array $groups = [];

    public function __construct(private readonly SheetLayout $layout)
    {
        $this->grouper = new RowGrouper($layout->fields());
        $this->doubles = new DoubleCells();
    }

    /**
     * @param  array<int, list<string>>  $some  cells by number of the row
     * @return array{array<int, int>, array<int, RowGroup>} number of the row => place of its product; and the products
     * that no row before was about, by place
     */
    public function sort(array $some): array
    {
        $given = [];
        foreach ($some as $number => $cells) {
            array_push($given, ...$this->layout->rows($number, $cells));
        }
        $owners = $this->owners($given);
        $ofRows = $fresh = [];
        foreach ($given as $row) {
            $sku = $owners === [] ? '' : mb_strtoupper($row->text(Field::of(FieldKind::Sku)));
            $group = $this->grouper->group($row, $owners[$sku] ?? null);
            if (!isset($this->positions[$group->key])) {
                $this->positions[$group->key] = count($this->positions) + 1;
                $this->groups[$this->positions[$group->key]] = [$group->code, $group->name];
                $fresh[$this->positions[$group->key]] = $group;
            }
            $ofRows[$row->number] = $this->positions[$group->key];
            $this->doubles->see($row, $this->positions[$group->key]);
        }

        return [$ofRows, $fresh];
    }

    /**
     * Codes and numbers of SKUs that several products say.
     *
     * @return list<array{int, string, int}> row, header of the field, the other row
     */
    public function doubles(int $most): array
    {
        return $this->doubles->all($most);
    }

    /** @return array<int, array{string, string}> place of each product in the sheet => its code, its name */
    public function groups(): array
    {
        return $this->groups;
    }

    /**
     * The products that have the SKUs of rows that do not say their product.
     *
     * @param  list<GivenRow>  $rows
     * @return array<string, string> code of a SKU in capitals => code of its product
     */
    private function owners(array $rows): array
    {
        $codes = [];
        [$product, $code] = [Field::of(FieldKind::Product), Field::of(FieldKind::Sku)];
        foreach ($rows as $row) {
            if ($row->text($product) === '' && $row->text($code) !== '') {
                $codes[] = $row->text($code);
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
}
