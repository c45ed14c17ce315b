<?php

declare(strict_types=1);

/*
 * Makes what a photographer sends for the tests of the intake: php tests/Browser/shoot.php FOLDER CODE [VIEW…]
 * Eight colors, five views each and those named, named by code, color and view; and 200 small ones of nothing in
 * particular.
 */

[, $folder, $code] = $argv;
$views = ['front', 'back', 'side', 'detail', 'worn', ...array_slice($argv, 3)];
mt_srand(11);
foreach (
    [
        'Teal' => '#008080',
        'Maroon' => '#800000',
        'Olive' => '#808000',
        'Navy' => '#000080',
        'Orange' => '#ffa500',
        'Orchid' => '#da70d6',
        'Tan' => '#d2b48c',
        'Gray' => '#808080',
    ]
    as $name => $color
) {
    foreach ($views as $place => $view) {
        $draw = new ImagickDraw();
        $draw->setFillColor($color);
        $draw->roundRectangle(110 - 10 * $place, 60 + 25 * $place, 290 + 12 * $place, 350, 30, 30);
        $draw->ellipse(200, 120 + 20 * $place, 60 + 12 * $place, 70, 0, 360);
        $picture = new Imagick();
        $picture->newImage(400, 400, '#fbfbfa', 'jpeg');
        $picture->drawImage($draw);
        $picture->setImageCompressionQuality(86);
        $picture->writeImage("{$folder}/{$code}_" . strtolower($name) . "_{$view}.jpg");
    }
}
@mkdir("{$folder}/many");
for ($at = 1; $at <= 200; $at++) {
    $picture = new Imagick();
    $picture->newImage(40, 40, sprintf('#%06x', mt_rand(0, 0xffffff)), 'jpeg');
    $picture->commentImage("{$code} {$at}");
    $picture->writeImage(sprintf('%s/many/%s-many-%03d.jpg', $folder, $code, $at));
}
