<?php

declare(strict_types=1);

use Core\Details\Fact;
use Core\Gallery\Placement;
use Core\Gallery\Views;
use Core\Matrix\Value;
use Core\Product\Difference\Difference;
use Core\Product\Document\IndexedAxis;
use Core\Product\Document\LibraryIndex;
use Core\Product\Document\MissingLibraryItem;
use Core\Product\Document\ProductDocument;
use Core\Product\Document\UnreadableDocument;
use Core\Product\LibraryRef;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;

/** The same product as somebody has it who knows no ids of what belongs to it. */
function withoutOwnIds(ProductState $state): ProductState
{
    $details = get_object_vars($state->details);
    $details['facts'] = array_map(
        fn(Fact $fact): Fact => new Fact(0, $fact->name, $fact->value, $fact->kind, $fact->unit, $fact->isShown),
        $state->details->facts,
    );
    $places = array_flip(array_map(fn(Placement $picture): int => $picture->id, $state->pictures));
    $details['description'] = preg_replace_callback(
        '/\[picture (\d+)\]/',
        fn(array $found): string => '[picture at ' . ($places[(int) $found[1]] + 1) . ']',
        $state->details->description,
    );
    $place = 0;

    return new ProductState(
        new ProductDetails(...$details),
        $state->matrix,
        array_map(
            fn(Sku $sku): Sku => new Sku(
                0,
                $sku->cell,
                $sku->state,
                $sku->code,
                $sku->price,
                $sku->stock,
                $sku->gtin,
                $sku->weightG,
                $sku->combination,
                $sku->isCodeTyped,
                $sku->retiredAt,
                $sku->texts,
            ),
            $state->skus,
        ),
        array_map(function (Placement $picture) use (&$place): Placement {
            return new Placement(
                --$place,
                $picture->file,
                $picture->reach,
                $picture->hidden,
                $picture->view,
                $picture->roles,
                $picture->altText,
                $picture->isStill,
                $picture->crop,
                $picture->photoId,
            );
        }, $state->pictures),
    );
}

/** The same library under other ids and in another order, as another catalog has it. */
function elsewhere(LibraryIndex $library, int $by = 1_000): LibraryIndex
{
    $axes = array_map(
        fn(IndexedAxis $axis): IndexedAxis => new IndexedAxis(
            $axis->id + $by,
            $axis->name,
            $axis->kind,
            $axis->changesPicture,
            $axis->display,
            array_map(
                fn(Value $value): Value => new Value($value->id + $by, $value->label, $value->code),
                $axis->values,
            ),
        ),
        $library->axes(),
    );
    $photos = [];
    for ($id = 1; $id <= 12; $id++) {
        $photos[$id + $by] = (string) $library->checksum($id);
    }
    $refs = fn(array $refs): array => array_map(
        fn(LibraryRef $ref): LibraryRef => new LibraryRef($ref->id + $by, $ref->name),
        $refs,
    );

    return new LibraryIndex(
        array_reverse($axes),
        $library->views,
        $refs($library->shotLists),
        $refs($library->codePatterns),
        $photos,
    );
}

/** @return ?string what the schema finds amiss; null for nothing */
function schemaFinds(string $json): ?string
{
    $schema = (string) file_get_contents(dirname(__DIR__, 3) . '/docs/schema/product.schema.json');
    $result = (new Validator())->validate(json_decode($json), $schema);

    return $result->isValid()
        ? null
        : json_encode((new ErrorFormatter())->format($result->error()), JSON_THROW_ON_ERROR);
}

it('writes a product and reads it again: the identity', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $state = (new RandomProduct($random, $library))->state();
    $document = ProductDocument::of($state, $library);
    $read = $document->read($library);

    expect($read->lacking)
        ->toBe([])
        ->and($read->state)
        ->toEqual(withoutOwnIds($state))
        ->and(ProductDocument::of($read->state, $library)->json)
        ->toBe($document->json)
        ->and(ProductDocument::fromJson($document->json)->json)
        ->toBe($document->json);
})->with(range(1, 60));

it('is read in another catalog under its ids, and is the same document there', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $document = ProductDocument::of((new RandomProduct($random, $library))->state(), $library);
    $there = elsewhere($library);
    $read = $document->read($there);

    expect($read->lacking)->toBe([])->and(ProductDocument::of($read->state, $there)->json)->toBe($document->json);
})->with(range(1, 40));

it('says what it is called, and which codes and pictures it names, however it is written', function (): void {
    $random = Samples::random(31);
    $library = RandomProduct::library($random);
    $document = ProductDocument::of((new RandomProduct($random, $library))->state(), $library);
    $pretty = ProductDocument::fromJson(json_encode(json_decode($document->json), JSON_PRETTY_PRINT));

    expect($pretty->checksums())
        ->toBe($document->checksums())
        ->and(count($document->checksums()))
        ->toBeGreaterThanOrEqual(12)
        ->and($pretty->skuCodes())
        ->toBe($document->skuCodes())
        ->and($document->skuCodes())
        ->toContain('RANDOM-0')
        ->and($pretty->title()->code)
        ->toBe('RANDOM');
});

it('knows what another library has beside its own', function (): void {
    $own = new LibraryIndex(
        [new IndexedAxis(1, 'Color', Core\Matrix\AxisKind::Color, values: [new Value(11, 'Moss', 'MOSS')])],
        Views::usual(),
        [new LibraryRef(3, 'Shoes')],
        [],
        [7 => str_repeat('a', 64)],
    );
    $other = new LibraryIndex(
        [
            new IndexedAxis(
                -1,
                'COLOR',
                Core\Matrix\AxisKind::Other,
                values: [new Value(-2, 'moss', 'M'), new Value(-3, 'Clay', 'CLAY')],
            ),
            new IndexedAxis(-4, 'Size', Core\Matrix\AxisKind::Size),
        ],
        new Views([new Core\Gallery\View('sole', 'sole', Core\Gallery\Showing::Goods)]),
        [new LibraryRef(-5, 'SHOES'), new LibraryRef(-6, 'Hats')],
        [],
        [-7 => str_repeat('a', 64), -8 => str_repeat('b', 64)],
    );
    $both = $own->with($other);

    expect(array_map(fn(IndexedAxis $axis): int => $axis->id, $both->axes()))
        ->toBe([1, -4])
        ->and($both->axisNamed('color')->kind)
        ->toBe(Core\Matrix\AxisKind::Color)
        ->and(array_column($both->axisNamed('color')->values, 'label', 'id'))
        ->toBe([11 => 'Moss', -3 => 'Clay'])
        ->and($both->views->find('sole'))
        ->not->toBeNull()
        ->and(array_column($both->shotLists, 'name', 'id'))
        ->toBe([3 => 'Shoes', -6 => 'Hats'])
        ->and([$both->photo(str_repeat('a', 64)), $both->photo(str_repeat('b', 64))])
        ->toBe([7, -8]);
});

it('is what the schema says', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    expect(
        schemaFinds(ProductDocument::of((new RandomProduct($random, $library))->state(), $library)->json),
    )->toBeNull();
})->with(range(1, 20));

it('is refused by the schema where something is amiss', function (string $from, string $to): void {
    $random = Samples::random(3);
    $library = RandomProduct::library($random);
    $json = ProductDocument::of((new RandomProduct($random, $library))->state(), $library)->json;
    expect(str_contains($json, $from))
        ->toBeTrue()
        ->and(schemaFinds((string) preg_replace('/' . preg_quote($from, '/') . '/', $to, $json, 1)))
        ->not->toBeNull();
})->with([
    'another format' => ['"slate product"', '"slate"'],
    'a state that is none' => ['"state":"made"', '"state":"sold"'],
    'a field more' => ['"currency":', '"owner":"Ada","currency":'],
    'a field less' => ['"brand":', '"brands":'],
    'a number as a text' => ['"retired_at":', '"retired_at":"x","retired":'],
]);

it('proposes to a library what it lacks', function (): void {
    $random = Samples::random(11);
    $library = RandomProduct::library($random);
    $state = (new RandomProduct($random, $library))->state();
    $document = ProductDocument::of($state, $library);
    $empty = new LibraryIndex([], Views::usual());
    $read = $document->read($empty);
    $kinds = array_count_values(
        array_map(fn(MissingLibraryItem $lacking): string => $lacking->kind->value, $read->lacking),
    );

    expect($kinds['axis'])
        ->toBe(count($state->matrix->axes) + count($state->matrix->sleeping))
        ->and($kinds['picture'])
        ->toBeGreaterThanOrEqual(12)
        ->and($read->state->pictures)
        ->toBe([])
        ->and(array_map(fn($axis): string => $axis->name, $read->state->matrix->axes))
        ->toBe(array_map(fn($axis): string => $axis->name, $state->matrix->axes))
        ->and(count($read->state->skus))
        ->toBe(count($state->skus))
        ->and(min(array_map(fn($axis): int => $axis->id, $read->state->matrix->axes)))
        ->toBeLessThan(0);
});

it(
    'needs nothing but what it names: one axis without a value is proposed as the document says it is',
    function (): void {
        $random = Samples::random(2);
        $library = RandomProduct::library($random);
        $state = (new RandomProduct($random, $library))->state();
        $gone = $state->matrix->axes[0];
        $axes = array_map(
            fn(IndexedAxis $axis): IndexedAxis => $axis->id !== $gone->id
                ? $axis
                : new IndexedAxis(
                    $axis->id,
                    $axis->name,
                    $axis->kind,
                    $axis->changesPicture,
                    $axis->display,
                    array_values(
                        array_filter($axis->values, fn(Value $value): bool => $value->id !== $gone->values[0]->id),
                    ),
                ),
            $library->axes(),
        );
        $photos = array_combine(
            range(1, 12),
            array_map(fn(int $id): string => (string) $library->checksum($id), range(1, 12)),
        );
        $read = ProductDocument::of($state, $library)->read(
            new LibraryIndex($axes, $library->views, $library->shotLists, $library->codePatterns, $photos),
        );

        expect(array_map(fn(MissingLibraryItem $lacking): string => $lacking->inWords(), $read->lacking))
            ->toBe(["the value {$library->axis($gone->id)->value($gone->values[0]->id)->label} of {$gone->name}"])
            ->and($read->state->matrix->axes[0]->values[0]->label)
            ->toBe($gone->values[0]->label)
            ->and($read->state->matrix->axes[0]->values[0]->id)
            ->toBeLessThan(0);
    },
);

it('says what is amiss in a document, and where', function (callable $spoil, string $words): void {
    $random = Samples::random(5);
    $library = RandomProduct::library($random);
    $data = json_decode(ProductDocument::of((new RandomProduct($random, $library))->state(), $library)->json);
    $spoil($data);
    expect(fn() => ProductDocument::fromJson(json_encode($data))->read($library))->toThrow(
        UnreadableDocument::class,
        $words,
    );
})->with([
    'nothing of ours' => [fn($data) => ($data->format = 'other'), 'This is no document of a product'],
    'a newer one' => [fn($data) => ($data->version = 99), 'written by a newer version (99)'],
    'no name' => [
        function ($data): void {
            unset($data->name);
        },
        'cannot be read at name: it is missing',
    ],
    'a number for a text' => [fn($data) => ($data->skus[1]->code = 12), 'at skus 2, code: a text is expected'],
    'a state that is none' => [fn($data) => ($data->skus[0]->state = 'sold'), 'at skus 1, state: “sold” is not known'],
    'an axis that is none' => [
        fn($data) => ($data->skus[0]->choice = (object) ['Shape' => 'Round']),
        'at skus 1, choice, Shape: the product has no such axis',
    ],
    'a value that is none' => [
        fn($data) => ($data->left_out = [(object) [$data->axes[0]->axis => ['Nothing']]]),
        'there is no value “Nothing”',
    ],
    'a price that is none' => [fn($data) => ($data->price = 'much'), 'cannot be read at price'],
    'a currency that is none' => [fn($data) => ($data->currency = 'XXY'), 'cannot be read at currency'],
    'a list that is none' => [fn($data) => ($data->facts = (object) ['a' => 1]), 'at facts: a list is expected'],
]);

it('reads no JSON, and axes and values that are called by numbers', function (): void {
    expect(fn() => ProductDocument::fromJson('{'))->toThrow(UnreadableDocument::class, 'it is no JSON');
    $library = new LibraryIndex(
        [
            new IndexedAxis(1, '0', Core\Matrix\AxisKind::Size, values: [new Value(11, '0'), new Value(12, '1')]),
            new IndexedAxis(2, '1', Core\Matrix\AxisKind::Other, values: [new Value(21, '0')]),
        ],
        Views::usual(),
    );
    $state = new ProductState(
        new ProductDetails('Smock', 'S', Core\Pricing\Currency::of('EUR')),
        Core\Matrix\Matrix::of(
            [
                new Core\Matrix\Axis(1, '0', Core\Matrix\AxisKind::Size, [new Value(11, '0'), new Value(12, '1')]),
                new Core\Matrix\Axis(2, '1', Core\Matrix\AxisKind::Other, [new Value(21, '0')]),
            ],
            Core\Reach\Reach::fromArrays([[1 => [12]]]),
        ),
        [new Sku(0, Core\Matrix\Combination::of([1 => 11, 2 => 21]), Core\Matrix\SkuState::Made, 'S-0')],
    );
    $read = ProductDocument::of($state, $library)->read($library)->state;
    expect(Difference::between($state, $read)->isNone())
        ->toBeTrue()
        ->and($read)
        ->toEqual($state);
});

it('is the same document that it was: version 1 is read for ever', function (): void {
    $json = trim((string) file_get_contents(__DIR__ . '/documents/product-1.json'));
    $random = Samples::random(21);
    $library = RandomProduct::library($random);
    $read = ProductDocument::fromJson($json)->read($library);
    expect(schemaFinds($json))
        ->toBeNull()
        ->and($read->lacking)
        ->toBe([])
        ->and(ProductDocument::of($read->state, $library)->json)
        ->toBe($json);
});
