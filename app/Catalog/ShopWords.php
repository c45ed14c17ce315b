<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\LibraryValue;
use App\Models\Product;
use Core\Color\Srgb;
use Core\Matching\DroppedName;
use Core\Matching\Exactness;
use Core\Matching\KnownProduct;
use Core\Matching\Meaning;
use Core\Matching\MeaningKind;
use Core\Matching\NameReader;
use Core\Matching\ViewWords;
use Core\Matching\WordList;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Text\Name;
use Core\Text\NearWords;
use Core\Text\WordForms;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The words of the shop that the names of a drop may mean: from the kept index what is asked for, and the library. */
final class ShopWords
{
    private const CHUNK = 1_000;

    /** Longer words than these are not looked for by a slip. */
    private const LONGEST_BY_SLIP = 40;

    private const MOST_WITH_A_PART = 20;

    public function __construct(private readonly ProductLoader $loader)
    {
    }

    /**
     * @param  array<array-key, DroppedName>  $names
     * @param  ?Product  $given  where all are of one product
     * @param  string  $sender  whose own words count as well; empty for nobody's
     */
    public function of(array $names, ?Product $given = null, string $sender = ''): WordList
    {
        $list = new WordList();
        ViewWords::addTo($list);
        $words = [];
        foreach ($names as $name) {
            $words += array_flip(NameReader::words($name->parts()));
        }
        $rows = $this->rows(array_map(strval(...), array_keys($words)));
        $ids = array_column($rows, 'product_id', 'product_id');
        foreach ([$given?->id, ...array_map(fn (DroppedName $name): ?int => $name->productId, array_values($names))] as $id) {
            if ($id !== null) {
                $ids[$id] = $id;
            }
        }
        $this->addProducts($list, array_values($ids));
        foreach ($rows as $row) {
            $kind = MeaningKind::from($row->kind);
            $list->add($row->word, match ($kind) {
                MeaningKind::Product => Meaning::product($row->product_id, $row->word),
                MeaningKind::Part => Meaning::part($row->product_id, $row->word),
                default => Meaning::sku($row->product_id, (int) $row->sku_id, $row->word, $kind === MeaningKind::Gtin),
            });
        }
        $this->addSkus($list, array_values(array_unique(array_filter(array_column($rows, 'sku_id')))));
        $this->addLibrary($list);
        $this->addSenders($list, $sender);

        return $list;
    }

    /**
     * @param  list<string>  $words  bare
     * @return list<stdClass>  rows of lexicon_words
     */
    private function rows(array $words): array
    {
        $rows = [];
        foreach (array_chunk($words, self::CHUNK) as $chunk) {
            array_push($rows, ...DB::table('lexicon_words')->whereIn('form', $chunk)->where('kind', '<>', MeaningKind::Part->value)->get()->all());
            // A word that very many products have tells none of them apart.
            $telling = DB::table('lexicon_words')->whereIn('form', $chunk)->where('kind', MeaningKind::Part->value)->groupBy('form')->havingRaw('count(*) <= ?', [self::MOST_WITH_A_PART])->pluck('form')->all();
            array_push($rows, ...DB::table('lexicon_words')->whereIn('form', $telling)->where('kind', MeaningKind::Part->value)->get()->all());
        }
        $known = array_column($rows, 'form', 'form');
        $variants = [];
        foreach ($words as $word) {
            if (! isset($known[$word]) && mb_strlen($word) <= self::LONGEST_BY_SLIP && WordForms::isReadBySlip($word)) {
                $variants += array_flip(NearWords::variantsOf($word));
            }
        }
        $near = [];
        foreach (array_chunk(array_map(strval(...), array_keys($variants)), self::CHUNK) as $chunk) {
            $near += array_flip(DB::table('lexicon_slips')->whereIn('slip', $chunk)->pluck('form')->all());
        }
        foreach (array_chunk(array_map(strval(...), array_keys(array_diff_key($near, $known))), self::CHUNK) as $chunk) {
            array_push($rows, ...DB::table('lexicon_words')->whereIn('form', $chunk)->where('kind', MeaningKind::Product->value)->get()->all());
        }

        return $rows;
    }

    /** @param  list<int>  $ids */
    private function addProducts(WordList $list, array $ids): void
    {
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            $products = array_values(Product::query()->standing()->whereKey($chunk)->get()->all());
            $matrices = $this->loader->matrices($products);
            $swatches = $this->swatches($matrices);
            foreach ($matrices as $id => $matrix) {
                $product = array_column($products, null, 'id')[$id];
                $list->addProduct(new KnownProduct($id, $product->code, $product->name, $matrix, $swatches));
                foreach ($matrix->axes as $axis) {
                    foreach ($axis->values as $value) {
                        $list->add($value->label, Meaning::value($axis->id, $value->id, $value->label, Exactness::Own, $id));
                    }
                }
            }
        }
    }

    /**
     * @param  array<int, Matrix>  $matrices
     * @return array<int, non-empty-list<Srgb>> by value id
     */
    private function swatches(array $matrices): array
    {
        $ids = [];
        foreach ($matrices as $matrix) {
            foreach ($matrix->pictureAxes() as $axis) {
                $ids += array_column($axis->values, 'id', 'id');
            }
        }
        $swatches = [];
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            foreach (DB::table('axis_values')->whereIn('id', $chunk)->whereNotNull('swatch')->pluck('swatch', 'id') as $id => $swatch) {
                $swatches[(int) $id] = array_map(Srgb::fromHex(...), explode('/', $swatch));
            }
        }

        return $swatches;
    }

    /** @param  list<int>  $ids */
    private function addSkus(WordList $list, array $ids): void
    {
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            foreach (DB::table('skus')->whereIn('id', $chunk)->pluck('cell', 'id') as $id => $cell) {
                $list->addSku((int) $id, Combination::fromKey($cell));
            }
        }
    }

    /** What a sender calls values. */
    private function addSenders(WordList $list, string $sender): void
    {
        $rows = $sender === '' ? [] : DB::table('sender_words')->join('axis_values', 'axis_values.id', '=', 'sender_words.value_id')
            ->where('sender_words.sender', Name::of($sender)->folded)->get(['sender_words.word', 'axis_values.axis_id', 'axis_values.id', 'axis_values.name']);
        foreach ($rows as $row) {
            $list->add($row->word, Meaning::value($row->axis_id, $row->id, $row->name, Exactness::Synonym));
        }
    }

    /** What values are called for every product that has them. */
    private function addLibrary(WordList $list): void
    {
        foreach (LibraryValue::query()->lazyById(self::CHUNK) as $value) {
            $list->add($value->name, Meaning::value($value->axis_id, $value->id, $value->name));
            $list->add($value->code, Meaning::value($value->axis_id, $value->id, $value->name));
            foreach ($value->otherWords() as [, $word]) {
                $list->add($word, Meaning::value($value->axis_id, $value->id, $value->name, Exactness::Synonym));
            }
        }
    }
}
