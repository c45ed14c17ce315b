<?php

declare(strict_types=1);

use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

require_once __DIR__ . '/../tools.php';

/*
 * Source: the library sharp (libvips), which writes the pictures and reads what was made of them, by a decoder, a
 * resizer and a way of turning of its own. For color profiles both ask the same color engine, each with its own sRGB.
 */
it(
    'reads pictures as another engine does: profiles, CMYK, 16 bits, gray, turned by EXIF, in each format',
    function (): void {
        $folder = sys_get_temp_dir() . '/slate-pictures-' . bin2hex(random_bytes(4));
        mkdir($folder);
        $tool = ['node', __DIR__ . '/../tools/pictures.mjs'];
        $files = outside($tool, ['make' => $folder]);
        $shop = Shop::open();
        expect($shop->receive($files)->refused)->toBe([]);
        $derived = [];
        foreach ($files as $name => $path) {
            $photo = Photo::query()->where('sha256', hash_file('sha256', $path))->sole();
            expect($photo->state)->toBe(PhotoState::Ready, "{$name}: {$photo->failure}");
            file_put_contents(
                $derived[$name] = "{$folder}/derived-{$name}.jpg",
                Storage::get(PhotoStore::derivedPath($photo->sha256, PhotoSize::Zoom)),
            );
        }
        $theirs = outside($tool, ['read' => $files]);
        $ours = outside($tool, ['read' => $derived]);
        foreach ($theirs as $name => $read) {
            expect([$ours[$name]['width'], $ours[$name]['height']])
                ->toBe([$read['width'], $read['height']], $name)
                ->and($ours[$name]['format'])
                ->toBe('jpeg')
                ->and($ours[$name]['hasExif'])
                ->toBeFalse()
                ->and($ours[$name]['hasProfile'])
                ->toBeFalse();
            // Engines differ in how they fit ink to a screen: there it counts how near the drawn color is. Black ink is
            // gray.
            $isInk = str_starts_with($name, 'cmyk');
            foreach ($isInk ? $theirs['plain.jpg']['colors'] : $read['colors'] as $at => $color) {
                $most = max(
                    array_map(fn(int $one, int $other): int => abs($one - $other), $color, $ours[$name]['colors'][$at]),
                );
                expect($most)->toBeLessThanOrEqual(
                    match (true) {
                        !$isInk => 5,
                        array_sum($color) < 100 => 40,
                        default => 16,
                    },
                    "{$name}, patch {$at}: " . json_encode([$color, $ours[$name]['colors'][$at]]),
                );
            }
        }
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    },
);

it('makes each size as large as it says, as another tool measures it', function (): void {
    $picture = new Imagick();
    $picture->newPseudoImage(2400, 1500, 'gradient:navy-khaki');
    $picture->setImageFormat('png');
    $picture->writeImage($path = tempnam(sys_get_temp_dir(), 'slate') . '.png');
    Shop::open()->receive(['large.png' => $path]);
    $photo = Photo::query()->sole();
    $files = [];
    foreach (PhotoSize::cases() as $size) {
        file_put_contents(
            $files[$size->value] = tempnam(sys_get_temp_dir(), 'slate'),
            Storage::get(PhotoStore::derivedPath($photo->sha256, $size)),
        );
    }
    foreach (outside(['node', __DIR__ . '/../tools/pictures.mjs'], ['read' => $files]) as $size => $read) {
        expect($read['width'])
            ->toBe(PhotoSize::from($size)->side())
            ->and($read['height'])
            ->toBe((int) round((PhotoSize::from($size)->side() * 1500) / 2400));
    }
});
