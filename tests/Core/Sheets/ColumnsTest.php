<?php

declare(strict_types=1);

use Core\Matrix\AxisKind;
use Core\Sheets\Columns\ColumnReader;
use Core\Sheets\Columns\FactColumn;
use Core\Sheets\Columns\Field;
use Core\Sheets\Columns\SheetColumn;
use Core\Sheets\Reading\GivenRow;
use Core\Sheets\Rows\GroupSlips;
use Core\Sheets\Rows\RowGrouper;
use Core\Sheets\Rows\RowShape;
use Core\Sheets\Rows\SheetLayout;

/** @return list<string> header of each field as we write it; empty for left alone */
function fieldsRead(array $headers, array $sample = [], array $remembered = []): array
{
    $reader = new ColumnReader($remembered, [
        'Color' => AxisKind::Color,
        'Size' => AxisKind::Size,
        'Cuff' => AxisKind::Other,
    ]);

    return array_map(
        fn(SheetColumn $column): string => $column->field?->header() ?? '',
        $reader->read($headers, $sample),
    );
}

it('knows its own headers in any case and order, and what stands behind their words', function (): void {
    $own = [
        'SKU',
        'axis Neck size',
        'Base Price',
        'adds Size',
        'swatch Color',
        'fact Length (number, cm)',
        'alt texts',
        'hover',
        'customs code',
        'maker number',
    ];
    expect(fieldsRead($own))->toBe([
        'sku',
        'axis Neck size',
        'base price',
        'adds Size',
        'swatch Color',
        'fact Length (number, cm)',
        'alt texts',
        'hover',
        'customs code',
        'maker number',
    ]);
});

it('knows the trade’s usual words in several languages, and the shop’s own axes', function (
    string $header,
    string $field,
): void {
    expect(fieldsRead([$header]))->toBe([$field]);
})->with([
    ['Artikelnummer', 'product'],
    ['Désignation', 'name'],
    ['EAN-13', 'gtin'],
    ['Barcode', 'gtin'],
    ['Größe', 'axis Size'],
    ['Colour', 'axis Color'],
    ['cuff', 'axis Cuff'],
    ['VK-Preis', 'price'],
    ['UVP', 'list price'],
    ['Einkaufspreis', 'cost'],
    ['On hand', 'stock'],
    ['Image URL', 'photos'],
    ['image_2', 'photos'],
    ['Weight (kg)', 'weight g'],
    ['Country of origin', 'origin'],
    ['Notiz', ''],
]);

it('leaves alone what says the same again, but takes pictures from several columns', function (): void {
    expect(fieldsRead(['Price', 'Preis', 'Image 1', 'Image 2']))->toBe(['price', '', 'photos', 'photos']);
});

it('takes a column for what a person took it for before', function (): void {
    expect(fieldsRead(['Stückliste', 'Preis'], [], ['stückliste' => 'tags', 'preis' => '']))->toBe(['tags', '']);
});

it('reads by what stands in a column where its header says nothing', function (): void {
    $sample = [
        ['4006381333931', 'Moss', 'M', 'front.jpg', 'x'],
        ['5901234123457', 'Navy blue', 'XL', 'back.PNG', 'y'],
        ['036000291452', 'red', 'S', '', 'z'],
    ];
    expect(fieldsRead(['a', 'b', 'c', 'd', 'e'], $sample))->toBe(['gtin', 'axis Color', 'axis Size', 'photos', '']);
});

it('says the kind of a fact in brackets, and reads it back', function (string $named, string $again): void {
    expect(FactColumn::of($named)->text())->toBe($again);
})->with([
    ['Length (number, cm)', 'Length (number, cm)'],
    ['Washable (yes/no)', 'Washable (yes/no)'],
    ['Fabric (list, not shown)', 'Fabric (list, not shown)'],
    ['Lining', 'Lining'],
    ['Length (outside)', 'Length (outside)'],
    ['Weight (number, g, not shown)', 'Weight (number, g, not shown)'],
]);

/** @return list<array<string, string>> the cells of the rows that the rows of a sheet mean */
function rowsMeant(array $headers, array $rows, ?RowShape $shape = null): array
{
    $reader = new ColumnReader([], ['Color' => AxisKind::Color, 'Size' => AxisKind::Size]);
    $layout = SheetLayout::recognized($reader->read($headers, $rows), $rows, 'Size');
    expect($layout->shape)->toBe($shape ?? RowShape::SkuRows);
    $meant = [];
    foreach ($rows as $at => $cells) {
        array_push($meant, ...array_map(fn(GivenRow $row): array => $row->cells, $layout->rows($at + 2, $cells)));
    }

    return $meant;
}

it('reads a row as one SKU, with units of the header and pictures of several columns', function (): void {
    expect(rowsMeant(['SKU', 'Weight kg', 'Image 1', 'Image 2'], [['A-1', '1,2', 'a.jpg', 'b.jpg; c.jpg']]))->toBe([
        ['sku' => 'A-1', 'weight g' => '1,2 kg', 'photos' => 'a.jpg|b.jpg|c.jpg'],
    ]);
});

it('reads lists in cells as the SKUs that they make together', function (): void {
    $meant = rowsMeant(
        ['Product', 'Name', 'Color', 'Size', 'Price'],
        [['A', 'Apron', 'Moss, Clay', 'S; M', '12.00']],
        RowShape::ProductRows,
    );
    expect(array_map(fn(array $row): string => "{$row['axis color']} {$row['axis size']}", $meant))
        ->toBe(['Moss S', 'Moss M', 'Clay S', 'Clay M'])
        ->and(array_unique(array_column($meant, 'price')))
        ->toBe(['12.00']);
});

it('reads sizes that lie across as a row for each, with stock or prices in their cells', function (): void {
    $headers = ['Style', 'Name', 'Colour', 'S', 'M', '2XL'];
    $stock = rowsMeant($headers, [['A', 'Apron', 'Moss', '3', '', '0']], RowShape::SizesAcross);
    $prices = rowsMeant($headers, [['A', 'Apron', 'Moss', '3,50', '4,00', '']], RowShape::SizesAcross);
    expect(array_column($stock, 'stock', 'axis size'))
        ->toBe(['S' => '3', '2XL' => '0'])
        ->and(array_column($prices, 'price', 'axis size'))
        ->toBe(['S' => '3,50', 'M' => '4,00']);
});

it('says which product a row is about', function (array $headers, array $rows, array $keys): void {
    $reader = new ColumnReader([], ['Color' => AxisKind::Color, 'Size' => AxisKind::Size]);
    $layout = new SheetLayout($reader->read($headers, $rows));
    $grouper = new RowGrouper($layout->fields());
    $found = [];
    foreach ($rows as $at => $cells) {
        $row = $layout->rows($at + 2, $cells)[0];
        $found[] = $grouper->group(
            $row,
            $row->text(Field::named('sku') ?? throw new LogicException()) === 'OLD' ? 'SMOCK' : null,
        )->key;
    }
    expect($found)->toBe($keys);
})->with([
    'by its code, in any case' => [['product', 'sku'], [['A', '1'], ['a', '2'], ['B', '3']], ['c a', 'c a', 'c b']],
    'by that above, where it says nothing' => [
        ['product', 'name', 'size'],
        [['A', 'x', 'S'], ['', '', 'M']],
        ['c a', 'c a'],
    ],
    'by its name' => [
        ['name', 'size'],
        [['Apron', 'S'], ['apron ', 'M'], ['Bag', '']],
        ['n apron', 'n apron', 'n bag'],
    ],
    'by the product that has its SKU' => [['sku', 'price'], [['OLD', '1'], ['NEW', '2']], ['c smock', 'c new']],
    'by what its codes begin with' => [
        ['sku', 'color', 'size'],
        [['TB-VEST-MO-S', 'Moss', 'S'], ['TB-VEST-CL-XL', 'Clay', 'XL'], ['TB-BAG-MO-S', 'Moss', 'S']],
        ['c tb-vest', 'c tb-vest', 'c tb-bag'],
    ],
]);

it('takes for a slip what is one, and no size and no family for one', function (array $groups, array $near): void {
    $slips = new GroupSlips();
    $found = [];
    foreach ($groups as $at => [$code, $name]) {
        $found[] = $slips->see($at, $code, $name);
    }
    expect($found)->toBe($near);
})->with([
    'a name' => [[['', 'Orchard coat'], ['', 'Orchad coat']], [null, 0]],
    'a code, and the same name' => [[['OVERALL', 'Overall'], ['OVERAL', 'Overall']], [null, 0]],
    'sizes' => [[['AP-MO-S', 'Apron moss S'], ['AP-MO-M', 'Apron moss M']], [null, null]],
    'a family' => [[['CHAIR-OAK', 'Chair of oak'], ['CHAIR-OAKS', 'Stool for children']], [null, null]],
    'numbers' => [[['P001', 'Thing 001'], ['P002', 'Thing 002']], [null, null]],
]);
