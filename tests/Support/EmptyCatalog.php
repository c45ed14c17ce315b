<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** The catalog as it is before anybody has put anything into it, to be come back to: another shop, just set up. */
final readonly class EmptyCatalog
{
    /** @param  array<string, list<array<string, mixed>>>  $rows  by table */
    private function __construct(private array $rows) {}

    /** As it is at the beginning of a test. */
    public static function remembered(): self
    {
        return new self(array_map(Snapshot::rows(...), Snapshot::tables()));
    }

    public function comeBack(): void
    {
        DB::statement('SET foreign_key_checks = 0');
        foreach ($this->rows as $table => $rows) {
            DB::table($table)->delete();
            foreach (array_chunk($rows, 500) as $some) {
                DB::table($table)->insert($some);
            }
        }
        DB::statement('SET foreign_key_checks = 1');
        foreach (Storage::disk()->directories() as $folder) {
            Storage::disk()->deleteDirectory($folder);
        }
        app()->forgetScopedInstances();
        app()->forgetInstance(\App\Store\Library\ViewShelf::class);
        app()->forgetInstance(\App\Store\Library\AltPatterns::class);
    }
}
