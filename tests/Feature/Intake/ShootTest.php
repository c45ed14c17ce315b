<?php

declare(strict_types=1);

use App\Actions\Intake\ArrangeShoot;
use App\Actions\Intake\LinkShoot;
use App\Actions\Intake\UndoAccepted;
use App\Intake\Shoots\SenderOrders;
use App\Intake\Shoots\Shoot;
use App\Intake\Shoots\ShootPlace;
use App\Intake\Shoots\ShootReading;
use App\Models\Drop;
use App\Models\Product;
use App\Models\Right;
use Core\Gallery\View;
use Core\Matching\Shoots\Plan\PlannedGroup;
use Core\Refusal;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Core\Matching\DrawnShoot;
use Tests\Support\Dropped;
use Tests\Support\Shop;

const SHOT_CLOTHS = ['Moss' => '#5f7049', 'Clay' => '#b5694a', 'Slate' => '#4c5d73'];

/** A shoot of a smock whose files have the numbers of a camera: each color in some views, in this order. */
function shootOf(Shop $shop, string $sender = 'Halden', ?Product $of = null, array $without = []): Drop
{
    $draws = new DrawnShoot(1);
    $files = [];
    $number = 2040;
    foreach (SHOT_CLOTHS as $color => $hex) {
        foreach (['front', 'back', 'detail'] as $view) {
            $number++;
            if (!in_array("{$color} {$view}", $without, true)) {
                $files["DSC_{$number}.jpg"] = $draws->photograph($view, $hex);
            }
        }
    }

    return Dropped::files($shop->user, $files, $sender, $of);
}

function shootNow(Drop $drop): Shoot
{
    return app(ShootReading::class)->of($drop->refresh());
}

/** @return list<string> each group in words: "Moss: 2041, 2042, 2043" */
function shotWords(Shop $shop, Drop $drop): array
{
    $shoot = shootNow($drop);
    $words = [];
    foreach ($shoot->plan->series as $series) {
        foreach ($series->groups as $group) {
            $color = array_search(
                $group->part->value($shop->id('Color')),
                array_map($shop->id(...), [
                    'Moss' => 'Moss',
                    'Clay' => 'Clay',
                    'Slate' => 'Slate',
                ]),
            );
            $cells = array_map(
                fn(array $files): string => implode(
                    '+',
                    array_map(fn(int $id): string => substr($shoot->files[$id]->file ?? 'gone', 4, 4), $files),
                ),
                $group->cells,
            );
            $words[] = "{$color}: " . implode(', ', $cells);
        }
    }

    return $words;
}

/** @return list<string> what is linked: "DSC_2041.jpg Moss front" */
function linkedNow(Shop $shop): array
{
    $names = [];
    foreach (array_keys(SHOT_CLOTHS) as $color) {
        $names[$shop->id($color)] = $color;
    }
    $rows = DB::table('placements')
        ->where('product_id', $shop->product->id)
        ->where('file_name', 'like', 'DSC%')
        ->where('reach', '<>', '[]')
        ->orderBy('file_name')
        ->get(['file_name', 'reach', 'view']);
    $words = [];
    foreach ($rows as $row) {
        $colors = json_decode($row->reach, true)[0][$shop->id('Color')] ?? [];
        $words[] =
            "{$row->file_name} " .
            implode('+', array_map(fn(int $id): string => $names[$id], $colors)) .
            " {$row->view}";
    }

    return $words;
}

it('lays pictures out that a camera named, links them all in two acts, and undoes that in one', function (): void {
    $shop = Shop::stocked();
    $drop = shootOf($shop);
    $this->actingAs($shop->user)
        ->get("/intake/{$drop->id}")
        ->assertSee('Lay out as a shoot (9 pictures)');
    $this->get("/intake/{$drop->id}/shoot")->assertSee('Which product is it?');
    // Nobody knows the product: nothing can be linked.
    expect(shootNow($drop)->plan->series)
        ->toHaveCount(1)
        ->and(fn() => app(LinkShoot::class)->run($shop->user, $drop, shootNow($drop)->token()))
        ->toThrow(Refusal::class, 'Say first which product DSC_2041.jpg');
    $said = fn() => $this->post("/intake/{$drop->id}/shoot", [
        'do' => 'product',
        'version' => shootNow($drop)->token(),
        'series' => 0,
        'product' => $shop->product->code,
    ]);
    $said()->assertOk()->assertSee('Link all (9 pictures)');
    expect(shotWords($shop, $drop))->toBe([
        'Moss: 2041, 2042, 2043',
        'Clay: 2044, 2045, 2046',
        'Slate: 2047, 2048, 2049',
    ]);
    $this->post("/intake/{$drop->id}/shoot/link", ['version' => shootNow($drop)->token()])->assertOk();
    $linked = linkedNow($shop);
    expect($linked)
        ->toHaveCount(9)
        ->and(array_slice($linked, 3, 3))
        ->toBe(['DSC_2044.jpg Clay front', 'DSC_2045.jpg Clay back', 'DSC_2046.jpg Clay detail']);
    $batch = DB::table('drop_files')->where('drop_id', $drop->id)->value('batch_id');
    $this->post("/intake/{$drop->id}/shoot/undo", ['batch' => $batch])->assertOk();
    expect(linkedNow($shop))->toBe([])->and(shotWords($shop, $drop))->toHaveCount(3);
});

it('takes the folder for the color, and says nothing of what names say themselves', function (): void {
    $shop = Shop::stocked();
    $draws = new DrawnShoot(1);
    $drop = Dropped::files(
        $shop->user,
        [
            // What is in the folder of Clay looks like Moss: its name speaks first, and a person sees both.
            'Clay/DSC_1.jpg' => $draws->photograph('front', SHOT_CLOTHS['Moss']),
            'Clay/DSC_2.jpg' => $draws->photograph('back', SHOT_CLOTHS['Moss']),
            'Slate/DSC_3.jpg' => $draws->photograph('front', '#8c2f39'),
            'Slate/DSC_4.jpg' => $draws->photograph('back', '#8c2f39'),
            'Slate/SMOCK_moss_back.jpg' => $draws->photograph('back', SHOT_CLOTHS['Moss']),
        ],
        '',
        $shop->product,
    );
    $files = array_map(fn($file): string => $file->file, shootNow($drop)->files);
    expect(array_values($files))
        ->toBe(['DSC_1.jpg', 'DSC_2.jpg', 'DSC_3.jpg', 'DSC_4.jpg'])
        ->and(
            array_map(
                fn(PlannedGroup $group): ?int => $group->part->value($shop->id('Color')),
                shootNow($drop)->plan->series[0]->groups,
            ),
        )
        ->toBe([$shop->id('Clay'), $shop->id('Slate')]);
});

it(
    'shifts what follows a view that was left out, and keeps that; another sees it, and no older layout counts',
    function (): void {
        $shop = Shop::stocked();
        $drop = shootOf($shop, 'Halden', $shop->product);
        $arrange = app(ArrangeShoot::class);
        $token = shootNow($drop)->token();
        $back = DB::table('drop_files')->where('drop_id', $drop->id)->where('file', 'DSC_2045.jpg')->value('id');
        $arrange->shift($shop->user, $drop, $token, $back, 1);
        expect(shotWords($shop, $drop)[1])
            ->toBe('Clay: 2044, 2045, 2046')
            ->and(array_keys(shootNow($drop)->plan->series[0]->groups[1]->cells))
            ->toBe([0, 2, 3])
            ->and(fn() => $arrange->shift($shop->user, $drop, $token, $back, 1))
            ->toThrow(Refusal::class, 'Somebody else has laid this shoot out')
            ->and(fn() => app(LinkShoot::class)->run($shop->user, $drop, $token))
            ->toThrow(Refusal::class, 'Nothing was linked');
        $arrange->leaveOut($shop->user, $drop, shootNow($drop)->token(), $back);
        expect(shootNow($drop)->plan->leftOut)->toBe([$back]);
        // Linked without it, group by group; it stays in the drop.
        app(LinkShoot::class)->run($shop->user, $drop, shootNow($drop)->token(), new ShootPlace(0, 1));
        expect(linkedNow($shop))->toHaveCount(2)->and(Dropped::standings($drop)['DSC_2045.jpg'])->not->toBe('linked');
        $arrange->proposeAnew($shop->user, $drop);
        expect(shootNow($drop)->isMoved)->toBeFalse();
        $this->actingAs(Shop::person(Right::View))
            ->post("/intake/{$drop->id}/shoot", ['do' => 'anew'])
            ->assertForbidden();
    },
);

it('teaches the order of a sender: the next shoot has their views, another sender’s has not', function (): void {
    $shop = Shop::stocked();
    $drop = shootOf($shop, 'Halden', $shop->product);
    $arrange = app(ArrangeShoot::class);
    foreach (['detail', 'front', 'back'] as $place => $view) {
        $arrange->sayView(
            $shop->user,
            $drop,
            shootNow($drop)->token(),
            new ShootPlace(0, 0, $place),
            View::usual($view),
        );
    }
    $batch = app(LinkShoot::class)->run($shop->user, $drop, shootNow($drop)->token());
    $orders = app(SenderOrders::class);
    expect(array_map(fn(View $view): string => $view->key, $orders->of('halden ', 3)))
        ->toBe(['detail', 'front', 'back'])
        ->and($orders->of('Halden', 4))
        ->toBe([])
        ->and($orders->of('Quill', 3))
        ->toBe([]);
    // Without what is linked now, which would tell the views itself.
    app(UndoAccepted::class)->undo($shop->user, $drop, $batch->id);
    $next = shootOf($shop, 'Halden', $shop->product, ['Moss detail']);
    expect(shootNow($next)->plan->series[0]->views)->toBe(['detail', 'front', 'back']);
});

it('refuses parts and places that are not there', function (): void {
    $shop = Shop::stocked();
    $drop = shootOf($shop, '', $shop->product);
    $post = fn(array $with): TestResponse => $this->actingAs($shop->user)->post(
        "/intake/{$drop->id}/shoot",
        ['version' => shootNow($drop)->token(), ...$with],
        ['HX-Request' => 'true'],
    );
    $post(['do' => 'part', 'series' => 0, 'group' => 0, 'part' => '999:999'])->assertStatus(422);
    $post(['do' => 'part', 'series' => 9, 'group' => 0, 'part' => ''])->assertStatus(422);
    $post(['do' => 'move', 'file' => 999_999, 'series' => 0, 'group' => 0, 'place' => 0])->assertStatus(422);
    $post(['do' => 'move', 'file' => -1])->assertStatus(422);
    $post(['do' => 'product', 'series' => 0, 'product' => 'NOTHING-AT-ALL'])->assertStatus(422);
    $post(['do' => 'dance'])->assertStatus(422);
    expect(linkedNow($shop))->toBe([]);
});
