<?php

declare(strict_types=1);

use App\Media\Incoming\WrittenWords;
use Symfony\Component\Process\Process;
use Tests\Support\Dropped;
use Tests\Support\Shop;

/*
 * Source: exiftool writes the fields that are read here: IPTC and XMP, in every kind of file that it can write them
 * into.
 */

/** @param  list<string>  $tags */
function written(string $format, array $tags): string
{
    $picture = new Imagick();
    $picture->newImage(64, 48, '#5f7049', $format);
    $path = sys_get_temp_dir() . '/slate-words-' . bin2hex(random_bytes(5)) . ".{$format}";
    $picture->writeImage("{$format}:{$path}");
    (new Process(['exiftool', '-q', '-overwrite_original', '-charset', 'iptc=UTF8', ...$tags, $path]))->mustRun();

    return $path;
}

it('reads title and keywords as another tool wrote them', function (
    string $format,
    array $tags,
    string $title,
    string $keywords,
): void {
    $path = written($format, $tags);
    $words = WrittenWords::of($path);
    expect($words->title)->toBe($title)->and($words->keywords)->toBe($keywords);
    unlink($path);
})->with(function (): iterable {
    $iptc = [
        '-IPTC:CodedCharacterSet=UTF8',
        '-IPTC:ObjectName=Potting smock, Moss',
        '-IPTC:Keywords=Kittel',
        '-IPTC:Keywords=Rückseite',
    ];
    $xmp = ['-XMP-dc:Title=Rain cape & hood', '-XMP-dc:Subject=Schiefer', '-XMP-dc:Subject=vorne'];
    yield 'IPTC in a JPEG' => ['jpg', $iptc, 'Potting smock, Moss', 'Kittel; Rückseite'];
    yield 'IPTC in the characters of Western Europe' => [
        'jpg',
        ['-charset', 'iptc=Latin', '-IPTC:Headline=Grün', '-IPTC:Keywords=Rückseite'],
        'Grün',
        'Rückseite',
    ];
    foreach (['jpg', 'png', 'webp', 'tif', 'gif'] as $format) {
        yield "XMP in a {$format}" => [$format, $xmp, 'Rain cape & hood', 'Schiefer; vorne'];
    }
    yield 'the title of one, the keywords of the other' => [
        'jpg',
        ['-IPTC:Keywords=Kittel', '-XMP-dc:Title=Only here', '-XMP-dc:Subject=not this'],
        'Only here',
        'Kittel',
    ];
    yield 'nothing' => ['png', [], '', ''];
});

it('reads a picture by what is written in it, where its name says nothing', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    $drop = Dropped::files($shop->user, [
        'IMG_0001.jpg' => written('jpg', ['-XMP-dc:Title=SMOCK moss', '-XMP-dc:Subject=back']),
    ]);
    $read = Dropped::one($drop, 'IMG_0001.jpg');
    expect($read->file->title)
        ->toBe('SMOCK moss')
        ->and($read->product?->code)
        ->toBe('SMOCK')
        ->and($read->verdict?->view?->key)
        ->toBe('back')
        ->and($read->verdict?->isSure())
        ->toBeTrue();
});
