<?php

declare(strict_types=1);

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Reach\Clause;
use Core\Reach\TypedSelection;
use Core\Reach\UnknownValue;
use Core\Reach\Wording;
use Tests\Core\Color\Samples;

function typedIn(string $typed, ?Matrix $matrix = null, array $synonyms = []): string
{
    $matrix ??= Samples::smock(['Moss', 'Clay', 'Deep slate', 'Slate'], styles: ['Buttoned', 'Pullover', 'S']);

    return (new Wording())->say((new TypedSelection())->read($typed, $matrix, $synonyms), $matrix);
}

it('selects by typed names: values of one axis add up, of different axes narrow', function (
    string $typed,
    string $words,
): void {
    expect(typedIn($typed))->toBe($words);
})->with([
    ['moss', 'Moss'],
    ['MOSS m', 'Moss, M'],
    ['m moss', 'Moss, M'],
    ['moss, clay', 'Moss and Clay'],
    ['moss clay L xl', 'Moss and Clay, L and XL only'],
    ['deep slate', 'Deep slate'],
    ['slate deep slate', 'Deep slate and Slate'],
    ['deep-slate', 'Deep slate'],
    ['butt', 'Buttoned'],
    ['x', 'XL'],
    ['  ', 'not linked'],
]);

it('takes a value of two axes for both', function (): void {
    $matrix = Samples::smock(styles: ['S', 'Wrap']);
    $reach = (new TypedSelection())->read('s', $matrix);
    expect($reach->toArrays())->toBe([[2 => [21], 3 => [31]]]);
});

it('knows other words', function (): void {
    expect(typedIn('olive m', synonyms: ['olive' => 'Moss']))
        ->toBe('Moss, M')
        ->and(typedIn('dark blue gray', synonyms: ['dark blue gray' => 'Deep slate']))
        ->toBe('Deep slate');
});

it('names what it does not know, and what is close', function (string $typed, string $why): void {
    expect(fn() => typedIn($typed))->toThrow(UnknownValue::class, $why);
})->with([
    ['moos', 'No value of this product is called “moos”. Perhaps Moss?'],
    ['moss violet', 'No value of this product is called “violet”. Type names'],
    ['l, q', 'No value of this product is called “q”'],
]);

it('finds any cell by the names of its values', function (int $seed): void {
    $random = Samples::random($seed);
    $named = Matrix::of(
        array_map(
            fn(Axis $axis): Axis => new Axis(
                $axis->id,
                $axis->name,
                AxisKind::Other,
                array_map(
                    fn(Value $value): Value => new Value($value->id, "{$axis->name} {$value->id}"),
                    $axis->values,
                ),
            ),
            Samples::matrix($random)->axes,
        ),
    );
    $cells = $named->combinations();
    $cell = $cells[$random->getInt(0, count($cells) - 1)];
    $typed = implode(' ', $random->shuffleArray(array_values($named->choice($cell))));
    $reach = (new TypedSelection())->read($typed, $named);
    expect($named->axes === [] ? [$cell] : $reach->among($cells))->toEqual([$cell]);
})->with(range(1, 60));

it('takes a clause apart into the parts of a matrix it is made of', function (): void {
    expect(array_map(fn(Combination $part): string => $part->key, Clause::of([2 => [21, 22], 1 => [11]])->parts()))
        ->toBe(['1:11,2:21', '1:11,2:22'])
        ->and(array_map(fn(Combination $part): string => $part->key, Clause::everything()->parts()))
        ->toBe(['']);
});
