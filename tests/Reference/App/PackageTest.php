<?php

declare(strict_types=1);

use App\Actions\Product\EditFacts;
use Core\Changes\Details\SayFact;
use Core\Details\FactKind;
use Symfony\Component\Process\Process;
use Tests\Support\Packages;
use Tests\Support\Shop;

require_once dirname(__DIR__) . '/tools.php';

/**
 * What libraries of another house find in a package, and how many rows they read of each of its tables.
 *
 * Sources: npm datapackage 1.1.10 and tableschema 1.12.6, which follow the Data Package and Table Schema of
 * Frictionless Data, version 1; Debian’s unzip 6.0, which unpacks it.
 *
 * @return array{found: list<string>, rows: array<string, int>}
 */
function packageReadElsewhere(string $path, ?callable $spoil = null): array
{
    $folder = sys_get_temp_dir() . '/' . uniqid('unpacked');
    (new Process(['unzip', '-q', $path, '-d', $folder]))->mustRun();
    if ($spoil !== null) {
        $spoil($folder);
    }

    return outside(['node', 'tests/Reference/tools/package.mjs', $folder], '');
}

it('writes a Data Package that libraries of another house find nothing amiss with', function (): void {
    $shop = Shop::stocked();
    app(EditFacts::class)->set($shop->change(), new SayFact('Length', '320', FactKind::Number, 'cm'));
    $read = packageReadElsewhere(Packages::written());

    expect($read['found'])
        ->toBe([])
        ->and($read['rows'])
        ->toMatchArray([
            'products' => 1,
            'product-axes' => 2,
            'product-values' => 7,
            'skus' => 12,
            'placements' => 13,
            'photos' => 13,
            'facts' => 1,
        ]);
});

it('says in its schemas what they hold a table to', function (string $table, string $from, string $to): void {
    Shop::stocked();
    $read = packageReadElsewhere(Packages::written(), function (string $folder) use ($table, $from, $to): void {
        $path = "{$folder}/tables/{$table}.csv";
        $text = (string) file_get_contents($path);
        expect($text)->toContain($from);
        file_put_contents($path, str_replace($from, $to, $text));
    });

    expect($read['found'])->not->toBe([]);
})->with([
    'units that are no number' => ['skus', ',10,', ',ten,'],
    'a product that is not there' => ['placements', 'SMOCK,2,', 'SMACK,2,'],
    'two SKUs of one code' => ['skus', 'SMOCK-MOSS-M,', 'SMOCK-MOSS-S,'],
    'a SKU without a code' => ['skus', 'SMOCK-MOSS-M,', ','],
    'a choice that is no object' => ['skus', '""Color""', '""Color'],
]);
