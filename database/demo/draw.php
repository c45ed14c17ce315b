<?php

declare(strict_types=1);

/*
 * Draws the demo's photos: SVG, then JPEG by librsvg and ImageMagick. Run: php database/demo/draw.php [NAME-PREFIX]
 * The results are kept in the repository, so nobody needs to run this to start the application.
 */

use Database\Demo\Drawing\CameraData;
use Database\Demo\Drawing\Cape;
use Database\Demo\Drawing\Clog;
use Database\Demo\Drawing\Cloth;
use Database\Demo\Drawing\Glove;
use Database\Demo\Drawing\SmallGoods;
use Database\Demo\Drawing\Smock;

foreach (['CameraData', 'Cloth', 'Smock', 'Clog', 'Glove', 'Cape', 'SmallGoods'] as $class) {
    require __DIR__."/drawing/{$class}.php";
}
require __DIR__.'/../../app/Media/SrgbProfile.php';

/** The first picture of the shoot was taken then; one every half minute or so. */
const BEGAN = '2026-03-03 09:10:00';

const COLORS = [
    'moss' => '#66784f',
    'clay' => '#bb7050',
    'slate' => '#52657d',
    'oat' => '#d9c9a3',
    'ink' => '#414573',
    'fern' => '#4f7f4f',
    'berry' => '#8a3557',
    'bark' => '#6a5445',
    'straw' => '#d8c27d',
    'pewter' => '#b9bcc0',
];

$pictures = [];
foreach (['moss', 'clay', 'slate', 'oat', 'ink'] as $at => $color) {
    foreach (['buttoned' => true, 'pullover' => false] as $style => $buttoned) {
        $smock = new Smock(COLORS[$color], $buttoned, 11 + $at * 7 + ($buttoned ? 0 : 3));
        $pictures["smock-{$style}-{$color}-front"] = fn (): string => $smock->front();
        $pictures["smock-{$style}-{$color}-back"] = fn (): string => $smock->back();
        if ($buttoned || $color !== 'ink') {
            $pictures["smock-{$style}-{$color}-detail"] = fn (): string => $smock->detail();
        }
    }
    $worn = new Smock(COLORS[$color], true, 61 + $at);
    if ($color !== 'oat') {
        $pictures["smock-{$color}-worn"] = fn (): string => $worn->worn();
    }
}
foreach (['fern', 'berry', 'bark'] as $at => $color) {
    $clog = new Clog(COLORS[$color], 31 + $at * 5);
    foreach (['side', 'pair', 'top', 'detail'] as $view) {
        $pictures["clog-{$color}-{$view}"] = fn (): string => $clog->{$view}();
    }
}
foreach (['moss', 'straw', 'berry'] as $at => $color) {
    foreach (['short' => false, 'gauntlet' => true] as $cuff => $long) {
        $glove = new Glove(COLORS[$color], $long, 71 + $at * 9 + ($long ? 4 : 0));
        foreach (['front', 'back', 'pair'] as $view) {
            $pictures["glove-{$cuff}-{$color}-{$view}"] = fn (): string => $glove->{$view}();
        }
    }
}
$gloveDetail = new Glove(COLORS['moss'], true, 90);
$pictures['glove-gauntlet-stitching'] = fn (): string => $gloveDetail->detail();
foreach (['moss', 'slate'] as $at => $color) {
    $cape = new Cape(COLORS[$color], 101 + $at * 4);
    $pictures["cape-{$color}-front"] = fn (): string => $cape->front();
    $pictures["cape-{$color}-back"] = fn (): string => $cape->back();
}
foreach (['clay', 'ink', 'pewter'] as $at => $color) {
    $pictures["apron-{$color}-front"] = fn (): string => SmallGoods::apron(COLORS[$color], 121 + $at);
}
foreach (['straw', 'moss', 'pewter'] as $at => $color) {
    $pictures["hat-{$color}-side"] = fn (): string => SmallGoods::hat(COLORS[$color], 131 + $at);
}
foreach (['bark', 'slate'] as $at => $color) {
    $pictures["trousers-{$color}-front"] = fn (): string => SmallGoods::trousers(COLORS[$color], 141 + $at);
}
$pictures['cushion-stripe'] = fn (): string => SmallGoods::cushion([COLORS['oat'], COLORS['ink']], false, 151);
$pictures['cushion-check'] = fn (): string => SmallGoods::cushion([COLORS['oat'], COLORS['berry']], true, 152);
$pictures['twine'] = fn (): string => SmallGoods::twine(161);
$pictures['smock-size-guide'] = fn (): string => Cloth::guide('Smock, cm', [['Size', 'Chest', 'Length'], ['XS', '100', '88'], ['S', '106', '90'], ['M', '112', '92'], ['L', '120', '94'], ['XL', '128', '96'], ['XXL', '138', '98']]);
$pictures['clog-size-guide'] = fn (): string => Cloth::guide('Foot length, mm', [['EU', 'from', 'to'], ['36', '223', '229'], ['38', '236', '242'], ['40', '249', '256'], ['42', '263', '269'], ['44', '276', '282'], ['46', '289', '296']]);
$pictures['glove-size-guide'] = fn (): string => Cloth::guide('Palm around, cm', [['Size', 'from', 'to'], ['6', '15', '17'], ['7', '17', '19'], ['8', '19', '21'], ['9', '21', '23'], ['10', '23', '25'], ['11', '25', '27']]);

$wanted = $argv[1] ?? '';
$taken = new DateTimeImmutable(BEGAN);
foreach ($pictures as $name => $draw) {
    $taken = $taken->modify('+'.(20_000 + crc32($name) % 25_000).' milliseconds');
    if (! str_starts_with($name, $wanted)) {
        continue;
    }
    $svg = sys_get_temp_dir()."/{$name}.svg";
    $png = sys_get_temp_dir()."/{$name}.png";
    file_put_contents($svg, $draw());
    foreach ([
        'rsvg-convert -w 1600 -h 1600 -o '.escapeshellarg($png).' '.escapeshellarg($svg),
        'php -r '.escapeshellarg('$i = new Imagick($argv[1]); $i->setImageFormat("jpeg"); $i->setImageCompressionQuality(82); $i->setSamplingFactors(["2x2","1x1","1x1"]); $i->stripImage(); $i->writeImage($argv[2]);').' '.escapeshellarg($png).' '.escapeshellarg(__DIR__."/photos/{$name}.jpg"),
    ] as $command) {
        passthru($command, $code);
        if ($code !== 0) {
            fwrite(STDERR, "{$name} could not be drawn.\n");
            exit(1);
        }
    }
    unlink($svg);
    unlink($png);
    $jpeg = __DIR__."/photos/{$name}.jpg";
    file_put_contents($jpeg, CameraData::stamped((string) file_get_contents($jpeg), $taken));
    echo "{$name}.jpg\n";
}
