<?php

declare(strict_types=1);

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\SleepingAxis;
use Core\Matrix\Value;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\Selection;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Tests\Core\Color\Samples;
use Tests\Core\Product\RandomProduct;

/** @return list<string> */
function keysOf(Reach $reach, Matrix $matrix): array
{
    return array_map(fn(Combination $cell): string => $cell->key, $reach->among($matrix->combinations()));
}

it('covers by clause; an axis not named is free; a clause on an axis the cell lacks covers nothing', function (): void {
    $cell = Combination::of([1 => 11, 2 => 22]);
    expect(Reach::everything()->covers($cell))
        ->toBeTrue()
        ->and(Reach::nothing()->covers($cell))
        ->toBeFalse()
        ->and(Reach::fromArrays([[1 => [11]]])->covers($cell))
        ->toBeTrue()
        ->and(Reach::fromArrays([[1 => [12]], [2 => [22]]])->covers($cell))
        ->toBeTrue()
        ->and(Reach::fromArrays([[1 => [11], 3 => [31]]])->covers($cell))
        ->toBeFalse();
});

it('joins neighbors and drops what is inside another clause', function (array $clauses, array $expected): void {
    expect(Reach::fromArrays($clauses)->toArrays())->toBe($expected);
})->with([
    'two colors' => [[[1 => [11]], [1 => [12]]], [[1 => [11, 12]]]],
    'inside' => [[[1 => [11]], [1 => [11], 2 => [21]]], [[1 => [11]]]],
    'everything swallows' => [[[1 => [11]], []], [[]]],
    'nothing vanishes' => [[[1 => []]], []],
    'chain of joins' => [
        [[1 => [11], 2 => [21]], [1 => [12], 2 => [22]], [1 => [12], 2 => [21]], [1 => [11], 2 => [22]]],
        [[1 => [11, 12], 2 => [21, 22]]],
    ],
]);

it('says cells in the fewest clauses a person would', function (array $pick, string $words): void {
    $matrix = Samples::smock(leftOut: Reach::fromArrays([[1 => [13], 2 => [21]]]));
    $made = $matrix->offered();
    $chosen = array_map(Combination::fromKey(...), $pick);
    $reach = (new Simplifier())->fromCells($chosen, $made, $matrix);
    expect((new Wording())->say($reach, $matrix))->toBe($words);
})->with([
    'a row' => [['1:11,2:21', '1:11,2:22', '1:11,2:23', '1:11,2:24'], 'Moss'],
    'a row with a cell left out' => [['1:13,2:22', '1:13,2:23', '1:13,2:24'], 'Slate'],
    'a column' => [['1:11,2:22', '1:12,2:22', '1:13,2:22'], 'M'],
    'one cell' => [['1:12,2:23'], 'Clay, L'],
    'a row and a cell' => [['1:11,2:21', '1:11,2:22', '1:11,2:23', '1:11,2:24', '1:12,2:24'], 'Moss; Clay, XL'],
    'a block' => [['1:11,2:23', '1:11,2:24', '1:12,2:23', '1:12,2:24'], 'Moss and Clay, L and XL only'],
    'a run of sizes' => [['1:11,2:22', '1:11,2:23', '1:11,2:24'], 'Moss, M–XL only'],
    'nothing' => [[], 'not linked'],
]);

it('says the whole product where every made cell is chosen', function (): void {
    $matrix = Samples::smock(leftOut: Reach::fromArrays([[1 => [13], 2 => [21]]]));
    $reach = (new Simplifier())->fromCells($matrix->offered(), $matrix->offered(), $matrix);
    expect($reach->isEverything())->toBeTrue();
});

it('says all values but one', function (): void {
    $matrix = Samples::smock(['Moss', 'Clay', 'Slate', 'Oat', 'Ink'], ['S']);
    expect((new Wording())->say(Reach::fromArrays([[1 => [11, 12, 14, 15]]]), $matrix))->toBe('every Color but Slate');
});

it('lies dormant on what the product does not have, and wakes again', function (): void {
    $reach = Reach::fromArrays([[1 => [13]], [1 => [11], 2 => [21]]]);
    $two = Samples::smock(['Moss', 'Clay']);
    expect($reach->activeIn($two)->toArrays())
        ->toBe([[1 => [11], 2 => [21]]])
        ->and($reach->dormantIn($two)->toArrays())
        ->toBe([[1 => [13]]])
        ->and($reach->activeIn(Samples::smock())->equals($reach))
        ->toBeTrue()
        ->and(
            (new Simplifier())
                ->simplify($reach, $two)
                ->activeIn(Samples::smock())
                ->covers(Combination::of([1 => 13, 2 => 22])),
        )
        ->toBeTrue();
});

dataset('reach seeds', range(1, 300));

it('unites, cuts and subtracts as sets of cells do', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Matrix::of(Samples::matrix($random, 4, 4)->axes);
    $a = Samples::reach($random, $matrix);
    $b = Samples::reach($random, $matrix);
    $inA = keysOf($a, $matrix);
    $inB = keysOf($b, $matrix);
    expect(keysOf($a->union($b), $matrix))
        ->toEqualCanonicalizing(array_values(array_unique([...$inA, ...$inB])))
        ->and(keysOf($a->cut($b), $matrix))
        ->toEqualCanonicalizing(array_values(array_intersect($inA, $inB)))
        ->and(keysOf($a->subtract($b, $matrix), $matrix))
        ->toEqualCanonicalizing(array_values(array_diff($inA, $inB)));
})->with('reach seeds');

it('changes no cell by simplifying, and finds back a set of cells exactly', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 4, 4);
    $made = $matrix->offered();
    $reach = Samples::reach($random, $matrix);
    $simplifier = new Simplifier();
    $simple = $simplifier->pointedAt($reach, $made, $matrix);
    expect($simple->among($made))->toEqual($reach->among($made));
    $chosen = array_values(array_filter($made, fn(): bool => $random->getInt(0, 1) === 1));
    $found = $simplifier->fromCells($chosen, $made, $matrix);
    expect($found->among($made))
        ->toEqual($chosen)
        ->and(count($found->clauses))
        ->toBeLessThanOrEqual(max(1, count($chosen)));
})->with('reach seeds');

it('knows when two reaches are the same clauses', function (): void {
    expect(Reach::fromArrays([[1 => [11]], [2 => [21]]])->equals(Reach::fromArrays([[2 => [21]], [1 => [11]]])))
        ->toBeTrue()
        ->and(Reach::of(Clause::everything())->isEverything())
        ->toBeTrue();
});

it('leaves an axis free where all its values are named, but keeps its only value named', function (
    array $clauses,
    array $colors,
    array $after,
): void {
    $matrix = Samples::smock($colors, ['S', 'M']);
    $simple = (new Simplifier())->simplify(Reach::fromArrays($clauses), $matrix);
    expect($simple->toArrays())->toBe($after);
})->with([
    'all colors in one size' => [[[1 => [11, 12], 2 => [21]]], ['Moss', 'Clay'], [[2 => [21]]]],
    'all sizes of a color' => [[[1 => [11], 2 => [21]], [1 => [11], 2 => [22]]], ['Moss', 'Clay'], [[1 => [11]]]],
    'everything, cell by cell' => [
        [[1 => [11], 2 => [21]], [1 => [11], 2 => [22]], [1 => [12], 2 => [21]], [1 => [12], 2 => [22]]],
        ['Moss', 'Clay'],
        [[]],
    ],
    'the only color' => [[[1 => [11]]], ['Moss'], [[1 => [11]]]],
    'the only color in all sizes' => [[[1 => [11], 2 => [21, 22]]], ['Moss'], [[1 => [11]]]],
]);

it('says thousands of scattered cells in a time that grows with their number (4,976 took 61 s)', function (): void {
    $matrix = Matrix::of(
        array_map(
            fn(int $id, int $count): Axis => new Axis(
                $id,
                "Axis {$id}",
                AxisKind::Other,
                array_map(fn(int $at): Value => new Value($id * 1_000 + $at, "V{$id}-{$at}"), range(1, $count)),
            ),
            [1, 2, 3, 4],
            [25, 20, 10, 2],
        ),
    );
    $random = Samples::random(5);
    $cells = $matrix->combinations();
    $chosen = array_slice(array_values(array_filter($cells, fn(): bool => $random->getInt(0, 1) === 1)), 0, 4_976);
    $reach = Reach::of(...array_map(fn(Combination $cell): Clause => Clause::at($cell), $chosen));
    $pointed = (new Simplifier())->pointedAt($reach, $cells, $matrix);
    $words = (new Wording())->say($pointed, $matrix);
    expect($pointed->among($cells))
        ->toEqual($chosen)
        ->and(count($reach->clauses))
        ->toBeLessThan(1_000)
        ->and($words)
        ->toEndWith(' more places')
        ->and(
            (new Simplifier())
                ->simplify($reach->subtract(Reach::of(Clause::at($chosen[0])), $matrix), $matrix)
                ->among($cells),
        )
        ->toEqual(array_slice($chosen, 1));
});

it('covers by looking up what it covers by asking each clause', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 4, 4);
    $reach = Samples::reach($random, $matrix, 30);
    $cells = $matrix->combinations();
    expect($reach->among($cells))->toEqual(array_values(array_filter($cells, $reach->covers(...))));
})->with(range(1, 100));

it('selects the part that a combination names by the key that is read back as the same', function (
    array $values,
    string $key,
): void {
    $selection = Selection::at(Combination::of($values));
    expect($selection->key())->toBe($key)->and(Selection::fromKey($key))->toEqual($selection);
})->with([
    'the whole product' => [[], '*'],
    'a row' => [[1 => 11], '1:11'],
    'a cell' => [[2 => 21, 1 => 11], '1:11,2:21'],
]);

it('is simplified once and for all, also where an axis sleeps', function (int $seed): void {
    $random = Samples::random($seed);
    $state = (new RandomProduct($random, RandomProduct::library($random)))->state();
    $simplifier = new Simplifier();
    foreach ($state->pictures as $at => $picture) {
        $other = $state->pictures[($at + 1) % count($state->pictures)];
        $simple = $simplifier->simplify($picture->reach->union($other->hidden), $state->matrix);
        expect($simplifier->simplify($simple, $state->matrix)->toArrays())->toBe($simple->toArrays());
    }
})->with(range(1, 60));

it(
    'leaves an axis free that is named in full once another is free (it named all values of Color, of which none was missing)',
    function (): void {
        $color = new Axis(2, 'Color', AxisKind::Color, [new Value(21, 'Moss'), new Value(22, 'Clay')]);
        $matrix = Matrix::of([$color], sleeping: [new SleepingAxis(4, [41, 42], 41)]);
        $reach = Reach::fromArrays([[2 => [21], 4 => [41, 42]], [2 => [22]]]);
        expect((new Simplifier())->simplify($reach, $matrix)->equals(Reach::everything()))->toBeTrue();
    },
);
