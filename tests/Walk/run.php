<?php

declare(strict_types=1);

/* Walks at random until the time is up; prints the smallest sequence that breaks a law. Called by bin/walk. */

use Illuminate\Contracts\Console\Kernel;
use Tests\Core\Color\Samples;
use Tests\Walk\Shrinker;
use Tests\Walk\Step;
use Tests\Walk\Walk;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[, $seconds, $seed] = array_map(intval(...), $argv);
$walk = Walk::ready();
$end = microtime(true) + $seconds;
$products = 0;
$changes = 0;
do {
    $random = Samples::random($seed);
    $steps = $seed % 2 === 0 ? Step::sequence($random, 4 + ($seed % 13)) : Step::ofNumbers($random, 4 + ($seed % 7));
    $breach = $walk->run($steps);
    if ($breach !== null) {
        fwrite(STDERR, "Seed {$seed} breaks a law. Looking for the smallest sequence …\n");
        echo Shrinker::smallest($steps, $breach, $walk->run(...))->inWords(),
            "\n\nAgain with: bin/walk --seed {$seed} --seconds 1\n";
        exit(1);
    }
    $products++;
    $changes += count($steps);
    $seed++;
} while (microtime(true) < $end);
printf(
    "%s products, %s changes, each undone and redone: every law held. The next seed is %d.\n",
    number_format($products),
    number_format($changes),
    $seed,
);
