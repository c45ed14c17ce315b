<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Models\Product;
use App\Summaries\Lists\SearchWords;
use Core\Text\Name;
use Core\Text\NearWords;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The words by which products are found: those of their names and codes, folded. */
final class SearchTerms
{
    private const CHUNK = 1_000;

    /** @param  list<Product>  $products */
    public function keep(array $products): void
    {
        $rows = [];
        $words = [];
        foreach ($products as $product) {
            $code = mb_substr(Name::of($product->code)->folded, 0, SearchWords::LONGEST);
            foreach (
                array_unique([$code, ...SearchWords::of($product->name), ...SearchWords::of($product->code)])
                as $word
            ) {
                $rows[] = ['product_id' => $product->id, 'word' => $word];
                $words[$word] = true;
            }
        }
        $known = [];
        foreach (
            DB::table('product_words')
                ->whereIn('product_id', array_map(fn(Product $product): int => $product->id, $products))
                ->get()
            as $row
        ) {
            $known["{$row->product_id} {$row->word}"] = $row;
        }
        $new = array_filter($rows, fn(array $row): bool => !isset($known["{$row['product_id']} {$row['word']}"]));
        $gone = array_diff_key(
            $known,
            array_flip(array_map(fn(array $row): string => "{$row['product_id']} {$row['word']}", $rows)),
        );
        if ($gone !== []) {
            DB::table('product_words')
                ->where(function (Builder $any) use ($gone): void {
                    foreach ($gone as $row) {
                        $any->orWhere(
                            fn(Builder $one) => $one->where('product_id', $row->product_id)->where('word', $row->word),
                        );
                    }
                })
                ->delete();
        }
        foreach (array_chunk(array_values($new), self::CHUNK) as $chunk) {
            DB::table('product_words')->insertOrIgnore($chunk);
        }
        if ($new !== []) {
            $this->keepSlips(array_map(strval(...), array_keys($words)));
        }
    }

    /** @param  list<string>  $words */
    private function keepSlips(array $words): void
    {
        $known = array_flip(DB::table('word_slips')->whereIn('word', $words)->distinct()->pluck('word')->all());
        $rows = [];
        foreach ($words as $word) {
            foreach (isset($known[$word]) ? [] : NearWords::variantsOf($word) as $slip) {
                $rows[] = ['slip' => $slip, 'word' => $word];
            }
        }
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table('word_slips')->insertOrIgnore($chunk);
        }
    }
}
