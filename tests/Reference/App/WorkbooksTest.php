<?php

declare(strict_types=1);

use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetFile;
use App\Files\Sheets\SheetWriter;
use App\Intake\Sheets\LayoutRecord;
use App\Intake\Sheets\SheetProducts;
use App\Models\Product;
use Core\Sheets\Rows\RowShape;
use Illuminate\Support\Facades\Queue;
use Symfony\Component\Process\Process;
use Tests\Support\Sheets;
use Tests\Support\Shop;

require_once dirname(__DIR__) . '/tools.php';

/** A folder of its own for the files of a test. */
function workbookFolder(): string
{
    $folder = sys_get_temp_dir() . '/' . uniqid('workbook');
    mkdir($folder);

    return $folder;
}

/** Rows as a program of another house writes them. */
function writtenElsewhere(string $name, array $given): string
{
    $path = workbookFolder() . "/{$name}";
    outside(
        ['/usr/bin/python3', 'tests/Reference/tools/write_workbook.py'],
        ['path' => $path, 'kind' => pathinfo($name, PATHINFO_EXTENSION)] + $given,
    );

    return $path;
}

/** Source: Debian’s gnumeric (ssconvert), which reads and writes each of the formats by itself. */
function converted(string $path, string $ending): string
{
    $to = preg_replace('/\.\w+$/', ".{$ending}", $path);
    (new Process(['ssconvert', $path, $to], env: ['HOME' => dirname($path)]))->mustRun();

    return $to;
}

const SPRING = [
    ['product', 'name', 'axis Color', 'axis Size', 'sku', 'gtin', 'base price', 'stock', 'pre-order'],
    ['COAT', 'Coat', 'Moss', 'S', 'COAT-1', 4006381333931, 129.5, 3, 'date:2026-12-24'],
    ['COAT', null, 'Moss', 'M', 'COAT-2', null, null, 4, null],
    ['COAT', null, 'Clay', 'S', '007', null, null, 0, null],
];

it('reads workbooks that other programs write: numbers, days, hidden sheets and rows', function (string $ending): void {
    // Sources: python3-openpyxl 3.0 (XLSX), python3-odf 1.4 (ODS).
    $file = SheetFile::open(
        writtenElsewhere("spring.{$ending}", ['rows' => SPRING, 'hidden' => true]),
        "spring.{$ending}",
    );
    $rows = array_values(iterator_to_array($file->rows()));
    expect($rows[0])
        ->toBe(SPRING[0])
        ->and($rows[1])
        ->toBe(['COAT', 'Coat', 'Moss', 'S', 'COAT-1', '4006381333931', '129.5', '3', '2026-12-24'])
        ->and(array_slice($rows[3], 2, 3))
        ->toBe(['Clay', 'S', '007'])
        ->and($file->sheets())
        ->toBe([['Spring'], $ending === 'xlsx' ? ['Notes'] : []]);
})->with(['xlsx', 'ods']);

it('reads what a third program makes of a file, from each format to each', function (string $from, string $to): void {
    $path = converted(writtenElsewhere("spring.{$from}", ['rows' => SPRING]), $to);
    $rows = array_values(iterator_to_array(SheetFile::open($path, basename($path))->rows()));
    $codes = array_column($rows, 4);
    expect(array_slice($codes, -3))
        ->toBe(['COAT-1', 'COAT-2', '007'])
        ->and(array_column(array_slice($rows, -3), 5)[0])
        ->toBe('4006381333931');
})->with([['ods', 'xlsx'], ['ods', 'csv'], ['xlsx', 'ods']]);

it('reads each shape of a sheet from a workbook of another program', function (
    array $rows,
    RowShape $shape,
    int $skus,
): void {
    Queue::fake();
    $shop = Shop::open('OTHER');
    $path = writtenElsewhere('shape.xlsx', ['rows' => $rows]);
    $sheet = Sheets::vetted($shop->user, (string) file_get_contents($path), 'shape.xlsx');
    expect(LayoutRecord::decode($sheet->layout)->shape)
        ->toBe($shape)
        ->and(app(SheetProducts::class)->counts($sheet))
        ->toBe(['new' => 1]);
    Sheets::imported($shop->user, $sheet);
    $product = Product::query()->where('code', 'COAT')->firstOrFail();
    expect(count(app(App\Store\Products\ProductLoader::class)->again($product)->core->made))->toBe($skus);
})->with([
    'a SKU to each row' => [SPRING, RowShape::SkuRows, 3],
    'a product to each row' => [
        [['product', 'name', 'Color', 'Size', 'price'], ['COAT', 'Coat', 'Moss, Clay', 'S, M, L', 129.5]],
        RowShape::ProductRows,
        6,
    ],
    'sizes across' => [
        [['product', 'name', 'Color', 'S', 'M'], ['COAT', 'Coat', 'Moss', 3, 4], ['COAT', 'Coat', 'Clay', 0, null]],
        RowShape::SizesAcross,
        3,
    ],
]);

it('takes the value of a formula, and what merged cells say stands in the first', function (): void {
    $path = writtenElsewhere('formula.xlsx', [
        'rows' => [['product', 'name', 'axis Size', 'price'], ['A', 'Apron', 'S', 12], [null, null, 'M', null]],
        'merged' => ['A2:A3', 'B2:B3'],
        'formulas' => ['D3' => '=D2*2'],
    ]);
    // openpyxl writes no values of formulas: a program that computes them does.
    $path = converted(converted($path, 'ods'), 'xlsx');
    $rows = array_values(iterator_to_array(SheetFile::open($path, 'formula.xlsx')->rows()));
    expect(end($rows))->toBe(['', '', 'M', '24']);
});

it('writes workbooks that other libraries read as they were written, and that change nothing', function (
    string $ending,
): void {
    Queue::fake();
    $shop = Shop::stocked();
    $path = workbookFolder() . "/out.{$ending}";
    app(SheetExport::class)->write([$shop->product->id], SheetWriter::byEnding($path, $ending));
    $own = array_values(iterator_to_array(SheetFile::open($path, "out.{$ending}")->rows()));
    $theirs = outside(['/usr/bin/python3', 'tests/Reference/tools/read_workbook.py'], ['path' => $path]);
    $bare = fn(array $rows): array => array_map(
        fn(array $row): array => array_values(array_filter($row, fn(string $cell): bool => $cell !== '')),
        $rows,
    );
    expect($bare($own))->toBe($bare($theirs));
    $sheet = Sheets::vetted($shop->user, (string) file_get_contents($path), "out.{$ending}");
    expect(app(SheetProducts::class)->counts($sheet))->toBe(['same' => 1]);
})->with(['xlsx', 'ods']);

it('reads text in whatever way it is written', function (string $bytes): void {
    $path = workbookFolder() . '/text.csv';
    file_put_contents($path, $bytes);
    expect(array_values(iterator_to_array(SheetFile::open($path, 'text.csv')->rows())))->toBe([
        ['name', 'Größe', 'price'],
        ['Apron, short', 'S', '1,50'],
    ]);
})->with([
    'RFC 4180' => ["name,Größe,price\r\n\"Apron, short\",S,\"1,50\"\r\n"],
    'with a byte-order mark' => ["\xEF\xBB\xBFname,Größe,price\n\"Apron, short\",S,\"1,50\"\n"],
    'semicolons, Latin-1' => [mb_convert_encoding("name;Größe;price\nApron, short;S;1,50\n", 'ISO-8859-1', 'UTF-8')],
    'tabs' => ["name\tGröße\tprice\nApron, short\tS\t1,50\n"],
    'UTF-16' => ["\xFF\xFE" . mb_convert_encoding("name\tGröße\tprice\nApron, short\tS\t1,50\n", 'UTF-16LE', 'UTF-8')],
    'pipes' => ["name|Größe|price\nApron, short|S|1,50\n"],
]);

it('joins the sheets of a workbook of another program: products, SKUs, and which belongs to which', function (
    string $ending,
): void {
    Queue::fake();
    $shop = Shop::stocked();
    $path = writtenElsewhere("range.{$ending}", [
        'rows' => [
            ['Artikelnummer', 'Bezeichnung', 'Marke'],
            ['HOOD', 'Storm hood', 'Thrumbury'],
            ['MITT', 'Mitt', ''],
        ],
        'more' => [
            'Items' => [
                ['SKU', 'Farbe', 'Größe', 'Preis', 'Bestand'],
                ['H-1', 'Moss', 'S', 19.5, 3],
                ['H-2', 'Moss', 'M', 19.5, 4],
                ['M-1', 'Clay', 'S', 9, 5],
            ],
            'Which' => [['SKU', 'Artikelnummer'], ['H-1', 'HOOD'], ['H-2', 'HOOD'], ['M-1', 'MITT']],
            'Thanks' => [['With kind regards'], ['The mill']],
        ],
    ]);
    $sheet = Sheets::vetted($shop->user, (string) file_get_contents($path), "range.{$ending}");
    expect($sheet->notes)
        ->toBe(['Joined: Which by SKU, Spring by Artikelnummer', 'Not read: Thanks'])
        ->and(app(SheetProducts::class)->counts($sheet))
        ->toBe(['new' => 2]);
    Sheets::imported($shop->user, $sheet);
    $made = Product::query()->standing()->where('code', 'HOOD')->firstOrFail();
    expect($made->name)
        ->toBe('Storm hood')
        ->and($made->brand)
        ->toBe('Thrumbury')
        ->and(
            Illuminate\Support\Facades\DB::table('skus')->where('product_id', $made->id)->pluck('stock', 'code')->all(),
        )
        ->toBe(['H-1' => 3, 'H-2' => 4]);
})->with(['xlsx', 'ods']);
