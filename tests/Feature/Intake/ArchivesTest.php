<?php

declare(strict_types=1);

use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Intake\AnnouncedFile;
use App\Intake\UnpackArchive;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Photo;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Dropped;
use Tests\Support\RawZip;
use Tests\Support\Shop;

/** @param  callable(ZipArchive): mixed  $fill */
function archive(callable $fill): string
{
    $path = sys_get_temp_dir() . '/slate-' . bin2hex(random_bytes(6)) . '.zip';
    $zip = new ZipArchive();
    $zip->open($path, ZipArchive::CREATE);
    $fill($zip);
    $zip->close();

    return $path;
}

/** @return array{Drop, DropFile} after its bytes, and then its pictures, have come in */
function droppedArchive(Shop $shop, string $path, string $name = 'shoot.zip'): array
{
    $bytes = (string) file_get_contents($path);
    $drop = app(OpenDrop::class)->run($shop->user, '', '', null, [
        AnnouncedFile::of($name, strlen($bytes), md5($path)),
    ]);
    $id = (int) DropFile::query()->where('drop_id', $drop->id)->value('id');

    return [$drop, app(ReceivePart::class)->run($shop->user, $id, 0, $bytes)->refresh()];
}

it('makes the pictures of an archive files of the drop, and passes over what is beside them', function (): void {
    $shop = Shop::open();
    [$drop, $file] = droppedArchive(
        $shop,
        archive(function (ZipArchive $zip): void {
            $zip->addFile(Dropped::picture('front.jpg'), 'day 1/SMOCK_front.jpg');
            $zip->addFile(Dropped::picture('back.jpg'), 'day 1/SMOCK_back.jpg');
            $zip->addFromString('__MACOSX/day 1/._SMOCK_back.jpg', 'x');
            $zip->addFromString('day 1/.DS_Store', 'x');
            $zip->addFromString('day 1/list.pdf', 'x');
            $zip->addEmptyDir('empty');
        }),
    );
    expect($file->state)
        ->toBe(DropFileState::Unpacked)
        ->and($file->remark)
        ->toBe('2 pictures in it; 3 files that are none were passed over.')
        ->and(Dropped::standings($drop))
        ->toBe(['SMOCK_back.jpg' => 'sure', 'SMOCK_front.jpg' => 'sure'])
        ->and(Dropped::one($drop, 'SMOCK_front.jpg')->file->folder)
        ->toBe('shoot.zip/day 1')
        ->and(Storage::disk('local')->allFiles('incoming'))
        ->toBe([]);

    // The same archive again: nothing twice.
    droppedArchive(
        $shop,
        $path = archive(fn(ZipArchive $zip) => $zip->addFile(Dropped::picture('front.jpg'), 'a.jpg')),
    );
    expect(Photo::query()->count())->toBe(2);
});

it('never writes where an archive says, nor more than it may', function (): void {
    $shop = Shop::open();
    $picture = (string) file_get_contents(Dropped::picture('front.jpg'));
    [$drop] = droppedArchive(
        $shop,
        archive(function (ZipArchive $zip) use ($picture): void {
            $zip->addFromString('../../out.jpg', $picture);
            $zip->addFromString('/etc/root.jpg', $picture);
            $zip->addFromString('C:\\windows.jpg', $picture);
            $zip->addFromString('locked.jpg', $picture);
            $zip->setEncryptionName('locked.jpg', ZipArchive::EM_AES_256, 'secret');
            $zip->addFromString('page.jpg', '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');
            $zip->addFromString(
                'drawing.svg',
                '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
            );
            $zip->addFromString('good.jpg', $picture);
        }),
    );
    $why = [];
    foreach (Dropped::read($drop)->files as $read) {
        $why[$read->file->file] = "{$read->status->value}: {$read->why}";
    }
    expect($why['out.jpg'])
        ->toStartWith('refused: “../../out.jpg” leads out of the archive')
        ->and($why['root.jpg'])
        ->toContain('leads out of the archive')
        ->and($why['windows.jpg'])
        ->toContain('leads out of the archive')
        ->and($why['locked.jpg'])
        ->toContain('locked with a password')
        ->and($why['page.jpg'])
        ->toContain('SVG drawing')
        ->and($why['drawing.svg'])
        ->toContain('SVG drawing')
        ->and($why['good.jpg'])
        ->toBe('not-understood: ')
        ->and(Photo::query()->count())
        ->toBe(1);
});

it('refuses an archive of 100,000 entries, of ten gigabytes, or a broken one, in a sentence', function (
    callable $path,
    string $sentence,
): void {
    [$drop, $file] = droppedArchive(Shop::open(), $path());
    expect($file->state)
        ->toBe(DropFileState::Refused)
        ->and($file->remark)
        ->toContain($sentence)
        ->and(Storage::disk('local')->allFiles('incoming'))
        ->toBe([])
        ->and(DropFile::query()->count())
        ->toBe(1);
})->with([
    'entries' => [
        fn(): string => archive(function (ZipArchive $zip): void {
            for ($at = 0; $at < 100_000; $at++) {
                $zip->addFromString("{$at}.jpg", '');
            }
        }),
        'files; 2,000 is the most',
    ],
    'entries that are not announced' => [fn(): string => unannounced(), 'damaged'],
    'bytes' => [fn(): string => bloatedArchive(250, 38_000_000), 'GB unpacked; 8 GB is the most'],
    'broken' => [
        function (): string {
            $path = archive(fn(ZipArchive $zip) => $zip->addFromString('a.jpg', str_repeat('x', 5_000)));
            file_put_contents($path, substr((string) file_get_contents($path), 0, -60));

            return $path;
        },
        'damaged',
    ],
]);

it('takes no more of an entry than a picture may have, whatever it says of itself', function (): void {
    $shop = Shop::open();
    [$drop] = droppedArchive($shop, bloatedArchive(1, 7_000_000_000));
    expect(Dropped::one($drop, '0.jpg')->why)->toContain('a picture can have');
    // Says 1,000 bytes and holds 80 million.
    [$drop] = droppedArchive($shop, bloatedArchive(1, 80_000_000, 1_000), 'liar.zip');
    expect(Dropped::one($drop, '0.jpg')->why)
        ->toContain('damaged in the archive')
        ->and(Photo::query()->count())
        ->toBe(0);
});

it('goes on where it was after its worker died, and takes up what nobody works on', function (): void {
    $shop = Shop::open();
    Queue::fake([UnpackArchive::class]);
    [$drop, $file] = droppedArchive(
        $shop,
        archive(function (ZipArchive $zip): void {
            foreach (range(1, 6) as $number) {
                $zip->addFile(Dropped::picture("cloth {$number}.jpg"), "SMOCK_{$number}.jpg");
            }
        }),
    );
    expect($file->state)
        ->toBe(DropFileState::Unpacking)
        ->and(Dropped::standings($drop))
        ->toBe(['shoot.zip' => 'arriving']);
    // Dies with the fourth.
    $left = 3;
    Photo::creating(function () use (&$left): void {
        $left-- > 0 || throw new RuntimeException('killed');
    });
    expect(fn() => app()->call([new UnpackArchive($file->id), 'handle']))
        ->toThrow(RuntimeException::class)
        ->and(array_count_values(Dropped::standings($drop)))
        ->toEqual(['sure' => 3, 'arriving' => 4]);
    Photo::flushEventListeners();
    Queue::assertPushed(UnpackArchive::class, 1);
    DropFile::query()
        ->whereKey($file->id)
        ->update(['updated_at' => now()->subMinutes(10)]);
    UnpackArchive::resumeAbandoned();
    Queue::assertPushed(UnpackArchive::class, 2);
    UnpackArchive::resumeAbandoned();
    Queue::assertPushed(UnpackArchive::class, 2);
    app()->call([new UnpackArchive($file->id), 'handle']);
    app()->call([new UnpackArchive($file->id), 'handle']);
    expect(array_count_values(Dropped::standings($drop)))
        ->toBe(['sure' => 6])
        ->and(Photo::query()->count())
        ->toBe(6)
        ->and($file->refresh()->state)
        ->toBe(DropFileState::Unpacked);
});

it('opens an archive with data before it (it was refused as a ZIP archive, not a picture)', function (): void {
    $front = (string) file_get_contents(Dropped::picture('front.jpg'));
    [$drop, $file] = droppedArchive(
        Shop::open(),
        RawZip::of(['SMOCK_front.jpg' => $front], "#!/bin/sh\nexit 0\n" . str_repeat('x', 5_000)),
    );
    expect($file->state)
        ->toBe(DropFileState::Unpacked, (string) $file->remark)
        ->and(Dropped::standings($drop))
        ->toBe(['SMOCK_front.jpg' => 'sure']);
});

it(
    'takes pictures and films by what they hold, whatever the archive calls them (they were passed over)',
    function (): void {
        $picture = fn(string $name): string => (string) file_get_contents(Dropped::picture($name));
        [$drop, $file] = droppedArchive(
            Shop::open(),
            RawZip::of([
                mb_convert_encoding('SMOCK_front.jpg', 'UTF-16LE', 'UTF-8') => $picture('a'),
                "\xFE\xFF" . mb_convert_encoding('Grün/SMOCK_back.jpg', 'UTF-16BE', 'UTF-8') => $picture('b'),
                '' => $picture('c'),
                'folder/SMOCK side' => $picture('d'),
                'SMOCK_turned.mp4' => (string) file_get_contents(Tests\Support\Films::film()),
                'notes' => 'no picture at all, but long enough to be looked at',
            ]),
        );
        $names = array_map(
            fn(App\Intake\ReadFile $read): string => ltrim("{$read->file->folder}/{$read->file->file}", '/'),
            Dropped::read($drop)->files,
        );
        expect($file->remark)
            ->toBe('5 pictures in it; 1 file that is none was passed over.')
            ->and(array_values($names))
            ->toEqualCanonicalizing([
                'shoot.zip/SMOCK_front.jpg',
                'shoot.zip/Grün/SMOCK_back.jpg',
                'shoot.zip/picture 3.jpg',
                'shoot.zip/folder/SMOCK side.jpg',
                'shoot.zip/SMOCK_turned.mp4',
            ])
            ->and(Photo::query()->count())
            ->toBe(5);
    },
);

it('counts the entries of an archive by all that its ends say (30,000 and 100,000 came in)', function (
    callable $path,
): void {
    [, $file] = droppedArchive(Shop::open(), $path());
    expect($file->state)
        ->toBe(DropFileState::Refused)
        ->and(DropFile::query()->count())
        ->toBe(1);
})->with([
    'two ends, of which the last is small' => [
        fn(): string => RawZip::of(
            array_fill_keys(array_map(fn(int $at): string => "{$at}.jpg", range(1, 3_000)), ''),
            end: fn(int $count, int $bytes, int $at): string => RawZip::end(
                $count,
                $bytes,
                $at,
                RawZip::end(1, $bytes, $at),
            ),
        ),
    ],
    'ZIP64 beside a small old number' => [
        fn(): string => RawZip::of(
            array_fill_keys(array_map(fn(int $at): string => "{$at}.jpg", range(1, 3_000)), ''),
            end: fn(int $count, int $bytes, int $at): string => RawZip::end64($count, $bytes, $at, 3),
        ),
    ],
    'a number that is smaller than the list' => [
        fn(): string => RawZip::of(
            array_fill_keys(array_map(fn(int $at): string => "{$at}.jpg", range(1, 3_000)), ''),
            end: fn(int $count, int $bytes, int $at): string => RawZip::end(3, $bytes, $at),
        ),
    ],
]);

it('opens no archive to see what it is that has more entries than any may have', function (
    string $entry,
    DropFileState $otherwise,
): void {
    Queue::fake();
    $shop = Shop::open();
    $path = archive(function (ZipArchive $zip) use ($entry): void {
        $zip->addFromString($entry, '{"format": "slate package"}');
        foreach (range(1, 60) as $at) {
            $zip->addFromString("{$at}.jpg", 'x');
        }
    });
    expect(droppedArchive($shop, $path)[1]->state)->toBe($otherwise);
    config(['slate.intake.most_packed' => 50]);
    expect(droppedArchive($shop, $path, 'again.zip')[1]->state)->toBe(DropFileState::Unpacking);
})->with([
    'a workbook' => ['xl/workbook.xml', DropFileState::Sheet],
    'a package' => ['datapackage.json', DropFileState::Package],
]);

it('opens an archive of ZIP64 that is as it says', function (): void {
    $front = (string) file_get_contents(Dropped::picture('front.jpg'));
    [, $file] = droppedArchive(
        Shop::open(),
        RawZip::of(
            ['SMOCK_front.jpg' => $front],
            end: fn(int $count, int $bytes, int $at): string => RawZip::end64($count, $bytes, $at, 0xffff),
        ),
    );
    expect($file->state)
        ->toBe(DropFileState::Unpacked, (string) $file->remark)
        ->and(Photo::query()->count())
        ->toBe(1);
});

it('takes no entry whose checksum is wrong', function (): void {
    [$drop] = droppedArchive(
        Shop::open(),
        RawZip::of(['a.jpg' => (string) file_get_contents(Dropped::picture('front.jpg'))], sumOff: 1),
    );
    expect(Dropped::one($drop, 'a.jpg')->why)
        ->toContain('damaged in the archive')
        ->and(Photo::query()->count())
        ->toBe(0);
});

it(
    'leaves nothing in the temporary place that nobody sweeps (what a killed unpacker had joined stayed for ever)',
    function (): void {
        $place = sys_get_temp_dir() . '/slate-unpack-' . bin2hex(random_bytes(4));
        config(['slate.reading.folder' => $place]);
        mkdir($left = "{$place}/slate-picture-999999999-0123456789abcdef", 0o700, true);
        file_put_contents("{$left}/joined", 'of an archive');
        droppedArchive(
            Shop::open(),
            RawZip::of(['a.jpg' => (string) file_get_contents(Dropped::picture('front.jpg'))]),
        );
        expect(glob("{$place}/*"))
            ->toBe([])
            ->and(Photo::query()->count())
            ->toBe(1);
    },
);

/** An archive whose entries hold so many zero bytes each, and say how many they hold. */
function bloatedArchive(int $entries, int $bytes, ?int $said = null): string
{
    $held = min($bytes, 80_000_000);
    $packed = gzdeflate(str_repeat("\0", $held), 9);
    $path = sys_get_temp_dir() . '/slate-' . bin2hex(random_bytes(6)) . '.zip';
    $said = min($said ?? $bytes, 0xfffffffe);
    $sum = (int) hexdec(hash('crc32b', str_repeat("\0", $held)));
    $local = $central = '';
    for ($at = 0; $at < $entries; $at++) {
        $offset = strlen($local);
        $local .=
            pack('VvvvvvVVVvv', 0x04034b50, 20, 0, 8, 0, 0, $sum, strlen($packed), $said, strlen("{$at}.jpg"), 0) .
            "{$at}.jpg" .
            ($entries > 1 ? '' : $packed);
        $central .=
            pack(
                'VvvvvvvVVVvvvvvVV',
                0x02014b50,
                20,
                20,
                0,
                8,
                0,
                0,
                $sum,
                $entries > 1 ? 0 : strlen($packed),
                $said,
                strlen("{$at}.jpg"),
                0,
                0,
                0,
                0,
                0,
                $offset,
            ) . "{$at}.jpg";
    }
    file_put_contents(
        $path,
        $local . $central . pack('VvvvvVVv', 0x06054b50, 0, 0, $entries, $entries, strlen($central), strlen($local), 0),
    );

    return $path;
}

/** 30,000 entries whose end says that there are three. */
function unannounced(): string
{
    $bytes = (string) file_get_contents(
        archive(function (ZipArchive $zip): void {
            for ($at = 0; $at < 30_000; $at++) {
                $zip->addFromString("{$at}.jpg", '');
            }
        }),
    );
    $end = (int) strrpos($bytes, "PK\x05\x06");
    $path = sys_get_temp_dir() . '/slate-' . bin2hex(random_bytes(6)) . '.zip';
    file_put_contents($path, substr($bytes, 0, $end + 8) . pack('vv', 3, 3) . substr($bytes, $end + 12));

    return $path;
}
