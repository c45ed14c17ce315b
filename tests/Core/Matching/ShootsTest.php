<?php

declare(strict_types=1);

use Core\Color\Swatches\Swatch;
use Core\Gallery\View;
use Core\Matching\Names\KnownProduct;
use Core\Matching\Shoots\Plan\PlannedGroup;
use Core\Matching\Shoots\Plan\PlannedSeries;
use Core\Matching\Shoots\Plan\ShootPlan;
use Core\Matching\Shoots\ShootReader;
use Core\Matching\Shoots\ShotLook;
use Core\Matching\Shoots\ShotPicture;
use Core\Matching\Shoots\ShotValues;
use Core\Matching\Shoots\ShotViews;
use Core\Matching\Shoots\TakenPicture;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Refusal;
use Tests\Core\Matching\DrawnShoot;
use Tests\Support\Seeds;

/**
 * @return array{bool, bool} whether the groups are those that were taken, and each picture stands at the place of its
 *   view
 */
function readRight(DrawnShoot $shoot): array
{
    $found = $places = [];
    foreach (ShootReader::read($shoot->pictures) as $series) {
        foreach ($series->groups as $group) {
            $found[] = $group->keys;
        }
        $places += $series->placeOf;
    }
    $taken = [];
    foreach ($shoot->group as $key => $name) {
        $taken[$name][] = $key;
    }
    $taken = array_values($taken);
    sort($found);
    sort($taken);
    ksort($places);
    $views = $shoot->view;
    ksort($views);

    return [$found === $taken, $places === $views];
}

it('reads groups and views of shoots that are drawn at random', function (): void {
    $seeds = Seeds::upTo(100);
    $groups = $views = 0;
    foreach ($seeds as $seed) {
        [$hasGroups, $hasViews] = readRight(new DrawnShoot($seed));
        $groups += (int) $hasGroups;
        $views += (int) $hasViews;
    }
    // Of all hundred at least 95 and 90; a third of them may have drawn more of the hard ones.
    $slack = count($seeds) === 100 ? 0.0 : 0.06;
    expect($groups / count($seeds))
        ->toBeGreaterThanOrEqual(0.95 - $slack)
        ->and($views / count($seeds))
        ->toBeGreaterThanOrEqual(0.9 - $slack);
});

it('parts folders, whatever their pictures look like, and pauses where nothing tells colors', function (): void {
    $keys = fn(array $pictures): array => array_map(
        fn($series): array => array_map(fn($group): array => $group->keys, $series->groups),
        ShootReader::read($pictures),
    );
    $at = fn(string $time, string $folder = ''): ShotPicture => new ShotPicture(
        new TakenPicture("IMG_{$time}.jpg", $folder, 'A', "2026-11-30 10:{$time}"),
        null,
    );
    expect(
        $keys([
            'a' => $at('00:01', 'Moss'),
            'b' => $at('00:04', 'Moss'),
            'c' => $at('00:07', 'Clay'),
            'd' => $at('00:10', 'Clay'),
        ])[0],
    )
        ->toBe([['a', 'b'], ['c', 'd']])
        ->and(
            $keys([
                'a' => $at('00:01'),
                'b' => $at('00:05'),
                'c' => $at('01:20'),
                'd' => $at('01:24'),
                'e' => $at('02:50'),
                'f' => $at('02:54'),
            ])[0],
        )
        ->toBe([['a', 'b'], ['c', 'd'], ['e', 'f']])
        ->and($keys([]))
        ->toBe([]);
});

it('gives each group the nearest color, and each color once; what is said counts first', function (): void {
    $shoot = new DrawnShoot(3);
    $values = [];
    $swatches = [];
    foreach (array_values(array_unique($shoot->group)) as $at => $name) {
        [$product, $hex] = explode(' ', $name);
        if ($product === '0') {
            $values[] = new Value(100 + $at, $name);
            $swatches[100 + $at] = Swatch::read($hex);
        }
    }
    $product = new KnownProduct(
        1,
        'TB-SMOCK',
        'Potting smock',
        Matrix::of([new Axis(1, 'Color', AxisKind::Color, $values, true)]),
        $swatches,
    );
    $groups = array_map(
        fn(Value $value): array => array_values(
            array_map(
                fn(string $key): ?ShotLook => $shoot->pictures[$key]->look,
                array_keys($shoot->group, $value->label),
            ),
        ),
        $values,
    );
    $own = array_map(fn(Value $value): Combination => Combination::of([1 => $value->id]), $values);
    expect(ShotValues::of($product, $groups))->toEqual($own);
    // The first is said to be the second's color, which is given once.
    $said = ShotValues::of($product, $groups, [0 => $own[1]]);
    expect($said[0])->toEqual($own[1])->and($said[1]->key)->not->toBe($own[1]->key);
});

it('tells views by what is linked already, else as the sender takes them, else by the shot list', function (): void {
    $shoot = new DrawnShoot(7);
    $order = $shoot->orders[0];
    $forms = array_map(
        fn(int $view): ShotLook => ShotLook::mean(
            array_map(
                fn(string $key): ShotLook => $shoot->pictures[$key]->look ?? ShotLook::none(),
                array_keys(array_filter($shoot->view, fn(int $own): bool => $own === $view)),
            ),
        ),
        array_keys($order),
    );
    $views = array_map(View::usual(...), $order);
    $reversed = array_reverse($views);
    $names = fn(array $views): array => array_map(fn(?View $view): ?string => $view?->key, $views);
    $linked = [];
    foreach ($forms as $place => $form) {
        $linked[] = [$views[$place], $form];
    }
    expect($names(ShotViews::of($forms, $linked, $reversed, [View::usual('pack')])))
        ->toBe($order)
        ->and($names(ShotViews::of($forms, [], $reversed, $views)))
        ->toBe(array_reverse($order))
        ->and($names(ShotViews::of($forms, [], [View::usual('pack')], $views)))
        ->toBe($order)
        ->and($names(ShotViews::of($forms, [], [], [View::usual('front')])))
        ->toBe(['front', ...array_fill(0, count($order) - 1, null)]);
});

/** Two groups of three and two pictures, and one left out. */
function smallPlan(): ShootPlan
{
    $moss = Combination::of([1 => 11]);

    return new ShootPlan(
        [
            new PlannedSeries(
                7,
                ['front', 'back', 'detail'],
                [
                    new PlannedGroup($moss, [0 => [1], 1 => [2], 2 => [3]]),
                    new PlannedGroup(Combination::of([1 => 12]), [0 => [4], 1 => [5]]),
                ],
            ),
        ],
        [6],
    );
}

/** @return list<array<int, list<int>>> the cells of each group */
function shotCells(ShootPlan $plan, int $series = 0): array
{
    return array_map(fn(PlannedGroup $group): array => $group->cells, $plan->series[$series]->groups);
}

it('moves pictures to other places, groups and out, and adds columns where they are needed', function (): void {
    $plan = smallPlan();
    expect(shotCells($plan->moved(2, 0, 1, 1)))
        ->toBe([[0 => [1], 2 => [3]], [0 => [4], 1 => [5, 2]]])
        ->and(shotCells($plan->moved(2, 0, 2, 0)))
        ->toBe([[0 => [1], 2 => [3]], [0 => [4], 1 => [5]], [0 => [2]]])
        ->and(shotCells($plan->moved(6, 0, 1, 2))[1])
        ->toBe([0 => [4], 1 => [5], 2 => [6]])
        ->and($plan->moved(6, 0, 1, 2)->leftOut)
        ->toBe([])
        // "A view was left out here": what follows stands a place later, in a new column where there is none.
        ->and(shotCells($plan->shifted(2, 1))[0])
        ->toBe([0 => [1], 2 => [2], 3 => [3]])
        ->and($plan->shifted(2, 1)->series[0]->views)
        ->toBe(['front', 'back', 'detail', null])
        // "This one was taken twice."
        ->and(shotCells($plan->shifted(2, -1))[0])
        ->toBe([0 => [1, 2], 1 => [3]])
        ->and(shotCells($plan->shifted(2, 1)->shifted(2, -1)))
        ->toBe(shotCells($plan))
        ->and($plan->withLeftOut(4)->withLeftOut(5)->leftOut)
        ->toBe([6, 4, 5])
        ->and(shotCells($plan->withLeftOut(4)->withLeftOut(5)))
        ->toHaveCount(1)
        ->and($plan->withView(0, 2, 'front')->series[0]->views)
        ->toBe([null, 'back', 'front'])
        ->and($plan->withPart(0, 1, Combination::of([1 => 13]))->series[0]->groups[1]->part->key)
        ->toBe('1:13');
});

it('says a style of all colors at once, and a color of none but its own', function (): void {
    $parts = fn(ShootPlan $plan): array => array_map(
        fn(PlannedGroup $group): string => $group->part->key,
        $plan->series[0]->groups,
    );
    $styled = smallPlan()->withPart(0, 0, Combination::of([1 => 11, 2 => 21]));
    expect($parts($styled))
        ->toBe(['1:11,2:21', '1:12,2:21'])
        // The other has said otherwise since, or nothing tells the groups apart.
        ->and($parts($styled->withPart(0, 1, Combination::of([1 => 12, 2 => 22]))))
        ->toBe(['1:11,2:21', '1:12,2:22'])
        ->and($parts($styled->withPart(0, 1, Combination::of([1 => 12]))))
        ->toBe(['1:11,2:21', '1:12'])
        ->and(
            $parts(
                smallPlan()
                    ->withPart(0, 0, Combination::of([]))
                    ->withPart(0, 1, Combination::of([]))
                    ->withPart(0, 0, Combination::of([1 => 11])),
            ),
        )
        ->toBe(['1:11', '']);
});

it('refuses to move what is not there, and to where nothing is', function (): void {
    $plan = smallPlan();
    foreach (
        [
            fn() => $plan->moved(99, 0, 0, 0),
            fn() => $plan->moved(1, 1, 0, 0),
            fn() => $plan->moved(1, 0, 3, 0),
            fn() => $plan->moved(1, 0, 0, ShootPlan::MOST_PLACES),
            fn() => $plan->shifted(1, -1),
            fn() => $plan->shifted(6, 1),
            fn() => $plan->withLeftOut(99),
            fn() => $plan->withView(0, 3, 'front'),
            fn() => $plan->withPart(0, 2, Combination::of([])),
        ]
        as $deed
    ) {
        expect($deed)->toThrow(Refusal::class);
    }
});

it('keeps every picture at one place whatever is moved, in any order', function (int $seed): void {
    mt_srand($seed);
    $plan = smallPlan();
    for ($move = 0; $move < 60; $move++) {
        $file = mt_rand(1, 6);
        try {
            $plan = match (mt_rand(0, 3)) {
                0 => $plan->moved($file, 0, mt_rand(0, 3), mt_rand(0, 4)),
                1 => $plan->shifted($file, mt_rand(0, 1) === 0 ? -1 : 1),
                2 => $plan->withLeftOut($file),
                default => $plan->withView(0, mt_rand(0, 3), 'back'),
            };
        } catch (Refusal) {
            continue;
        }
        $all = [...$plan->files(), ...$plan->leftOut];
        sort($all);
        expect($all)->toBe([1, 2, 3, 4, 5, 6]);
        foreach ($plan->series as $series) {
            expect(array_unique(array_filter($series->views)))->toHaveCount(count(array_filter($series->views)));
        }
    }
})->with(Seeds::upTo(30));
