<?php

declare(strict_types=1);

use Core\Codes\ValueCode;
use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Sequence\Order;
use Core\Gallery\UnknownChoice;
use Core\Gallery\View;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Typed\RepeatedValue;
use Core\Matrix\Typed\ValueReader;
use Core\Matrix\Value;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Simplifier;
use Core\Reach\TypedSelection;
use Core\Reach\Wording;
use Core\Sizes\ShoeSize;
use Core\Sizes\SizeGuide;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeRun;
use Core\Text\Name;
use Tests\Core\Color\Samples;

/*
 * Faults of the core that were found by trying. Each name says what went wrong before, in brackets.
 */

it('orders what is measured, worn and typed in several families at once (typed order was kept)', function (
    array $typed,
    array $ordered,
): void {
    expect((new SizeOrder())->sort($typed))->toBe($ordered);
})->with([
    'liters beside milliliters' => [['1 l', '500 ml', '1.5 l', '75 cl'], ['500 ml', '75 cl', '1 l', '1.5 l']],
    'kilos beside grams' => [['1 kg', '250 g', '0,5 kg', '2kg'], ['250 g', '0,5 kg', '1 kg', '2kg']],
    'toddlers' => [['4T', '2T', '3T'], ['2T', '3T', '4T']],
    'women’s plus' => [['3X', '1X', '2X'], ['1X', '2X', '3X']],
    'tall after plain' => [['S Tall', 'M', 'S', 'M Tall'], ['S', 'S Tall', 'M', 'M Tall']],
    'waist and leg' => [['W30 L32', 'W28 L34', 'W28 L30'], ['W28 L30', 'W28 L34', 'W30 L32']],
    'newborn first' => [['3–6 M', 'Newborn', '0–3 M'], ['Newborn', '0–3 M', '3–6 M']],
    'numbers beside letters' => [['L', '38', 'S', '36', 'M'], ['S', 'M', 'L', '36', '38']],
    'leading zeros' => [['4', '0', '00', '2'], ['00', '0', '2', '4']],
    'half years' => [['3 Y', '2.5 Y', '2 Y'], ['2 Y', '2.5 Y', '3 Y']],
    'dimensions by their first measure' => [
        ['135x200 cm', '90 x 190', '160x200 cm', '90×200'],
        ['90 x 190', '90×200', '135x200 cm', '160x200 cm'],
    ],
    'unknown words keep their place after all' => [
        ['135x200 cm', 'Tiny', '90 x 190', 'Vast', '160x200 cm'],
        ['90 x 190', '135x200 cm', '160x200 cm', 'Tiny', 'Vast'],
    ],
]);

it(
    'sorts beds by dimension and by a run of the library, each among themselves (half was left unsorted)',
    function (): void {
        $beds = new SizeRun('Beds', ['Single', 'Double', 'King']);
        expect((new SizeOrder())->sort(['135x200 cm', '90 x 190', 'King', 'Single', '160x200 cm'], [$beds]))->toBe([
            '90 x 190',
            '135x200 cm',
            '160x200 cm',
            'Single',
            'King',
        ]);
    },
);

it('loses no size to another (00 was 0, and 2.5 Y was 2 Y)', function (string $typed): void {
    $read = (new ValueReader())->read($typed, AxisKind::Size);
    expect($read->doubles)->toBe([])->and($read->values)->toHaveCount(count(explode(', ', $typed)));
})->with(['00, 0, 2, 4', '2 Y, 2.5 Y, 3 Y', '2T, 3T', '36, 36.5, 36⅔']);

it('splits no number at its decimal comma (38,5 fell apart into 38 and 5)', function (
    string $typed,
    array $labels,
): void {
    expect((new ValueReader())->read($typed, AxisKind::Size)->labels())->toBe($labels);
})->with([
    ['38,5', ['38,5']],
    ['37,5 | 38 | 38,5', ['37,5', '38', '38,5']],
    ['0,5 l; 1 l', ['0,5 l', '1 l']],
    ['36, 37, 38', ['36', '37', '38']],
    ['36,37,38', ['36', '37', '38']],
    ['38,5, 39,5', ['38,5', '39,5']],
]);

it(
    'notices one name typed with and without spaces around a sign (Blue/Red and Blue / Red were two)',
    function (): void {
        expect((new ValueReader())->read('Blue/Red, Blue / Red, blue  /red', AxisKind::Color)->doubles)->toEqual([
            new RepeatedValue('Blue / Red', 'Blue/Red'),
            new RepeatedValue('blue /red', 'Blue/Red'),
        ]);
    },
);

it('offers what is nearly typed twice (Dusc beside Dusk was not noticed)', function (string $typed, array $near): void {
    expect(
        array_map(
            fn($miss): array => [$miss->typed, $miss->known],
            (new ValueReader())->read($typed, AxisKind::Color)->nearMisses,
        ),
    )->toBe($near);
})->with([
    ['Dusk, Moss, Dusc', [['Dusc', 'Dusk']]],
    ['Charcoal, Charcaol', [['Charcaol', 'Charcoal']]],
    // Of short words only where a single one is near.
    ['Dusk, Dust, Dusc', [['Dust', 'Dusk']]],
    ['Red, Rod', []],
]);

it('proposes a code that keeps what tells numbers apart (36⅔ had the code 3623)', function (
    string $name,
    string $code,
): void {
    expect(ValueCode::propose($name, []))->toBe($code);
})->with([['36⅔', '36-67'], ['36½', '36-5'], ['1/2', '1-2'], ['12', '12']]);

it('shows a name as it was typed, and compares it folded (36⅔ became 362⁄3, m² became m2)', function (): void {
    expect(
        array_map(fn(string $typed): string => Name::of($typed)->shown, [
            '36⅔',
            'm²',
            " Été\u{A0} bleu ",
            "Mo\u{200B}ss",
        ]),
    )
        ->toBe(['36⅔', 'm²', 'Été bleu', "Mo\u{200B}ss"])
        ->and(Name::of('m²')->is(Name::of('M2')))
        ->toBeTrue()
        ->and(Name::of('Rosé')->is(Name::of('Rose')))
        ->toBeFalse()
        ->and(Name::of('Straße')->is(Name::of('STRASSE')))
        ->toBeTrue()
        ->and(Name::of("Mo\u{200B}ss")->is(Name::of('Moss')))
        ->toBeTrue();
});

it('says no shoe size below the smallest there is (UK −1.5 for EU 30)', function (): void {
    foreach (range(15, 34) as $eu) {
        $size = ShoeSize::eu((string) $eu);
        expect($size->inUk() . $size->inUsMen())
            ->not->toContain('-')
            ->not->toContain('−');
    }
    expect(SizeGuide::of(new SizeRun('Small shoes', ['EU 30']))?->rows[0])->not->toContain('-1.5');
});

it('refuses a choice that the product does not have (it answered with the first value’s gallery)', function (
    array $choice,
): void {
    $matrix = Samples::smock();
    (new Galleries($matrix, $matrix->offered(), [Samples::placement(1, Reach::everything())]))->forChoice(
        Combination::of($choice),
    );
})
    ->with([[[Samples::COLOR => 99]], [[9 => 91]], [[Samples::COLOR => 11, Samples::SIZE => 11]]])
    ->throws(UnknownChoice::class);

it('turns a card that is pointed at to another picture (Hover was the very picture that is Card)', function (
    array $placements,
    ?int $hover,
    ?int $lead,
): void {
    $matrix = Samples::smock(['Moss'], ['S', 'M']);
    $gallery = (new Galleries($matrix, $matrix->offered(), $placements))->of($matrix->offered()[0]);
    expect($gallery->role(Role::Hover)->placement()?->id)
        ->toBe($hover)
        ->and($gallery->lead()?->id)
        ->toBe($lead);
})->with(function (): array {
    $all = Reach::everything();

    return [
        'the back is the Card already' => [
            [
                Samples::placement(1, $all, View::usual('back'), [Role::Card]),
                Samples::placement(2, $all, View::usual('front')),
            ],
            2,
            1,
        ],
        'only the Lead and a guide' => [
            [Samples::placement(1, $all, View::usual('front')), Samples::placement(2, $all, View::usual('size guide'))],
            null,
            1,
        ],
        'a guide stands first' => [
            [
                Samples::placement(1, $all, View::usual('size guide')),
                Samples::placement(2, $all, View::usual('worn')),
                Samples::placement(3, $all, View::usual('back')),
            ],
            3,
            2,
        ],
        'nothing but a guide' => [[Samples::placement(1, $all, View::usual('size guide'))], null, 1],
        'assigned, even to the Card' => [
            [
                Samples::placement(1, $all, View::usual('front'), [Role::Card, Role::Hover]),
                Samples::placement(2, $all, View::usual('back')),
            ],
            1,
            1,
        ],
    ];
});

it('breaks no gallery that matches already, and says which cannot match (a gallery that matched was broken)', function (
    int $seed,
): void {
    $random = Samples::random($seed);
    $matrix = Samples::smock();
    $made = $matrix->offered();
    $placements = array_map(
        fn(int $id): Placement => Samples::placement(
            $id,
            Samples::reach($random, $matrix, 2),
            [View::usual('front'), View::usual('back'), View::usual('detail')][$random->getInt(0, 2)],
        ),
        range(1, 8),
    );
    $galleries = new Galleries($matrix, $made, $placements);
    $chosen = $made[$random->getInt(0, count($made) - 1)];
    $views = fn(Galleries $of, Combination $cell): array => array_map(
        fn($entry): ?View => $entry->placement->view,
        $of->of($cell)->entries,
    );
    $matched = (new Order())->matchedTo($chosen, $placements, $made, $galleries);
    $byId = array_column($placements, null, 'id');
    $after = new Galleries($matrix, $made, array_map(fn(int $id): Placement => $byId[$id], $matched->order));
    $excepted = array_map(fn($mismatch): string => $mismatch->cell->key, $matched->mismatches);
    foreach ($made as $cell) {
        if ($views($galleries, $cell) === $views($galleries, $chosen)) {
            expect($views($after, $cell))->toBe($views($galleries, $chosen));
        } elseif (
            !in_array($cell->key, $excepted, true) &&
            count($views($galleries, $cell)) === count($views($galleries, $chosen))
        ) {
            // One that has the same views, each once, and no reason why not, has the sequence now.
            $sorted = fn(array $of): array => collectViews($of);
            if (
                $sorted($views($galleries, $cell)) === $sorted($views($galleries, $chosen)) &&
                count(array_unique($views($galleries, $cell), SORT_REGULAR)) === count($views($galleries, $cell))
            ) {
                expect($views($after, $cell))->toBe($views($galleries, $chosen));
            }
        }
    }
    expect($views($after, $chosen))->toBe($views($galleries, $chosen));
})->with(range(1, 150));

/**
 * @param  list<?View>  $views
 * @return list<string>
 */
function collectViews(array $views): array
{
    $names = array_map(fn(?View $view): string => $view->key ?? '', $views);
    sort($names);

    return $names;
}

it('reads back what it says of a selection (words were not what was selected)', function (int $seed): void {
    $random = Samples::random($seed);
    $labels = $random->shuffleArray([
        'Moss',
        'Clay',
        'Slate gray',
        'Oat and rye',
        'S',
        'M',
        'L',
        'XL',
        'Short',
        'Button up',
        '28',
        '30',
        'Ruled',
        'Zip',
        'Wool blend',
        '12',
    ]);
    $axes = [];
    foreach (range(1, $random->getInt(1, 3)) as $id) {
        $values = [];
        foreach (range(1, $random->getInt(2, 5)) as $at) {
            $values[] = new Value($id * 10 + $at, array_pop($labels));
        }
        $axes[] = new Axis(
            $id,
            ['Color', 'Size', 'Style'][$id - 1],
            $id === 2 ? AxisKind::Size : AxisKind::Other,
            $values,
            $id !== 2,
        );
    }
    $matrix = Matrix::of($axes);
    $cells = $matrix->combinations();
    $chosen = array_values(array_filter($cells, fn(): bool => $random->getInt(0, 2) > 0)) ?: [$cells[0]];
    $reach = (new Simplifier())->fromCells($chosen, $cells, $matrix);
    $words = (new Wording())->say($reach, $matrix);
    expect((new TypedSelection())->read($words, $matrix)->among($cells))->toEqual($reach->among($cells), $words);
})->with(range(1, 300));

it(
    'keeps the cells of a reach that are not made, however it is said in fewer words (cells that were not made dropped out)',
    function (int $seed): void {
        $random = Samples::random($seed);
        $matrix = Samples::matrix($random, 3, 4);
        $reach = Samples::reach($random, $matrix, 5);
        $simple = (new Simplifier())->simplify($reach, $matrix);
        expect($simple->among($matrix->combinations()))->toEqual($reach->among($matrix->combinations()));
        // What is pointed at may take in cells that are not made; it drops none and takes in no made one.
        $pointed = (new Simplifier())->pointedAt($reach, $matrix->offered(), $matrix);
        expect($pointed->among($matrix->offered()))->toEqual($reach->among($matrix->offered()));
        foreach ($reach->among($matrix->combinations()) as $cell) {
            expect($pointed->covers($cell))->toBeTrue();
        }
    },
)->with(range(1, 300));

it('changes no other cell by linking or unlinking somewhere, made or not', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 3, 4);
    $reach = Samples::reach($random, $matrix, 3);
    $values = [];
    foreach ($matrix->axes as $axis) {
        if ($random->getInt(0, 1) === 1) {
            $values[$axis->id] = [$axis->values[$random->getInt(0, $axis->count() - 1)]->id];
        }
    }
    $where = Reach::of(Clause::of($values));
    $simplifier = new Simplifier();
    foreach ([[$reach->union($where), true], [$reach->subtract($where, $matrix), false]] as [$changed, $there]) {
        $changed = $simplifier->simplify($changed, $matrix);
        foreach ($matrix->combinations() as $cell) {
            expect($changed->covers($cell))->toBe($where->covers($cell) ? $there : $reach->covers($cell));
        }
    }
})->with(range(1, 200));
