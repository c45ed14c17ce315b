<?php

declare(strict_types=1);

use Core\Gallery\Views;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    /** The words that came to be known since a catalog was begun, for views whose words nobody has changed. */
    public function up(): void
    {
        foreach (DB::table('views')->get(['id', 'key', 'words', 'loose_words']) as $row) {
            $usual = Views::usual()->find($row->key);
            foreach (
                $usual === null ? [] : ['words' => $usual->words, 'loose_words' => $usual->looseWords]
                as $column => $all
            ) {
                $words = json_decode($row->{$column}, true, 3, JSON_THROW_ON_ERROR);
                if (array_diff($words, $all) === []) {
                    DB::table('views')
                        ->where('id', $row->id)
                        ->update([$column => json_encode($all, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
                }
            }
        }
    }
};
