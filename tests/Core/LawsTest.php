<?php

declare(strict_types=1);

use Core\Gallery\Coverage\Cover;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Galleries;
use Core\Gallery\Placement;
use Core\Gallery\Sequence\Order;
use Core\Gallery\View;
use Core\Gallery\Views;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\ReachMapper;
use Core\Reach\Simplifier;
use Core\Reach\Wording;
use Random\Randomizer;
use Tests\Core\Color\Samples;

/*
 * Laws that tie the parts of the core together, on random matrices, reaches and orders.
 */

dataset('law seeds', range(1, 200));

/** @return list<Placement> */
function randomPlacements(Randomizer $random, Matrix $matrix, int $count): array
{
    return array_map(
        fn(int $id): Placement => Samples::placement(
            $id,
            Samples::reach($random, $matrix, 2),
            Views::usual()->all[$random->getInt(0, 4)],
        ),
        range(1, $count),
    );
}

it('moves one picture only: the gallery is as asked, the rest keep their order', function (int $seed): void {
    $random = Samples::random($seed);
    $order = $random->shuffleArray(range(1, $random->getInt(2, 15)));
    $shown = array_values(array_filter($order, fn(): bool => $random->getInt(0, 2) > 0));
    if ($shown === []) {
        $shown = [$order[0]];
    }
    $id = $shown[$random->getInt(0, count($shown) - 1)];
    $to = $random->getInt(0, count($shown) - 1);

    $after = (new Order())->move($order, $shown, $id, $to);

    $without = fn(array $ids): array => array_values(array_diff($ids, [$id]));
    $expected = $without($shown);
    array_splice($expected, $to, 0, [$id]);
    expect(array_values(array_intersect($after, $shown)))
        ->toBe($expected)
        ->and($without($after))
        ->toBe($without($order));
})->with('law seeds');

it('moves a picture no farther in the one order than its new place needs', function (int $seed): void {
    $random = Samples::random($seed);
    $order = range(1, 12);
    $shown = array_values(array_filter($order, fn(): bool => $random->getInt(0, 1) === 1));
    if (count($shown) < 2) {
        $shown = [1, 12];
    }
    $from = $random->getInt(0, count($shown) - 1);
    $to = $random->getInt(0, count($shown) - 1);

    $after = (new Order())->move($order, $shown, $shown[$from], $to);

    // Only pictures between the old and the new neighbor are passed.
    $passed = abs((int) array_search($shown[$from], $after, true) - (int) array_search($shown[$from], $order, true));
    $reach = abs((int) array_search($shown[$to], $order, true) - (int) array_search($shown[$from], $order, true));
    expect($passed)->toBeLessThanOrEqual($reach);
})->with('law seeds');

it('sorts by a shot list once and for all', function (int $seed): void {
    $random = Samples::random($seed);
    $placements = randomPlacements($random, Samples::smock(), 10);
    $shotList = ShotList::of(
        $random->shuffleArray([View::usual('front'), View::usual('back'), View::usual('side')]),
        [],
    );
    $order = (new Order())->byShotList($placements, $shotList, []);
    $byId = array_column($placements, null, 'id');
    $sorted = array_map(fn(int $id): Placement => $byId[$id], $order);

    expect((new Order())->byShotList($sorted, $shotList, []))->toBe($order);
    $ranks = array_map(fn(Placement $placement): int => $shotList->place($placement->view) ?? 99, $sorted);
    $ascending = $ranks;
    sort($ascending);
    expect($ranks)->toBe($ascending);
})->with('law seeds');

it('matches galleries to one without losing a picture, and leaves that one as it is', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::smock();
    $made = $matrix->offered();
    $placements = randomPlacements($random, $matrix, 9);
    $galleries = new Galleries($matrix, $made, $placements);
    $chosen = $made[$random->getInt(0, count($made) - 1)];
    $order = (new Order())->matchedTo($chosen, $placements, $made, $galleries)->order;

    $sorted = $order;
    sort($sorted);
    expect($sorted)
        ->toBe(range(1, 9))
        ->and(array_values(array_intersect($order, $galleries->of($chosen)->placementIds())))
        ->toBe($galleries->of($chosen)->placementIds());
})->with('law seeds');

it('says different sets of cells in different words', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Matrix::of(Samples::matrix($random, 3, 3)->axes);
    $made = $matrix->offered();
    $said = [];
    for ($try = 0; $try < 12; $try++) {
        $chosen = array_values(array_filter($made, fn(): bool => $random->getInt(0, 1) === 1));
        $words = (new Wording())->say((new Simplifier())->fromCells($chosen, $made, $matrix), $matrix);
        $keys = implode(' ', array_map(fn(Combination $cell): string => '[' . $cell->key . ']', $chosen));
        expect($said[$words] ?? $keys)->toBe($keys);
        $said[$words] = $keys;
    }
})->with('law seeds');

it('never needs more clauses than there are rows, or columns, or cells', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::smock(['Moss', 'Clay', 'Slate', 'Oat'], ['S', 'M', 'L']);
    $made = $matrix->offered();
    $chosen = array_values(array_filter($made, fn(): bool => $random->getInt(0, 1) === 1));
    $touched = fn(int $axis): int => count(
        array_unique(array_map(fn(Combination $cell): ?int => $cell->value($axis), $chosen)),
    );
    $clauses = count((new Simplifier())->fromCells($chosen, $made, $matrix)->clauses);

    expect($clauses)
        ->toBeLessThanOrEqual($touched(Samples::COLOR) + $touched(Samples::SIZE))
        ->and($clauses)
        ->toBeLessThanOrEqual(count($chosen));
})->with('law seeds');

it('finds whole rows and columns back in one clause each', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 4, 4);
    $made = $matrix->offered();
    foreach ($matrix->axes as $axis) {
        foreach ($axis->valueIds() as $valueId) {
            $slab = Reach::of(Clause::of([$axis->id => [$valueId]]));
            $chosen = $slab->among($made);
            if ($chosen !== []) {
                $found = (new Simplifier())->fromCells($chosen, $made, $matrix);
                expect($found->clauses)
                    ->toHaveCount(1)
                    ->and(count($found->clauses[0]->axisIds()))
                    ->toBeLessThanOrEqual(1);
            }
        }
    }
    expect((new Simplifier())->fromCells([], $made, $matrix)->isNothing())->toBeTrue();
})->with('law seeds');

it('takes a reach apart and together again', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Matrix::of(Samples::matrix($random, 3, 4)->axes);
    $cells = $matrix->combinations();
    $a = Samples::reach($random, $matrix);
    $b = Samples::reach($random, $matrix);
    $whole = $a->subtract($b, $matrix)->union($a->cut($b));

    expect($whole->among($cells))
        ->toEqual($a->among($cells))
        ->and($a->subtract($a, $matrix)->among($cells))
        ->toBe([])
        ->and($a->union($a)->equals($a))
        ->toBeTrue()
        ->and(Reach::fromArrays($a->toArrays())->equals($a))
        ->toBeTrue();
})->with('law seeds');

it('carries a reach over a dropped axis: what the surviving cells had, they have', function (int $seed): void {
    $random = Samples::random($seed);
    $axes = array_map(fn(int $id): Axis => Samples::axis($random, $id, $random->getInt(1, 4)), [1, 2, 3]);
    $from = Matrix::of($axes);
    $to = Matrix::of(array_slice($axes, 0, 2));
    $survivor = $axes[2]->values[$random->getInt(0, $axes[2]->count() - 1)]->id;
    $change = new MatrixChange($from, $to, survivors: [3 => $survivor]);
    $reach = Samples::reach($random, $from);
    $carried = ReachMapper::along($change)->reach($reach);

    foreach ($to->combinations() as $cell) {
        expect($carried->activeIn($change->to)->covers($cell))->toBe($reach->covers($cell->with(3, $survivor)));
    }
})->with('law seeds');

it('shows the same galleries once removed values are back', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Matrix::of(Samples::matrix($random, 3, 4)->axes);
    $placements = randomPlacements($random, $matrix, 6);
    $before = array_map(
        fn($gallery): array => $gallery->placementIds(),
        (new Galleries($matrix, $matrix->offered(), $placements))->all(),
    );

    $smaller = Matrix::of(
        array_map(
            fn(Axis $axis): Axis => new Axis($axis->id, $axis->name, $axis->kind, array_slice($axis->values, 0, 1)),
            $matrix->axes,
        ),
    );
    $change = new MatrixChange($matrix, $smaller);
    $back = new MatrixChange($smaller, $matrix);
    $carried = array_map(
        fn(Placement $placement): Placement => Samples::placement(
            $placement->id,
            ReachMapper::along($back)->reach(ReachMapper::along($change)->reach($placement->reach)),
            $placement->view,
        ),
        $placements,
    );

    $after = array_map(
        fn($gallery): array => $gallery->placementIds(),
        (new Galleries($matrix, $matrix->offered(), $carried))->all(),
    );
    expect($after)->toBe($before);
})->with('law seeds');

it('covers a view where every made cell of the combination shows it, and nowhere else', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 3, 3);
    $made = $matrix->offered();
    $placements = randomPlacements($random, $matrix, 6);
    $galleries = new Galleries($matrix, $made, $placements);
    $coverage = Coverage::of(
        $matrix,
        $made,
        $galleries,
        ShotList::of([View::usual('front'), View::usual('back')], [View::usual('front')]),
    );
    $had = 0;
    foreach ($coverage->rows as $row) {
        foreach ([View::usual('front'), View::usual('back')] as $view) {
            $everywhere = true;
            foreach ($made as $cell) {
                $views = array_map(fn($entry): ?View => $entry->placement->view, $galleries->of($cell)->entries);
                $everywhere = $everywhere && (!$cell->includes($row->combination) || in_array($view, $views, true));
            }
            expect($row->cells[$view->key]->cover !== Cover::Missing)->toBe($everywhere);
        }
        $had += $row->cells['front']->cover === Cover::Missing ? 0 : 1;
    }
    expect($coverage->percent())->toBe($coverage->rows === [] ? 100 : intdiv(100 * $had, count($coverage->rows)));
})->with('law seeds');

it(
    'answers a partial choice with what all remaining SKUs share, or with what any has; an open picture axis stands at its opening value',
    function (int $seed): void {
        $random = Samples::random($seed);
        $matrix = Samples::matrix($random, 3, 3);
        $made = $matrix->inOrder($matrix->offered());
        $placements = randomPlacements($random, $matrix, 6);
        $galleries = new Galleries($matrix, $made, $placements);
        if ($made === [] || $matrix->axes === []) {
            // Nothing can be chosen: every made cell is the answer by itself.
            expect($galleries->all())->toHaveCount(count($made));

            return;
        }
        $cell = $made[$random->getInt(0, count($made) - 1)];
        $choice = $cell->on([$matrix->axes[0]->id]);
        $answer = $galleries->forChoice($choice);
        $seen = Combination::of(($answer->seenWith->values ?? []) + $choice->values);
        $remaining = array_filter($made, fn(Combination $other): bool => $other->includes($seen));
        $shared = [];
        $any = [];
        foreach ($placements as $placement) {
            $covered = array_filter($remaining, $placement->reach->covers(...));
            if (count($covered) === count($remaining)) {
                $shared[] = $placement->id;
            }
            if ($covered !== []) {
                $any[] = $placement->id;
            }
        }

        expect($answer->placementIds())->toBe($shared === [] ? $any : $shared);

        // Without stock and chosen values, the first made cell opens the product: its values are filled in, as far as
        // the choice leaves one that has them.
        foreach ($answer->seenWith->values ?? [] as $axisId => $valueId) {
            $has = array_filter(
                $made,
                fn(Combination $other): bool => $other->includes($choice) &&
                    $other->value($axisId) === $made[0]->value($axisId),
            );
            expect(
                $valueId === $made[0]->value($axisId) || $has === [] || count($answer->seenWith->values) > 1,
            )->toBeTrue();
        }
        // What is not filled in looks alike.
        foreach ($matrix->pictureAxes() as $axis) {
            if ($seen->value($axis->id) === null) {
                $looks = [];
                foreach ($remaining as $other) {
                    $looks[$other->value($axis->id)][implode(',', $galleries->of($other)->placementIds())] = true;
                }
                expect(
                    array_unique(
                        array_map(function (array $ids): string {
                            ksort($ids);

                            return implode(';', array_keys($ids));
                        }, $looks),
                    ),
                )->toHaveCount(1);
            }
        }
    },
)->with('law seeds');
