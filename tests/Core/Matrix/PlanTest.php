<?php

declare(strict_types=1);

use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Planning\StandingSku;
use Core\Matrix\SkuState;
use Core\Reach\Reach;
use Core\Reach\ReachMapper;
use Tests\Core\Color\Samples;

it('makes every cell of an empty product', function (): void {
    $matrix = Samples::smock();
    $plan = (new Planner())->plan(new MatrixChange($matrix, $matrix), []);
    expect($plan->make)->toHaveCount(12)->and($plan->inWords())->toBe('makes 12')->and($plan->skusAfter())->toBe(12);
});

it('adds a value: keeps what there is and makes the new column', function (): void {
    $from = Samples::smock(sizes: ['S', 'M']);
    $plan = (new Planner())->plan(
        new MatrixChange($from, Samples::smock(sizes: ['S', 'M', 'L'])),
        Samples::built($from),
    );
    expect($plan->keep)->toHaveCount(6)->and($plan->make)->toHaveCount(3)->and($plan->retire)->toBe([]);
});

it('removes a value and brings the same SKUs back with it', function (): void {
    $with = Samples::smock();
    $without = Samples::smock(['Moss', 'Clay']);
    $skus = Samples::built($with);
    $plan = (new Planner())->plan(new MatrixChange($with, $without), $skus);
    expect($plan->inWords())->toBe('retires 4 with 40 in stock');

    $gone = Samples::applied($plan, $skus);
    $back = (new Planner())->plan(new MatrixChange($without, $with), $gone);
    expect($back->inWords())->toBe('brings back 4')->and(Samples::applied($back, $gone))->toEqual($skus);
});

it('adds an axis: every SKU moves to its home value and the others are made', function (): void {
    $plain = Samples::smock();
    $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $skus = Samples::built($plain);
    $plan = (new Planner())->plan(new MatrixChange($plain, $styled, [3 => 31]), $skus);
    $after = Samples::applied($plan, $skus);
    expect($plan->inWords())
        ->toBe('makes 12, moves 12')
        ->and($plan->retire)
        ->toBe([])
        ->and(Samples::made($after)['1:11,2:21,3:31'])
        ->toBe(Samples::made($skus)['1:11,2:21']);
});

it('carries retired SKUs to the home value too, so that they come back there', function (): void {
    $all = Samples::smock();
    $two = Samples::smock(['Moss', 'Clay']);
    $skus = Samples::changed($all, $two, Samples::built($all));
    $skus = Samples::changed(
        $two,
        Samples::smock(['Moss', 'Clay'], styles: ['Buttoned', 'Pullover']),
        $skus,
        homes: [3 => 31],
    );
    $skus = Samples::changed(
        Samples::smock(['Moss', 'Clay'], styles: ['Buttoned', 'Pullover']),
        Samples::smock(styles: ['Buttoned', 'Pullover']),
        $skus,
    );
    expect(Samples::made($skus)['1:13,2:22,3:31'])->toBe(Samples::made(Samples::built($all))['1:13,2:22']);
});

it('drops an axis onto the surviving value, adding stock up if asked', function (
    bool $addsUp,
    int $stock,
    string $words,
): void {
    $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $plain = Samples::smock();
    $skus = Samples::built($styled);
    $plan = (new Planner())->plan(new MatrixChange($styled, $plain, survivors: [3 => 31], stockAddsUp: $addsUp), $skus);
    $after = Samples::applied($plan, $skus);
    $made = array_values(array_filter($after, fn(StandingSku $sku): bool => $sku->state === SkuState::Made));
    expect($plan->inWords())
        ->toBe($words)
        ->and($made)
        ->toHaveCount(12)
        ->and(array_sum(array_map(fn(StandingSku $sku): int => $sku->stock, $made)))
        ->toBe($stock)
        ->and(array_sum(array_map(fn(StandingSku $sku): int => $sku->stock, $after)))
        ->toBe(240);
})->with([
    [false, 120, 'moves 12, retires 12 with 120 in stock'],
    [true, 240, 'moves 12, retires 12 with 120 in stock, adds 120 units of stock to the SKUs that stay'],
]);

it('drops an axis and adds it again: the retired ones return to their own cells', function (): void {
    $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $plain = Samples::smock();
    $skus = Samples::built($styled);
    $dropped = Samples::changed($styled, $plain, $skus, survivors: [3 => 31]);
    $again = Samples::changed($plain, $styled, $dropped, homes: [3 => 31]);
    expect(Samples::made($again))->toBe(Samples::made($skus))->and($again)->toEqual($skus);
});

it('gives a cell to the made SKU where a retired one wants it too', function (): void {
    $plain = Samples::smock(['Moss'], ['S']);
    $styled = Samples::smock(['Moss'], ['S'], ['Buttoned', 'Pullover']);
    $drop = new MatrixChange($styled, $plain, survivors: [3 => 31]);
    $dropped = Samples::applied((new Planner())->plan($drop, Samples::built($styled)), Samples::built($styled));
    $again = Samples::changed($drop->to, $styled, $dropped, homes: [3 => 32]);
    expect(Samples::made($again))->toBe(['1:11,2:21,3:31' => 3, '1:11,2:21,3:32' => 1]);
});

it('turns a product without axes into one with axes and back', function (): void {
    $none = Matrix::of([]);
    $some = Samples::smock(['Moss', 'Clay'], ['S', 'M']);
    $skus = Samples::built($none);
    $grown = Samples::changed($none, $some, $skus, homes: [1 => 12, 2 => 21]);
    expect(Samples::made($grown)['1:12,2:21'])->toBe(1)->and($grown)->toHaveCount(4);
    $back = Samples::changed($some, $none, $grown, survivors: [1 => 12, 2 => 21]);
    expect(Samples::made($back, $none))->toBe(['' => 1]);
});

it('retires cells left out, and a later build does not bring them back', function (): void {
    $all = Samples::smock();
    $fewer = Samples::smock(leftOut: Reach::fromArrays([[1 => [11], 2 => [24]]]));
    $skus = Samples::changed($all, $fewer, Samples::built($all));
    expect(Samples::made($skus))->toHaveCount(11);
    $more = Samples::smock(['Moss', 'Clay', 'Slate', 'Oat'], leftOut: $fewer->leftOut);
    expect(Samples::made(Samples::changed($fewer, $more, $skus)))
        ->toHaveCount(15)
        ->and(Samples::made(Samples::changed($fewer, $more, $skus)))
        ->not->toHaveKey('1:11,2:24');
});

it(
    'rewrites no reach as an axis goes: a limit to the survivor says nothing meanwhile, one to another value sleeps, and both wake',
    function (): void {
        $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
        $change = new MatrixChange($styled, Samples::smock(), survivors: [3 => 31]);
        $again = new MatrixChange($change->to, $styled, homes: [3 => 31]);
        $now = fn(array $clauses): Reach => ReachMapper::along($change)
            ->reach(Reach::fromArrays($clauses))
            ->activeIn($change->to);

        expect($now([[1 => [11], 3 => [31]]])->equals(Reach::fromArrays([[1 => [11]]])))
            ->toBeTrue()
            ->and($now([[1 => [11], 3 => [32]]])->isNothing())
            ->toBeTrue()
            ->and($now([[1 => [11], 3 => [31, 32]]])->equals(Reach::fromArrays([[1 => [11]]])))
            ->toBeTrue()
            ->and($now([[1 => [12]]])->equals(Reach::fromArrays([[1 => [12]]])))
            ->toBeTrue();
        $narrow = Reach::fromArrays([[1 => [11], 3 => [31]], [2 => [21], 3 => [32]]]);
        expect(
            ReachMapper::along($again)
                ->reach(ReachMapper::along($change)->reach($narrow))
                ->equals($narrow),
        )->toBeTrue();
    },
);

it('lets pictures go with the SKUs where these come back to another value than they stood at', function (): void {
    $styled = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $change = new MatrixChange($styled, Samples::smock(), survivors: [3 => 31]);
    $again = new MatrixChange($change->to, $styled, homes: [3 => 32]);

    expect(
        ReachMapper::along($again)
            ->reach(Reach::fromArrays([[1 => [11], 3 => [31]]]))
            ->equals(Reach::fromArrays([[1 => [11], 3 => [31, 32]]])),
    )->toBeTrue();
});

it(
    'leaves out, as an axis goes, only what was left out of all that collapses, and wakes the rules with it (cells that others sold were left out)',
    function (): void {
        $rule = Reach::fromArrays([[2 => [24], 3 => [31]], [2 => [21], 3 => [31, 32]], [2 => [22]]]);
        $styled = Samples::smock(styles: ['Buttoned', 'Pullover'], leftOut: $rule);
        $change = new MatrixChange($styled, Matrix::of(Samples::smock()->axes, $rule), survivors: [3 => 31]);
        $sells = fn(int $size): bool => $change->to->isOffered(Combination::of([1 => 11, 2 => $size]));

        expect([$sells(24), $sells(21), $sells(22), $sells(23)])
            ->toBe([true, false, false, true])
            ->and(
                (new MatrixChange(
                    $change->to,
                    Matrix::of($styled->axes, $change->to->leftOut),
                    homes: [3 => 31],
                ))->to->leftOut->equals($rule),
            )
            ->toBeTrue();

        // What only the other style was sold in keeps its SKU, with its stock.
        $skus = Samples::built($styled);
        $pullover = Samples::made($skus)['1:11,2:24,3:32'];
        $after = Samples::applied((new Planner())->plan($change, $skus), $skus);
        expect(Samples::made($after, $change->to)['1:11,2:24'])->toBe($pullover);
        // And goes back to its own value as the axis returns.
        $again = new MatrixChange($change->to, Matrix::of($styled->axes, $change->to->leftOut), homes: [3 => 31]);
        expect(Samples::applied((new Planner())->plan($again, $after), $after))->toEqual($skus);
    },
);

/* Laws, on random matrices. */
dataset('seeds', range(1, 300));

it('plans nothing from a built matrix to itself', function (int $seed): void {
    $matrix = Samples::matrix(Samples::random($seed));
    expect((new Planner())->plan(new MatrixChange($matrix, $matrix), Samples::built($matrix))->isEmpty())->toBeTrue();
})->with('seeds');

it('plans nothing once a plan has run, and brings the same SKUs back when the values return', function (
    int $seed,
): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random);
    $skus = Samples::built($matrix);
    $smaller = Matrix::of(
        array_map(
            fn($axis) => new Core\Matrix\Axis(
                $axis->id,
                $axis->name,
                $axis->kind,
                array_slice($axis->values, 0, $random->getInt(1, $axis->count())),
            ),
            $matrix->axes,
        ),
        Reach::leftOutOf($matrix)->union(Samples::reach($random, $matrix, 1)),
    );
    $after = Samples::changed($matrix, $smaller, $skus);
    expect((new Planner())->plan(new MatrixChange($smaller, $smaller), $after)->isEmpty())->toBeTrue();
    $returned = Samples::changed($smaller, $matrix, $after);
    expect(array_intersect_assoc(Samples::made($skus), Samples::made($returned)))
        ->toBe(Samples::made($skus))
        ->and($returned)
        ->toHaveCount(count($skus));
})->with('seeds');

it('counts made + left out + open = the product of the axes’ sizes', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random);
    $skus = array_values(array_filter(Samples::built($matrix), fn(): bool => $random->getInt(0, 1) === 1));
    $plan = (new Planner())->plan(new MatrixChange($matrix, $matrix), $skus);
    $leftOut = count($matrix->combinations()) - count($matrix->offered());
    expect(count($plan->keep) + count($plan->make) + $leftOut)->toBe($matrix->cellCount());
})->with('seeds');

it(
    'gives the same plan whatever order axes, values and SKUs are listed in, and so for renaming and reordering',
    function (int $seed): void {
        $random = Samples::random($seed);
        $from = Samples::matrix($random);
        $to = Samples::matrix($random);
        $shuffled = fn(Matrix $matrix): Matrix => Matrix::of(
            array_map(
                fn($axis) => new Core\Matrix\Axis(
                    $axis->id,
                    strtoupper($axis->name),
                    $axis->kind,
                    $random->shuffleArray($axis->values),
                ),
                $random->shuffleArray($matrix->axes),
            ),
            $matrix->leftOut,
        );
        $homes = [];
        $survivors = [];
        foreach ($to->axes as $axis) {
            $homes[$axis->id] = $axis->values[0]->id;
        }
        foreach ($from->axes as $axis) {
            $survivors[$axis->id] = $axis->values[0]->id;
        }
        $homes = array_diff_key($homes, array_flip($from->axisIds()));
        $survivors = array_diff_key($survivors, array_flip($to->axisIds()));
        $skus = Samples::built($from);
        $one = (new Planner())->plan(new MatrixChange($from, $to, $homes, $survivors, true), $skus);
        $other = (new Planner())->plan(
            new MatrixChange($shuffled($from), $shuffled($to), $homes, $survivors, true),
            $random->shuffleArray($skus),
        );
        expect($other)->toEqual($one);
        $after = Samples::applied($one, $skus);
        expect(array_unique(array_keys(Samples::made($after))))->toHaveCount(count($to->offered()));
    },
)->with('seeds');

it('restores every SKU when all axes are dropped and added again', function (int $seed): void {
    $random = Samples::random($seed);
    $styled = Samples::matrix($random, 3);
    $none = Matrix::of([]);
    $survivors = [];
    foreach ($styled->axes as $axis) {
        $survivors[$axis->id] = $random->pickArrayKeys(array_flip($axis->valueIds()), 1)[0];
    }
    $skus = Samples::built($styled);
    $flat = Samples::changed($styled, $none, $skus, survivors: $survivors);
    $again = Samples::changed($none, $styled, $flat, homes: $survivors);
    $lost = array_diff_assoc(Samples::made($skus), Samples::made($again));
    expect($lost)
        ->toBe([])
        ->and(Samples::made($flat))
        ->toHaveCount($none->offered() === [] ? 0 : 1);
})->with('seeds');

it('names the cell in the product’s own words', function (): void {
    expect(Samples::smock()->choice(Combination::of([2 => 22, 1 => 11])))->toBe(['Color' => 'Moss', 'Size' => 'M']);
});
