<?php

declare(strict_types=1);

use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Media\PictureFormat;
use App\Models\Photo;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Dropped;
use Tests\Support\HostilePictures;
use Tests\Support\Shop;

function scratch(string $bytes): string
{
    file_put_contents($path = (string) tempnam(sys_get_temp_dir(), 'slate'), $bytes);

    return $path;
}

/** @param  callable(Imagick): mixed  $change */
function gradient(string $format, callable $change): string
{
    $picture = new Imagick();
    $picture->newPseudoImage(300, 300, 'gradient:#5f7049-#d8c8a2');
    $change($picture);
    $picture->setImageFormat($format);

    return scratch($picture->getImagesBlob());
}

function moving(string $format): string
{
    $film = new Imagick();
    foreach (['#5f7049', '#b5694a', '#4c5d73'] as $color) {
        $film->newImage(300, 300, $color, $format);
        $film->setImageDelay(20);
    }
    $film->setFormat($format);

    return scratch($film->getImagesBlob());
}

it('takes every kind of file there is, or says why not', function (
    string $name,
    callable $make,
    string $standing,
    string $says,
): void {
    $shop = Shop::open();
    $drop = Dropped::files($shop->user, [$name => $make(), 'SMOCK_front.jpg' => Dropped::picture('SMOCK_front.jpg')]);
    $one = Dropped::one($drop, $name);
    expect($one->status->value)
        ->toBe($standing, $one->why)
        ->and("{$one->why} {$one->file->remark}")
        ->toContain($says);
    if ($standing === 'not-understood') {
        $photo = Photo::query()->findOrFail($one->file->photo_id);
        foreach (PhotoSize::cases() as $size) {
            foreach (PictureFormat::cases() as $format) {
                $derived = getimagesizefromstring(
                    (string) Storage::get(PhotoStore::derivedPath($photo->sha256, $size, $format)),
                );
                expect($derived['mime'] ?? '')
                    ->toBe($format->type())
                    ->and(max($derived[0], $derived[1]))
                    ->toBe(min($size->side(), max($photo->width, $photo->height)));
            }
        }
    }
    // Whatever it was, the next one is read.
    expect(Dropped::one($drop, 'SMOCK_front.jpg')->status->value)->toBe('sure');
})->with([
    '30 MB JPEG' => [
        'a.jpg',
        fn(): string => scratch(
            (string) file_get_contents(gradient('jpeg', fn(Imagick $one) => $one->scaleImage(2_600, 2_000))) .
                str_repeat("\0", 30 * 1_048_576),
        ),
        'not-understood',
        '',
    ],
    '16-bit PNG' => [
        'a.png',
        fn(): string => gradient('png', function (Imagick $one): void {
            $one->setImageDepth(16);
            $one->setOption('png:bit-depth', '16');
        }),
        'not-understood',
        '',
    ],
    'CMYK JPEG' => [
        'a.jpg',
        fn(): string => gradient('jpeg', fn(Imagick $one) => $one->transformImageColorspace(Imagick::COLORSPACE_CMYK)),
        'not-understood',
        '',
    ],
    'TIFF' => [
        'a.tif',
        fn(): string => gradient('tiff', fn(Imagick $one) => $one->setImageCompression(Imagick::COMPRESSION_LZW)),
        'not-understood',
        '',
    ],
    'GIF that moves' => [
        'a.gif',
        fn(): string => moving('gif'),
        'not-understood',
        'Its first picture; the file holds more.',
    ],
    'WebP that moves' => [
        'a.webp',
        fn(): string => moving('webp'),
        'not-understood',
        'Its first picture; the file holds more.',
    ],
    'HEIC' => [
        'a.heic',
        fn(): string => scratch("\0\0\0\x18ftypheic\0\0\0\0mif1heic" . str_repeat("\0", 200)),
        'refused',
        'a HEIC photo',
    ],
    'AVIF' => [
        'a.avif',
        fn(): string => Imagick::queryFormats('AVIF') === []
            ? scratch("\0\0\0\x18ftypavif\0\0\0\0mif1avif" . str_repeat("\0", 200))
            : gradient('avif', fn(): bool => true),
        Imagick::queryFormats('AVIF') === [] ? 'refused' : 'not-understood',
        '',
    ],
    'broken JPEG' => [
        'a.jpg',
        fn(): string => scratch(substr((string) file_get_contents(gradient('jpeg', fn(): bool => true)), 0, 400)),
        'broken',
        'damaged',
    ],
    'no picture behind the beginning of one' => [
        'a.png',
        fn(): string => scratch("\x89PNG\r\n\x1a\n" . str_repeat('x', 400)),
        'refused',
        '',
    ],
    'PNG bomb' => ['a.png', HostilePictures::bloated(...), 'broken', ''],
    'SVG with script' => [
        'a.svg',
        fn(): string => scratch(
            '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
        ),
        'refused',
        'an SVG drawing',
    ],
    'web page' => [
        'a.jpg',
        fn(): string => scratch('<!doctype html><html><script>alert(1)</script></html>'),
        'refused',
        'a web page',
    ],
]);
