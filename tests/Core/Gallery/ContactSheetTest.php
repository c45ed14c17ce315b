<?php

declare(strict_types=1);

use Core\Gallery\ContactSheet;
use Core\Gallery\Coverage\Coverage;
use Core\Gallery\Coverage\Need;
use Core\Gallery\Coverage\NumberedShot;
use Core\Gallery\Coverage\Shot;
use Core\Gallery\Coverage\ShotList;
use Core\Gallery\Galleries;
use Core\Gallery\Opening;
use Core\Gallery\Placement;
use Core\Gallery\Roles\Ground;
use Core\Gallery\Roles\Role;
use Core\Gallery\Roles\RolePlan;
use Core\Gallery\Roles\RoleRule;
use Core\Gallery\Sequence\LongestRun;
use Core\Gallery\Sequence\Order;
use Core\Gallery\Sequence\SequenceDifference;
use Core\Gallery\Showing;
use Core\Gallery\Strip;
use Core\Gallery\View;
use Core\Matrix\Matrix;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Tests\Core\Color\Samples;

function ofColor(int ...$colors): Reach
{
    return Reach::of(Clause::of([Samples::COLOR => $colors]));
}

/** @param  list<Placement>  $placements */
function sheetOf(Matrix $matrix, array $placements): ContactSheet
{
    return ContactSheet::of(
        $matrix,
        $matrix->offered(),
        $placements,
        new Galleries($matrix, $matrix->offered(), $placements),
    );
}

/**
 * @param  list<string>  $views  keys of usual views; empty for none
 * @return list<NumberedShot>
 */
function shotsOf(array $views): array
{
    return NumberedShot::of(
        array_map(
            fn(int $at, string $view): Placement => Samples::placement(
                $at + 1,
                Reach::everything(),
                $view === '' ? null : View::usual($view),
            ),
            array_keys($views),
            $views,
        ),
    );
}

/** @return iterable<list<int>> */
function permutations(array $items): iterable
{
    if (count($items) < 2) {
        yield $items;
    }
    foreach (count($items) < 2 ? [] : $items as $at => $first) {
        foreach (permutations(array_values(array_diff_key($items, [$at => 0]))) as $rest) {
            yield [$first, ...$rest];
        }
    }
}

/** How many pairs stand the other way round. */
function flips(array $one, array $other): int
{
    $places = array_flip($other);
    $flips = 0;
    foreach ($one as $at => $first) {
        foreach (array_slice($one, $at + 1) as $second) {
            $flips += $places[$first] > $places[$second] ? 1 : 0;
        }
    }

    return $flips;
}

it('says how sequences differ, with as few moves as can be', function (
    array $reference,
    array $own,
    array $missing,
    array $more,
    array $moved,
    string $words,
): void {
    $difference = SequenceDifference::between(shotsOf($reference), shotsOf($own));
    $named = fn(array $shots): array => array_map(fn(NumberedShot $shot): string => $shot->inWords(), $shots);
    expect([
        $named($difference->missing),
        $named($difference->more),
        $named($difference->moved),
        $difference->inWords(),
    ])
        ->toBe([$missing, $more, $moved, $words])
        ->and($difference->isNone())
        ->toBe($words === '');
})->with([
    'the same' => [['front', 'back'], ['front', 'back'], [], [], [], ''],
    'the last one first' => [
        ['front', 'back', 'detail', 'worn'],
        ['worn', 'front', 'back', 'detail'],
        [],
        [],
        ['worn'],
        'worn stands elsewhere',
    ],
    'one missing, one more' => [
        ['front', 'back', 'worn'],
        ['front', 'detail', 'back'],
        ['worn'],
        ['detail'],
        [],
        'no worn; detail more',
    ],
    'a second detail' => [['front', 'detail'], ['front', 'detail', 'detail'], [], ['detail 2'], [], 'detail 2 more'],
    'turned round' => [
        ['front', 'back', 'side'],
        ['side', 'back', 'front'],
        [],
        [],
        ['side', 'back'],
        'side, back stand elsewhere',
    ],
    'without a view' => [['front'], ['', 'front'], [], ['picture without a view'], [], 'picture without a view more'],
    'nothing there' => [['front'], [], ['front'], [], [], 'no front'],
]);

it('finds a longest run that rises: no longer one can be', function (int $seed): void {
    $random = Samples::random($seed);
    $ranks = $random->shuffleArray(range(0, $random->getInt(0, 7)));
    $places = LongestRun::places($ranks);
    $run = array_map(fn(int $place): int => $ranks[$place], $places);
    $sorted = $run;
    sort($sorted);
    expect($run)->toBe($sorted);
    $longest = 0;
    for ($chosen = 0; $chosen < 2 ** count($ranks); $chosen++) {
        $part = array_values(
            array_filter($ranks, fn(int $place): bool => (($chosen >> $place) & 1) === 1, ARRAY_FILTER_USE_KEY),
        );
        $rising = $part;
        sort($rising);
        $longest = $part === $rising ? max($longest, count($part)) : $longest;
    }
    expect(count($run))->toBe($longest);
})->with(range(1, 200));

it('moves a picture in one gallery with no pair of pictures turned round that need not be', function (int $seed): void {
    $random = Samples::random($seed);
    $order = range(1, $random->getInt(2, 6));
    $gallery = array_values(array_filter($order, fn(): bool => $random->getInt(0, 2) > 0)) ?: $order;
    $id = $gallery[$random->getInt(0, count($gallery) - 1)];
    $to = $random->getInt(0, count($gallery) - 1);
    $wanted = array_values(array_diff($gallery, [$id]));
    array_splice($wanted, $to, 0, [$id]);

    $after = (new Order())->move($order, $gallery, $id, $to);
    $least = PHP_INT_MAX;
    foreach (permutations($order) as $other) {
        if (array_values(array_intersect($other, $gallery)) === $wanted) {
            $least = min($least, flips($order, $other));
        }
    }
    expect(array_values(array_intersect($after, $gallery)))->toBe($wanted)->and(flips($order, $after))->toBe($least);
})->with(range(1, 200));

it('holds strips against the sequence that most have', function (): void {
    $matrix = Samples::smock();
    $shot = fn(int $id, int $color, string $view): Placement => Samples::placement(
        $id,
        ofColor($color),
        View::usual($view),
    );
    $sheet = sheetOf($matrix, [
        $shot(1, 11, 'back'),
        $shot(2, 11, 'front'),
        $shot(3, 12, 'front'),
        $shot(4, 12, 'back'),
        $shot(5, 13, 'front'),
        $shot(6, 13, 'back'),
        $shot(7, 13, 'detail'),
        Samples::placement(8, Reach::everything(), View::usual('size guide')),
    ]);
    // All three have another sequence, so the first is what the others are held against.
    expect($sheet->reference)
        ->toBe($sheet->strips[0])
        ->and($sheet->differing())
        ->toBe(2)
        ->and(array_map(fn(Strip $strip): string => $sheet->difference($strip)->inWords(), $sheet->strips))
        ->toBe(['', 'front stands elsewhere', 'front stands elsewhere; detail more'])
        ->and($sheet->outOfOrder())
        ->toBe(2)
        ->and(array_map(fn(NumberedShot $column): string => $column->key, $sheet->columns()))
        ->toBe(['back 1', 'detail 1', 'front 1', 'size guide 1'])
        ->and($sheet->strips[2]->shownBy)
        ->toBe([5 => 4, 6 => 4, 7 => 4, 8 => 4]);
});

it('shows in a strip what any of its SKUs shows, and how many do', function (): void {
    $matrix = Samples::smock();
    $sheet = sheetOf($matrix, [
        Samples::placement(1, ofColor(11), View::usual('front')),
        Samples::placement(
            2,
            Reach::of(Clause::of([Samples::COLOR => [11], Samples::SIZE => [24]])),
            View::usual('worn'),
        ),
    ]);
    expect($sheet->strips[0]->shownBy)
        ->toBe([1 => 4, 2 => 1])
        ->and($sheet->strips[0]->skus())
        ->toBe(4)
        ->and($sheet->strips[1]->entries)
        ->toBe([]);
});

it('has no strip of what is not made, and none without SKUs', function (): void {
    expect(sheetOf(Samples::smock(leftOut: ofColor(12)), [])->strips)
        ->toHaveCount(2)
        ->and(ContactSheet::of(Samples::smock(), [], [], new Galleries(Samples::smock(), [], []))->reference)
        ->toBeNull();
});

it('puts all columns where each strip is in order, whatever the strips', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::smock();
    $views = ['front', 'back', 'side', 'detail', ''];
    $placements = [];
    foreach (range(1, 9) as $id) {
        $view = $views[$random->getInt(0, 4)];
        $placements[] = Samples::placement(
            $id,
            ofColor(...$random->shuffleArray([11, 12, 13])),
            $view === '' ? null : View::usual($view),
        );
    }
    $sheet = sheetOf($matrix, $placements);
    $columns = array_map(fn(NumberedShot $column): string => $column->key, $sheet->columns());
    $shots = array_merge(
        ...array_map(
            fn(Strip $strip): array => array_map(fn(NumberedShot $shot): string => $shot->key, $strip->shots),
            $sheet->strips,
        ),
    );
    expect($columns)
        ->toBe(array_values(array_unique($columns)))
        ->and(array_diff($shots, $columns))
        ->toBe([])
        ->and(
            array_values(
                array_intersect(
                    $columns,
                    array_map(fn(NumberedShot $shot): string => $shot->key, $sheet->reference->shots),
                ),
            ),
        )
        ->toBe(array_map(fn(NumberedShot $shot): string => $shot->key, $sheet->reference->shots));
})->with(range(1, 200));

it('follows the shot list with pictures of one view in the order of their values', function (): void {
    $matrix = Samples::smock();
    $front = fn(int $id, int ...$colors): Placement => Samples::placement(
        $id,
        ofColor(...$colors),
        View::usual('front'),
    );
    $placements = [
        $front(1, 13),
        $front(2, 12),
        Samples::placement(3, Reach::everything(), View::usual('front')),
        $front(4, 11),
        Samples::placement(5, Reach::nothing(), View::usual('front')),
    ];
    expect((new Order())->byShotList($placements, ShotList::of([View::usual('front')], []), $matrix->offered()))->toBe([
        3,
        4,
        2,
        1,
        5,
    ]);
});

it('sorts pictures of one view by the first cell that each reaches', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 3, 3);
    $cells = $matrix->offered();
    $placements = array_map(
        fn(int $id): Placement => Samples::placement($id, Samples::reach($random, $matrix), View::usual('front')),
        range(1, 7),
    );
    $first = function (Placement $placement) use ($cells): int {
        foreach ($cells as $place => $cell) {
            if ($placement->reach->covers($cell)) {
                return $place;
            }
        }

        return count($cells);
    };
    $byId = array_column($placements, null, 'id');
    $places = array_map(
        fn(int $id): array => [$first($byId[$id]), $id],
        (new Order())->byShotList($placements, ShotList::of([View::usual('front')], []), $cells),
    );
    $sorted = $places;
    sort($sorted);
    expect($places)->toBe($sorted);
})->with(range(1, 100));

it('counts what a product needs, wants and does not want', function (): void {
    $matrix = Samples::smock();
    $list = ShotList::of(
        [View::usual('front'), View::usual('back'), View::usual('worn')],
        [View::usual('front'), View::usual('back')],
    );
    $own = $list->differingIn([
        new Shot(View::usual('back'), Need::NotWanted, 'it has no back'),
        new Shot(new View('sole', 'sole', Showing::Goods, ['sole']), Need::Required),
    ]);
    expect(array_map(fn(Shot $shot): string => "{$shot->view->key} {$shot->need->value}", array_values($own->shots)))
        ->toBe(['front required', 'back not wanted', 'worn wanted', 'sole required'])
        ->and(array_map(fn(View $view): string => $view->key, $own->views()))
        ->toBe(['front', 'worn', 'sole']);

    $placements = [
        Samples::placement(1, ofColor(11), View::usual('front')),
        Samples::placement(
            2,
            Reach::of(Clause::of([Samples::COLOR => [12], Samples::SIZE => [21, 22]])),
            View::usual('front'),
        ),
    ];
    $coverage = Coverage::of(
        $matrix,
        $matrix->offered(),
        new Galleries($matrix, $matrix->offered(), $placements),
        $own,
    );
    $words = array_map(
        fn($row): array => array_map(fn($cell): string => $cell->inWords(), array_values($row->cells)),
        array_values($coverage->rows),
    );
    expect($words)
        ->toBe([
            ['there', 'not wanted: it has no back', 'missing', 'missing'],
            ['missing on 2 of 4 SKUs', 'not wanted: it has no back', 'missing', 'missing'],
            ['missing', 'not wanted: it has no back', 'missing', 'missing'],
        ])
        ->and($coverage->percent())
        ->toBe(16)
        ->and($coverage->rows['1:12']->cells['front']->lacking)
        ->toBe(2)
        ->and($coverage->rows['1:12']->cells['front']->placementIds)
        ->toBe([2])
        ->and($coverage->rows['1:11']->lacks())
        ->toBe(1)
        ->and($coverage->rows['1:11']->inWords())
        ->toBe('1 of 2 required · 0 of 1 wanted')
        ->and(array_map(fn($cell): string => $cell->shot->view->key, $coverage->rows['1:11']->holes()))
        ->toBe(['worn', 'sole']);
});

it('gives roles by a rule so that each combination with the view has it, and once is enough', function (
    int $seed,
): void {
    $random = Samples::random($seed);
    $matrix = Samples::smock();
    $views = ['front', 'back', 'worn'];
    $placements = [];
    foreach (range(1, 8) as $id) {
        $roles = array_values(array_filter([Role::Lead, Role::Hover], fn(): bool => $random->getInt(0, 3) === 0));
        $reach =
            $random->getInt(0, 3) === 0
                ? Reach::of(
                    Clause::of([
                        Samples::COLOR => [$random->getInt(11, 13)],
                        Samples::SIZE => [$random->getInt(21, 24)],
                    ]),
                )
                : ofColor(...array_slice($random->shuffleArray([11, 12, 13]), 0, $random->getInt(1, 3)));
        $placements[] = Samples::placement($id, $reach, View::usual($views[$random->getInt(0, 2)]), $roles);
    }
    $rule = new RoleRule(['lead' => View::usual('front'), 'hover' => View::usual('back')]);
    $plan = fn(array $of): RolePlan => $rule->plan(
        $matrix,
        $matrix->offered(),
        $of,
        new Galleries($matrix, $matrix->offered(), $of),
        new Opening($matrix, $matrix->offered()),
    );
    $once = $plan($placements);
    foreach ($once->steps as $step) {
        expect($step->wanted === null || $step->isThwarted() || $step->after->placement()?->id === $step->wanted->id)
            ->toBeTrue()
            ->and(
                $step->wanted !== null ||
                    $step->before->ground !== Ground::Assigned ||
                    $step->after->placement()?->id === $step->before->placement()?->id,
            )
            ->toBeTrue()
            ->and(
                $step->wanted === null ||
                    $step->wanted->view?->key === ['lead' => 'front', 'hover' => 'back'][$step->role->value],
            )
            ->toBeTrue();
    }
    $twice = $plan($once->placements);
    expect($twice->changes())
        ->toBe([])
        ->and(array_map(fn(Placement $placement): array => $placement->roles, $twice->placements))
        ->toEqual(array_map(fn(Placement $placement): array => $placement->roles, $once->placements));
})->with(range(1, 200));

it('counts every SKU that lacks a required view once, whichever it is', function (): void {
    $matrix = Samples::smock(['Moss'], ['S', 'M', 'L']);
    $of = fn(int $id, string $view, int ...$sizes): Placement => Samples::placement(
        $id,
        Reach::of(Clause::of([Samples::SIZE => $sizes])),
        View::usual($view),
    );
    $placements = [$of(1, 'front', 21, 23), $of(2, 'back', 22, 23)];
    $coverage = Coverage::of(
        $matrix,
        $matrix->offered(),
        new Galleries($matrix, $matrix->offered(), $placements),
        ShotList::of([View::usual('front'), View::usual('back')], [View::usual('front'), View::usual('back')]),
    );
    [$row] = array_values($coverage->rows);
    expect($row->touched)
        ->toBe(2)
        ->and($row->cells['front']->lacking)
        ->toBe(1)
        ->and($row->cells['back']->lacking)
        ->toBe(1);
});
