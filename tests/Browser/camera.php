<?php

declare(strict_types=1);

/* A smock in three colors and three views, as files that a camera has numbered: php camera.php FOLDER */

use Tests\Core\Matching\DrawnShoot;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$draws = new DrawnShoot((int) (microtime(true) * 1000) % 100_000);
$number = 1000;
foreach (['#5f7049', '#b5694a', '#4c5d73'] as $hex) {
    foreach (['front', 'back', 'detail'] as $view) {
        $number++;
        rename($draws->photograph($view, $hex), "{$argv[1]}/DSC_{$number}.jpg");
    }
}
