<?php

declare(strict_types=1);

use Core\Changes\Documents\FollowDocument;
use Core\CoreException;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Product\Document\LibraryIndex;
use Core\Product\Document\ProductDocument;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Refusal;
use Random\Randomizer;
use Tests\Core\Changes\NoCatalog;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;

/** A drawn product, without GTINs, as these have no check digits, and without a pattern that no catalog here has. */
function documentedState(Randomizer $random, LibraryIndex $library): ProductState
{
    $state = (new RandomProduct($random, $library))->state();

    return $state
        ->withDetails($state->details->with(['codePattern' => null]))
        ->withSkus(array_map(fn(Sku $sku): Sku => $sku->numbered(null), $state->skus));
}

function productOfNothing(): Product
{
    return new Product(new ProductState(new ProductDetails('New', 'RANDOM', Currency::of('EUR')), Matrix::of([])));
}

it('makes of nothing all that a document says, what sleeps too', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $document = ProductDocument::of(documentedState($random, $library), $library);
    $read = $document->read($library);
    $changed = (new FollowDocument($read, 'Package'))->on(productOfNothing(), new NoCatalog());

    expect(ProductDocument::of($changed->state, $library)->json)
        ->toBe($document->json)
        ->and($changed->words)
        ->toStartWith('Package: ');
})->with(range(1, 40));

it('changes nothing of the product that it was written of', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $state = documentedState($random, $library);
    $read = ProductDocument::of($state, $library)->read($library);
    $changed = (new FollowDocument($read, 'Package'))->on(new Product($state), new NoCatalog());

    expect($changed->words)->toBe('')->and($changed->state)->toBe($state);
})->with(range(1, 40));

it('brings a product that is there to what it says, and brought again changes nothing', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $own = documentedState($random, $library);
    $texts = ['name' => 'Another name', 'brand' => 'Another brand', 'basePrice' => null];
    $other = $own
        ->withDetails($own->details->with($texts))
        ->withSkus(array_map(fn(Sku $sku): Sku => $sku->counted(7), $own->skus));
    $read = ProductDocument::of($other, $library)->read($library);
    $change = new FollowDocument($read, 'Package');
    $changed = $change->on(new Product($own), new NoCatalog());

    expect(ProductDocument::of($changed->state, $library)->json)
        ->toBe(ProductDocument::of($other, $library)->json)
        ->and($change->on(new Product($changed->state), new NoCatalog())->words)
        ->toBe('');
})->with(range(1, 20));

it('takes a photo that stands in a product twice for two pictures', function (): void {
    $random = Samples::random(6);
    $library = RandomProduct::library($random);
    $state = documentedState($random, $library);
    $twice = $state->withPictures([...$state->pictures, $state->pictures[0]->withId(9_999)->told('the same again')]);
    $read = ProductDocument::of($twice, $library)->read($library);
    $made = (new FollowDocument($read, 'Package'))->on(productOfNothing(), new NoCatalog())->state;

    expect(count($made->pictures))
        ->toBe(count($twice->pictures))
        ->and((new FollowDocument($read, 'Package'))->on(new Product($twice), new NoCatalog())->words)
        ->toBe('');
});

it('refuses what could not be kept, in words', function (callable $spoil, string $words): void {
    $random = Samples::random(4);
    $library = RandomProduct::library($random);
    $data = json_decode(ProductDocument::of(documentedState($random, $library), $library)->json);
    $spoil($data);
    $read = ProductDocument::fromJson(json_encode($data))->read($library);

    expect(fn() => (new FollowDocument($read, 'Package'))->on(productOfNothing(), new NoCatalog()))->toThrow(
        CoreException::class,
        $words,
    );
})->with([
    'a name of a thousand letters' => [fn($data) => ($data->name = str_repeat('x', 1_000)), '120 characters'],
    'no name' => [fn($data) => ($data->name = ' '), 'The name cannot be empty'],
    'a code that is none' => [fn($data) => ($data->code = 'a b'), 'A code of a product has up to 40'],
    'a price below zero' => [fn($data) => ($data->price = '-1.00'), '-1.00'],
    'a price of a million millions' => [fn($data) => ($data->price = '999999999999.00'), '999999999999'],
    'a code of a SKU twice' => [
        fn($data) => ($data->skus[1]->code = mb_strtolower($data->skus[0]->code)),
        'Two SKUs have the code',
    ],
    'a cell twice' => [fn($data) => ($data->skus[] = (object) (['code' => 'X'] + (array) $data->skus[0])), 'in a cell'],
    'stock below zero' => [fn($data) => ($data->skus[0]->stock = -4), '-4'],
    'a GTIN that is none' => [fn($data) => ($data->skus[0]->gtin = '4006381333932'), '4006381333932'],
    'a detail that is none' => [
        fn($data) => ($data->details = [(object) ['kind' => 'cost', 'reach' => [new stdClass()], 'text' => 'dear']]),
        'dear',
    ],
    'a fact without a name' => [fn($data) => ($data->facts[0]->name = ' '), 'A fact needs a name'],
    'two facts of one name' => [fn($data) => ($data->facts[1]->name = $data->facts[0]->name), 'two facts of one name'],
    'an alt text of a thousand letters' => [
        fn($data) => ($data->pictures[0]->alt_text = str_repeat('x', 1_000)),
        'An alt text can have 300 characters',
    ],
    'a frame that is none' => [fn($data) => ($data->pictures[0]->crop = 'all of it'), 'cannot be “all of it”'],
    'a picture that nobody has' => [
        fn($data) => ($data->pictures[0]->sha256 = str_repeat('0', 64)),
        'which neither it nor this catalog has',
    ],
    'a label of two hundred letters' => [
        fn($data) => ($data->axes[0]->values[0]->label = str_repeat('x', 200)),
        'A name of a value can have 80 characters',
    ],
]);

it('says which code is taken', function (): void {
    $random = Samples::random(8);
    $library = RandomProduct::library($random);
    $read = ProductDocument::of(documentedState($random, $library), $library)->read($library);
    $taken = new NoCatalog(codes: ['RANDOM-0' => 'the glove GLOVE']);

    expect(fn() => (new FollowDocument($read, 'Package'))->on(productOfNothing(), $taken))->toThrow(
        Refusal::class,
        'RANDOM-0 is the code of the glove GLOVE.',
    );
});

it('never breaks off on nonsense, but says what is amiss', function (int $seed): void {
    $random = Samples::random($seed);
    $library = RandomProduct::library($random);
    $json = ProductDocument::of(documentedState($random, $library), $library)->json;
    $nonsense = [
        'null',
        '-1',
        '""',
        '[]',
        '{}',
        '"' . str_repeat('é', 300) . '"',
        '99999999999',
        'true',
        '"01/02/2026"',
    ];
    $refused = 0;
    for ($try = 0; $try < 60; $try++) {
        // One value of the document, whichever, is another.
        preg_match_all('/(?<=":)("[^"]*"|-?\d+|true|false|null)/', $json, $found, PREG_OFFSET_CAPTURE);
        [$text, $at] = $found[1][$random->getInt(0, count($found[1]) - 1)];
        $spoiled = substr_replace($json, $nonsense[$random->getInt(0, count($nonsense) - 1)], $at, strlen($text));
        try {
            (new FollowDocument(ProductDocument::fromJson($spoiled)->read($library), 'Package'))->on(
                productOfNothing(),
                new NoCatalog(),
            );
        } catch (CoreException $fault) {
            expect($fault->getMessage())->not->toBe('');
            $refused++;
        }
    }
    expect($refused)->toBeGreaterThan(20);
})->with(range(1, 12));
