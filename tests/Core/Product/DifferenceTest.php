<?php

declare(strict_types=1);

use Core\Details\Fact;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\View;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\SkuState;
use Core\Matrix\Value;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Difference\Difference;
use Core\Product\Difference\DifferenceWording;
use Core\Product\Difference\Remark;
use Core\Product\LibraryRef;
use Core\Product\ProductDetails;
use Core\Product\ProductState;
use Core\Product\Sku;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

function smockSku(string $code, Combination $cell, bool $isMade, string $price, ?int $stock): Sku
{
    return new Sku(
        0,
        $cell,
        $isMade ? SkuState::Made : SkuState::Retired,
        $code,
        $price === '' ? null : Money::of($price, Currency::of('EUR')),
        $stock,
    );
}

/**
 * @param  array<int, Sku>  $skus  by id
 * @return list<Sku>
 */
function withIds(array $skus): array
{
    return array_map(
        fn(int $id, Sku $sku): Sku => new Sku($id, $sku->cell, $sku->state, $sku->code, $sku->price, $sku->stock),
        array_keys($skus),
        $skus,
    );
}

/** @param  array<string, string>  $facts  name => what it says */
function smockDetails(string $name = 'Smock', array $facts = []): ProductDetails
{
    $said = array_map(fn(string $fact, string $value): Fact => new Fact(0, $fact, $value), array_keys($facts), $facts);

    return new ProductDetails(
        $name,
        'SMOCK',
        Currency::of('EUR'),
        basePrice: Money::of('49', Currency::of('EUR')),
        facts: $said,
    );
}

/** The same picture, of a photo that is kept, under an id of its own or a new one. */
function photographed(Placement $placement, int $photoId, ?int $id = null): Placement
{
    return new Placement(
        $id ?? $placement->id,
        $placement->file,
        $placement->reach,
        $placement->hidden,
        $placement->view,
        $placement->roles,
        $placement->altText,
        photoId: $photoId,
    );
}

/** A smock in two colors, a SKU in each, and two pictures; the arguments say what is different. */
function smockState(
    ?Matrix $matrix = null,
    array $skus = [],
    array $pictures = [],
    ?ProductDetails $details = null,
): ProductState {
    $pictures += [
        1 => Samples::placement(1, Reach::fromArrays([[1 => [11]]]), View::usual('front'), [Role::Lead]),
        2 => Samples::placement(2, Reach::everything(), View::usual('size guide')),
    ];
    ksort($pictures);

    return new ProductState(
        $details ?? smockDetails(),
        $matrix ?? Samples::smock(['Moss', 'Clay'], ['S', 'M']),
        withIds(
            array_filter(
                $skus + [
                    1 => smockSku('A-1', Combination::of([1 => 11, 2 => 21]), true, '49.00', 10),
                    2 => smockSku('A-2', Combination::of([1 => 12, 2 => 21]), true, '49.00', 10),
                ],
            ),
        ),
        array_map(
            fn(Placement $placement): Placement => photographed($placement, 100 + $placement->id),
            array_values(array_filter($pictures)),
        ),
    );
}

/** @return list<string> */
function differences(ProductState $before, ProductState $after): array
{
    return array_map(
        fn(Remark $remark): string => "{$remark->section->value}: {$remark->words}",
        (new DifferenceWording())->remarks(Difference::between($before, $after)),
    );
}

it('finds nothing between a state and itself', function (): void {
    expect(differences(smockState(), smockState()))->toBe([]);
});

it('says what is different', function (ProductState $after, array $words): void {
    expect(differences(smockState(), $after))->toBe($words);
})->with([
    'details' => fn() => [
        smockState(details: smockDetails('Smock II', ['Lining' => 'cotton'])),
        ['Details: Name: Smock → Smock II', 'Details: Fact Lining: none → cotton'],
    ],
    'a value more' => fn() => [
        smockState(Samples::smock(['Moss', 'Clay', 'Oat'], ['S', 'M'])),
        ['Axes and values: Color has Oat more'],
    ],
    'a value less' => fn() => [
        smockState(Samples::smock(['Moss'], ['S', 'M'])),
        ['Axes and values: Color has no Clay any more'],
    ],
    'an axis more' => fn() => [
        smockState(Samples::smock(['Moss', 'Clay'], ['S', 'M'], ['Wrap'])),
        ['Axes and values: Style is new, with Wrap'],
    ],
    'an axis less' => fn() => [
        smockState(Samples::smock(['Moss', 'Clay'], [])),
        ['Axes and values: Size is gone; it had S, M'],
    ],
    'a label' => fn() => [
        smockState(Samples::smock(['Forest', 'Clay'], ['S', 'M'])),
        ['Axes and values: Color Moss is called Forest'],
    ],
    'an order' => fn() => [
        smockState(
            Matrix::of([
                Samples::smock(['Moss', 'Clay'])->axes[0]->with([new Value(12, 'Clay'), new Value(11, 'Moss')]),
                Samples::smock(sizes: ['S', 'M'])->axes[1],
            ]),
        ),
        ['Axes and values: Color stands in another order: Clay, Moss'],
    ],
    'left out' => fn() => [
        smockState(Samples::smock(['Moss', 'Clay'], ['S', 'M'], leftOut: Reach::fromArrays([[1 => [12], 2 => [22]]]))),
        ['Axes and values: Left out: none → Clay, M'],
    ],
    'a SKU retired' => fn() => [
        smockState(skus: [2 => smockSku('A-2', Combination::of([1 => 12, 2 => 21]), false, '49.00', 10)]),
        ['SKUs: A-2 retired'],
    ],
    'a SKU moved, with all else' => fn() => [
        smockState(skus: [2 => smockSku('B-9', Combination::of([1 => 12, 2 => 22]), true, '54.00', 3)]),
        ['SKUs: B-9 from Clay, S to Clay, M, code A-2 → B-9, price 49.00 → 54.00, stock 10 → 3'],
    ],
    'a SKU new' => fn() => [
        smockState(skus: [3 => smockSku('A-3', Combination::of([1 => 12, 2 => 22]), true, '', 0)]),
        ['SKUs: A-3 new: Clay, M'],
    ],
    'a SKU not there yet' => fn() => [smockState(skus: [2 => null]), ['SKUs: A-2 not made yet']],
    'a picture elsewhere' => fn() => [
        smockState(pictures: [1 => Samples::placement(1, Reach::fromArrays([[1 => [12]]]), View::usual('back'))]),
        ['Pictures: p1.jpg: linked to Moss → Clay, view front → back, roles Lead → none'],
    ],
    'a picture hidden and described' => fn() => [
        smockState(
            pictures: [
                2 => new Placement(
                    2,
                    'p2.jpg',
                    Reach::everything(),
                    Reach::fromArrays([[2 => [21]]]),
                    View::usual('size guide'),
                    [],
                    'Sizes',
                ),
            ],
        ),
        ['Pictures: p2.jpg: hidden from none → S, alt text none → Sizes'],
    ],
    'a picture gone, one new' => fn() => [
        smockState(pictures: [2 => null, 3 => Samples::placement(3, Reach::fromArrays([[1 => [12]]]))]),
        ['Pictures: p2.jpg: not in the product', 'Pictures: p3.jpg: new, Clay'],
    ],
]);

it('says together what changed in the same way', function (): void {
    $sold = fn(int $stock): array => [
        1 => smockSku('A-1', Combination::of([1 => 11, 2 => 21]), true, '49.00', $stock),
        2 => smockSku('A-2', Combination::of([1 => 12, 2 => 21]), true, '49.00', $stock),
        3 => smockSku('A-3', Combination::of([1 => 12, 2 => 22]), true, '49.00', 4),
    ];
    expect(differences(smockState(skus: $sold(9)), smockState(skus: $sold(2))))->toBe([
        'SKUs: 2 SKUs stock 9 → 2: A-1, A-2',
    ]);
    $many = [];
    foreach (range(1, 20) as $id) {
        $many[$id] = smockSku("M-{$id}", Combination::of([1 => 11, 2 => 21]), true, '', 1);
    }
    $retired = array_map(fn(Sku $sku): Sku => smockSku($sku->code, $sku->cell, false, '', 1), $many);
    expect(differences(smockState(skus: $many), smockState(skus: $retired)))->toBe([
        'SKUs: 20 SKUs retired: M-1, M-2, M-3, M-4, M-5, M-6, M-7, M-8, M-9, M-10, M-11, M-12 and 8 more',
    ]);
});

it('says that pictures stand in another order', function (): void {
    $state = smockState();
    $turned = new ProductState($state->details, $state->matrix, $state->skus, array_reverse($state->pictures));
    expect(differences($state, $turned))->toBe(['Pictures: The pictures stand in another order: p2.jpg, p1.jpg']);
});

it('finds a difference forth where it finds one back', function (int $seed): void {
    $random = Samples::random($seed);
    $state = function () use ($random): ProductState {
        $matrix = Samples::matrix($random, 2, 3);
        $skus = [];
        foreach ($matrix->offered() as $at => $cell) {
            $skus[$at] = smockSku(
                "S-{$at}",
                $cell,
                $random->getInt(0, 3) > 0,
                (string) $random->getInt(10, 12),
                $random->getInt(0, 2),
            );
        }

        return new ProductState(smockDetails('N' . $random->getInt(0, 2)), $matrix, withIds($skus));
    };
    [$one, $other] = [$state(), $state()];
    $sections = fn(array $words): array => array_values(
        array_unique(array_map(fn(string $line): string => explode(':', $line)[0], $words)),
    );
    expect($sections(differences($one, $other)))
        ->toEqualCanonicalizing($sections(differences($other, $one)))
        ->and(differences($one, $one))
        ->toBe([]);
})->with(range(1, 60));

it('is none exactly where two states are the same, and says what it was about', function (): void {
    expect(Difference::between(smockState(), smockState())->isNone())->toBeTrue();
    $eur = Currency::of('EUR');
    $cases = [
        'price' => smockState(details: new ProductDetails('Smock', 'SMOCK', $eur, basePrice: Money::of('50', $eur))),
        'what shoppers see first' => smockState(
            details: new ProductDetails('Smock', 'SMOCK', $eur, basePrice: Money::of('49', $eur), openings: [1 => 12]),
        ),
        'shot list' => smockState(
            details: new ProductDetails(
                'Smock',
                'SMOCK',
                $eur,
                basePrice: Money::of('49', $eur),
                shotList: new LibraryRef(3, 'Garments'),
            ),
        ),
        'axes' => smockState(Samples::smock(['Clay', 'Moss'], ['S', 'M'])),
        '1 SKU' => smockState(skus: [2 => smockSku('A-2', Combination::of([1 => 12, 2 => 21]), true, '49.00', null)]),
        '1 picture' => smockState(
            pictures: [
                1 => Samples::placement(1, Reach::fromArrays([[1 => [11]], [9 => [91]]]), View::usual('front'), [
                    Role::Lead,
                ]),
            ],
        ),
    ];
    foreach ($cases as $words => $state) {
        $difference = Difference::between(smockState(), $state);
        expect($difference->isNone())
            ->toBeFalse($words)
            ->and((new DifferenceWording())->summary($difference))
            ->toBe($words);
    }
});

it('holds a wanted state without ids against what is there: SKUs by cell, pictures by photo', function (): void {
    $is = smockState();
    $wanted = new ProductState(
        $is->details,
        $is->matrix,
        array_map(
            fn(Sku $sku): Sku => new Sku(0, $sku->cell, $sku->state, $sku->code, $sku->price, $sku->stock),
            array_reverse($is->skus),
        ),
        array_map(
            fn(Placement $picture): Placement => photographed($picture, $picture->photoId, -$picture->id),
            $is->pictures,
        ),
    );
    expect(Difference::between($is, $wanted)->isNone())->toBeTrue();
    $new = new ProductState($is->details, $is->matrix, [], []);
    expect(Difference::between($new, $wanted)->skus)
        ->toHaveCount(2)
        ->and(Difference::between($new, $wanted)->pictures)
        ->toHaveCount(2);
});
