<?php

declare(strict_types=1);

use Core\Gallery\Crop;
use Core\Gallery\CropFrame;
use Core\Gallery\Shape;
use Tests\Core\Color\Samples;

it('cuts the largest part of a shape around the focus, within the frame', function (
    array $crop,
    Shape $shape,
    int $width,
    int $height,
    array $cut,
): void {
    $is = Crop::of($crop[0], $crop[1], new CropFrame(...array_slice($crop, 2)))->cut($shape, $width, $height);
    expect([$is->left, $is->top, $is->width, $is->height])->toBe($cut);
})->with([
    'a square of a square is all of it' => [[500, 500], Shape::Square, 1600, 1600, [0, 0, 1600, 1600]],
    'a banner around the middle' => [[500, 500], Shape::Wide, 1600, 1600, [0, 480, 1600, 640]],
    'a banner near the top' => [[500, 100], Shape::Wide, 1600, 1600, [0, 0, 1600, 640]],
    'a banner around a focus' => [[500, 300], Shape::Wide, 1600, 1600, [0, 160, 1600, 640]],
    'a phone at the right edge' => [[1000, 500], Shape::Tall, 1600, 1600, [700, 0, 900, 1600]],
    'within a frame' => [[500, 500, 250, 250, 500, 500], Shape::Square, 1600, 800, [600, 200, 400, 400]],
    'a focus outside of the frame is drawn in' => [
        [0, 0, 500, 500, 500, 500],
        Shape::Square,
        1000,
        1000,
        [500, 500, 500, 500],
    ],
    'a strip of a picture' => [[500, 500], Shape::Tall, 10, 4000, [0, 1992, 10, 17]],
]);

it('keeps every cut in the picture and the frame, of its shape, as large as can be, with the focus in it', function (
    int $seed,
): void {
    $random = Samples::random($seed);
    $number = fn(): int => $random->getInt(-200, 1200);
    $crop = Crop::of($number(), $number(), new CropFrame($number(), $number(), $number(), $number()));
    [$width, $height] = [$random->getInt(1, 4000), $random->getInt(1, 4000)];
    foreach (Shape::cases() as $shape) {
        $cut = $crop->cut($shape, $width, $height);
        [$frameWidth, $frameHeight] = [($crop->width * $width) / 1000, ($crop->height * $height) / 1000];
        expect($cut->left)
            ->toBeGreaterThanOrEqual(0)
            ->and($cut->top)
            ->toBeGreaterThanOrEqual(0)
            ->and($cut->left + $cut->width)
            ->toBeLessThanOrEqual($width)
            ->and($cut->top + $cut->height)
            ->toBeLessThanOrEqual($height)
            ->and(abs($cut->width - ($cut->height * $shape->width()) / $shape->height()))
            ->toBeLessThanOrEqual(max(2, $shape->width() / $shape->height() + 1))
            ->and($cut->width >= floor($frameWidth) - 1 || $cut->height >= floor($frameHeight) - 1)
            ->toBeTrue()
            ->and($cut->left)
            ->toBeLessThanOrEqual(($crop->x * $width) / 1000 + 1)
            ->and($cut->left + $cut->width)
            ->toBeGreaterThanOrEqual(($crop->x * $width) / 1000 - 1)
            ->and($cut->top)
            ->toBeLessThanOrEqual(($crop->y * $height) / 1000 + 1)
            ->and($cut->top + $cut->height)
            ->toBeGreaterThanOrEqual(($crop->y * $height) / 1000 - 1);
    }
    expect(Crop::fromKey($crop->key()))->toEqual($crop);
})->with(range(1, 200));

it('takes what is no crop for the middle', function (string $key): void {
    expect(Crop::fromKey($key)->isMiddle())
        ->toBeTrue()
        ->and(Crop::fromKey($key)->key())
        ->toBe('');
})->with(['', 'x', '1-2-3', '500-500-0-0-1000-1000', '1-2-3-4-5-6-7']);
