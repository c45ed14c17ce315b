<?php

declare(strict_types=1);

use Core\Sheets\Rows\SheetJoin;
use Core\Sheets\Rows\SheetTable;

/** @param  array<string, list<list<string>>>  $sheets  name => rows, the header first */
function joinOf(array $sheets): ?SheetJoin
{
    $tables = [];
    foreach ($sheets as $name => $rows) {
        $tables[] = new SheetTable((string) $name, $rows[0], array_slice($rows, 1));
    }

    return SheetJoin::recognized($tables, mb_strtolower(...));
}

const PRODUCTS_SHEET = [['Product', 'Name', 'Brand'], ['HOOD', 'Storm hood', 'Mill'], ['MITT', 'Mitt', '']];

const SKUS_SHEET = [['sku', 'size', 'price'], ['H-1', 'S', '19'], ['H-2', 'M', '19'], ['M-1', 'S', '9']];

const LINKS_SHEET = [['SKU', 'product'], ['h-1', 'HOOD'], ['H-2', 'hood'], ['M-1', 'MITT']];

it('joins products to SKUs through the sheet that says which belong together, in whatever order they stand', function (
    array $order,
): void {
    $all = ['Products' => PRODUCTS_SHEET, 'SKUs' => SKUS_SHEET, 'Links' => LINKS_SHEET];
    $join = joinOf(array_merge(...array_map(fn(string $name): array => [$name => $all[$name]], $order)));
    $base = $all[$order[$join->base]];
    $rows = array_map(
        fn(array $cells): array => array_combine(array_map(mb_strtolower(...), $join->headers), $join->row($cells)),
        array_slice($base, 1),
    );
    expect(
        array_map(
            fn(array $row): array => [mb_strtoupper($row['sku']), $row['name'], $row['brand'], $row['price']],
            $rows,
        ),
    )->toBe([['H-1', 'Storm hood', 'Mill', '19'], ['H-2', 'Storm hood', 'Mill', '19'], ['M-1', 'Mitt', '', '9']]);
})->with([[['Products', 'SKUs', 'Links']], [['Links', 'Products', 'SKUs']], [['SKUs', 'Links', 'Products']]]);

it(
    'lets a sheet of products say what is said of products, and one of the same SKUs only what is new',
    function (): void {
        $skus = [['product', 'sku', 'name'], ['HOOD', 'H-1', 'Storm hood S'], ['HOOD', 'H-2', 'Storm hood M']];
        $join = joinOf(['SKUs' => $skus, 'Products' => PRODUCTS_SHEET]);
        expect($join->headers)->toBe(['product', 'sku', 'name (not read)', 'Name', 'Brand']);

        $stock = [['sku', 'name', 'stock'], ['H-1', 'other', '3'], ['H-2', 'other', '4']];
        $join = joinOf(['SKUs' => $skus, 'Stock' => $stock]);
        expect($join->headers)
            ->toBe(['product', 'sku', 'name', 'stock'])
            ->and($join->row(['HOOD', 'H-2', 'Storm hood M']))
            ->toBe(['HOOD', 'H-2', 'Storm hood M', '4']);
    },
);

it('joins nothing that does not belong together', function (array $sheets): void {
    expect(joinOf($sheets))->toBeNull();
})->with([
    'a letter' => [['SKUs' => SKUS_SHEET, 'Thanks' => [['With kind regards'], ['The mill']]]],
    'last year’s sheet, which says nothing else' => [['2026' => SKUS_SHEET, '2025' => SKUS_SHEET]],
    'other keys' => [['SKUs' => SKUS_SHEET, 'Stock' => [['sku', 'stock'], ['X-1', '1'], ['X-2', '2']]]],
    'a key that is there twice' => [['SKUs' => SKUS_SHEET, 'Stock' => [['sku', 'stock'], ['H-1', '1'], ['H-1', '2']]]],
    'a key that is empty' => [['SKUs' => SKUS_SHEET, 'Stock' => [['sku', 'stock'], ['H-1', '1'], ['', '2']]]],
    'an empty sheet' => [['SKUs' => SKUS_SHEET, 'Empty' => [[]]]],
    'another header for the key' => [
        ['SKUs' => SKUS_SHEET, 'Stock' => [['shelf', 'stock'], ['H-1', '1'], ['H-2', '2']]],
    ],
]);

it('leaves empty what a joined sheet does not say of a row, and reads short rows', function (): void {
    $join = joinOf([
        'SKUs' => SKUS_SHEET,
        'Stock' => [['sku', 'stock', 'shelf'], ['H-1', '1', 'A'], ['M-1', '2']],
    ]);
    expect($join->row(['H-2', 'M', '19']))
        ->toBe(['H-2', 'M', '19', '', ''])
        ->and($join->row(['M-1']))
        ->toBe(['M-1', '', '', '2', ''])
        ->and($join->inWords())
        ->toBe('Joined: Stock by sku');
});
