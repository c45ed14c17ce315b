<?php

declare(strict_types=1);

use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Matrix\Axis;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Planning\StandingSku;
use Core\Matrix\SkuState;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Reach\ReachMapper;
use Core\Reach\Simplifier;
use Random\Randomizer;
use Tests\Core\Color\Samples;

/*
 * What sleeps wakes: any sequence of removing, linking, hiding, leaving out and adding again ends as the same
 * sequence without the removing and the adding again.
 */

/** A product that values and axes leave and come back to, and its twin that they never leave. */
final class Sleeper
{
    /** @var list<StandingSku> */
    public array $skus;

    /** @var array<int, Reach> by picture */
    public array $reaches;

    /** @var array<int, Reach> by picture */
    public array $hidden;

    public Details $details;

    public function __construct(public Matrix $matrix)
    {
        $this->skus = Samples::built($matrix);
        $this->details = new Details();
        $this->reaches = $this->hidden = array_fill(1, 3, Reach::nothing());
    }

    /** @param  list<Axis>  $axes */
    public function become(array $axes, array $homes = [], array $survivors = []): void
    {
        $this->run(new MatrixChange($this->matrix, Matrix::of($axes, $this->matrix->leftOut), $homes, $survivors));
    }

    public function edit(string $verb, int $picture, Clause $where): void
    {
        $cells = Reach::of($where)->activeIn($this->matrix);
        $simplifier = new Simplifier();
        $selected = $simplifier->pointedAt(
            $cells,
            array_map(
                fn(StandingSku $sku): Combination => $this->matrix->place($sku->cell) ?? $sku->cell,
                $this->made(),
            ),
            $this->matrix,
        );
        match ($verb) {
            'link' => ($this->reaches[$picture] = $simplifier->simplify(
                $this->reaches[$picture]->union($selected),
                $this->matrix,
            )),
            'unlink' => ($this->reaches[$picture] = $simplifier->simplify(
                $this->reaches[$picture]->subtract($selected, $this->matrix),
                $this->matrix,
            )),
            'hide' => ($this->hidden[$picture] = $simplifier->simplify(
                $this->hidden[$picture]->union($selected),
                $this->matrix,
            )),
            'show' => ($this->hidden[$picture] = $simplifier->simplify(
                $this->hidden[$picture]->subtract($selected, $this->matrix),
                $this->matrix,
            )),
            'say' => ($this->details = $this->details->with(DetailKind::Cost, $selected, "{$picture}", $this->matrix)),
            'leave out' => $this->rules(Reach::leftOutOf($this->matrix)->union($cells)),
            'offer again' => $this->rules(Reach::leftOutOf($this->matrix)->subtract($cells, $this->matrix)),
        };
    }

    private function rules(Reach $leftOut): void
    {
        $this->run(
            new MatrixChange(
                $this->matrix,
                Matrix::of($this->matrix->axes, (new Simplifier())->simplify($leftOut, $this->matrix)),
            ),
        );
    }

    private function run(MatrixChange $change): void
    {
        $this->skus = Samples::applied((new Planner())->plan($change, $this->skus), $this->skus);
        $this->reaches = array_map(ReachMapper::along($change)->reach(...), $this->reaches);
        $this->hidden = array_map(ReachMapper::along($change)->hidden(...), $this->hidden);
        $this->details = $this->details->carried(ReachMapper::along($change));
        $this->matrix = $change->to;
    }

    /** @return list<StandingSku> */
    private function made(): array
    {
        return array_values(array_filter($this->skus, fn(StandingSku $sku): bool => $sku->state === SkuState::Made));
    }

    /** Another axis comes; the SKUs of today go to its first value. */
    public function meet(Axis $other): void
    {
        $this->become([...$this->matrix->axes, $other], [$other->id => $other->values[0]->id]);
    }

    /**
     * @param  int  $most  ids above this are of SKUs that were made meanwhile, which differ
     * @return array<string, string> what each cell is and shows, by cell
     */
    public function seen(int $most = PHP_INT_MAX): array
    {
        $made = Samples::made($this->skus, $this->matrix);
        $seen = [];
        foreach ($this->matrix->combinations() as $cell) {
            $shown = array_keys(
                array_filter(
                    $this->reaches,
                    fn(Reach $reach, int $id): bool => $reach->activeIn($this->matrix)->covers($cell) &&
                        !$this->hidden[$id]->activeIn($this->matrix)->covers($cell),
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            $id = $made[$cell->key] ?? 0;
            $seen[$cell->key] =
                ($this->matrix->isOffered($cell) ? 'SKU ' . ($id > $most ? 'made since' : $id) : 'left out') .
                ' shows ' .
                implode(' ', $shown) .
                ' and says ' .
                $this->details->at(DetailKind::Cost, $cell, $this->matrix);
        }
        ksort($seen);

        return $seen;
    }
}

/**
 * The same where other axes come meanwhile, and stay.
 *
 * @return list<string> what differs, and the steps that led there; nothing where the law holds
 */
function brokenSleepAmongOthers(int $seed): array
{
    $random = Samples::random($seed);
    $axes = array_map(
        fn(int $id): Axis => Samples::axis($random, $id, $random->getInt(2, 3)),
        range(1, $random->getInt(1, 3)),
    );
    $leaves = new Sleeper(Matrix::of($axes));
    $stays = new Sleeper(Matrix::of($axes));
    $built = count($stays->skus);
    $others = [];
    $steps = [];
    for ($step = $random->getInt(3, 9); $step > 0; $step--) {
        $what = $random->getInt(0, 3);
        if ($what === 0 && count($others) < 2) {
            $others[] = $other = Samples::axis($random, 7 + count($others), 2);
            $leaves->meet($other);
            $stays->meet($other);
            $steps[] = "meet {$other->id}";
        } elseif ($what < 3) {
            $steps[] = comeAndGo($random, $leaves, $axes, others: $others);
        } else {
            $where = somewhere($random, $leaves->matrix);
            $picture = $random->getInt(1, 3);
            foreach ([$leaves, $stays] as $sleeper) {
                $sleeper->edit('link', $picture, $where);
            }
            $steps[] = "link {$picture} at {$where->key()}";
        }
    }
    $steps[] = comeAndGo($random, $leaves, $axes, back: true, others: $others);
    $ends = [$leaves->seen($built), $stays->seen($built)];

    return $ends[0] === $ends[1]
        ? []
        : [
            ...$steps,
            'ended as',
            json_encode(array_diff_assoc($ends[0], $ends[1])),
            'not as',
            json_encode(array_diff_assoc($ends[1], $ends[0])),
        ];
}

/** @return list<string> what differs, and the steps that led there; nothing where the law holds */
function brokenSleep(int $seed): array
{
    $random = Samples::random($seed);
    $axes = array_map(
        fn(int $id): Axis => Samples::axis($random, $id, $random->getInt(2, 4)),
        range(1, $random->getInt(1, 3)),
    );
    $leaves = new Sleeper(Matrix::of($axes));
    $stays = new Sleeper(Matrix::of($axes));
    $steps = [];
    for ($step = $random->getInt(3, 10); $step > 0; $step--) {
        if ($random->getInt(0, 2) === 0) {
            $steps[] = comeAndGo($random, $leaves, $axes);
        } else {
            $where = somewhere($random, $leaves->matrix);
            $verb = ['link', 'link', 'unlink', 'hide', 'show', 'leave out', 'offer again', 'say', 'say'][
                $random->getInt(0, 8)
            ];
            $picture = $random->getInt(1, 3);
            $leaves->edit($verb, $picture, $where);
            $stays->edit($verb, $picture, $where);
            $steps[] = "{$verb} {$picture} at {$where->key()}";
        }
    }
    $steps[] = comeAndGo($random, $leaves, $axes, back: true);

    return $leaves->seen() === $stays->seen()
        ? []
        : [
            ...$steps,
            'ended as',
            json_encode(array_diff_assoc($leaves->seen(), $stays->seen())),
            'not as',
            json_encode(array_diff_assoc($stays->seen(), $leaves->seen())),
        ];
}

/**
 * @param  list<Axis>  $all  that come and go
 * @param  list<Axis>  $others  that stay
 */
function comeAndGo(Randomizer $random, Sleeper $sleeper, array $all, bool $back = false, array $others = []): string
{
    $wanted = [];
    $homes = [];
    $survivors = [];
    foreach ($all as $axis) {
        if (!$back && count($all) > 1 && $random->getInt(0, 3) === 0) {
            $awake = $sleeper->matrix->axis($axis->id);
            if ($awake !== null) {
                $survivors[$axis->id] = $awake->values[$random->getInt(0, $awake->count() - 1)]->id;
            }

            continue;
        }
        $stood = $sleeper->matrix->sleeping[$axis->id]->standsAt ?? null;
        $values = array_values(
            array_filter(
                $axis->values,
                fn($value): bool => $back || $value->id === $stood || $random->getInt(0, 2) > 0,
            ),
        ) ?: [$axis->values[0]];
        $wanted[] = new Axis($axis->id, $axis->name, $axis->kind, $values, $axis->changesPicture);
        if ($stood !== null) {
            $homes[$axis->id] = $stood;
        }
    }
    $sleeper->become([...$wanted, ...$others], $homes, $survivors);

    return 'have ' .
        implode(' ', array_map(fn(Axis $axis): string => "{$axis->id}:" . implode('|', $axis->valueIds()), $wanted)) .
        ' standing at ' .
        json_encode($survivors);
}

function somewhere(Randomizer $random, Matrix $matrix): Clause
{
    $values = [];
    foreach ($matrix->axes as $axis) {
        if ($random->getInt(0, 2) > 0) {
            $values[$axis->id] = [$axis->values[$random->getInt(0, $axis->count() - 1)]->id];
        }
    }

    return Clause::of($values);
}

it('ends the same with and without removing and adding again', function (int $batch): void {
    foreach (range(100 * $batch, 100 * $batch + 99) as $seed) {
        expect(brokenSleep($seed))->toBe([]);
    }
})->with(range(1, 30));

it(
    'ends the same whatever other axes came meanwhile (SKUs that slept found no cell, and new ones were made in their place)',
    function (int $batch): void {
        foreach (range(100 * $batch, 100 * $batch + 99) as $seed) {
            expect(brokenSleepAmongOthers($seed))->toBe([]);
        }
    },
)->with(range(1, 15));

it('wakes a SKU and its stock though another axis came while it slept', function (): void {
    $color = Samples::smock(['Moss', 'Clay'], [])->axes[0];
    $size = Samples::smock([], ['S', 'M'])->axes[0];
    $style = Samples::smock([], [], ['Button', 'Wrap'])->axes[0];
    $sleeper = new Sleeper(Matrix::of([$color, $size]));
    $small = Combination::of([Samples::COLOR => 11, Samples::SIZE => 21]);
    $sleeper->skus = array_map(
        fn(StandingSku $sku): StandingSku => $sku->cell->key === $small->key
            ? new StandingSku($sku->id, $sku->cell, $sku->state, 7)
            : $sku,
        $sleeper->skus,
    );
    $sleeper->become([$color], [], [Samples::SIZE => 22]);
    $sleeper->become([$color, $style], [Samples::STYLE => 31]);
    $sleeper->become([$color, $style, $size], [Samples::SIZE => 22]);
    $there = array_values(
        array_filter(
            $sleeper->skus,
            fn(StandingSku $sku): bool => $sku->cell->key === $small->with(Samples::STYLE, 31)->key,
        ),
    );
    expect($there)->toHaveCount(1)->and($there[0]->stock)->toBe(7)->and($there[0]->state)->toBe(SkuState::Made);
});

it('gives retired SKUs the home of an axis that comes, whatever else happened to their values', function (): void {
    $size = Samples::smock([], ['S', 'XL'])->axes[0];
    $style = Samples::smock([], [], ['Button', 'Wrap'])->axes[0];
    $sleeper = new Sleeper(Matrix::of([$size]));
    $sleeper->become([$size->with([$size->values[0]])]);
    $sleeper->become([$size->with([$size->values[0]]), $style], [Samples::STYLE => 31]);
    $retired = array_values(
        array_filter($sleeper->skus, fn(StandingSku $sku): bool => $sku->state === SkuState::Retired),
    );
    expect(array_map(fn(StandingSku $sku): ?int => $sku->cell->value(Samples::STYLE), $retired))->toBe([31]);
});
