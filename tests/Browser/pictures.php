<?php

declare(strict_types=1);

/* Makes the pictures that the browser tests drop: php tests/Browser/pictures.php FOLDER */

$folder = $argv[1];
foreach (['Teal' => '#2f7f83', 'Rose' => '#c9808a', 'Sand' => '#c9b48c'] as $name => $color) {
    foreach (['front', 'back', 'worn', 'detail'] as $place => $view) {
        $draw = new ImagickDraw();
        $draw->setFillColor($color);
        $draw->roundRectangle(150, 100 + 40 * $place, 450, 500, 40, 40);
        $draw->setFillColor('#ffffff');
        $draw->circle(300, 300, 300, 320 + 20 * $place);
        $picture = new Imagick();
        $picture->newImage(600, 600, '#fbfbfa', 'jpeg');
        $picture->drawImage($draw);
        $picture->writeImage("{$folder}/tote {$name} {$view}.jpg");
    }
}
$guide = new Imagick();
$guide->newImage(600, 600, '#eef0f4', 'png');
$guide->writeImage("{$folder}/guide.png");
$own = new Imagick();
$own->newImage(640, 640, '#2f7f83', 'webp');
$own->writeImage("{$folder}/teal xl only.webp");
file_put_contents("{$folder}/notes.jpg", "These are notes, not a picture.\n");
file_put_contents("{$folder}/empty.jpg", '');
// A header that promises 20,000 × 20,000 pixels; nothing of it may be decoded.
$header = 'IHDR' . pack('NNCCCCC', 20_000, 20_000, 8, 2, 0, 0, 0);
file_put_contents(
    "{$folder}/huge.png",
    "\x89PNG\r\n\x1a\n" .
        pack('N', 13) .
        $header .
        pack('N', crc32($header)) .
        pack('N', 0) .
        'IEND' .
        pack('N', crc32('IEND')),
);
