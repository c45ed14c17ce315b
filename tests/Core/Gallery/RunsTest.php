<?php

declare(strict_types=1);

use Core\Codes\ValueCode;
use Core\Matrix\AxisKind;
use Core\Matrix\Typed\KnownValues;
use Core\Matrix\Typed\ValueReader;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeRun;
use Tests\Core\Color\Samples;

/* Size runs, other words, and many values at once. */

it('orders sizes by the run that has them all, else as sizes are read', function (array $sizes, array $sorted): void {
    $runs = [new SizeRun('Beds', ['Single', 'Double', 'King']), new SizeRun('Backwards', ['L', 'M', 'S'])];
    expect((new SizeOrder())->sort($sizes, $runs))->toBe($sorted);
})->with([
    [['King', 'Single'], ['Single', 'King']],
    [['king', 'DOUBLE'], ['DOUBLE', 'king']],
    [['S', 'L'], ['L', 'S']],
    [['S', 'XL', 'L'], ['S', 'L', 'XL']],
    [['King', 'S'], ['King', 'S']],
    [['90 x 190', 'King', 'Single', '80 x 200'], ['80 x 200', '90 x 190', 'Single', 'King']],
    [[], []],
]);

it('sorts any part of a run as the run stands', function (int $seed): void {
    $random = Samples::random($seed);
    $all = array_map(fn(int $at): string => "Kind {$at}", $random->shuffleArray(range(1, 12)));
    $part = array_values(array_filter($all, fn(): bool => $random->getInt(0, 1) === 1));
    expect((new SizeOrder())->sort($random->shuffleArray($part), [new SizeRun('Run', $all)]))->toBe($part);
})->with(range(1, 40));

it('takes another word for the value it means, and says so', function (): void {
    $known = new KnownValues([1 => 'Moss', 2 => 'Clay'], [], [[1, 'olive'], [1, 'Moos']], AxisKind::Color);
    $read = (new ValueReader())->read('olive, Umber, Moos, Moss', AxisKind::Color, $known);

    expect($read->labels())
        ->toBe(['Moss', 'Umber'])
        ->and($read->values[0]->id)
        ->toBe(1)
        ->and($read->otherWords[0]->inWords())
        ->toBe('“olive” is another word for Moss.')
        ->and(array_map(fn($double): string => $double->typed, $read->doubles))
        ->toBe(['Moos', 'Moss'])
        ->and($read->nearMisses)
        ->toBe([]);
});

it('gives thousands of values codes of their own', function (): void {
    $taken = [];
    foreach (range(1, 3000) as $at) {
        $code = ValueCode::propose("Tone {$at}", $taken);
        expect(isset($taken[$code]))->toBeFalse();
        $taken[$code] = true;
    }
    foreach (range(1, 60) as $at) {
        $taken[ValueCode::propose('Moss', $taken)] = true;
    }
    expect($taken)->toHaveCount(3060);
});
