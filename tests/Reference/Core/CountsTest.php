<?php

declare(strict_types=1);

use Core\Codes\Gtin;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Planner;
use Core\Matrix\Typed\ValueReader;
use Core\Matrix\Value;
use Core\Sizes\SizeOrder;
use Tests\Core\Color\Samples;

require_once dirname(__DIR__) . '/tools.php';

/** @param list<string> $typed */
function typedMatrix(array $typed): Matrix
{
    $axes = [];
    foreach ($typed as $at => $values) {
        $labels = (new ValueReader())->read($values, AxisKind::Other)->labels();
        $axes[] = new Axis(
            $at + 1,
            "Axis {$at}",
            AxisKind::Other,
            array_map(
                fn(int $place, string $label): Value => new Value($at * 100 + $place, $label),
                array_keys($labels),
                $labels,
            ),
        );
    }

    return Matrix::of($axes);
}

// Source: Python 3 standard library, itertools.product, run side by side on random matrices.
it('makes the combinations that an independent product makes', function (): void {
    for ($seed = 1; $seed <= 8; $seed++) {
        $matrix = Matrix::of(Samples::matrix(Samples::random($seed), 5, 6)->axes);
        $axes = array_map(fn(Axis $axis): array => [$axis->id, $axis->valueIds()], $matrix->axes);
        $keys = array_map(fn($cell): string => $cell->key, $matrix->combinations());
        sort($keys, SORT_STRING);
        expect($keys)->toBe(
            outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'product', 'axes' => $axes]),
        );
    }
});

// Source: python-stdnum's stdnum.ean (Debian python3-stdnum), side by side on random bodies.
it('gives GTINs the check digits that an independent library gives', function (): void {
    $random = Samples::random(1);
    $bodies = array_map(
        fn(): string => substr(
            str_repeat('0', 13) . $random->getInt(0, 9_999_999_999_999),
            -[7, 11, 12, 13][$random->getInt(0, 3)],
        ),
        range(1, 200),
    );
    $digits = array_map(fn(string $body): string => (string) Gtin::checkDigit($body), $bodies);
    expect($digits)->toBe(
        outside(['python3', 'tests/Reference/tools/counts.py'], ['what' => 'gtin', 'bodies' => $bodies]),
    );
});

// Common practice, no source: what people who sell clothes expect.
it('counts as the trade counts', function (array $typed, int $skus): void {
    $matrix = typedMatrix($typed);
    $plan = (new Planner())->plan(new MatrixChange($matrix, $matrix), []);
    expect($plan->make)->toHaveCount($skus);
})->with([
    '4 sizes × 2 colors are 8 SKUs' => [['S, M, L, XL', 'Moss|Clay'], 8],
    '3 sizes × 2 colors × 2 materials are 12' => [["S\nM\nL", 'Moss, Clay', 'Linen;Cotton'], 12],
    '3 × 4 with a yes/no style is 24' => [['Moss, Clay, Oat', 'S, M, L, XL', "yes\tno"], 24],
    '9 single items were 3 colors × 3 sizes' => [['Moss, Clay, Oat', 'S, M, L'], 9],
]);

// Common practice, no source: S before M before L, never in typed or alphabetical order.
it('reads sizes in their order', function (): void {
    expect((new SizeOrder())->sort(['L', 'M', 'S', 'XL', 'XS']))->toBe(['XS', 'S', 'M', 'L', 'XL']);
});
