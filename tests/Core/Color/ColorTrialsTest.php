<?php

declare(strict_types=1);

use Tests\Core\Color\ColorTrials;

/*
 * The figures of docs/colors.md; bench/colors.php prints them all.
 */

it('comes near the color that cloth was drawn in', function () {
    $all = [];
    foreach (ColorTrials::errors(24) as $case => $errors) {
        foreach ($errors as $way => $distances) {
            array_push($all, ...$distances);
            // Light that fades over all of a patch cannot be told from the color of the cloth.
            expect($distances[12])
                ->toBeLessThan(5.0, "{$case}, {$way}")
                ->and($distances[20])
                ->toBeLessThan(9.0, "{$case}, {$way}");
        }
    }
    sort($all);
    expect($all[intdiv(count($all), 2)])->toBeLessThan(2.0)->and($all[(int) (0.8 * count($all))])->toBeLessThan(3.0);
});

it(
    'finds the one mislabeled picture of a product, and accuses hardly a right one, over thirty drawn products',
    function () {
        $result = ColorTrials::mislabeled(30);
        expect($result['found'])
            ->toBeGreaterThanOrEqual(28)
            ->and($result['accused'])
            ->toBeLessThanOrEqual(1)
            ->and($result['pictures'])
            ->toBeGreaterThan(300);
    },
);
