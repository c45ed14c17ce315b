<?php

declare(strict_types=1);

/*
 * Prints the table of near doubles of docs/colors.md: php bench/doubles.php FOLDER
 * with photographs (those that bench/composed.php takes for outdoors), beside half of the demo's pictures.
 */

use Core\Color\Measuring\Sample;
use Core\Matching\Fingerprints\Fingerprint;
use Core\Matching\Fingerprints\Resemblance;

require dirname(__DIR__) . '/vendor/autoload.php';

$cut = function (Imagick $picture, float $left, float $top, float $wide, float $high): void {
    [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
    $picture->cropImage(
        (int) ($wide * $width),
        (int) ($high * $height),
        (int) ($left * $width),
        (int) ($top * $height),
    );
    $picture->setImagePage(0, 0, 0, 0);
};
$times = function (Imagick $picture, float $share, int $channel = Imagick::CHANNEL_DEFAULT): void {
    $picture->evaluateImage(Imagick::EVALUATE_MULTIPLY, $share, $channel);
};
$edits = [
    'each channel × 1.2' => fn(Imagick $picture) => $times($picture, 1.2),
    '20 % brighter in HSL' => fn(Imagick $picture) => $picture->modulateImage(120, 100, 100),
    '18 % darker in HSL' => fn(Imagick $picture) => $picture->modulateImage(82, 100, 100),
    'warmer (red × 1.08, blue × 0.88)' => function (Imagick $picture) use ($times): void {
        $times($picture, 1.08, Imagick::CHANNEL_RED);
        $times($picture, 0.88, Imagick::CHANNEL_BLUE);
    },
    'cut by 12 % on all sides' => fn(Imagick $picture) => $cut($picture, 0.12, 0.12, 0.76, 0.76),
    'cut by 12 % on the left' => fn(Imagick $picture) => $cut($picture, 0.12, 0.0, 0.88, 1.0),
    'cut by 6 % on all sides' => fn(Imagick $picture) => $cut($picture, 0.06, 0.06, 0.88, 0.88),
    'mirrored' => fn(Imagick $picture) => $picture->flopImage(),
    'without colors' => fn(Imagick $picture) => $picture->modulateImage(100, 0, 100),
];
$pressed = function (Imagick $picture): Sample {
    $small = clone $picture;
    $small->resizeImage(Fingerprint::SIDE, Fingerprint::SIDE, Imagick::FILTER_BOX, 1.0);
    $channels = $small->exportImagePixels(0, 0, Fingerprint::SIDE, Fingerprint::SIDE, 'RGB', Imagick::PIXEL_CHAR);

    return Sample::ofBytes(Fingerprint::SIDE, Fingerprint::SIDE, pack('C*', ...$channels));
};
/** As the application finds them: by what they look like to a fingerprint, by their means, and laid over each other. */
$isDouble = function (Sample $one, Sample $other): bool {
    [$first, $second] = [Resemblance::of($one), Resemblance::of($other)];
    [$own, $theirs] = [$first->prints(), $second->prints()];
    $isLookedAt =
        $own['all']->distance($theirs['all']) <= Resemblance::MOST_BITS ||
        Fingerprint::of($one->mirrored())->distance($theirs['all']) <= Resemblance::MOST_BITS_MIRRORED;
    foreach ([...array_values($own), ...array_values($theirs)] as $at => $print) {
        $whole = $at < count($own) ? $theirs['all'] : $own['all'];
        $isLookedAt = $isLookedAt || $print->distance($whole) <= Resemblance::MOST_BITS_CUT;
    }
    foreach ($first->mean() as $part => $mean) {
        $isLookedAt = $isLookedAt && abs($mean - $second->mean()[$part]) <= Resemblance::MOST_OF_MEANS[$part];
    }

    return $isLookedAt && $first->difference($second) <= Resemblance::SAME;
};

$demo = glob(dirname(__DIR__) . '/database/demo/photos/*.jpg') ?: [];
$others = array_slice(glob(($argv[1] ?? '') . '/*.jpg') ?: [], 0, 14);
if ($others === []) {
    fwrite(STDERR, "Give a folder with photographs.\n");
    exit(1);
}
$files = [...array_values(array_filter($demo, fn(int $at): bool => $at % 2 === 0, ARRAY_FILTER_USE_KEY)), ...$others];
$whole = [];
$found = array_fill_keys(array_keys($edits), 0);
foreach ($files as $file) {
    $picture = new Imagick($file);
    $picture->transformImageColorspace(Imagick::COLORSPACE_SRGB);
    $picture->resizeImage(400, 0, Imagick::FILTER_BOX, 1.0);
    $whole[basename($file)] = $pressed($picture);
    foreach ($edits as $name => $edit) {
        $edited = clone $picture;
        $edit($edited);
        $found[$name] += $isDouble($whole[basename($file)], $pressed($edited)) ? 1 : 0;
    }
}
echo '| edited | found of ' . count($files) . " |\n| --- | ---: |\n";
foreach ($found as $name => $count) {
    echo "| {$name} | {$count} |\n";
}
$pairs = [];
$names = array_map(strval(...), array_keys($whole));
foreach ($names as $at => $one) {
    foreach (array_slice($names, $at + 1) as $other) {
        if ($isDouble($whole[$one], $whole[$other])) {
            $pairs[] = "{$one} and {$other}";
        }
    }
}
$all = intdiv(count($names) * (count($names) - 1), 2);
echo "\nOf {$all} pairs of different pictures, " .
    count($pairs) .
    ' are taken for the same: ' .
    implode('; ', $pairs) .
    ".\n";
