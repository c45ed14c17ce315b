<?php

declare(strict_types=1);

use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\ReadAxis;
use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Matrix\SharedValue;
use Core\Color\Swatches\Swatch;
use Core\Matrix\Axis;
use Core\Matrix\AxisDisplay;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Refusal;
use Tests\Core\Changes\NoCatalog;
use Tests\Core\Color\Samples;

/** @param  list<string|SharedValue>  $values */
function sharedAxisOf(int $id, string $name, AxisKind $kind, array $values): SharedAxis
{
    $shared = [];
    foreach ($values as $at => $value) {
        $one = is_string($value) ? new SharedValue($id * 10 + $at + 1, $value, strtoupper($value), [], null) : $value;
        $shared[$one->id] = $one;
    }

    return new SharedAxis(
        $id,
        $name,
        mb_strtolower($name),
        $kind,
        $kind !== AxisKind::Size,
        AxisDisplay::usualFor($kind),
        $shared,
        [],
    );
}

/**
 * What is understood of one typed axis.
 *
 * @param  list<SharedAxis>  $library
 */
function understood(
    string $name,
    string $typed,
    array $library = [],
    ?Product $own = null,
    bool $isDragged = false,
): ReadAxis {
    $reader = new DraftReader(new NoCatalog(axes: $library));

    return $reader->read([new DraftAxis($name, $typed, $isDragged)], $own)[0];
}

/** @return list<string> */
function labels(ReadAxis $read): array
{
    return array_map(fn(Value $value): string => $value->label, $read->axis->values);
}

it('knows by name and values what kind an axis is', function (
    string $name,
    string $typed,
    AxisKind $kind,
    AxisDisplay $display,
    bool $changesPicture,
): void {
    $read = understood($name, $typed);
    expect($read->axis->kind)
        ->toBe($kind)
        ->and($read->axis->display)
        ->toBe($display)
        ->and($read->axis->changesPicture)
        ->toBe($changesPicture)
        ->and($read->isNew())
        ->toBeTrue();
})->with([
    ['Color', 'Moss, Clay', AxisKind::Color, AxisDisplay::ColorSwatches, true],
    ['colour', 'Moss', AxisKind::Color, AxisDisplay::ColorSwatches, true],
    ['Size', 'S, M', AxisKind::Size, AxisDisplay::Buttons, false],
    ['Waist', '30, 32', AxisKind::Size, AxisDisplay::Buttons, false],
    ['Fit', 'S, M, L', AxisKind::Size, AxisDisplay::Buttons, false],
    ['Style', 'Buttoned, Pullover', AxisKind::Other, AxisDisplay::Buttons, true],
]);

it('puts sizes into their order, unless they were dragged into another', function (): void {
    expect(labels(understood('Size', 'XL, S | M;XXS')))
        ->toBe(['XXS', 'S', 'M', 'XL'])
        ->and(labels(understood('Size', 'XL, S, M', isDragged: true)))
        ->toBe(['XL', 'S', 'M'])
        ->and(labels(understood('Style', 'Wrap, Buttoned')))
        ->toBe(['Wrap', 'Buttoned']);
});

it('offers what is nearly in the library, and never takes it silently', function (): void {
    $library = [
        sharedAxisOf(1, 'Color', AxisKind::Color, ['Charcoal', 'Moss']),
        sharedAxisOf(2, 'Size', AxisKind::Size, ['S', 'M', 'L']),
    ];
    $near = fn(ReadAxis $read): array => array_map(
        fn($miss): string => "{$miss->typed} > {$miss->known}",
        $read->read->nearMisses,
    );
    expect($near(understood('Color', 'Charcoal, Charcaol, Mosss, Moss', $library)))
        ->toBe(['Charcaol > Charcoal', 'Mosss > Moss'])
        ->and($near(understood('Size', 'Lg, Small', $library)))
        ->toBe(['Lg > L', 'Small > S'])
        ->and($near(understood('Color', 'Oat', $library)))
        ->toBe([]);
});

it('names doubles, whatever they are called', function (): void {
    $double = fn(string $name, string $typed): array => array_map(
        fn($one): string => $one->inWords(),
        understood($name, $typed)->read->doubles,
    );
    expect($double('Color', 'Moss, moss , MOSS'))
        ->toHaveCount(2)
        ->and($double('Size', 'XXL, 2XL'))
        ->toHaveCount(1)
        ->and($double('Size', 'S, M'))
        ->toBe([]);
});

it('reads a value under the product’s own label as well as under the library’s name', function (): void {
    $library = [sharedAxisOf(1, 'Color', AxisKind::Color, ['Moss', 'Clay'])];
    $state = Samples::product()->state;
    $axes = array_map(
        fn(Axis $axis): Axis => $axis->id === 1
            ? $axis->with([new Value(11, 'Forest', 'MOSS'), new Value(12, 'Clay', 'CLAY')])
            : $axis,
        $state->matrix->axes,
    );
    $own = new Product($state->withMatrix(Matrix::of($axes)));
    foreach (['forest, Clay', 'Moss, Clay'] as $typed) {
        $read = understood('Color', $typed, $library, $own);
        expect($read->axis->values[0]->id)
            ->toBe(11)
            ->and(labels($read))
            ->toBe(['Forest', 'Clay']);
    }
    // Elsewhere the label means nothing.
    expect(understood('Color', 'forest', $library)->newValues())->toBe(['forest']);
});

it('proposes a code of its own for every new value', function (): void {
    $read = understood('Color', 'Moss, Mossy, Moss green, Moos, Mess');
    $codes = array_map(fn(Value $value): string => $value->code, $read->axis->values);
    expect(array_unique($codes))->toHaveCount(5)->and($codes[0])->toBe('MOSS');
});

it('refuses in words what cannot be read', function (array $drafts, string $why): void {
    $axes = array_map(fn(array $draft): DraftAxis => new DraftAxis(...$draft), $drafts);
    expect(fn() => (new DraftReader(new NoCatalog()))->read($axes))->toThrow(Refusal::class, $why);
})->with([
    'no name' => [[['', 'S, M']], 'Say what “S, M” are: give the axis a name'],
    'a long name' => [[[str_repeat('n', 61), 'S']], 'The name of an axis can have 60 characters'],
    'a long value' => [
        [['Style', str_repeat('v', 81)]],
        'is too long: a value can have 80 characters. Is a comma missing?',
    ],
    'one axis twice' => [[['Size', 'S'], [' size', 'M']], 'stands twice. Put its values on one line.'],
]);

it('takes the library’s spelling, codes and swatches, and names what is new', function (): void {
    $moss = new SharedValue(11, 'Moss', 'MSS', [], Swatch::read('#123456'));
    $color = sharedAxisOf(1, 'Color', AxisKind::Color, [$moss, new SharedValue(12, 'Clay', 'CLAY', ['Lehm'], null)]);
    $read = understood(' COLOR ', "mOSS\tOat", [$color]);
    expect([$read->axis->id, $read->axis->name])
        ->toBe([1, 'Color'])
        ->and(labels($read))
        ->toBe(['Moss', 'Oat'])
        ->and($read->axis->values[0]->code)
        ->toBe('MSS')
        ->and($read->swatches[11]?->text())
        ->toBe('#123456')
        ->and($read->newValues())
        ->toBe(['Oat'])
        ->and(array_map(fn(Value $value): string => $value->label, $read->unused))
        ->toBe(['Clay'])
        ->and(labels(understood('Color', 'lehm', [$color])))
        ->toBe(['Clay']);
});
