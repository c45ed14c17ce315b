<?php

declare(strict_types=1);

use App\Intake\DropReading;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Tests\Support\Dropped;
use Tests\Support\Shop;

// Two people at once need what is committed, so these tests leave the transaction that others are rolled back in: they
// work on connections of their own, and take away what they have written.

/** @return array<string, int> the highest id of each table that has ids, 0 where it is empty */
function highestIds(): array
{
    $tables = DB::connection('writer')
        ->getSchemaBuilder()
        ->getTables(DB::connection('writer')->getDatabaseName());
    $highest = [];
    foreach (array_column($tables, 'name') as $table) {
        $hasIds = DB::connection('writer')->getSchemaBuilder()->hasColumn($table, 'id');
        $query = DB::connection('writer')->table($table);
        $highest[$table] = $hasIds ? (int) $query->max('id') : ($query->exists() ? PHP_INT_MAX : 0);
    }

    return $highest;
}

/** @param  array<string, int>  $highest */
function takeAwayAllSince(array $highest): void
{
    $writer = DB::connection('writer');
    $writer->statement('set foreign_key_checks = 0');
    foreach ($highest as $table => $id) {
        match (true) {
            $id === 0 => $writer->table($table)->delete(),
            $id < PHP_INT_MAX => $writer->table($table)->where('id', '>', $id)->delete(),
            default => null,
        };
    }
}

beforeEach(function () {
    $this->usual = DB::getDefaultConnection();
    $settings = config("database.connections.{$this->usual}");
    config(['database.connections.reader' => $settings, 'database.connections.writer' => $settings]);
    $this->highest = highestIds();
    DB::setDefaultConnection('reader');
});

afterEach(function () {
    DB::setDefaultConnection($this->usual);
    takeAwayAllSince($this->highest);
    DB::purge('reader');
    DB::purge('writer');
});

/** Somebody else takes all away as soon as a table was read. */
function vanishesAfterReading(string $table, Product $product): void
{
    $vanished = false;
    DB::listen(function (QueryExecuted $query) use (&$vanished, $table, $product): void {
        if ($vanished || $query->connectionName !== 'reader' || !str_contains($query->sql, "from `{$table}`")) {
            return;
        }
        $vanished = true;
        $writer = DB::connection('writer');
        $writer->statement('set foreign_key_checks = 0');
        foreach (['placements', 'skus', 'product_values', 'product_axes'] as $own) {
            $writer->table($own)->where('product_id', $product->id)->delete();
        }
        $writer->table('axis_values')->delete();
        $writer->table('axes')->delete();
    });
}

test('what changes while a product is read is seen as a whole or not at all', function (string $table, Closure $read) {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    $product = Product::query()->findOrFail($shop->product->id);
    expect(DB::transactionLevel())->toBe(0);
    vanishesAfterReading($table, $product);

    expect($read(app(ProductLoader::class), $product))
        ->toBe(4)
        ->and($read(app(ProductLoader::class), $product))
        ->toBe(0);
})
    ->with(['product_axes', 'product_values', 'skus'])
    ->with([
        'alone' => fn(ProductLoader $loader, Product $product) => count($loader->again($product)->core->state->skus),
        'of several' => fn(ProductLoader $loader, Product $product) => count(
            $loader->standing([$product->id])[0]->core->state->skus,
        ),
    ]);

test('a drop is read in one transaction (two people who accepted halves of it at once met an error)', function () {
    $drop = Dropped::files(Shop::open()->user, ['SMOCK_moss_front.jpg']);
    $levels = [];
    DB::listen(function () use (&$levels): void {
        $levels[] = DB::transactionLevel();
    });
    app(DropReading::class)->of($drop);

    expect(count($levels))->toBeGreaterThan(3)->and(min($levels))->toBe(1);
});
