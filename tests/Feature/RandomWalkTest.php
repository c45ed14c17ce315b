<?php

declare(strict_types=1);

use App\Actions\AssignRole;
use App\Actions\DescribePhotos;
use App\Actions\HidePhotos;
use App\Actions\LeaveOutCells;
use App\Actions\LinkPhotos;
use App\Actions\OrderPhotos;
use App\Actions\Refused;
use App\Actions\SetPrices;
use App\Actions\SetStock;
use App\Actions\UnlinkPhotos;
use App\Models\HistoryEntry;
use Core\CoreException;
use Core\Gallery\Role;
use Core\Gallery\View;
use Random\Randomizer;
use Tests\Core\Samples;
use Tests\Shop;

/** One random change as a person might make it. */
function randomChange(Shop $shop, Randomizer $random): void
{
    $loaded = $shop->loaded();
    $pick = fn (array $list): mixed => $list[$random->getInt(0, count($list) - 1)];
    $photo = $pick(array_keys($loaded->placements));
    $tokens = ['*'];
    foreach ($loaded->matrix->axes as $axis) {
        foreach ($axis->valueIds() as $valueId) {
            $tokens[] = "{$axis->id}:{$valueId}";
        }
    }
    $selected = $pick($tokens);
    $colors = $pick(['Moss, Clay', 'Moss, Clay, Slate', 'Slate, Moss, Oat', 'Clay']);
    $sizes = $pick(['S, M, L', 'M', 'S, M, L, XL', 'XL, M']);
    $axes = $pick([
        ['Color' => $colors, 'Size' => $sizes],
        ['Color' => $colors, 'Size' => $sizes, 'Style' => $pick(['Buttoned, Pullover', 'Pullover'])],
        ['Color' => $colors],
    ]);
    match ($random->getInt(0, 10)) {
        0, 1, 2 => $shop->axes($axes, [], [], $random->getInt(0, 1) === 1),
        3 => app(LinkPhotos::class)->run($shop->change(), [$photo], $selected, $random->getInt(0, 1) === 1),
        4 => app(UnlinkPhotos::class)->run($shop->change(), [$photo], $selected),
        5 => app(HidePhotos::class)->run($shop->change(), [$photo], $selected, $random->getInt(0, 1) === 1),
        6 => app(OrderPhotos::class)->move($shop->change(), $photo, $selected, $random->getInt(0, 4)),
        7 => app(AssignRole::class)->run($shop->change(), $photo, $pick(Role::cases()), $random->getInt(0, 1) === 1),
        8 => app(DescribePhotos::class)->view($shop->change(), [$photo], $pick(View::cases())),
        9 => app(LeaveOutCells::class)->run($shop->change(), $pick($tokens), $random->getInt(0, 1) === 1),
        10 => $random->getInt(0, 1) === 1
            ? app(SetStock::class)->run($shop->change(), $selected, (string) $random->getInt(0, 50))
            : app(SetPrices::class)->run($shop->change(), $selected, (string) $random->getInt(1, 90)),
    };
}

it('undoes any sequence of changes step by step to the identical states, and redoes it', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay, Slate', 'Size' => 'S, M, L']);
    foreach (['Moss', 'Clay'] as $color) {
        $shop->photo("{$color} front.jpg", ['Color' => $color], View::Front, Role::Lead);
        $shop->photo("{$color} small.jpg", ['Color' => $color, 'Size' => 'S'], View::Detail);
    }
    $shop->photo('guide.jpg', [], View::SizeGuide);
    app(SetStock::class)->run($shop->change(), '*', '10');

    $states = [$shop->state()];
    for ($step = 0; $step < 20; $step++) {
        $entries = HistoryEntry::query()->count();
        $before = $shop->state();
        try {
            randomChange($shop, $random);
        } catch (Refused|CoreException) {
            // What is refused has changed nothing.
            expect($shop->state())->toBe($before);
        }
        if (HistoryEntry::query()->count() > $entries) {
            $states[] = $shop->state();
        }
        // Whatever happened, no two made SKUs share a cell, and no code is given twice.
        $loaded = $shop->loaded();
        $made = array_filter($loaded->skus, fn ($sku): bool => $sku->isMade());
        expect(array_unique(array_map(fn ($sku): string => $sku->cell->key, $made)))->toHaveCount(count($made));
    }
    for ($at = count($states) - 2; $at >= 0; $at--) {
        $shop->undo();
        expect($shop->state())->toBe($states[$at]);
    }
    for ($at = 1; $at < count($states); $at++) {
        $shop->redo();
        expect($shop->state())->toBe($states[$at]);
    }
})->with(range(1, 12));

it('keeps what can be undone and redone as two stacks, however changes, undoing and redoing follow each other', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    $undo = [];
    $redo = [];
    for ($step = 0; $step < 30; $step++) {
        $before = $shop->state();
        $way = $random->getInt(0, 4);
        if ($way < 2) {
            app(SetStock::class)->run($shop->change(), '*', (string) (100 + $step));
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
            expect(fn () => $shop->redo())->toThrow(Refused::class, 'nothing of yours to redo');
        }
    }
})->with(range(1, 8));
