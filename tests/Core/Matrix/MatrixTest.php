<?php

declare(strict_types=1);

use Core\Matrix\Arithmetic;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\AxisWithoutValues;
use Core\Matrix\Combination;
use Core\Matrix\Factor;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixTooLarge;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Typed\DoubleValue;
use Core\Matrix\Typed\KnownValues;
use Core\Matrix\Typed\ValueReader;
use Core\Matrix\UnreadableKey;
use Core\Matrix\Value;
use Core\Matrix\ValueToChoose;
use Core\Reach\Reach;
use Core\Text\EditDistance;
use Core\Text\Name;
use Tests\Core\Color\Samples;

function bigAxis(int $id, int $values): Axis
{
    return new Axis(
        $id,
        "Axis {$id}",
        AxisKind::Other,
        array_map(fn(int $at): Value => new Value($id * 1000 + $at, "V{$at}"), range(1, $values)),
    );
}

it('gives a combination the same key whatever the order of its axes', function (): void {
    expect(Combination::of([2 => 22, 1 => 11])->key)
        ->toBe('1:11,2:22')
        ->and(Combination::of([1 => 11, 2 => 22])->key)
        ->toBe('1:11,2:22')
        ->and(Combination::fromKey('2:22,1:11')->key)
        ->toBe('1:11,2:22')
        ->and(Combination::fromKey('')->values)
        ->toBe([]);
});

it('refuses a key that is none', function (string $key): void {
    Combination::fromKey($key);
})
    ->with(['x', '1:', '1:2,', '1:2,1:3', '1:2;2:3'])
    ->throws(UnreadableKey::class);

it('takes combinations apart', function (): void {
    $cell = Combination::of([1 => 11, 2 => 22, 3 => 31]);
    expect($cell->without(2)->key)
        ->toBe('1:11,3:31')
        ->and($cell->with(2, 23)->key)
        ->toBe('1:11,2:23,3:31')
        ->and($cell->on([1, 9])->key)
        ->toBe('1:11')
        ->and($cell->includes(Combination::of([3 => 31])))
        ->toBeTrue()
        ->and($cell->includes(Combination::of([3 => 32])))
        ->toBeFalse()
        ->and($cell->value(9))
        ->toBeNull();
});

it('has one cell without axes and none where an axis is empty', function (): void {
    expect(Matrix::of([])->cellCount())
        ->toBe(1)
        ->and(Matrix::of([])->combinations()[0]->key)
        ->toBe('')
        ->and(Matrix::of([new Axis(1, 'Color', AxisKind::Color, [])])->combinations())
        ->toBe([]);
});

it('holds 10,000 cells and refuses one more, with the count and the limit', function (): void {
    expect(Matrix::of([bigAxis(1, 100), bigAxis(2, 100)])->combinations())->toHaveCount(10_000);
    expect(fn() => Matrix::of([bigAxis(1, 10_001)]))->toThrow(
        MatrixTooLarge::class,
        '10,001 cells; a product can have 10,000',
    );
    expect(fn() => Matrix::of(array_map(fn(int $id): Axis => bigAxis($id, 1), range(1, 7))))->toThrow(
        MatrixTooLarge::class,
        '7 axes',
    );
});

it('refuses a value twice on one axis', function (): void {
    new Axis(1, 'Color', AxisKind::Color, [new Value(5, 'Moss'), new Value(5, 'Moss')]);
})->throws(DoubleValue::class, '“Moss” stands twice on Color');

it('leaves out by rules, and counts aloud', function (): void {
    $leftOut = Reach::fromArrays([[Samples::STYLE => [32], Samples::SIZE => [24]]]);
    $matrix = Samples::smock(styles: ['Buttoned', 'Pullover'], leftOut: $leftOut);
    expect($matrix->offered())
        ->toHaveCount(21)
        ->and($matrix->isOffered(Combination::of([1 => 11, 2 => 24, 3 => 32])))
        ->toBeFalse()
        ->and($matrix->isOffered(Combination::of([1 => 11, 2 => 24, 3 => 31])))
        ->toBeTrue()
        ->and($matrix->isCell(Combination::of([1 => 11, 2 => 24])))
        ->toBeFalse()
        ->and($matrix->isCell(Combination::of([1 => 99, 2 => 24, 3 => 31])))
        ->toBeFalse()
        ->and(Arithmetic::of($matrix)->inWords())
        ->toBe('3 colors × 4 sizes × 2 styles = 24 cells − 3 left out = 21 SKUs')
        ->and(Arithmetic::of(Samples::smock())->inWords())
        ->toBe('3 colors × 4 sizes = 12 SKUs')
        ->and(Arithmetic::of(Matrix::of([]))->inWords())
        ->toBe('No axes: 1 SKU');
});

it('says how many in the plural', function (int $count, string $axis, string $words): void {
    expect((new Factor($count, $axis))->inWords())->toBe($words);
})->with([
    [1, 'Size', '1 size'],
    [2, 'Size', '2 sizes'],
    [2, 'Finish', '2 finishes'],
    [3, 'Category', '3 categories'],
    [2, 'Inlay', '2 inlays'],
]);

it('lists cells by the order of the product', function (): void {
    $matrix = Matrix::of(array_reverse(Samples::smock(['Moss', 'Clay'], ['S', 'M'])->axes));
    $ordered = $matrix->inOrder($matrix->combinations());
    expect(array_map(fn(Combination $cell): array => array_values($matrix->choice($cell)), $ordered))->toBe([
        ['S', 'Moss'],
        ['S', 'Clay'],
        ['M', 'Moss'],
        ['M', 'Clay'],
    ]);
});

it('asks for a home, a survivor and at least one value', function (): void {
    $plain = Samples::smock();
    $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
    expect(fn() => new MatrixChange($plain, $styled))
        ->toThrow(ValueToChoose::class, 'which Style the SKUs of today belong to')
        ->and(fn() => new MatrixChange($styled, $plain, survivors: [3 => 99]))
        ->toThrow(ValueToChoose::class, 'which Style stays')
        ->and(fn() => new MatrixChange($plain, Matrix::of([new Axis(1, 'Color', AxisKind::Color, [])])))
        ->toThrow(AxisWithoutValues::class);
});

it('reads values typed in one go', function (): void {
    $read = (new ValueReader())->read(
        "Moss, clay|Slate;Oat\tInk\n Moss ,, MOSS",
        AxisKind::Color,
        new KnownValues([1 => 'Moss', 2 => 'Clay']),
    );
    expect($read->labels())
        ->toBe(['Moss', 'Clay', 'Slate', 'Oat', 'Ink'])
        ->and(array_map(fn($double): string => $double->typed, $read->doubles))
        ->toBe(['Moss', 'MOSS'])
        ->and($read->nearMisses)
        ->toBe([]);
});

it('folds full-width letters and odd spaces', function (): void {
    expect(Name::of("Ｍｏｓｓ\u{00A0} Green ")->is(Name::of('moss green')))
        ->toBeTrue()
        ->and(Name::of('STRASSE')->is(Name::of('Straße')))
        ->toBeTrue();
});

it('offers the library value that a typed one is close to, and does not replace it', function (
    string $typed,
    AxisKind $kind,
    array $library,
    ?string $close,
): void {
    $read = (new ValueReader())->read($typed, $kind, new KnownValues($library, [], [], $kind));
    expect($read->labels())
        ->toBe([$typed])
        ->and($read->nearMisses[0]->known ?? null)
        ->toBe($close);
})->with([
    'size by another name' => ['Lg', AxisKind::Size, ['S', 'M', 'L'], 'L'],
    '2XL is XXL' => ['2XL', AxisKind::Size, ['XL', 'XXL'], 'XXL'],
    'one letter wrong' => ['Charcaol', AxisKind::Color, ['Charcoal'], 'Charcoal'],
    'joined words' => ['DarkMoss', AxisKind::Color, ['Dark Moss'], 'Dark Moss'],
    'short words are not close' => ['Oak', AxisKind::Color, ['Oat'], null],
    'neighboring sizes are not close' => ['37', AxisKind::Size, ['36', '38'], null],
]);

it('takes one size under two names for a double', function (): void {
    expect((new ValueReader())->read('XL, XXL, 2XL', AxisKind::Size)->doubles[0]->inWords())->toBe(
        '“2XL” is XXL, which stands here already; counted once.',
    );
});

it('knows one slip of the hand', function (string $a, string $b, bool $close): void {
    expect(EditDistance::atMostOne($a, $b))->toBe($close)->and(EditDistance::atMostOne($b, $a))->toBe($close);
})->with([
    ['moss', 'moss', true],
    ['moss', 'mos', true],
    ['moss', 'mess', true],
    ['moss', 'msos', true],
    ['moss', 'mass', true],
    ['moss', 'mas', false],
    ['moss', 'masse', false],
    ['', 'a', true],
    ['ab', 'ba', true],
    ['abc', 'cab', false],
]);

it('says where a cell lies though its value is called 0 (the board said the name of the product)', function (): void {
    $matrix = Matrix::of([new Axis(1, 'Size', AxisKind::Size, [new Value(11, '0'), new Value(12, '00')])]);
    expect($matrix->inWordsOr(Combination::of([1 => 11]), 'the product'))
        ->toBe('0')
        ->and($matrix->inWordsOr(Combination::of([]), 'the product'))
        ->toBe('the product')
        ->and($matrix->codeParts([Combination::of([1 => 11])])[0]->place)
        ->toBe('0');
});
