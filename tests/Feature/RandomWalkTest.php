<?php

declare(strict_types=1);

use App\Actions\Skus\SetStock;
use Core\Reach\Selection;
use Core\Refusal;
use Tests\Core\Color\Samples;
use Tests\Support\Seeds;
use Tests\Support\Shop;
use Tests\Walk\Breach;
use Tests\Walk\Shrinker;
use Tests\Walk\Step;
use Tests\Walk\Walk;

it('holds every law however two people change a product, undo and redo (bin/walk does it for longer)', function (
    int $seed,
): void {
    $walk = Walk::ready();
    foreach (range(1, 3) as $try) {
        $random = Samples::random(10 * $seed + $try);
        $steps = $try === 2 ? Step::ofNumbers($random, 6) : Step::sequence($random, 10);
        $breach = $walk->run($steps);
        expect($breach === null ? '' : Shrinker::smallest($steps, $breach, $walk->run(...))->inWords())->toBe('');
    }
})->with(Seeds::upTo(8));

it('finds the smallest sequence that breaks a law', function (): void {
    $steps = Step::sequence(Samples::random(1), 40);
    $culprits = [$steps[7], $steps[23]];
    $run = function (array $tried) use ($culprits): ?Breach {
        $last = array_search($culprits[1], $tried, true);

        return in_array($culprits[0], $tried, true) && $last !== false
            ? new Breach('a law', 'broken', $last + 1, array_map(fn(Step $step): string => $step->verb->name, $tried))
            : null;
    };
    $smallest = Shrinker::smallest($steps, $run($steps), $run);
    expect($smallest->step)
        ->toBe(2)
        ->and($smallest->done)
        ->toBe([$culprits[0]->verb->name, $culprits[1]->verb->name]);
});

it(
    'keeps what can be undone and redone as two stacks, however changes, undoing and redoing follow each other',
    function (int $seed): void {
        $random = Samples::random($seed);
        $shop = Shop::open();
        $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
        $undo = [];
        $redo = [];
        for ($step = 0; $step < 30; $step++) {
            $before = $shop->state();
            $way = $random->getInt(0, 4);
            if ($way < 2) {
                app(SetStock::class)->run($shop->change(), Selection::whole(), (string) (100 + $step));
                $undo[] = $before;
                $redo = [];
            } elseif ($way < 4 && $undo !== []) {
                $shop->undo();
                expect($shop->state())->toBe(array_pop($undo));
                $redo[] = $before;
            } elseif ($way === 4 && $redo !== []) {
                $shop->redo();
                expect($shop->state())->toBe(array_pop($redo));
                $undo[] = $before;
            } elseif ($way === 4) {
                expect(fn() => $shop->redo())->toThrow(Refusal::class, 'nothing of yours to redo');
            }
        }
    },
)->with(Seeds::upTo(8));
