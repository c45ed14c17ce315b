<?php

declare(strict_types=1);

namespace App\Store\Words;

use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Library\ViewShelf;
use App\Store\Products\ProductLoader;
use Core\Color\Swatches\Swatch;
use Core\Matching\Exactness;
use Core\Matching\Names\DroppedName;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Names\Meaning;
use Core\Matching\Names\MeaningKind;
use Core\Matching\Names\NameReader;
use Core\Matching\Names\ViewWords;
use Core\Matching\Names\WordList;
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

    private const COLUMNS = ['kind', 'product_id', 'sku_id', 'word'];

    /** @var array<int, string> value id => its name in the library */
    private array $names = [];

    public function __construct(private readonly ProductLoader $loader, private readonly ViewShelf $shelf) {}

    /**
     * @param  array<array-key, DroppedName>  $names
     * @param  ?Product  $given  where all are of one product
     * @param  string  $sender  whose own words count as well; empty for nobody's
     * @param  list<int>  $also  ids of products that may be meant whatever the names say
     */
    public function of(array $names, ?Product $given = null, string $sender = '', array $also = []): WordList
    {
        $list = new WordList();
        ViewWords::addTo($list, $this->shelf->views());
        $this->addLibrary($list);
        $this->addSenders($list, $sender);
        $words = $parts = [];
        foreach ($names as $name) {
            $parts[] = $own = $name->parts();
            foreach (NameReader::words($own) as $word => $isGlued) {
                $words[$word] = $isGlued || ($words[$word] ?? false);
            }
        }
        $this->add($list, $this->rows($words));
        foreach (
            [$given?->id, ...$also, ...array_map(fn(DroppedName $name): ?int => $name->productId, array_values($names))]
            as $id
        ) {
            if ($id !== null && $list->product($id) === null) {
                $this->addProducts($list, [$id]);
            }
        }
        // What means nothing as it stands may be a letter away from what does.
        $reader = new NameReader($list);
        $unknown = [];
        foreach ($parts as $own) {
            foreach ($reader->unknownWords($own) as $word) {
                $unknown[$word] = $word;
            }
        }
        $this->add($list, $this->near(array_map(strval(...), array_values($unknown))));
        $this->addOnlyWith($list, array_map(strval(...), array_keys($words)));

        return $list;
    }

    /**
     * The products that alone have one of the values which names may mean.
     *
     * @param  list<string>  $words  bare
     */
    private function addOnlyWith(WordList $list, array $words): void
    {
        $valueIds = [];
        foreach ($words as $word) {
            foreach ($list->exactly($word) as $meaning) {
                if ($meaning->valueId !== null) {
                    $valueIds[$meaning->valueId] = $meaning->valueId;
                }
            }
        }
        $only = [];
        foreach (array_chunk(array_values($valueIds), self::CHUNK) as $chunk) {
            $only += DB::table('product_values')
                ->join('products', 'products.id', '=', 'product_values.product_id')
                ->whereNull('products.removed_at')
                ->whereNotNull('product_values.position')
                ->whereIn('product_values.value_id', $chunk)
                ->groupBy('product_values.value_id')
                ->havingRaw('count(*) = 1')
                ->selectRaw('product_values.value_id, min(product_values.product_id) as product_id')
                ->pluck('product_id', 'value_id')
                ->all();
        }
        $this->addProducts(
            $list,
            array_values(array_filter(array_unique($only), fn(int $id): bool => $list->product($id) === null)),
        );
        foreach ($only as $valueId => $productId) {
            $list->addOnlyWith($valueId, $productId);
        }
    }

    /**
     * @param  array<array-key, bool>  $words  bare => whether it stands in one piece
     * @return list<stdClass>  rows of lexicon_words
     */
    private function rows(array $words): array
    {
        $rows = [];
        foreach (array_chunk(array_map(strval(...), array_keys($words)), self::CHUNK) as $chunk) {
            array_push(
                $rows,
                ...DB::table('lexicon_words')
                    ->whereIn('form', $chunk)
                    ->where('kind', '<>', MeaningKind::Part->value)
                    ->get(self::COLUMNS)
                    ->all(),
            );
        }
        // A part of a product's name is one word. One that very many products have tells none of them apart.
        foreach (array_chunk(array_map(strval(...), array_keys(array_filter($words))), self::CHUNK) as $chunk) {
            $telling = DB::table('lexicon_words')
                ->whereIn('form', $chunk)
                ->where('kind', MeaningKind::Part->value)
                ->groupBy('form')
                ->havingRaw('count(*) <= ?', [self::MOST_WITH_A_PART])
                ->pluck('form')
                ->all();
            array_push(
                $rows,
                ...DB::table('lexicon_words')
                    ->whereIn('form', $telling)
                    ->where('kind', MeaningKind::Part->value)
                    ->get(self::COLUMNS)
                    ->all(),
            );
        }

        return $rows;
    }

    /**
     * @param  list<string>  $words  bare
     * @return list<stdClass> rows of lexicon_words of products that one of these words is a letter away from
     */
    private function near(array $words): array
    {
        $variants = [];
        foreach ($words as $word) {
            if (mb_strlen($word) <= self::LONGEST_BY_SLIP && WordForms::isReadBySlip($word)) {
                $variants += array_flip(NearWords::variantsOf($word));
            }
        }
        $near = [];
        foreach (array_chunk(array_map(strval(...), array_keys($variants)), self::CHUNK) as $chunk) {
            $near += array_flip(DB::table('lexicon_slips')->whereIn('slip', $chunk)->pluck('form')->all());
        }
        $rows = [];
        foreach (array_chunk(array_map(strval(...), array_keys($near)), self::CHUNK) as $chunk) {
            array_push(
                $rows,
                ...DB::table('lexicon_words')
                    ->whereIn('form', $chunk)
                    ->where('kind', MeaningKind::Product->value)
                    ->get(self::COLUMNS)
                    ->all(),
            );
        }

        return $rows;
    }

    /** @param  list<stdClass>  $rows  of lexicon_words */
    private function add(WordList $list, array $rows): void
    {
        $this->addProducts(
            $list,
            array_values(
                array_filter(
                    array_unique(array_column($rows, 'product_id')),
                    fn(int $id): bool => $list->product($id) === null,
                ),
            ),
        );
        foreach ($rows as $row) {
            $kind = MeaningKind::from($row->kind);
            $list->add(
                $row->word,
                match ($kind) {
                    MeaningKind::Product => Meaning::product($row->product_id, $row->word),
                    MeaningKind::Part => Meaning::part($row->product_id, $row->word),
                    default => Meaning::sku(
                        $row->product_id,
                        (int) $row->sku_id,
                        $row->word,
                        $kind === MeaningKind::Gtin,
                    ),
                },
            );
        }
        $this->addSkus($list, array_values(array_unique(array_filter(array_column($rows, 'sku_id')))));
    }

    /** @param  list<int>  $ids */
    private function addProducts(WordList $list, array $ids): void
    {
        foreach (array_chunk($ids, self::CHUNK) as $chunk) {
            $products = array_values(Product::query()->standing()->whereKey($chunk)->get()->all());
            $byId = array_column($products, null, 'id');
            $matrices = $this->loader->matrices($products);
            $swatches = $this->swatches($matrices);
            $own = $this->ownSwatches(array_keys($matrices));
            foreach ($matrices as $id => $matrix) {
                $product = $byId[$id];
                $list->addProduct(
                    new KnownProduct(
                        $id,
                        $product->code,
                        $product->name,
                        $matrix,
                        ($own[$id] ?? []) + $swatches,
                        $this->shelf->shotList($product->shot_list_id, $product->shots)?->views() ?? [],
                    ),
                );
                foreach ($matrix->axes as $axis) {
                    foreach ($axis->values as $value) {
                        if ($value->label !== ($this->names[$value->id] ?? null)) {
                            $list->add(
                                $value->label,
                                Meaning::value($axis->id, $value->id, $value->label, Exactness::Own, $id),
                            );
                        }
                    }
                }
            }
        }
    }

    /**
     * @param  list<int>  $productIds
     * @return array<int, array<int, Swatch>> product id => value id
     */
    private function ownSwatches(array $productIds): array
    {
        $own = [];
        foreach (
            DB::table('product_values')
                ->whereIn('product_id', $productIds)
                ->whereNotNull('swatch')
                ->get(['product_id', 'value_id', 'swatch'])
            as $row
        ) {
            $own[$row->product_id][$row->value_id] = Swatch::read($row->swatch);
        }

        return $own;
    }

    /**
     * @param  array<int, Matrix>  $matrices
     * @return array<int, Swatch> the library's, by value id
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
            foreach (
                DB::table('axis_values')->whereIn('id', $chunk)->whereNotNull('swatch')->pluck('swatch', 'id')
                as $id => $swatch
            ) {
                $swatches[(int) $id] = Swatch::read($swatch);
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

    /** What was taught: of words that everybody sends, and of those of one sender. */
    private function addSenders(WordList $list, string $sender): void
    {
        $rows = DB::table('sender_words')
            ->leftJoin('axis_values', 'axis_values.id', '=', 'sender_words.value_id')
            ->whereIn('sender_words.sender', array_unique(['', Name::of($sender)->folded]))
            ->get([
                'sender_words.word',
                'sender_words.view',
                'axis_values.axis_id',
                'axis_values.id',
                'axis_values.name',
            ]);
        foreach ($rows as $row) {
            $view = $this->shelf->views()->find($row->view);
            $list->add(
                $row->word,
                match (true) {
                    $view !== null => Meaning::view($view, $row->word),
                    $row->id === null => Meaning::nothing($row->word),
                    default => Meaning::value($row->axis_id, $row->id, $row->name, Exactness::Synonym),
                },
            );
        }
    }

    /** What values are called for every product that has them. */
    private function addLibrary(WordList $list): void
    {
        foreach (LibraryValue::query()->lazyById(self::CHUNK) as $value) {
            $this->names[$value->id] = $value->name;
            $list->add($value->name, Meaning::value($value->axis_id, $value->id, $value->name));
            $list->add($value->code, Meaning::value($value->axis_id, $value->id, $value->name));
            foreach ($value->otherWords() as [, $word]) {
                $list->add($word, Meaning::value($value->axis_id, $value->id, $value->name, Exactness::Synonym));
            }
        }
    }
}
