<?php

declare(strict_types=1);

use Core\Gallery\Placement;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RoleClash;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\Likeness;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Succession;
use Core\Matrix\Value;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

/** Moss becomes Clay. */
function mossBecomesClay(): MatrixChange
{
    $from = Samples::smock();

    return new MatrixChange(
        $from,
        $from->withAxis($from->axes[0]->with([new Value(12, 'Clay'), new Value(13, 'Slate')])),
        successions: [Succession::within(Samples::COLOR, 11, 12)],
    );
}

/** @param  list<array<int, list<int>>>  $clauses */
function picture(int $id, array $clauses, Role ...$roles): Placement
{
    return Samples::placement($id, Reach::fromArrays($clauses), null, array_values($roles));
}

it('finds the pictures that come to have one role for the same reach', function (): void {
    $clashes = RoleClash::of(mossBecomesClay(), [
        picture(1, [[1 => [11]]], Role::Lead, Role::Card),
        picture(2, [[1 => [12]]], Role::Lead),
        picture(3, [[1 => [13]]], Role::Lead),
        picture(4, [[1 => [11], 2 => [21]]], Role::Lead),
        picture(5, [[1 => [12], 2 => [21]]], Role::Lead, Role::Swatch),
        picture(6, [[1 => [11], 2 => [22]]], Role::Lead),
        picture(7, [[1 => [12]]]),
        picture(8, [[]], Role::Lead),
    ]);
    $said = array_map(fn(RoleClash $clash): string => $clash->key(), $clashes);
    expect($said)->toBe(['lead-2-1', 'lead-5-4']);
});

it('keeps the role with the value that stays, or with the picture that was chosen', function (): void {
    [$clash] = RoleClash::of(mossBecomesClay(), [
        picture(1, [[1 => [11]]], Role::Lead),
        picture(2, [[1 => [12]]], Role::Lead),
    ]);
    expect($clash->keeps(null)->id)->toBe(2)->and($clash->keeps(1)->id)->toBe(1)->and($clash->keeps(99)->id)->toBe(2);
});

it('leaves alone what shared a role before, what lies dormant, and what another value keeps apart', function (
    array $pictures,
): void {
    expect(RoleClash::of(mossBecomesClay(), $pictures))->toBe([]);
})->with([
    'alike before' => [[picture(1, [[1 => [11]]], Role::Lead), picture(2, [[1 => [11]]], Role::Lead)]],
    'dormant' => [[picture(1, [[1 => [19]]], Role::Lead), picture(2, [[1 => [12]]], Role::Lead)]],
    'other reach' => [[picture(1, [[1 => [11]]], Role::Lead), picture(2, [[1 => [12, 13]]], Role::Lead)]],
    'other role' => [[picture(1, [[1 => [11]]], Role::Lead), picture(2, [[1 => [12]]], Role::Card)]],
    'one picture of both' => [[picture(1, [[1 => [11, 12]]], Role::Lead)]],
]);

it('finds clashes as an axis is dropped', function (): void {
    $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $change = new MatrixChange($styled, Samples::smock(), survivors: [3 => 31]);
    $clashes = RoleClash::of($change, [
        picture(1, [[1 => [11], 3 => [31]]], Role::Lead),
        picture(2, [[1 => [11]]], Role::Lead),
        picture(3, [[1 => [11], 3 => [32]]], Role::Lead),
    ]);
    expect(array_map(fn(RoleClash $clash): string => $clash->key(), $clashes))->toBe(['lead-2-1']);
});

it('never finds one where nothing becomes another', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random);
    $pictures = array_map(
        fn(int $id): Placement => Samples::placement($id, Samples::reach($random, $matrix, 2), null, [
            Role::cases()[$random->getInt(0, 5)],
        ]),
        range(1, 8),
    );
    expect(RoleClash::of(new MatrixChange($matrix, $matrix), $pictures))->toBe([]);
})->with(range(1, 40));

/* The parts of a clause that changes of mind are made of. */

it('takes a value out of a clause, or one more in', function (): void {
    $clause = Core\Reach\Clause::of([1 => [11, 12], 2 => [21]]);
    expect($clause->lacking(1, 11)->values())
        ->toBe([1 => [12], 2 => [21]])
        ->and($clause->lacking(2, 21)->isNothing())
        ->toBeTrue()
        ->and($clause->widened(1, 10)->values())
        ->toBe([1 => [10, 11, 12], 2 => [21]])
        ->and($clause->widened(3, 31))
        ->toBe($clause);
});

it('hands a reach over', function (array $clauses, Succession $succession, array $after): void {
    expect(Reach::fromArrays($clauses)->succeeded($succession)->equals(Reach::fromArrays($after)))->toBeTrue();
})->with([
    'within an axis' => [[[1 => [11]]], Succession::within(1, 11, 12), [[1 => [12]]]],
    'into one it has' => [[[1 => [11, 12], 2 => [21]]], Succession::within(1, 11, 12), [[1 => [12], 2 => [21]]]],
    'not named' => [[[2 => [21]]], Succession::within(1, 11, 12), [[2 => [21]]]],
    'another value' => [[[1 => [13]]], Succession::within(1, 11, 12), [[1 => [13]]]],
    'to another axis' => [[[1 => [11], 2 => [21]]], new Succession(1, 11, 4, 41), [[2 => [21], 4 => [41]]]],
    'to another axis, some' => [[[1 => [11, 12]]], new Succession(1, 11, 4, 41), [[1 => [12]], [4 => [41]]]],
    'everything' => [[[]], Succession::within(1, 11, 12), [[]]],
    'nothing' => [[], Succession::within(1, 11, 12), []],
]);

it('extends a reach to what is made like', function (array $clauses, array $after): void {
    expect(
        Reach::fromArrays($clauses)->extendedLike(new Likeness(1, 14, 11))->equals(Reach::fromArrays($after)),
    )->toBeTrue();
})->with([
    [[[1 => [11]]], [[1 => [11, 14]]]],
    [[[1 => [12]]], [[1 => [12]]]],
    [[[1 => [11], 2 => [22]], [1 => [12]]], [[1 => [11, 14], 2 => [22]], [1 => [12]]]],
    [[[2 => [22]]], [[2 => [22]]]],
]);

/* Several changes of mind at once. */

it('plans a merge, a new value and a dropped axis in one change, and fills every offered cell', function (
    int $seed,
): void {
    $random = Samples::random($seed);
    $leftOut = Samples::reach($random, Samples::smock(styles: ['Buttoned', 'Pullover']), 2);
    $from = Samples::smock(styles: ['Buttoned', 'Pullover'], leftOut: $leftOut);
    [$colors, $sizes] = $from->axes;
    $to = Matrix::of(
        [
            $colors->with([new Value(12, 'Clay'), new Value(13, 'Slate'), new Value(14, 'Oat')]),
            $sizes->with(array_slice($sizes->values, 0, $random->getInt(1, 4))),
        ],
        $leftOut,
    );
    $survivor = $random->getInt(31, 32);
    $change = new MatrixChange(
        $from,
        $to,
        survivors: [3 => $survivor],
        stockAddsUp: $random->getInt(0, 1) === 1,
        successions: [Succession::within(1, 11, 12)],
        likes: [new Likeness(1, 14, 13)],
        comersStay: $random->getInt(0, 1) === 1,
    );
    $skus = Samples::built($from);
    $plan = (new Core\Matrix\Planning\Planner())->plan($change, $skus);
    $after = Samples::applied($plan, $skus);
    expect(array_keys(Samples::made($after, $change->to)))
        ->toEqualCanonicalizing(array_map(fn($cell): string => $cell->key, $change->to->offered()))
        ->and(Samples::stock($after))
        ->toBe(Samples::stock($skus))
        ->and((new Core\Matrix\Planning\Planner())->plan(new MatrixChange($change->to, $change->to), $after)->isEmpty())
        ->toBeTrue();
    foreach ($plan->collapses as $collapse) {
        expect($collapse->goes)->not->toContain($collapse->stays)->not->toBe([]);
    }
})->with(range(1, 80));
