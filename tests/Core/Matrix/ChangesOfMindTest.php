<?php

declare(strict_types=1);

use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\Collapse;
use Core\Matrix\Planning\ImpossibleChange;
use Core\Matrix\Planning\Likeness;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Plan;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Planning\StandingSku;
use Core\Matrix\Planning\StockMove;
use Core\Matrix\Planning\Succession;
use Core\Matrix\Value;
use Core\Reach\Reach;
use Core\Reach\ReachMapper;
use Random\Randomizer;
use Tests\Core\Color\Samples;

/* Merging and splitting values, exchanging axes, values made like others. */

function smockPlan(MatrixChange $change): Plan
{
    return (new Planner())->plan($change, Samples::built($change->from));
}

/** Moss and Clay become Clay. */
function mossIntoClay(?Reach $leftOut = null, bool $stockAddsUp = false, array $winners = []): MatrixChange
{
    $clay = Samples::smock()->axes[0]->with([new Value(12, 'Clay'), new Value(13, 'Slate')]);

    return new MatrixChange(
        Samples::smock(leftOut: $leftOut),
        Matrix::of([$clay, Samples::smock()->axes[1]], $leftOut),
        stockAddsUp: $stockAddsUp,
        successions: [Succession::within(Samples::COLOR, 11, 12)],
        winners: $winners,
    );
}

it('merges two values: the pairs collapse, those of the value that stays remain', function (): void {
    $plan = smockPlan(mossIntoClay());
    expect($plan->collapses)
        ->toHaveCount(4)
        ->and($plan->collapses[0])
        ->toEqual(new Collapse(Combination::of([1 => 12, 2 => 21]), 5, [1]))
        ->and($plan->keep)
        ->toBe(range(5, 12))
        ->and(array_map(fn(StandingSku $sku): int => $sku->id, $plan->retire))
        ->toBe([1, 2, 3, 4])
        ->and($plan->inWords())
        ->toBe('retires 4 with 40 in stock')
        ->and($plan->make)
        ->toBe([])
        ->and($plan->move)
        ->toBe([]);
});

it('merges with the SKU that was chosen for a pair, stock added up', function (): void {
    $change = mossIntoClay(stockAddsUp: true, winners: ['1:12,2:22' => 2]);
    $skus = Samples::built($change->from);
    $plan = (new Planner())->plan($change, $skus);
    $after = Samples::applied($plan, $skus);
    expect(Samples::made($after)['1:12,2:22'])
        ->toBe(2)
        ->and(Samples::made($after)['1:12,2:21'])
        ->toBe(5)
        ->and($plan->stockMoves)
        ->toContainEqual(new StockMove(6, 2, 10))
        ->and($plan->movedCount())
        ->toBe(1)
        ->and(Samples::stock($after))
        ->toBe(120)
        ->and(
            array_values(
                array_unique(
                    array_map(
                        fn(StandingSku $sku): int => $sku->stock,
                        array_filter($after, fn($sku): bool => in_array($sku->id, [5, 2, 7, 8], true)),
                    ),
                ),
            ),
        )
        ->toBe([20]);
});

it('brings back the SKU that was last on offer where two retired ones claim a cell', function (): void {
    $change = mossIntoClay(winners: ['1:12,2:22' => 2]);
    $skus = Samples::applied(
        (new Planner())->plan($change, Samples::built($change->from)),
        Samples::built($change->from),
    );
    $slate = Matrix::of([$change->to->axes[0]->with([new Value(13, 'Slate')]), $change->to->axes[1]]);
    $gone = Samples::changed($change->to, $slate, $skus);
    expect(Samples::made(Samples::changed($slate, $change->to, $gone)))->toBe(Samples::made($skus));
});

it('moves the SKU of the value that goes where the other has none', function (): void {
    $change = mossIntoClay();
    $skus = array_values(array_filter(Samples::built($change->from), fn(StandingSku $sku): bool => $sku->id !== 6));
    $plan = (new Planner())->plan($change, $skus);
    expect(Samples::made(Samples::applied($plan, $skus))['1:12,2:22'])
        ->toBe(2)
        ->and($plan->inWords())
        ->toBe('moves 1, retires 3 with 30 in stock');
});

it('leaves out of two merged values what was left out of both', function (array $rules, array $out): void {
    $to = mossIntoClay(Reach::fromArrays($rules))->to;
    $left = array_values(
        array_map(
            fn(Combination $cell): string => $cell->key,
            array_filter($to->combinations(), fn(Combination $cell): bool => !$to->isOffered($cell)),
        ),
    );
    expect($left)->toBe($out);
})->with([
    'of one only' => [[[1 => [11], 2 => [21]]], []],
    'of the one that stays only' => [[[1 => [12], 2 => [21]]], []],
    'of each in a rule of its own' => [[[1 => [11], 2 => [21, 22]], [1 => [12], 2 => [22, 23]]], ['1:12,2:22']],
    'of both in one rule' => [[[1 => [11, 12], 2 => [24]]], ['1:12,2:24']],
    'of all colors' => [[[2 => [24]]], ['1:12,2:24', '1:13,2:24']],
    'of the one that stays and another' => [[[1 => [12, 13], 2 => [24]]], ['1:13,2:24']],
]);

it('splits a value: its SKUs go to the first part, the others are made like them', function (): void {
    $from = Samples::smock(leftOut: Reach::fromArrays([[1 => [13], 2 => [24]]]));
    $parts = $from->axes[0]->with([
        new Value(11, 'Moss'),
        new Value(12, 'Clay'),
        new Value(14, 'Slate light'),
        new Value(15, 'Slate dark'),
    ]);
    $change = new MatrixChange(
        $from,
        Matrix::of([$parts, $from->axes[1]], $from->leftOut),
        successions: [Succession::within(Samples::COLOR, 13, 14)],
        likes: [new Likeness(Samples::COLOR, 15, 14, withPictures: false)],
    );
    $plan = smockPlan($change);
    expect($plan->inWords())
        ->toBe('makes 3, moves 3')
        ->and($plan->likenesses)
        ->toBe(['1:15,2:21' => 9, '1:15,2:22' => 10, '1:15,2:23' => 11])
        ->and($change->to->isOffered(Combination::of([1 => 15, 2 => 24])))
        ->toBeFalse()
        ->and(ReachMapper::along($change)->reach(Reach::fromArrays([[1 => [13]]]))->toArrays())
        ->toBe([[1 => [14]]]);
});

it('gives a new value the pictures of the one it is like only where asked', function (): void {
    $from = Samples::smock(['Moss', 'Clay']);
    foreach ([[false, [[1 => [12]]]], [true, [[1 => [12, 13]]]]] as [$withPictures, $expected]) {
        $change = new MatrixChange(
            $from,
            Samples::smock(),
            likes: [new Likeness(Samples::COLOR, 13, 12, $withPictures)],
        );
        expect(ReachMapper::along($change)->reach(Reach::fromArrays([[1 => [12]]]))->toArrays())
            ->toBe($expected)
            ->and(ReachMapper::along($change)->reach(Reach::everything())->isEverything())
            ->toBeTrue();
    }
});

it(
    'exchanges one axis for another: SKUs keep their codes where a value takes over, and retire where none does',
    function (): void {
        $from = Samples::smock(styles: ['Buttoned', 'Pullover', 'Wrap']);
        $cut = new Axis(4, 'Cut', AxisKind::Other, [new Value(41, 'Open'), new Value(42, 'Closed')], true);
        $change = new MatrixChange(
            $from,
            $from->withAxis($cut, Samples::STYLE),
            successions: [new Succession(Samples::STYLE, 31, 4, 41), new Succession(Samples::STYLE, 32, 4, 42)],
        );
        $plan = smockPlan($change);
        expect($plan->inWords())
            ->toBe('moves 24, retires 12 with 120 in stock')
            ->and($change->isExchanged(Samples::STYLE))
            ->toBeTrue()
            ->and(
                ReachMapper::along($change)
                    ->reach(Reach::fromArrays([[1 => [11], 3 => [31, 33]]]))
                    ->activeIn($change->to)
                    ->toArrays(),
            )
            ->toBe([[1 => [11], 4 => [41]]])
            ->and(ReachMapper::along($change)->reach(Reach::fromArrays([[3 => [31, 32]]]))->toArrays())
            ->toBe([[4 => [41, 42]]]);
    },
);

it(
    'refuses what cannot be: a value that hands over and stays, an heir that is not there, a likeness of an old value',
    function (array $with, string $why): void {
        expect(fn() => new MatrixChange(Samples::smock(), Samples::smock(), ...$with))->toThrow(
            ImpossibleChange::class,
            $why,
        );
    },
)->with([
    [['successions' => [Succession::within(1, 11, 12)]], 'Color Moss cannot hand its SKUs over and stay'],
    [['successions' => [Succession::within(1, 19, 18)]], 'not one of its values any more'],
    [['likes' => [new Likeness(1, 13, 12)]], 'Color Slate is there already'],
    [['likes' => [new Likeness(1, 13, 99)]], 'not one of its values any more'],
]);

/* Laws, on random matrices. */
dataset('mind seeds', range(1, 250));

/** Two values of one axis, the first of which merges into the second; null where no axis has two. */
function randomMerge(Randomizer $random, Matrix $matrix): ?array
{
    $axes = array_values(array_filter($matrix->axes, fn(Axis $axis): bool => $axis->count() > 1));
    if ($axes === []) {
        return null;
    }
    $axis = $axes[$random->getInt(0, count($axes) - 1)];
    [$goes, $stays] = $random->shuffleArray($axis->valueIds());
    $rest = array_values(array_filter($axis->values, fn(Value $value): bool => $value->id !== $goes));

    return [$axis, $goes, $stays, $matrix->withAxis($axis->with($rest))];
}

it('merges without losing a SKU or a unit, and fills every offered cell', function (int $seed): void {
    $random = Samples::random($seed);
    $from = Samples::matrix($random);
    [$axis, $goes, $stays, $to] = randomMerge($random, $from) ?? [null, 0, 0, $from];
    $successions = $axis === null ? [] : [Succession::within($axis->id, $goes, $stays)];
    $skus = Samples::built($from);
    $change = new MatrixChange($from, $to, stockAddsUp: true, successions: $successions);
    $plan = (new Planner())->plan($change, $skus);
    $after = Samples::applied($plan, $skus);

    expect(array_keys(Samples::made($after)))
        ->toEqualCanonicalizing(array_map(fn(Combination $cell): string => $cell->key, $change->to->offered()))
        ->and($plan->make)
        ->toBe([])
        ->and(Samples::stock($after))
        ->toBe(Samples::stock($skus))
        ->and(array_map(fn(StandingSku $sku): int => $sku->id, $after))
        ->toBe(array_map(fn(StandingSku $sku): int => $sku->id, $skus))
        ->and((new Planner())->plan(new MatrixChange($change->to, $change->to), $after)->isEmpty())
        ->toBeTrue();
})->with('mind seeds');

it('merges reaches and left-out rules as sets of cells merge', function (int $seed): void {
    $random = Samples::random($seed);
    $from = Samples::matrix($random);
    [$axis, $goes, $stays, $to] = randomMerge($random, $from) ?? [null, 0, 0, $from];
    $change = new MatrixChange(
        $from,
        $to,
        successions: $axis === null ? [] : [Succession::within($axis->id, $goes, $stays)],
    );
    $reach = Samples::reach($random, $from);
    $carried = ReachMapper::along($change)->reach($reach);
    foreach ($change->to->combinations() as $cell) {
        $before =
            $axis !== null && $cell->value($axis->id) === $stays ? [$cell, $cell->with($axis->id, $goes)] : [$cell];
        expect($carried->covers($cell))
            ->toBe(array_filter($before, $reach->covers(...)) !== [])
            ->and($change->to->isOffered($cell))
            ->toBe(array_filter($before, $from->isOffered(...)) !== []);
    }
})->with('mind seeds');

it('splits and merges back to the same SKUs in the same cells', function (int $seed): void {
    $random = Samples::random($seed);
    $from = Samples::matrix($random);
    if ($from->axes === []) {
        expect($from->cellCount())->toBe(1);

        return;
    }
    $axis = $from->axes[0];
    $whole = $axis->values[0];
    $split = $from->withAxis(
        $axis->with([new Value(901, 'One'), new Value(902, 'Two'), ...array_slice($axis->values, 1)]),
    );
    $skus = Samples::built($from);
    $apart = new MatrixChange(
        $from,
        $split,
        successions: [Succession::within($axis->id, $whole->id, 901)],
        likes: [new Likeness($axis->id, 902, 901, true)],
    );
    $parts = Samples::applied((new Planner())->plan($apart, $skus), $skus);
    foreach ($apart->to->combinations() as $cell) {
        $was = in_array($cell->value($axis->id), [901, 902], true) ? $cell->with($axis->id, $whole->id) : $cell;
        expect($apart->to->isOffered($cell))->toBe($from->isOffered($was));
    }
    $back = new MatrixChange(
        $apart->to,
        Matrix::of($from->axes, $apart->to->leftOut),
        successions: [Succession::within($axis->id, 901, $whole->id), Succession::within($axis->id, 902, $whole->id)],
    );
    $again = Samples::applied((new Planner())->plan($back, $parts), $parts);
    expect(Samples::made($again))->toBe(Samples::made($skus));
    $reach = Samples::reach($random, $from);
    $there = ReachMapper::along($back)->reach(ReachMapper::along($apart)->reach($reach));
    foreach ($from->combinations() as $cell) {
        expect($there->covers($cell))->toBe($reach->covers($cell));
    }
})->with('mind seeds');

it('exchanges axes there and back to the same SKUs, reaches and rules', function (int $seed): void {
    $random = Samples::random($seed);
    $from = Samples::matrix($random);
    if ($from->axes === []) {
        expect($from->cellCount())->toBe(1);

        return;
    }
    $axis = $from->axes[0];
    $values = array_map(fn(Value $value): Value => new Value($value->id + 5000, $value->label), $axis->values);
    $to = $from->withAxis(new Axis(90, 'Other', AxisKind::Other, $values), $axis->id);
    $skus = Samples::built($from);
    $there = new MatrixChange(
        $from,
        $to,
        successions: array_map(
            fn(Value $value): Succession => new Succession($axis->id, $value->id, 90, $value->id + 5000),
            $axis->values,
        ),
    );
    $exchanged = Samples::applied((new Planner())->plan($there, $skus), $skus);
    expect(array_values(Samples::made($exchanged)))
        ->toEqualCanonicalizing(array_values(Samples::made($skus)))
        ->and(count($there->to->offered()))
        ->toBe(count($from->offered()));
    $back = new MatrixChange(
        $there->to,
        Matrix::of($from->axes, $there->to->leftOut),
        successions: array_map(
            fn(Value $value): Succession => new Succession(90, $value->id + 5000, $axis->id, $value->id),
            $axis->values,
        ),
    );
    expect(Samples::applied((new Planner())->plan($back, $exchanged), $exchanged))->toEqual($skus);
    $reach = Samples::reach($random, $from);
    expect(
        ReachMapper::along($back)
            ->reach(ReachMapper::along($there)->reach($reach))
            ->among($from->combinations()),
    )->toEqual($reach->among($from->combinations()));
})->with('mind seeds');

it('makes what is like another in just the cells the other has', function (int $seed): void {
    $random = Samples::random($seed);
    $from = Samples::matrix($random);
    if ($from->axes === []) {
        expect($from->cellCount())->toBe(1);

        return;
    }
    $axis = $from->axes[$random->getInt(0, count($from->axes) - 1)];
    $like = $axis->values[$random->getInt(0, $axis->count() - 1)];
    $to = $from->withAxis($axis->with([new Value(903, 'New'), ...$axis->values]));
    $change = new MatrixChange($from, $to, likes: [new Likeness($axis->id, 903, $like->id)]);
    $skus = Samples::built($from);
    $plan = (new Planner())->plan($change, $skus);
    $made = array_flip(Samples::made($skus));
    expect($plan->retire)->toBe([])->and(count($plan->make))->toBe(count($plan->likenesses));
    foreach ($plan->make as $cell) {
        expect($made[$plan->likenesses[$cell->key]])->toBe($cell->with($axis->id, $like->id)->key);
    }
})->with('mind seeds');
