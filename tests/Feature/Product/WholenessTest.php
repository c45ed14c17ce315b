<?php

declare(strict_types=1);

use App\Actions\Product\ChangeProduct;
use App\Changing\UnitOfWork;
use App\Models\LibraryAxis;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Library\LibraryReader;
use App\Store\PlacementReader;
use App\Store\PlacementRow;
use App\Store\ProductRows;
use App\Store\Products\CatalogLookup;
use App\Store\StateReader;
use App\Store\StateRows;
use Core\Changes\Details\ProductText;
use Core\Changes\Details\RemoveFact;
use Core\Changes\Details\SayDetail;
use Core\Changes\Details\SayFact;
use Core\Changes\Details\SayText;
use Core\Changes\Pictures\LinkPictures;
use Core\Changes\Pictures\RemovePictures;
use Core\Changes\Pictures\ShowView;
use Core\Changes\Prices\AdjustValuePrice;
use Core\Changes\Prices\PriceSkus;
use Core\Changes\ProductChange;
use Core\Changes\SkuChange;
use Core\Changes\Skus\CountSkus;
use Core\Changes\Skus\WriteSkus;
use Core\Changes\Values\OpenWithValue;
use Core\Changes\Values\ShowAxisAs;
use Core\CoreException;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\ReachedDetail;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Matrix\AxisDisplay;
use Core\Matrix\Combination;
use Core\Product\Document\LibraryIndex;
use Core\Product\Document\ProductDocument;
use Core\Product\ProductState;
use Core\Product\SkuField\WeightField;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Random\Randomizer;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;
use Tests\Support\Seeds;
use Tests\Support\Shop;

/** What only serves the keeping of a row, or follows from its other columns. */
const KEEPING = [
    'id',
    'product_id',
    'folded',
    'swatch_photo_id',
    'version',
    'revision',
    'is_counted',
    'removed_at',
    'part_of_id',
    'came_from_id',
    'created_at',
    'updated_at',
];

/** A library with axes, values, photos and a code pattern, in this database. */
function storedLibrary(Randomizer $random): LibraryIndex
{
    foreach (RandomProduct::library($random)->axes() as $drawn) {
        $axis = LibraryAxis::query()->create([
            'name' => $drawn->name,
            'folded' => strtolower($drawn->name),
            'kind' => $drawn->kind,
            'changes_picture' => $drawn->changesPicture,
            'display' => $drawn->display,
        ]);
        foreach ($drawn->values as $at => $value) {
            LibraryValue::query()->create([
                'axis_id' => $axis->id,
                'name' => $value->label,
                'folded' => strtolower($value->label),
                'code' => $value->code,
                'position' => $at,
            ]);
        }
    }
    for ($id = 1; $id <= 12; $id++) {
        DB::table('photos')->insert([
            'id' => $id,
            'sha256' => hash('sha256', "photo {$id}"),
            'width' => 24,
            'height' => 24,
            'bytes' => 900,
            'type' => 'jpg',
            'state' => 'ready',
        ]);
    }
    DB::table('code_patterns')->insert([
        'name' => 'Short codes',
        'folded' => 'short codes',
        'parts' => '[]',
        'separator' => '-',
        'letters' => 'upper',
        'longest' => 30,
    ]);

    return app(LibraryReader::class)->index();
}

/**
 * @param  list<string>  $columns  that a table has
 * @param  list<string>  $written
 * @return list<string> those that say something of a product, and that nobody writes
 */
function unreached(array $columns, array $written): array
{
    return array_values(array_diff($columns, KEEPING, $written));
}

/**
 * @return array<string, list<array<string, mixed>>> the rows of a product by table, without what only serves their
 * keeping
 */
function rowsToKeep(int $productId): array
{
    $rows = ['products' => [(array) DB::table('products')->find($productId)]];
    foreach (ProductRows::TABLES as $table => $order) {
        $rows[$table] = DB::table($table)
            ->where('product_id', $productId)
            ->orderBy('id')
            ->get()
            ->map(fn(stdClass $row): array => (array) $row)
            ->all();
    }

    return array_map(
        fn(array $all): array => array_map(fn(array $row): array => array_diff_key($row, array_flip(KEEPING)), $all),
        $rows,
    );
}

/** Writes a state as rows of a product that has none, under the ids that the state has. */
function writeState(int $productId, ProductState $state, LibraryIndex $library): void
{
    $names = [];
    foreach ($library->axes() as $axis) {
        $names += array_column($axis->values, 'label', 'id');
    }
    DB::table('products')->where('id', $productId)->update(StateRows::product($state));
    $ids = [
        'skus' => array_column($state->skus, 'id'),
        'placements' => array_column($state->pictures, 'id'),
        'facts' => array_column($state->details->facts, 'id'),
    ];
    foreach ((new StateRows($names))->all($state) as $table => $rows) {
        foreach ($rows as $at => $row) {
            DB::table($table)->insert(
                ['product_id' => $productId] + (isset($ids[$table]) ? ['id' => $ids[$table][$at]] : []) + $row,
            );
        }
    }
}

function readState(int $productId): ProductState
{
    $rows = ProductRows::stored([$productId]);
    $placements = app(PlacementReader::class)->read(
        $rows->of('placements', $productId),
        $rows->referred('placements', 'photo_id', 'photos'),
    );
    $pictures = array_map(fn(PlacementRow $row): Placement => $row->placement, array_values($placements));

    return app(StateReader::class)->product(
        (object) Product::query()->findOrFail($productId)->getAttributes(),
        $rows,
        $pictures,
    )->state;
}

it('keeps all of a product: state, rows, and the same state again', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::open("WHOLE-{$seed}");
    $library = storedLibrary($random);
    $state = (new RandomProduct($random, $library, 5_000))->state("WHOLE-{$seed}");

    writeState($shop->product->id, $state, $library);
    $kept = rowsToKeep($shop->product->id);
    $again = readState($shop->product->id);

    expect($again)->toEqual($state);
    DB::table('products')
        ->where('id', $shop->product->id)
        ->update(['code' => 'GONE']);
    foreach (array_keys(ProductRows::TABLES) as $table) {
        DB::table($table)->where('product_id', $shop->product->id)->delete();
    }
    writeState($shop->product->id, $again, $library);
    expect(rowsToKeep($shop->product->id))->toBe($kept);
})->with(Seeds::upTo(25));

it(
    'writes every column of every table that belongs to a product, and the drawn products have something in each',
    function (): void {
        $random = Samples::random(7);
        $library = storedLibrary($random);
        $seen = [];
        for ($seed = 1; $seed <= 20; $seed++) {
            $state = (new RandomProduct($random, $library))->state("MANY-{$seed}");
            $rows = ['products' => [StateRows::product($state)]] + (new StateRows([]))->all($state);
            foreach ($rows as $table => $all) {
                foreach ($all as $row) {
                    foreach ($row as $column => $value) {
                        $seen[$table][$column][json_encode($value)] = true;
                    }
                }
            }
        }
        foreach (['products', ...array_keys(ProductRows::TABLES)] as $table) {
            expect(unreached(Schema::getColumnListing($table), array_keys($seen[$table])))->toBe(
                [],
                "columns of {$table} that StateRows does not write",
            );
            foreach (array_diff_key($seen[$table], array_flip(KEEPING)) as $column => $values) {
                expect(count($values))->toBeGreaterThan(
                    $column === 'currency' ? 0 : 1,
                    "{$table}.{$column} is always the same in what is drawn",
                );
            }
        }
    },
);

it('carries every column in a document as well: state, document, and the same rows again', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $state = (new RandomProduct($random, $library))->state();
    $rows = fn(ProductState $state): array => [
        'products' => [array_diff_key(StateRows::product($state), ['description' => true])],
    ] + (new StateRows([]))->all($state);
    $read = ProductDocument::of($state, $library)->read($library)->state;

    expect($rows($read))->toBe($rows($state));
})->with(Seeds::upTo(25));

it('finds nothing to change where a product is brought its own document', function (): void {
    $shop = Shop::stocked();
    $library = app(LibraryReader::class)->index();
    $document = ProductDocument::of($shop->loaded()->core->state, $library);
    $read = $document->read($library);
    expect($read->lacking)
        ->toBe([])
        ->and(app(ChangeProduct::class)->run($shop->change(), $read->state, 'The same document'))
        ->toBeNull();

    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL']);
    app(ChangeProduct::class)->run($shop->change(), $read->state, 'As the document says');
    expect(ProductDocument::of($shop->loaded()->core->state, $library)->read($library)->state->matrix->axes)
        ->toEqual($read->state->matrix->axes)
        ->and(count($shop->loaded()->core->made))
        ->toBe(12);
});

it('knows every table that has rows of a product', function (): void {
    // Made of products and made anew after each change, or kept about a product without being said of it.
    $beside = [
        'batch_products',
        'coverage_summaries',
        'drops',
        'finding_counts',
        'former_codes',
        'history',
        'lexicon_words',
        'package_products',
        'product_summaries',
        'product_words',
        'sheet_products',
        'sku_summaries',
    ];
    $owned = [];
    foreach (Schema::getTables(DB::connection()->getDatabaseName()) as $table) {
        if (Schema::hasColumn($table['name'], 'product_id')) {
            $owned[] = $table['name'];
        }
    }
    expect($owned)->toEqualCanonicalizing([...array_keys(ProductRows::TABLES), ...$beside]);
});

it('misses a column that nobody reads: planted, it is named', function (): void {
    $sku = (new RandomProduct(Samples::random(1), RandomProduct::library(Samples::random(1))))->state()->skus[0];
    expect(unreached([...Schema::getColumnListing('skus'), 'planted'], array_keys(StateRows::sku($sku))))->toBe([
        'planted',
    ]);
});

/** @return array<string, ProductChange|SkuChange> one of each kind of rows that a change can write */
function changesOfEveryTable(ProductState $state): array
{
    $axis = $state->matrix->axes[0];
    $selection = Selection::fromKey(Combination::of([$axis->id => $axis->values[0]->id])->key);
    $ids = array_map(fn(Placement $picture): int => $picture->id, array_slice($state->pictures, 0, 3));

    return [
        'numbers of SKUs' => new WriteSkus($selection, new WeightField(), '312'),
        'stock' => new CountSkus(Selection::whole(), '4'),
        'own prices' => new PriceSkus(Selection::whole(), '52'),
        'the product' => new SayText(ProductText::Brand, 'Oats & Co.'),
        'what a value adds' => new AdjustValuePrice($axis->values[0]->id, '3', ''),
        'a value to open with' => new OpenWithValue($axis->id, $axis->values[1]->id),
        'an axis' => new ShowAxisAs($axis->id, AxisDisplay::List),
        'a fact more' => new SayFact('Collar', 'stand-up'),
        'a fact changed' => new SayFact('Lining', 'wool'),
        'a fact less' => new RemoveFact($state->details->facts[1]->id),
        'a detail more' => new SayDetail(DetailKind::Warranty, ['2 years']),
        'a detail changed' => new SayDetail(DetailKind::Cost, ['7']),
        'a detail less' => new SayDetail(DetailKind::Tags, []),
        'links' => new LinkPictures($ids, $selection),
        'a view' => new ShowView($ids, View::usual('back')),
        'a picture less' => new RemovePictures([$ids[0]]),
    ];
}

/** Without ids that a row gets as it is stored. */
function withoutNewIds(ProductState $state): ProductState
{
    $facts = array_map(
        fn(Fact $fact): Fact => new Fact(0, $fact->name, $fact->value, $fact->kind, $fact->unit, $fact->isShown),
        $state->details->facts,
    );
    $details = $state->details->details->all;
    usort(
        $details,
        fn(ReachedDetail $one, ReachedDetail $other): int => [$one->kind->value, $one->reach->key()] <=> [
            $other->kind->value,
            $other->reach->key(),
        ],
    );

    return $state->withDetails($state->details->with(['facts' => $facts, 'details' => new Details($details)]));
}

it('stores what a change says and no more, and takes it back to the identical rows', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::open('STORED');
    $library = storedLibrary($random);
    $state = (new RandomProduct($random, $library, 5_000))->state('STORED');
    $state = $state->withPictures([
        $state->pictures[0]->reaching(Reach::nothing(), Reach::nothing()),
        ...array_slice($state->pictures, 1),
    ]);
    writeState($shop->product->id, $state, $library);
    $rows = fn(): array => array_map(
        fn(string $table): array => DB::table($table)
            ->where('product_id', $shop->product->id)
            ->orderBy('id')
            ->get()
            ->map(fn(stdClass $row): array => (array) $row)
            ->all(),
        array_combine(array_keys(ProductRows::TABLES), array_keys(ProductRows::TABLES)),
    );
    $done = 0;
    foreach (changesOfEveryTable($state) as $what => $change) {
        $before = $rows();
        try {
            $core = $shop->loaded()->core;
            $wanted =
                $change instanceof SkuChange
                    ? $change->on($core->chosen($change->selection()), app(CatalogLookup::class))
                    : $change->on($core, app(CatalogLookup::class));
            app(UnitOfWork::class)->change($shop->change(), self::class, $change);
        } catch (CoreException) {
            expect($rows())->toEqual($before, $what);

            continue;
        }
        expect(withoutNewIds(readState($shop->product->id)))->toEqual(withoutNewIds($wanted->state), $what);
        if ($rows() !== $before) {
            $done++;
            $after = $rows();
            $shop->undo();
            expect($rows())->toEqual($before, "{$what} undone");
            $shop->redo();
            expect($rows())->toEqual($after, "{$what} redone");
        }
    }
    expect($done)->toBeGreaterThan(11);
})->with(range(1, 12));
