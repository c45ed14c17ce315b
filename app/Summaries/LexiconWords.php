<?php

declare(strict_types=1);

namespace App\Summaries;

use App\Store\Products\LoadedProduct;
use App\Summaries\Lists\SearchWords;
use Core\Matching\Names\MeaningKind;
use Core\Text\NearWords;
use Core\Text\WordForms;
use Illuminate\Support\Facades\DB;

/** Keeps the words by which names of files mean a product and its SKUs: codes, GTINs, the product's name. */
final class LexiconWords
{
    private const CHUNK = 1_000;

    private const LONGEST = 80;

    /** Shorter words of a name say too little. */
    private const SHORTEST_PART = 3;

    /** @param  array<int, LoadedProduct>  $products  by id */
    public function keep(array $products): void
    {
        $rows = array_merge(...array_values(array_map($this->rows(...), $products)));
        $known = [];
        foreach (DB::table('lexicon_words')->whereIn('product_id', array_keys($products))->get() as $row) {
            $known[$this->key((array) $row)] = $row->id;
        }
        [$old, $added] = [array_values(array_diff_key($known, $rows)), array_values(array_diff_key($rows, $known))];
        foreach (array_chunk($old, self::CHUNK) as $gone) {
            DB::table('lexicon_words')->whereIn('id', $gone)->delete();
        }
        foreach (array_chunk($added, self::CHUNK) as $new) {
            DB::table('lexicon_words')->insert($new);
            $this->keepSlips(
                array_values(
                    array_map(
                        fn(array $row): string => (string) $row['form'],
                        array_filter($new, fn(array $row): bool => $row['kind'] === MeaningKind::Product->value),
                    ),
                ),
            );
        }
        if ($old !== [] || $added !== []) {
            DB::table('lexicon_state')->increment('version');
        }
    }

    /** @return array<string, array<string, int|string|null>> */
    private function rows(LoadedProduct $loaded): array
    {
        $product = $loaded->product;
        $words = [];
        if ($product->removed_at === null) {
            $words = [[MeaningKind::Product, null, $product->code], [MeaningKind::Product, null, $product->name]];
            foreach ([...SearchWords::of($product->name), ...SearchWords::of($product->code)] as $part) {
                if (mb_strlen($part) >= self::SHORTEST_PART && !ctype_digit($part)) {
                    $words[] = [MeaningKind::Part, null, $part];
                }
            }
            foreach ($loaded->core->made as $sku) {
                $words[] = [MeaningKind::Sku, $sku->id, $sku->code];
                if ($sku->gtin !== null) {
                    $words[] = [MeaningKind::Gtin, $sku->id, $sku->gtin];
                }
            }
        }
        $rows = [];
        foreach ($words as [$kind, $skuId, $word]) {
            foreach (WordForms::of($word) as $form) {
                $row = [
                    'form' => mb_substr($form, 0, self::LONGEST),
                    'kind' => $kind->value,
                    'product_id' => $product->id,
                    'sku_id' => $skuId,
                    'word' => mb_substr($word, 0, 120),
                ];
                $rows[$this->key($row)] = $row;
            }
        }

        return $rows;
    }

    /** @param  array<string, mixed>  $row */
    private function key(array $row): string
    {
        return "{$row['product_id']} {$row['form']} {$row['kind']} {$row['sku_id']} {$row['word']}";
    }

    /** @param  list<string>  $forms */
    private function keepSlips(array $forms): void
    {
        $rows = [];
        foreach ($forms as $form) {
            foreach (WordForms::isReadBySlip($form) ? NearWords::variantsOf($form) : [] as $slip) {
                $rows[] = ['slip' => $slip, 'form' => $form];
            }
        }
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table('lexicon_slips')->insertOrIgnore($chunk);
        }
    }
}
