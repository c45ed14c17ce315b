<?php

declare(strict_types=1);

use App\Actions\Intake\AcceptFiles;
use App\Actions\Intake\SayOfFiles;
use App\Actions\Intake\SetAside;
use App\Actions\Intake\TeachWord;
use App\Actions\Intake\UndoAccepted;
use App\Actions\Product\CreateProduct;
use App\Actions\Product\EditDetails;
use App\Actions\Skus\SetCode;
use App\Intake\DropReading;
use App\Intake\PointedPlace;
use App\Intake\Table\DropLine;
use App\Intake\Table\DropTable;
use App\Intake\Table\DropTables;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\User;
use Core\Gallery\View;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Support\Dropped;
use Tests\Support\LazyCounts;
use Tests\Support\Shop;

/** A drop of so many files that it is kept as it is read, all rows of one picture of each kind. */
function largeDrop(User $user): Drop
{
    $drop = Dropped::files($user, ['SMOCK_moss_front.jpg'], 'Marle');
    $row = (array) DB::table('drop_files')->where('drop_id', $drop->id)->first();
    $photo = (array) DB::table('photos')->where('id', $row['photo_id'])->first();
    $look = (array) DB::table('photo_looks')->where('photo_id', $row['photo_id'])->first();
    foreach (range(1, 130) as $at) {
        $color = ['moss', 'clay', 'trr', 'qrx'][$at % 4];
        $view = ['front', 'back', 'detail'][$at % 3];
        DB::table('photos')->insert(['id' => $photo['id'] + $at, 'sha256' => hash('sha256', "large {$at}")] + $photo);
        DB::table('photo_looks')->insert(['photo_id' => $photo['id'] + $at, 'colors' => '[]'] + $look);
        DB::table('drop_files')->insert(
            [
                'id' => $row['id'] + $at,
                'photo_id' => $photo['id'] + $at,
                'print' => "large {$at}",
                'file' => $at % 10 === 0 ? "IMG_{$at}.jpg" : "SMOCK_{$color}_{$view}_{$at}.jpg",
            ] + $row,
        );
    }

    return $drop;
}

/** @return array<int, DropLine> the drop as it is read anew, whatever is kept */
function readAnew(Drop $drop): array
{
    return DropTable::inOrder(array_map(DropLine::of(...), app(DropReading::class)->of($drop->refresh())->files));
}

/** @return list<int> */
function someFiles(Drop $drop, string $like): array
{
    return DropFile::query()->where('drop_id', $drop->id)->where('file', 'like', $like)->limit(3)->pluck('id')->all();
}

/** How often names were read while something was done. */
function readings(callable $work): int
{
    $times = 0;
    DB::listen(function ($query) use (&$times): void {
        $times += (int) (str_contains($query->sql, 'from `lexicon_words`') && str_contains($query->sql, '`form` in'));
    });
    $work();

    return $times;
}

it('shows a drop as it was read as long as nothing has changed, and reads it anew whatever has', function (): void {
    $shop = Shop::stocked();
    $drop = largeDrop($shop->user);
    $tables = app(DropTables::class);
    $qrx = fn(): array => someFiles($drop, '%qrx%');
    $batch = null;
    $deeds = [
        'nothing' => fn() => null,
        'a word is taught' => fn() => app(TeachWord::class)->run($shop->user, 'qrx', $shop->id('Moss'), 'Marle'),
        'a product has another name' => fn() => app(EditDetails::class)->run($shop->change(), 'name', 'Field smock'),
        'a SKU has a code that names have' => fn() => app(SetCode::class)->run(
            $shop->change(),
            $shop->part(['Color' => 'Moss', 'Size' => 'M']),
            'IMG-10',
        ),
        'that is undone' => fn() => $shop->undo(),
        'somebody says the product' => fn() => app(SayOfFiles::class)->product(
            $shop->user,
            $drop,
            someFiles($drop, 'IMG%'),
            $shop->product,
        ),
        'somebody says the view' => fn() => app(SayOfFiles::class)->view(
            $shop->user,
            $drop,
            $qrx(),
            View::usual('side'),
        ),
        'some are put aside' => fn() => app(SetAside::class)->run($shop->user, $drop, $qrx()),
        'and taken up again' => fn() => app(SetAside::class)->takeUp($shop->user, $drop, $qrx()),
        'some are linked' => function () use ($shop, $drop, $qrx, &$batch): void {
            $batch = app(AcceptFiles::class)->here(
                $shop->user,
                $drop,
                $qrx(),
                new PointedPlace($shop->product->refresh(), $shop->part(['Color' => 'Clay']), null),
            );
        },
        'and that is undone' => function () use ($shop, $drop, &$batch): void {
            app(UndoAccepted::class)->undo($shop->user, $drop, $batch->id);
        },
        'there is a new product that names mean' => fn() => app(CreateProduct::class)->run(
            $shop->user,
            'Cane basket',
            'IMG-20',
        ),
        'a product calls a color otherwise' => function () use ($shop): void {
            DB::table('product_values')
                ->where('value_id', $shop->id('Slate'))
                ->update(['label' => 'Trr']);
            DB::table('products')->where('id', $shop->product->id)->increment('version');
        },
        'a color has another word' => function () use ($shop): void {
            DB::table('axis_values')
                ->where('id', $shop->id('Clay'))
                ->update(['synonyms' => '["IMG"]']);
            DB::table('library')->increment('version');
        },
    ];
    foreach ($deeds as $what => $deed) {
        $tables->of($drop->refresh());
        $deed();
        LazyCounts::settle();
        $now = $tables->of($drop->refresh());
        expect($now->lines)
            ->toEqual(readAnew($drop), $what)
            ->and(array_keys($now->lines))
            ->toBe(array_keys(readAnew($drop)), $what);
        // And once more, as it is kept.
        expect($tables->of($drop)->lines)->toEqual($now->lines, $what);
    }
    expect(readings(fn() => $tables->of($drop)))->toBe(0);
});

it('shows what is settled at once, and reads the rest with the next look', function (
    string $deed,
    string $becomes,
): void {
    $shop = Shop::stocked();
    $drop = largeDrop($shop->user);
    $this->actingAs($shop->user)
        ->get("/intake/{$drop->id}")
        ->assertOk();
    $files = someFiles($drop, '%qrx%');
    $times = readings(function () use ($drop, $deed, $files, $shop): void {
        $this->post("/intake/{$drop->id}/{$deed}", [
            'files' => implode(',', $files),
            'product' => $shop->product->code,
            'selected' => "{$shop->id('Color')}:{$shop->id('Clay')}",
        ])->assertOk();
    });
    expect($times)->toBe(0);
    $pages = $this->get("/intake/{$drop->id}?show=settled");
    foreach (DropFile::query()->findMany($files) as $file) {
        $pages->assertSee($file->file);
    }
    $table = app(DropTables::class)->of($drop->refresh());
    expect($table->isAhead)
        ->toBeFalse()
        ->and(array_map(fn(int $id): string => $table->lines[$id]->status->value, $files))
        ->toBe([$becomes, $becomes, $becomes])
        ->and($table->lines)
        ->toEqual(readAnew($drop));
})->with([['link', 'linked'], ['aside', 'aside']]);

it('accepts what is kept as a page has shown it, and refuses what is read otherwise by now', function (): void {
    $shop = Shop::stocked();
    $drop = largeDrop($shop->user);
    $tables = app(DropTables::class);
    $line = array_values(
        array_filter($tables->of($drop)->lines, fn(DropLine $one): bool => $one->status->value === 'sure'),
    )[0];
    app(SayOfFiles::class)->view($shop->user, $drop, [$line->id], View::usual('worn'));
    expect(fn() => app(AcceptFiles::class)->asRead($shop->user, $drop, [$line->id => $line->seen]))->toThrow(
        Core\Refusal::class,
        'is read differently by now',
    );
    $seen = $tables->of($drop->refresh())->lines[$line->id]->seen;
    app(AcceptFiles::class)->asRead($shop->user, $drop, [$line->id => $seen]);
    expect($tables->of($drop->refresh())->lines[$line->id]->status->value)->toBe('linked');
});

it('reads anew what is kept no more, whole or in part', function (): void {
    $shop = Shop::stocked();
    $drop = largeDrop($shop->user);
    $tables = app(DropTables::class);
    $ids = array_keys($tables->of($drop)->lines);
    $kept = $tables->before($drop);
    expect($kept)->not->toBeNull();
    Cache::forget("drop-table {$drop->id} {$kept->readAt} 0 0");
    expect(array_keys($tables->of($drop)->files(array_slice($ids, 0, 10))))->toBe(array_slice($ids, 0, 10));
    Cache::flush();
    expect(app(DropTables::class)->of($drop)->lines)->toEqual(readAnew($drop));
});
