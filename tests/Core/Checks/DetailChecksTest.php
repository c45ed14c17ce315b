<?php

declare(strict_types=1);

use Core\Checks\CheckedProduct;
use Core\Checks\Checks;
use Core\Checks\DetailCheck;
use Core\Checks\Finding;
use Core\Codes\Gtin;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\FactKind;
use Core\Details\UnreadableDetail;
use Core\Gallery\Placement;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Matrix\SkuState;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Description;
use Core\Product\Product;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

/** A product of two colors and two sizes of which nothing is missing. */
function complete(
    ?Details $details = null,
    array $adjustments = [],
    ?Closure $sku = null,
    string $description = 'Linen.',
    string $category = 'Smocks',
    array $pictures = [1],
): ProductState {
    $euro = Currency::of('EUR');
    $matrix = Samples::smock(['Moss', 'Clay'], ['S', 'M'], []);
    $skus = array_map(
        fn(Combination $cell, int $at): Sku => new Sku(
            $at + 1,
            $cell,
            SkuState::Made,
            "C-{$at}",
            null,
            5,
            Gtin::fromBody('40063810000' . $at),
            350,
        ),
        $matrix->combinations(),
        array_keys($matrix->combinations()),
    );

    return new ProductState(
        new ProductDetails(
            'Smock',
            'SMOCK',
            $euro,
            $description,
            'Thrumbury',
            $category,
            Money::of('49', $euro),
            adjustments: $adjustments,
            details: ($details ?? new Details())->withWhole(DetailKind::ShortText, 'A smock.'),
        ),
        $matrix,
        $sku === null ? $skus : array_map($sku, $skus),
        array_map(
            fn(int $id): Placement => new Placement(
                $id,
                'front.jpg',
                Reach::everything(),
                Reach::nothing(),
                view: View::usual('front'),
                photoId: $id,
            ),
            $pictures,
        ),
    );
}

/** @return list<string> findings as "id count" */
function detailsFound(ProductState $state): array
{
    return array_map(
        fn(Finding $finding): string => trim("{$finding->check->key()} " . (count($finding->cells) ?: '')),
        Checks::findings(new CheckedProduct(new Product($state)), DetailCheck::cases()),
    );
}

it('finds nothing where nothing is missing', function (): void {
    expect(detailsFound(complete()))->toBe([]);
});

it('finds what is missing or cannot be meant, the worst first', function (ProductState $state, array $expected): void {
    expect(detailsFound($state))->toBe($expected);
})->with([
    'texts' => [fn() => complete(description: ' ', category: ''), ['category.missing', 'description.missing']],
    'pictures' => [fn() => complete(pictures: []), ['picture.none']],
    'numbers of some' => [
        fn() => complete(
            sku: fn(Sku $sku) => new Sku(
                $sku->id,
                $sku->cell,
                $sku->state,
                $sku->code,
                stock: null,
                gtin: $sku->id === 1 ? null : $sku->gtin,
            ),
        ),
        ['stock.not-counted 4', 'gtin.missing 1', 'weight.missing 4'],
    ],
    'sold out' => [
        fn() => complete(
            sku: fn(Sku $sku) => new Sku(
                $sku->id,
                $sku->cell,
                $sku->state,
                $sku->code,
                stock: 0,
                gtin: $sku->gtin,
                weightG: 1,
            ),
        ),
        ['stock.all-sold-out'],
    ],
    'restricted' => [
        fn() => complete(
            sku: fn(Sku $sku) => new Sku(
                $sku->id,
                $sku->cell,
                $sku->state,
                $sku->code,
                stock: 1,
                gtin: Gtin::fromBody('20000000000' . $sku->id),
                weightG: 1,
            ),
        ),
        ['gtin.restricted 4'],
    ],
    'retired only' => [
        fn() => complete(sku: fn(Sku $sku) => new Sku($sku->id, $sku->cell, SkuState::Retired, $sku->code)),
        ['sku.none'],
    ],
    'below zero' => [
        fn() => complete(adjustments: [11 => new Adjustment(Money::of('-50', Currency::of('EUR')))]),
        ['price.below-zero 2'],
    ],
    'a sale below cost' => [
        fn() => complete(
            (new Details())->withWhole(DetailKind::Sale, '39.00 - -')->withWhole(DetailKind::Cost, '40.00'),
        ),
        ['sale.below-cost 4'],
    ],
    'sale and cost' => [
        fn() => complete(
            (new Details())
                ->withWhole(DetailKind::Sale, '49.00 - -')
                ->with(
                    DetailKind::Cost,
                    Reach::of(Clause::of([Samples::COLOR => [11]])),
                    '60.00',
                    Samples::smock(['Moss', 'Clay'], ['S', 'M'], []),
                ),
        ),
        ['sale.not-below 4', 'price.below-cost 2'],
    ],
    'orders' => [
        fn() => complete((new Details())->withWhole(DetailKind::Least, '5')->withWhole(DetailKind::Most, '3')),
        ['order.impossible 4'],
    ],
    'counted together' => [
        fn() => complete((new Details())->withWhole(DetailKind::Counting, 'product')),
        ['stock.not-counted 4'],
    ],
    'not counted at all' => [fn() => complete((new Details())->withWhole(DetailKind::Counting, 'none')), []],
]);

it('says each finding in words', function (): void {
    foreach (DetailCheck::cases() as $check) {
        expect($check->inWords(2))->not->toBe('')->and($check->severity())->not->toBeNull();
    }
    expect(DetailCheck::NoPrice->inWords(1))->toBe('1 SKU without a price');
});

it('keeps facts by their kind', function (FactKind $kind, string $typed, string $kept): void {
    expect($kind->read($typed))->toBe($kept);
})->with([
    [FactKind::Text, ' cotton  canvas, 320 g/m² ', 'cotton canvas, 320 g/m²'],
    [FactKind::Number, '1 320,50', '1320.5'],
    [FactKind::Number, '1200', '1200'],
    [FactKind::Number, '-4', '-4'],
    [FactKind::YesNo, 'Yes', 'yes'],
    [FactKind::YesNo, '0', 'no'],
    [FactKind::Many, 'hand wash, Hand Wash;line dry|', 'hand wash, line dry'],
    [FactKind::Many, ' ', ''],
]);

it('refuses facts that are not of their kind', function (): void {
    expect(fn() => FactKind::YesNo->read('perhaps'))
        ->toThrow(UnreadableDetail::class, 'neither yes nor no')
        ->and(fn() => FactKind::Number->read('many'))
        ->toThrow('is not a number')
        ->and(fn() => FactKind::Many->read(implode(',', range(1, 31))))
        ->toThrow(UnreadableDetail::class, 'up to 30 entries');
});

it('knows formatted text from plain, and gives either as the other', function (): void {
    $formatted = new Description(
        '<p>Deep <strong>pockets</strong> &amp; cuffs</p><p>[picture 12]</p><ul><li>Washed</li><li>Pressed</li></ul>',
    );

    expect($formatted->isFormatted())
        ->toBeTrue()
        ->and($formatted->plain())
        ->toBe("Deep pockets & cuffs\nWashed\nPressed")
        ->and($formatted->parts())
        ->toBe(['<p>Deep <strong>pockets</strong> &amp; cuffs</p>', 12, '<ul><li>Washed</li><li>Pressed</li></ul>'])
        ->and((new Description("1 < 2 & more\n\nlines"))->formatted())
        ->toBe('<p>1 &lt; 2 &amp; more</p><p>lines</p>')
        ->and((new Description("One\n[picture 3]\nTwo"))->parts())
        ->toBe(['One', 3, 'Two'])
        ->and((new Description(' '))->formatted())
        ->toBe(' ');
});
