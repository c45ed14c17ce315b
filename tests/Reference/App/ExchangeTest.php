<?php

declare(strict_types=1);

use App\Actions\Skus\SetStock;
use App\Files\JsonLdDocument;
use App\Models\Product;
use Core\Product\StockCount;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

require_once dirname(__DIR__) . '/tools.php';

// Sources: jsonld.js expands the document by the JSON-LD 1.1 algorithms; schema-dts holds schema.org's
// types, and TypeScript checks every property of the document against them.
it('is JSON-LD that an independent library expands, of properties that schema.org has', function (): void {
    $shop = Shop::stocked();
    $shop->axes(
        ['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L, XL', 'Cuff' => 'Short, Long'],
        ['cuff' => 'Short'],
    );
    DB::table('products')->update([
        'brand' => 'Thrumbury',
        'description' => 'A smock',
        'category' => 'Outerwear > Smocks',
    ]);
    DB::table('skus')
        ->where('code', 'SMOCK-MOSS-S')
        ->update(['gtin' => '2000000000015', 'weight_g' => 380]);
    $document = app(JsonLdDocument::class)->of(Product::query()->sole());
    $checked = outside(['node', 'tests/Reference/tools/jsonld.mjs'], $document);

    expect($checked['faults'])->toBe([]);
    $group = $checked['expanded'][0];
    $schema = fn(string $term): string => "https://schema.org/{$term}";
    expect($group['@type'])
        ->toBe([$schema('ProductGroup')])
        ->and($group[$schema('productGroupID')][0]['@value'])
        ->toBe('SMOCK')
        ->and($group[$schema('variesBy')])
        ->toHaveCount(3)
        ->and($group[$schema('hasVariant')])
        ->toHaveCount(24);
    $first = $group[$schema('hasVariant')][0];
    expect($first[$schema('sku')][0]['@value'])
        ->toBe('SMOCK-MOSS-S')
        ->and($first[$schema('color')][0]['@value'])
        ->toBe('Moss')
        ->and($first[$schema('size')][0]['@value'])
        ->toBe('S')
        ->and($first[$schema('additionalProperty')][0][$schema('value')][0]['@value'])
        ->toBe('Short')
        ->and($first[$schema('image')])
        ->toHaveCount(5)
        ->and($first[$schema('offers')][0][$schema('price')][0]['@value'])
        ->toBe('49.00')
        ->and($first[$schema('offers')][0][$schema('availability')][0]['@id'])
        ->toBe($schema('InStock'));
});

// Source: Python 3 standard library, csv.DictReader.
it('is CSV that another language’s reader reads back unchanged', function (): void {
    $shop = Shop::stocked();
    $awkward = "Lines\r\nand \"quotes\", commas; tabs\t– and ünïcode 丹";
    DB::table('products')->update(['description' => $awkward, 'name' => 'Smock, "potting"']);
    $file = tempnam(sys_get_temp_dir(), 'slate');
    file_put_contents($file, $shop->sheet());
    $rows = outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'csv', 'file' => $file]);
    expect($rows)
        ->toHaveCount(12)
        ->and($rows[0]['description'])
        ->toBe($awkward)
        ->and($rows[0]['name'])
        ->toBe('Smock, "potting"')
        ->and(array_column($rows, 'sku'))
        ->toBe(array_map(fn($sku): string => $sku->code, array_values($shop->loaded()->core->made)))
        ->and(array_sum(array_map(intval(...), array_column($rows, 'stock'))))
        ->toBe(120);
});

// Source: jsonld.js and schema-dts, as above. A product that has nothing yet is said to have nothing, and is valid.
it('is valid JSON-LD of schema.org’s terms for a product with no SKU, no price, or sizes on two axes', function (
    Closure $make,
    int $variants,
): void {
    $checked = outside(
        ['node', 'tests/Reference/tools/jsonld.mjs'],
        app(JsonLdDocument::class)->of($make()->loaded()->product),
    );
    $schema = fn(string $term): string => "https://schema.org/{$term}";
    expect($checked['faults'])
        ->toBe([])
        ->and($checked['expanded'][0][$schema('hasVariant')] ?? [])
        ->toHaveCount($variants);
    foreach ($checked['expanded'][0][$schema('hasVariant')] ?? [] as $variant) {
        expect($variant[$schema('offers')][0])->toHaveKeys([$schema('availability'), $schema('itemCondition')]);
    }
})->with([
    'nothing made' => [fn(): Shop => Shop::open('EMPTY'), 0],
    'no price' => [
        function (): Shop {
            $shop = Shop::open('BARE');
            $shop->axes(['Color' => 'Moss, Clay']);

            return $shop;
        },
        2,
    ],
    'waist and length' => [
        function (): Shop {
            $shop = Shop::open('TWO');
            $shop->axes(['Waist' => '28, 30', 'Length' => '30, 32']);

            return $shop;
        },
        4,
    ],
]);

// Common practice, no source: 4 sizes × 2 colors at 10 each are 80 in stock. Summed by Python's csv.DictReader.
it('has 80 in stock of 8 SKUs at 10 each', function (): void {
    $shop = Shop::open();
    $shop->axes(['Size' => 'S, M, L, XL', 'Color' => 'Moss, Clay']);
    app(SetStock::class)->run($shop->change(), Selection::whole(), '10');
    $file = tempnam(sys_get_temp_dir(), 'slate');
    file_put_contents($file, $shop->sheet());
    $rows = outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'csv', 'file' => $file]);
    expect($rows)
        ->toHaveCount(8)
        ->and(array_sum(array_map(intval(...), array_column($rows, 'stock'))))
        ->toBe(80)
        ->and((new StockCount($shop->loaded()->core->made, $shop->loaded()->core->book))->inWords())
        ->toBe('80 in stock');
});
