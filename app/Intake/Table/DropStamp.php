<?php

declare(strict_types=1);

namespace App\Intake\Table;

use Illuminate\Support\Facades\DB;

/**
 * A short text that is another whenever something has changed that a drop is read by: its files, the words by which
 * names are read, the library, and the products that its files are of, each of which has a version of its own.
 */
final class DropStamp
{
    private const CHUNK = 1_000;

    /**
     * @param  string  $pulse  DropFingerprint of the drop
     * @param  list<int>  $productIds  that its files are read to be of
     */
    public static function of(string $pulse, array $productIds): string
    {
        $versions = [];
        foreach (array_chunk($productIds, self::CHUNK) as $chunk) {
            $versions += DB::table('products')->whereIn('id', $chunk)->pluck('version', 'id')->all();
        }
        ksort($versions);
        $words = DB::table('lexicon_state')->value('version');
        $library = DB::table('library')->value('version');

        return hash('xxh64', json_encode([$pulse, $versions, $words, $library], JSON_THROW_ON_ERROR));
    }
}
