<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;

/**
 * What a shop made of the empty catalog, rows and files: kept once for each process of tests, and put back in a moment
 * for every test that begins with the same shop.
 */
final class Snapshot
{
    private const NOT_KEPT = ['migrations', 'cache', 'cache_locks'];

    /**
     * @param  array<string, int>  $empty  how many rows each table has in the empty catalog
     * @param  array<string, list<array<string, mixed>>>  $rows  of the tables that the shop changed
     */
    private function __construct(
        private readonly array $empty,
        private readonly array $rows,
        private readonly string $files,
    ) {}

    /** @param  callable(): mixed  $make  fills the empty catalog */
    public static function of(callable $make): self
    {
        $before = array_map(self::rows(...), self::tables());
        $make();
        $changed = [];
        foreach (self::tables() as $table => $name) {
            $after = self::rows($name);
            if ($after !== $before[$table]) {
                $changed[$table] = $after;
            }
        }
        $files = sys_get_temp_dir() . '/slate-snapshot-' . getmypid();
        File::deleteDirectory($files);
        File::copyDirectory(Storage::disk()->path(''), $files);
        register_shutdown_function(fn() => exec('rm -rf ' . escapeshellarg($files)));

        return new self(array_map(count(...), $before), $changed, $files);
    }

    /** Whether the catalog is as empty as it was when this was taken. */
    public function fits(): bool
    {
        return self::counts() === $this->empty;
    }

    public function putBack(): void
    {
        DB::statement('SET foreign_key_checks = 0');
        foreach ($this->rows as $table => $rows) {
            DB::table($table)->delete();
            foreach (array_chunk($rows, 500) as $some) {
                DB::table($table)->insert($some);
            }
        }
        DB::statement('SET foreign_key_checks = 1');
        File::copyDirectory($this->files, Storage::disk()->path(''));
    }

    /** @return array<string, string> */
    public static function tables(): array
    {
        static $names = null;
        $names ??= array_values(
            array_diff(array_column(DB::select('SHOW TABLES'), 'Tables_in_' . DB::getDatabaseName()), self::NOT_KEPT),
        );

        return array_combine($names, $names);
    }

    /** @return array<string, int> rows of every table, asked in one query */
    private static function counts(): array
    {
        $counts = array_map(
            fn(string $table): string => "(SELECT COUNT(*) FROM `{$table}`) AS `{$table}`",
            self::tables(),
        );

        return array_map(intval(...), (array) DB::selectOne('SELECT ' . implode(', ', $counts)));
    }

    /** @return list<array<string, mixed>> */
    public static function rows(string $table): array
    {
        return array_map(fn(object $row): array => (array) $row, DB::table($table)->get()->all());
    }
}
