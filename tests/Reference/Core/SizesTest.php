<?php

declare(strict_types=1);

use Core\Sizes\LetterSize;
use Core\Sizes\ShoeSize;
use Core\Sizes\SizeGuide;
use Core\Sizes\SizeOrder;
use Core\Sizes\SizeRun;
use Tests\Core\Color\Samples;

require_once dirname(__DIR__) . '/tools.php';

/** What GNU Units says a quantity is in millimeters. */
function unitsMm(string $quantity): float
{
    return (float) outside(['sh', '-c', 'units --terse "$0" mm', $quantity], '');
}

// Source: GNU Units (Debian units), its definition europeshoesize, side by side.
it('makes EU sizes as long as GNU Units does', function (): void {
    $point = unitsMm('europeshoesize');
    for ($size = 16; $size <= 50; $size++) {
        expect((float) ShoeSize::eu((string) $size)->lastMm())->toEqualWithDelta($size * $point, 0.051);
    }
});

// Source: GNU Units, its definition shoesize_delta (a barleycorn), side by side.
it('steps UK and US sizes as GNU Units does', function (): void {
    $step = unitsMm('shoesize_delta');
    foreach (['uk', 'usMen'] as $system) {
        for ($size = 1; $size <= 14; $size++) {
            $longer = (float) ShoeSize::$system((string) $size)->lastMm() - (float) ShoeSize::$system('0')->lastMm();
            expect($longer)->toEqualWithDelta($size * $step, 0.11);
        }
    }
});

// From memory: equivalents as they stand on many shoe boxes; makers differ by half a size.
it('converts shoe sizes to what boxes say, to half a size', function (string $uk, string $us, float $eu): void {
    expect(ShoeSize::uk($uk)->inUsMen())
        ->toBe($us)
        ->and((float) ShoeSize::uk($uk)->inEu())
        ->toEqualWithDelta($eu, 0.5)
        ->and(ShoeSize::usMen($us)->inUk())
        ->toBe($uk);
})->with([
    ['3.5', '4.5', 36.0],
    ['5', '6', 38.0],
    ['6', '7', 39.5],
    ['7', '8', 40.5],
    ['8', '9', 42.0],
    ['9.5', '10.5', 44.0],
    ['11', '12', 46.0],
]);

it('converts there and back', function (): void {
    foreach (range(2, 28) as $halves) {
        $size = intdiv($halves, 2) . ($halves % 2 === 0 ? '' : '.5');
        expect(ShoeSize::uk($size)->inUk())
            ->toBe($size)
            ->and(ShoeSize::usMen($size)->inUsMen())
            ->toBe($size);
    }
    foreach (range(34, 48) as $size) {
        expect(ShoeSize::eu((string) $size)->inEu())->toBe((string) $size);
    }
});

// From memory of EN 13402-3, letter codes: bust girths for women, chest girths for men, in cm.
it('knows the girths of the letter codes', function (string $size, array $women, array $men): void {
    expect(LetterSize::girths($size, forMen: false))
        ->toBe($women)
        ->and(LetterSize::girths($size, forMen: true))
        ->toBe($men);
})->with([
    ['XS', [74, 82], [78, 86]],
    ['S', [82, 90], [86, 94]],
    ['M', [90, 98], [94, 102]],
    ['L', [98, 107], [102, 110]],
    ['Extra Large', [107, 119], [110, 118]],
    ['2XL', [119, 131], [118, 129]],
    ['XXXL', [131, 143], [129, 141]],
]);

it('gives every girth one letter code, and the codes of growing girths stand in the order of sizes', function (
    bool $forMen,
): void {
    $codes = [];
    for ($girth = 60; $girth <= 170; $girth++) {
        $code = LetterSize::ofGirth($girth, $forMen);
        if ($code !== null) {
            $range = LetterSize::girths($code, $forMen);
            expect($girth)->toBeGreaterThanOrEqual($range[0])->toBeLessThan($range[1]);
            $codes[$code] = true;
        }
    }
    expect(array_keys($codes))
        ->toHaveCount(10)
        ->and((new SizeOrder())->sort(array_reverse(array_keys($codes))))
        ->toBe(array_keys($codes))
        ->and(LetterSize::ofGirth(60, $forMen))
        ->toBeNull()
        ->and(LetterSize::girths('36', $forMen))
        ->toBeNull();
})->with([true, false]);

it('writes the rows of a size guide for letters and for shoes', function (): void {
    $letters = SizeGuide::of(new SizeRun('Letters', ['S', 'M', 'One size']));
    $shoes = SizeGuide::of(new SizeRun('Shoes', ['EU 42', 'UK 8']));
    expect($letters->rows)
        ->toBe([['S', '82–90', '86–94'], ['M', '90–98', '94–102']])
        ->and($shoes->columns)
        ->toBe(['Size', 'EU', 'UK', 'US men', 'Last, mm'])
        ->and($shoes->rows)
        ->toBe([['EU 42', '42', '8', '9', '280.0'], ['UK 8', '42', '8', '9', '279.4']])
        ->and(SizeGuide::of(new SizeRun('Beds', ['Single', 'Double'])))
        ->toBeNull();
});

// Source: ICU collation with numeric ordering (PHP intl), side by side on random lists of whole and half sizes.
it('orders numeric sizes as ICU collates numbers', function (int $seed): void {
    $random = Samples::random($seed);
    $sizes = [];
    foreach (range(1, 12) as $at) {
        $whole = $random->getInt(1, 130);
        $sizes[] = $whole . ($random->getInt(0, 2) === 0 ? '.5' : '');
    }
    $sizes = array_values(array_unique($sizes));
    $collator = new Collator('en');
    $collator->setAttribute(Collator::NUMERIC_COLLATION, Collator::ON);
    $collated = $sizes;
    $collator->sort($collated);
    expect((new SizeOrder())->sort($sizes))->toBe($collated);
})->with(range(1, 60));
