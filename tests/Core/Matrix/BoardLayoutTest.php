<?php

declare(strict_types=1);

use Core\Matrix\Axis;
use Core\Matrix\BoardLayout;
use Core\Matrix\Matrix;
use Tests\Core\Color\Samples;

/** @return list<?string> down, across, layers */
function laidOut(BoardLayout $layout): array
{
    return [
        $layout->down?->name,
        $layout->across?->name,
        ...array_map(fn(Axis $axis): string => $axis->name, $layout->layers),
    ];
}

it('runs sizes across and pictures down', function (array $parts, array $expected): void {
    expect(laidOut(BoardLayout::usual(Samples::smock(...$parts))))->toBe($expected);
})->with([
    'three' => [['styles' => ['Buttoned', 'Pullover']], ['Color', 'Size', 'Style']],
    'two' => [[], ['Color', 'Size']],
    'no size' => [['sizes' => [], 'styles' => ['Buttoned', 'Pullover']], ['Color', 'Style']],
    'sizes only' => [['colors' => []], ['Size', null]],
    'none' => [['colors' => [], 'sizes' => []], [null, null]],
]);

it('gives an axis another place, and its old place to the one that was there', function (
    int $axisId,
    string $place,
    array $expected,
): void {
    $matrix = Samples::smock(styles: ['Buttoned', 'Pullover']);
    $layout = BoardLayout::usual($matrix)->moved($matrix, $matrix->axis($axisId), $place);
    expect(laidOut($layout))->toBe($expected)->and($layout->place($matrix->axis($axisId)))->toBe($place);
})->with([
    'down and across' => [Samples::SIZE, 'down', ['Size', 'Color', 'Style']],
    'from the layers' => [Samples::STYLE, 'down', ['Style', 'Size', 'Color']],
    'into the layers' => [Samples::COLOR, 'layers', ['Style', 'Size', 'Color']],
    'where it is' => [Samples::COLOR, 'down', ['Color', 'Size', 'Style']],
    'layers across' => [Samples::STYLE, 'across', ['Color', 'Style', 'Size']],
]);

it('lets a single axis run down or across', function (): void {
    $matrix = Samples::smock(sizes: []);
    $across = BoardLayout::usual($matrix)->moved($matrix, $matrix->axes[0], 'across');
    expect(laidOut($across))
        ->toBe([null, 'Color'])
        ->and($across->places())
        ->toBe(['down', 'across'])
        ->and(laidOut($across->moved($matrix, $matrix->axes[0], 'down')))
        ->toBe(['Color', null]);
});

it('falls back to the usual layout where a remembered one does not fit the axes any more', function (
    ?int $down,
    ?int $across,
): void {
    expect(laidOut(BoardLayout::remembered(Samples::smock(), $down, $across)))->toBe(['Color', 'Size']);
})->with([[9, 2], [1, null], [null, null], [1, 1], [3, 2]]);

it('looks at one layer first where all of them would be too many cells', function (
    array $counts,
    int $atMost,
    int $fixed,
): void {
    $matrix = Matrix::of(
        array_map(
            fn(int $id, int $count): Axis => Samples::axis(Samples::random($id), $id, $count),
            range(1, count($counts)),
            $counts,
        ),
    );
    $layout = BoardLayout::usual($matrix);
    $layers = $layout->firstLayers($matrix);
    $cells = $matrix->cellCount();
    foreach (array_keys($layers) as $axisId) {
        $cells = intdiv($cells, $matrix->axis($axisId)->count());
        expect($layout->place($matrix->axis($axisId)))->toBe('layers');
    }
    expect($cells)->toBeLessThanOrEqual($atMost)->and(count($layers))->toBe($fixed);
})->with([
    'small' => [[5, 6, 2], 1000, 0],
    '5,000 in four axes' => [[9, 9, 9, 7], 1000, 1],
    'two large axes have no layers' => [[9, 9], 1000, 0],
    'six axes' => [[5, 5, 5, 5, 4, 4], 1000, 2],
]);

it('keeps every axis in one place, whatever is moved where', function (int $seed): void {
    $random = Samples::random($seed);
    $matrix = Samples::matrix($random, 5);
    $layout = BoardLayout::usual($matrix);
    for ($step = 0; $step < 8 && $matrix->axes !== []; $step++) {
        $axis = $matrix->axes[$random->getInt(0, count($matrix->axes) - 1)];
        $place = $layout->places()[$random->getInt(0, count($layout->places()) - 1)];
        $layout = $layout->moved($matrix, $axis, $place);
        expect($layout->place($axis))->toBe($place);
    }
    $names = array_filter(laidOut($layout));
    expect($names)->toEqualCanonicalizing(array_map(fn(Axis $axis): string => $axis->name, $matrix->axes));
})->with(range(1, 60));
