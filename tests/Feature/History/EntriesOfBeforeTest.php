<?php

declare(strict_types=1);

use App\Actions\Product\UndoRedo;
use App\Changing\EntryUndo;
use App\History\Change;
use App\Models\Product;
use App\Models\User;
use App\Store\ProductRows;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/*
 * A catalog as an earlier version left it: 40 entries of one person, of every kind that touched other rows of a product
 * (numbers, prices, details, facts, openings, counting, pictures, order, axes, left-out cells), one of them taken back.
 * Made by that version itself, before changes became values.
 */

/** Has the application work on a database of its own, loaded from a dump, while something is done. */
function withDump(string $file, Closure $do): void
{
    $usual = config('database.default');
    $name = config("database.connections.{$usual}.database") . '_before';
    $settings = config("database.connections.{$usual}");
    $server = new PDO(
        "mysql:host={$settings['host']};port={$settings['port']}",
        $settings['username'],
        $settings['password'],
    );
    $server->exec("drop database if exists `{$name}`");
    $server->exec("create database `{$name}` character set utf8mb4 collate utf8mb4_unicode_520_ci");
    $server->exec("use `{$name}`");
    foreach (explode(";\n", (string) gzdecode((string) file_get_contents($file))) as $statement) {
        if (trim($statement) !== '') {
            $server->exec($statement);
        }
    }
    config(['database.connections.before' => ['database' => $name] + $settings, 'database.default' => 'before']);
    try {
        $do();
    } finally {
        DB::purge('before');
        config(['database.default' => $usual]);
        $server->exec("drop database `{$name}`");
    }
}

/** @return array<string, list<array<string, mixed>>> rows of products, but for what counts versions */
function rowsOfBefore(): array
{
    $without = array_flip(['version', 'revision', 'updated_at', 'is_counted', 'removed_at']);
    $rows = [];
    foreach (['products', ...array_keys(ProductRows::TABLES)] as $table) {
        $rows[$table] = DB::table($table)
            ->orderBy('id')
            ->get()
            ->map(fn(stdClass $row): array => array_diff_key((array) $row, $without))
            ->all();
    }

    return $rows;
}

it('takes back all that an earlier version wrote, and makes it again to the identical rows', function (): void {
    withDump(dirname(__DIR__, 2) . '/dumps/before-changes-as-values.sql.gz', function (): void {
        Artisan::call('migrate', ['--force' => true]);
        $user = User::query()->firstOrFail();
        $product = Product::query()->where('code', 'SMOCK')->firstOrFail();
        $before = rowsOfBefore();
        $change = fn(): Change => new Change(
            $user,
            $product->id,
            (int) Product::query()->whereKey($product->id)->value('version'),
        );
        $steps = 0;
        while (EntryUndo::nextUndo($product->id, $user->id) !== null) {
            app(UndoRedo::class)->undo($change());
            $steps++;
        }
        expect($steps)
            ->toBe(39)
            ->and($product->refresh()->removed_at)
            ->not->toBeNull()
            ->and(
                DB::table('placements')->count() +
                    DB::table('skus')->count() +
                    DB::table('facts')->count() +
                    DB::table('details')->count(),
            )
            ->toBe(0);
        foreach (range(1, $steps) as $ignored) {
            app(UndoRedo::class)->redo($change());
        }
        expect(rowsOfBefore())->toEqual($before)->and($product->refresh()->removed_at)->toBeNull();
    });
});
