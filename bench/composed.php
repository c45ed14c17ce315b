<?php

declare(strict_types=1);

/*
 * Prints the tables of composed pictures of docs/colors.md:
 *   php bench/composed.php FOLDER_OUTDOORS FOLDER_ROOMS FOLDER_CLOTHS [PRODUCTS]
 * with photographs of outdoors (those of Debian's packages mate-backgrounds and plasma-workspace-wallpapers), of rooms,
 * floors and walls, and of surfaces whose relief the cloth gets (those in the archive of Debian's sweethome3d).
 */

use Tests\Core\Color\ComposedTrials;
use Tests\Core\Color\Photograph;

require dirname(__DIR__) . '/vendor/autoload.php';

[, $outdoors, $rooms, $cloths] = $argv + [1 => '', 2 => '', 3 => ''];
$read = fn(string $folder): array => array_map(
    Photograph::read(...),
    array_slice(glob("{$folder}/*.{jpg,png}", GLOB_BRACE) ?: [], 0, 30),
);
[$outdoors, $rooms, $cloths] = [$read($outdoors), $read($rooms), $read($cloths)];
if ($outdoors === [] || $rooms === [] || $cloths === []) {
    fwrite(STDERR, "Give folders with photographs of outdoors, of rooms, and of surfaces that cloth is woven like.\n");
    exit(1);
}
$trials = new ComposedTrials($outdoors, $rooms, $cloths);
$products = (int) ($argv[4] ?? 100);
$at = function (array $sorted, float $share): string {
    $value = $sorted[(int) ($share * (count($sorted) - 1))];

    return is_finite($value) ? sprintf('%.1f', $value) : '–';
};
echo "| composed | median | 9 of 10 | worst | doubt said | mislabeled found | right ones accused |\n| --- | ---: | ---: | ---: | ---: | ---: | ---: |\n";
foreach (array_keys(ComposedTrials::CASES) as $number => $case) {
    $result = ComposedTrials::tried($trials->products($case, $products, 700 + $number));
    printf(
        "| %s | %s | %s | %s | %d %% | %d of %d | %d of %s |\n",
        $case,
        $at($result['errors'], 0.5),
        $at($result['errors'], 0.9),
        $at($result['errors'], 1.0),
        100 * $result['doubted'],
        $result['found'],
        $products,
        $result['accused'],
        number_format($result['right']),
    );
}
echo "\n| near the color of its ground | measured | says that it cannot tell | wrong without a word |\n| --- | ---: | ---: | ---: |\n";
foreach (array_keys(ComposedTrials::NEAR_GROUND) as $case) {
    $result = $trials->nearGround($case, $products, 900);
    printf("| %s | %d | %d | %d |\n", $case, $result['right'], $result['untold'], $result['wrong']);
}
