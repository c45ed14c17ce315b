<?php

declare(strict_types=1);

/* Draws shops, reads their names and prints what came of it as Markdown. Called by bin/matching. */

use Tests\Matching\Tally;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$shops = max(1, (int) ($argv[1] ?? 40));
$tally = new Tally();
for ($seed = 1; $seed <= $shops; $seed++) {
    $tally->addShop(1_000 + $seed);
}
echo $tally->inWords($shops);
