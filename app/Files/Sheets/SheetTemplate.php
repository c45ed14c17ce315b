<?php

declare(strict_types=1);

namespace App\Files\Sheets;

use App\Models\LibraryAxis;
use Core\Matrix\AxisKind;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\FieldKind;

/** An empty sheet with the columns of the shop's own axes, and two rows that show what stands in them. */
final class SheetTemplate
{
    public function write(string $path): void
    {
        $axes = LibraryAxis::query()->with('values')->orderBy('id')->get();
        $examples = [];
        foreach ($axes as $axis) {
            $labels = $axis->values->take(2)->pluck('name')->all();
            $examples[Field::axis($axis->name)->header()] = [
                $labels[0] ?? ($axis->kind === AxisKind::Size ? 'S' : 'Moss'),
                $labels[1] ?? ($labels[0] ?? ($axis->kind === AxisKind::Size ? 'M' : 'Clay')),
            ];
        }
        $columns = [
            FieldKind::Product->value => ['EXAMPLE', 'EXAMPLE'],
            FieldKind::Name->value => ['An example: delete these two rows', ''],
            FieldKind::Description->value => ['Said once, in the first row of the product', ''],
            FieldKind::Brand->value => ['', ''],
            FieldKind::Category->value => ['Garden > Examples', ''],
        ] +
            $examples + [
                FieldKind::Sku->value => ['EXAMPLE-1', 'EXAMPLE-2'],
                FieldKind::Gtin->value => ['', ''],
                FieldKind::BasePrice->value => ['49.00', ''],
                FieldKind::Price->value => ['', '54.00'],
                FieldKind::Currency->value => ['EUR', ''],
                FieldKind::Weight->value => ['380', '400'],
                FieldKind::Stock->value => ['10', '0'],
                FieldKind::Photos->value => ['', ''],
            ];
        $writer = SheetWriter::csv($path);
        $writer->row(array_keys($columns));
        foreach ([0, 1] as $row) {
            $writer->row(array_map(fn(array $cells): string => $cells[$row], array_values($columns)));
        }
        $writer->close();
    }
}
