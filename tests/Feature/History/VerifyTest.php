<?php

declare(strict_types=1);

use App\Media\PhotoSize;
use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

/** @return array{int, list<array{what: string, place: string, mended: bool}>} exit code and findings */
function verified(bool $mend = false): array
{
    $code = Artisan::call('slate:verify', ['--json' => true, '--mend' => $mend]);

    return [$code, json_decode(Artisan::output(), true)];
}

it('finds nothing where all is there', function (): void {
    Shop::stocked();
    expect(verified())->toBe([0, []]);
});

it('names what is missing, changed or left over, and mends what can be made again', function (): void {
    $shop = Shop::open();
    foreach (['lost', 'spoiled', 'sizeless', 'waiting'] as $name) {
        $shop->receive(["{$name}.jpg" => Shop::picture($name)]);
    }
    [$lost, $spoiled, $sizeless, $waiting] = Photo::query()->orderBy('id')->get()->all();
    $path = fn(Photo $photo): string => PhotoStore::originalPath($photo->sha256, $photo->type);
    Storage::delete($path($lost));
    Storage::put($path($spoiled), 'other bytes');
    Storage::delete(PhotoStore::derivedPath($sizeless->sha256, PhotoSize::Card));
    $waiting->update(['state' => PhotoState::Waiting]);
    Storage::put($stray = 'photos/ab/' . str_repeat('ab', 32) . '.jpg', 'x');
    touch(Storage::path($stray), time() - 7200);

    [$code, $findings] = verified();
    expect($code)
        ->toBe(1)
        ->and(array_column($findings, 'what', 'place'))
        ->toBe([
            $path($lost) => 'The file of a picture is missing',
            $path($spoiled) => 'The file of a picture is not what it was',
            $path($sizeless) => 'A size or a measurement of a picture is missing',
            $path($waiting) => 'A picture waits to be read, and nothing is to read it',
            $stray => 'A file in the store belongs to no picture',
        ])
        ->and(array_filter(array_column($findings, 'mended')))
        ->toBe([]);

    [, $findings] = verified(mend: true);
    expect(array_column(array_filter($findings, fn(array $finding): bool => $finding['mended']), 'place'))
        ->toBe([$path($sizeless), $path($waiting)])
        ->and($lost->refresh()->state)
        ->toBe(PhotoState::Failed)
        ->and($waiting->refresh()->state)
        ->toBe(PhotoState::Ready);
    expect(array_column(verified()[1], 'what'))->toBe([
        'The file of a picture is missing',
        'The file of a picture is not what it was',
        'A file in the store belongs to no picture',
    ]);
});
