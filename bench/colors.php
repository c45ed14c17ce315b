<?php

declare(strict_types=1);

/* Prints the tables of docs/colors.md: php bench/colors.php */

use Tests\Core\Color\ColorTrials;

require dirname(__DIR__) . '/vendor/autoload.php';

const CLOTHS = 60;

$at = fn(array $sorted, float $share): float => $sorted[(int) ($share * (count($sorted) - 1))];
$all = ['main' => [], 'picked' => []];
echo "| drawn | main color: median | 9 of 10 | worst | picked: median | 9 of 10 | worst |\n| --- | --- | --- | --- | --- | --- | --- |\n";
foreach (ColorTrials::errors(CLOTHS) as $case => $errors) {
    echo "| {$case} |";
    foreach ($errors as $way => $distances) {
        array_push($all[$way], ...$distances);
        printf(' %.1f | %.1f | %.1f |', $at($distances, 0.5), $at($distances, 0.9), $at($distances, 1.0));
    }
    echo "\n";
}
echo '| all |';
foreach ($all as $distances) {
    sort($distances);
    printf(' %.1f | %.1f | %.1f |', $at($distances, 0.5), $at($distances, 0.9), $at($distances, 1.0));
}
$result = ColorTrials::mislabeled(100);
echo "\n\nOf 100 products the mislabeled picture was found in {$result['found']}; of {$result['pictures']} right ones {$result['accused']} were accused.\n";
