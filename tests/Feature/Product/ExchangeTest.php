<?php

declare(strict_types=1);

use App\Actions\Matrix\LeaveOutCells;
use App\Actions\Product\EditDetails;
use App\Actions\Skus\SetPrices;
use App\Files\JsonLdDocument;
use App\Intake\Sheets\SheetProducts;
use App\Models\Product;
use Core\Changes\Matrix\OfferCells;
use Core\Gallery\Roles\Role;
use Core\Reach\Selection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use OpenSpout\Reader\Common\Creator\ReaderEntityFactory;
use Tests\Support\Sheets;
use Tests\Support\Shop;

/** @return array<string, mixed> */
function commandJson(string $command, array $arguments): array
{
    expect(Artisan::call($command, $arguments + ['--json' => true]))->toBe(0);

    return json_decode(Artisan::output(), true, 32, JSON_THROW_ON_ERROR);
}

it('prints galleries, roles and reasons as the exchange format says', function (): void {
    $shop = Shop::stocked();
    $shop->photo('own.jpg', ['Color' => 'Moss', 'Size' => 'M'], null, Role::Lead);
    $report = commandJson('slate:gallery', ['product' => 'SMOCK']);
    expect($report['product'])->toBe('SMOCK')->and($report['skus'])->toHaveCount(12);
    $one = commandJson('slate:gallery', ['product' => 'SMOCK', '--sku' => 'smock-moss-m'])['skus'][0];
    expect($one['choice'])
        ->toBe(['Color' => 'Moss', 'Size' => 'M'])
        ->and($one['gallery'][0])
        ->toBe([
            'file' => 'Moss front.jpg',
            'view' => 'front',
            'reach' => [['Color' => ['Moss']]],
            'reach_words' => 'Moss',
            'roles' => [],
        ])
        ->and($one['gallery'][4]['reach'])
        ->toBe([[]])
        ->and($one['gallery'][5]['roles'])
        ->toBe(['lead', 'card', 'share'])
        ->and($one['roles']['lead'])
        ->toBe([
            'file' => 'own.jpg',
            'reason' => 'Assigned for Moss, M; narrower than or before Moss front.jpg (Moss).',
        ]);
    $partial = commandJson('slate:gallery', ['product' => 'SMOCK', '--choose' => ['color = clay']])['skus'][0];
    expect(array_column($partial['gallery'], 'file'))->toBe([
        'Clay front.jpg',
        'Clay back.jpg',
        'Clay worn.jpg',
        'Clay detail.jpg',
        'guide.jpg',
    ]);
    expect(Artisan::call('slate:gallery', ['product' => 'SMOCK']))
        ->toBe(0)
        ->and(Artisan::output())
        ->toContain('SMOCK-MOSS-M  Moss, M')
        ->and(Artisan::call('slate:gallery', ['product' => 'NONE']))
        ->toBe(2)
        ->and(Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['Color=Beige']]))
        ->toBe(2);
});

it('writes one row for each SKU and left-out cell', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run(
        $shop->change(),
        OfferCells::leaveOut($shop->part(['Color' => 'Clay', 'Size' => 'S'])),
    );
    DB::table('skus')
        ->where('code', 'SMOCK-SLATE-S')
        ->update(['gtin' => '2000000000015', 'weight_g' => 380]);
    $lines = array_map(fn(string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim($shop->sheet())));
    $rows = array_map(fn(array $line): array => array_combine($lines[0], $line), array_slice($lines, 1));
    expect($lines[0])
        ->toBe([
            'product',
            'name',
            'description',
            'brand',
            'category',
            'axis Color',
            'axis Size',
            'sku',
            'gtin',
            'price',
            'base price',
            'effective price',
            'sale price',
            'list price',
            'cost',
            'currency',
            'weight g',
            'stock',
            'state',
            'photos',
            'views',
            'alt texts',
            'lead',
            'card',
            'hover',
            'share',
            'guide',
            'swatch Color',
        ])
        ->and($rows)
        ->toHaveCount(12)
        ->and($rows[0])
        ->toMatchArray([
            'product' => 'SMOCK',
            'name' => 'Potting smock',
            'axis Color' => 'Moss',
            'axis Size' => 'S',
            'sku' => 'SMOCK-MOSS-S',
            'price' => '49.00',
            'stock' => '10',
            'state' => 'made',
            'photos' => 'Moss front.jpg|Moss back.jpg|Moss worn.jpg|Moss detail.jpg|guide.jpg',
            'lead' => 'Moss front.jpg',
            'swatch Color' => '#5f7049',
        ])
        ->and($rows[4])
        ->toMatchArray([
            'axis Color' => 'Clay',
            'axis Size' => 'S',
            'sku' => 'SMOCK-CLAY-S',
            'state' => 'left out',
            'photos' => 'Clay front.jpg|Clay back.jpg|Clay worn.jpg|Clay detail.jpg|guide.jpg',
        ])
        ->and($rows[1]['name'])
        ->toBe('');
});

it('writes what is selected on the board, from a page that leads to it', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $moss = $shop->part(['Color' => 'Moss'])->key();
    $part = $this->get("/products/SMOCK/sheet.csv?selected={$moss}")
        ->assertOk()
        ->streamedContent();
    expect(substr_count($part, "\n"))->toBe(5)->and($part)->toContain('SMOCK-MOSS-S')->not->toContain('SMOCK-CLAY-S');
    expect($part)->toContain('SMOCK,"Potting smock",');
    $this->get('/products/SMOCK')->assertSee('data-go="' . url('/products/SMOCK/sheet.csv') . '"', false);
    $this->get('/products/SMOCK/details')->assertSee('href="' . url('/products/SMOCK/sheet.csv') . '"', false);
    $sheet = Sheets::vetted($shop->user, $part);
    expect(app(SheetProducts::class)->counts($sheet))->toBe(['same' => 1]);
});

it('writes no cell that a spreadsheet would run', function (): void {
    $shop = Shop::stocked();
    DB::table('products')->update(['description' => '=HYPERLINK("http://x")', 'brand' => '-2']);
    expect($shop->sheet())->toContain("'=HYPERLINK")->toContain(',-2,');
});

it('exports by the file’s ending, whole or not at all', function (string $ending): void {
    Shop::stocked();
    $file = sys_get_temp_dir() . "/slate-export-{$ending}.{$ending}";
    $said = commandJson('slate:export', ['file' => $file]);
    expect($said)->toBe(['file' => $file, 'products' => 1, 'rows' => 12]);
    $reader = match ($ending) {
        'csv' => ReaderEntityFactory::createCSVReader(),
        'xlsx' => ReaderEntityFactory::createXLSXReader(),
        default => ReaderEntityFactory::createODSReader(),
    };
    $reader->open($file);
    $rows = [];
    foreach ($reader->getSheetIterator() as $sheet) {
        foreach ($sheet->getRowIterator() as $row) {
            $rows[] = $row->toArray();
        }
    }
    expect($rows)->toHaveCount(13)->and($rows[1][7])->toBe('SMOCK-MOSS-S');
    unlink($file);
})->with(['csv', 'xlsx', 'ods']);

it('refuses what it cannot write, and leaves no file', function (array $arguments, string $words): void {
    Shop::stocked();
    expect(Artisan::call('slate:export', $arguments))->toBe(2)->and(Artisan::output())->toContain($words);
    expect(file_exists($arguments['file']))->toBeFalse();
})->with([
    [['file' => '/tmp/slate-x.txt'], 'is not a sheet'],
    [['file' => '/nowhere/x.csv'], 'There is no folder /nowhere'],
    [['file' => '/tmp/slate-x.csv', '--product' => ['NONE']], 'No product has the code NONE'],
]);

it('shows prices as the trade does: 20.00 throughout with 30.00 for XL is 20.00–30.00', function (): void {
    // Common practice, no source.
    $shop = Shop::stocked();
    app(SetPrices::class)->run($shop->change(), Selection::whole(), '20');
    app(SetPrices::class)->run($shop->change(), $shop->part(['Size' => 'XL']), '30');
    $this->actingAs($shop->user)->get('/')->assertSee('20.00–30.00');
});

it('writes a product that has no SKU yet, as a row and as JSON-LD', function (): void {
    $shop = Shop::open('BARE');
    expect($shop->sheet())->toContain('BARE,"Potting smock"');
    $document = json_decode(app(JsonLdDocument::class)->of(Product::query()->sole()), true);
    expect($document)->toMatchArray(['@type' => 'Product', 'productID' => 'BARE', 'name' => 'Potting smock']);
    $shop->axes([]);
    expect(json_decode(app(JsonLdDocument::class)->of(Product::query()->sole()), true))->toMatchArray([
        '@type' => 'Product',
        'sku' => 'BARE',
    ]);
});

it(
    'is safe inside a page, and whole as XML, whatever a text holds (a script ended it; a control character broke the file)',
    function (string $ending): void {
        $shop = Shop::stocked();
        app(EditDetails::class)->run(
            $shop->change(),
            'description',
            "</script><script>alert(1)</script> a\u{1}b\u{FFFE}c",
        );
        $json = app(JsonLdDocument::class)->of($shop->loaded()->product);
        expect($json)->not->toContain('<')->and(json_decode($json, true)['description'])->toStartWith('</script>');
        $path = sys_get_temp_dir() . '/slate-safe-' . bin2hex(random_bytes(4)) . ".{$ending}";
        expect(Artisan::call('slate:export', ['file' => $path]))->toBe(0);
        $zip = new ZipArchive();
        $zip->open($path);
        foreach (range(0, $zip->numFiles - 1) as $at) {
            if (str_ends_with($zip->getNameIndex($at), '.xml')) {
                expect(simplexml_load_string($zip->getFromIndex($at)))->not->toBeFalse();
            }
        }
        unlink($path);
    },
)->with(['xlsx', 'ods']);

it(
    'writes quantity prices with the quantities at which each holds (5 % from 10 was still claimed from 50 on)',
    function (): void {
        $shop = Shop::stocked();
        app(App\Actions\Product\SetDetail::class)->ofProduct($shop->change(), Core\Details\DetailKind::Breaks, [
            '10',
            '5 %',
            'unit',
            '50',
            '20',
            'order',
        ]);
        $breaks = array_filter(array_column($shop->rows(), 'breaks'));
        expect(array_values($breaks))
            ->toBe(['10-49 5% unit;50- 20.00 order'])
            ->and(
                Core\Pricing\QuantityBreaks::fromText(
                    '10-49 5% unit;50- 20.00 order',
                    $shop->loaded()->core->prices->currency,
                )->text(),
            )
            ->toBe('10 5% unit;50 20.00 order');
    },
);

it(
    'adds up the stock of what is left out and counted by picture combination (a left-out SKU showed what it had when each was counted)',
    function (): void {
        $shop = Shop::stocked();
        app(App\Actions\Skus\SetCounting::class)->run($shop->change(), Core\Details\Counting::Pictures);
        app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Moss']), '100');
        app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Clay']), '50');
        app(App\Actions\Skus\SetStock::class)->run($shop->change(), $shop->part(['Color' => 'Slate']), '7');
        app(App\Actions\Matrix\LeaveOutCells::class)->run(
            $shop->change(),
            OfferCells::leaveOut($shop->part(['Color' => 'Moss', 'Size' => 'S'])),
        );
        expect(array_sum(array_map(intval(...), array_column($shop->rows(), 'stock'))))->toBe(157);
    },
);
