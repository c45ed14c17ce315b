<?php

declare(strict_types=1);

use App\Models\Product;
use App\Models\Right;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Tests\Support\LazyCounts;
use Tests\Support\Shop;

it('asks everybody to sign in, and slows down who guesses', function (): void {
    $this->get('/')->assertRedirect('/sign-in');
    Shop::person(Right::View);
    for ($try = 1; $try <= 5; $try++) {
        signIn('nobody@thrumbury.example', 'x')->assertStatus(422);
    }
    signIn('nobody@thrumbury.example', 'x')->assertStatus(429);
});

it('does not count who signs in rightly', function (): void {
    $person = Shop::person(Right::View);
    for ($time = 1; $time <= 8; $time++) {
        signIn($person->email)->assertRedirect('/');
        $this->post('/sign-out');
    }
});

it('guards every route: reading wants the right to view, changing the right to edit', function (): void {
    $reads = ['skus.about', 'board.tray', 'photo.about', 'sign-out', 'layout', 'layout.fold', 'rows.columns'];
    foreach (Route::getRoutes() as $route) {
        if (
            in_array($route->uri(), ['sign-in', 'storage/{path}', 'up', 'ready'], true) ||
            $route->getName() === 'storage.local'
        ) {
            continue;
        }
        $changes =
            array_diff($route->methods(), ['GET', 'HEAD', 'OPTIONS']) !== [] &&
            !in_array($route->getName(), $reads, true) &&
            !str_starts_with((string) $route->getName(), 'own-account');
        expect($route->gatherMiddleware())->toContain('auth', 'can:view');
        expect(array_intersect(['can:edit', 'can:release'], $route->gatherMiddleware()) !== [] || !$changes)->toBeTrue(
            $route->uri(),
        );
    }
});

it('gives no two addresses the same name', function (): void {
    $names = array_filter(
        array_map(fn($route): ?string => $route->getName(), iterator_to_array(Route::getRoutes(), false)),
    );
    expect(array_diff_assoc($names, array_unique($names)))->toBe([]);
});

it('bounds how often the costly looks are asked for', function (): void {
    $shop = Shop::stocked();
    $this->actingAs(Shop::person(Right::View));
    RateLimiter::for('reads', fn(): Limit => Limit::perMinute(3)->by('one'));
    foreach (range(1, 3) as $look) {
        $this->post('/products/SMOCK/tray', ['selected' => '*'], ['HX-Request' => 'true'])->assertOk();
    }
    $this->post('/products/SMOCK/tray', ['selected' => '*'], ['HX-Request' => 'true'])
        ->assertStatus(429)
        ->assertSee('Wait a moment');
    expect($shop->loaded()->core->made)->toHaveCount(12);
});

it('shows every screen of a product to who may look, and lets them change nothing', function (string $path): void {
    $shop = Shop::stocked();
    $this->actingAs(Shop::person(Right::View))
        ->get("/products/SMOCK{$path}")
        ->assertOk()
        ->assertSee('Potting smock')
        ->assertDontSee('data-do="undo"', false);
    $this->post(
        '/products/SMOCK/skus/stock',
        ['selected' => '*', 'typed' => '1', 'version' => $shop->version()],
        ['HX-Request' => 'true'],
    )
        ->assertForbidden()
        ->assertSee('can look but not change');
})->with(['', '/preview', '/details', '/history', '?lens=stock', '?lens=prices', '?lens=codes']);

it('sends headers that keep foreign scripts and frames out', function (): void {
    $policy = $this->get('/sign-in')
        ->assertHeader('X-Content-Type-Options', 'nosniff')
        ->headers->get('Content-Security-Policy');
    expect($policy)->toContain("script-src 'self'")->not->toContain('unsafe');
    $this->actingAs(Shop::person(Right::View))
        ->get('/')
        ->assertDontSee('style="', false)
        ->assertDontSee('onclick', false);
});

it('escapes what people type', function (): void {
    $shop = Shop::stocked();
    DB::table('products')->update(['name' => '<script>alert(1)</script>']);
    DB::table('axis_values')
        ->where('name', 'Moss')
        ->update(['name' => '<b>Moss</b>']);
    $this->actingAs($shop->user);
    foreach (['', '/preview', '/details', '/history'] as $path) {
        $this->get("/products/SMOCK{$path}")
            ->assertOk()
            ->assertDontSee('<script>alert', false)
            ->assertDontSee('<b>Moss', false);
    }
});

it('asks the database as often for many as for few', function (): void {
    $count = function (string $path): int {
        DB::flushQueryLog();
        $this->get($path)->assertOk();

        return count(DB::getQueryLog());
    };
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    DB::enableQueryLog();
    // What is read once and remembered is read by now.
    $count('/');
    $count('/products/SMOCK');
    $catalog = $count('/');
    $board = $count('/products/SMOCK');
    expect($board)->toBeLessThan(30);
    foreach (range(1, 5) as $number) {
        Shop::open("OTHER{$number}")->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M']);
    }
    $shop->axes(['Color' => 'Moss, Clay, Slate, Oat, Ink', 'Size' => 'XS, S, M, L, XL, XXL']);
    LazyCounts::settle();
    expect($count('/'))->toBe($catalog)->and($count('/products/SMOCK'))->toBe($board);
});

it('lays out no axis, one, two, three and four', function (
    array $axes,
    int $cells,
    array $sees,
    array $places = [],
): void {
    $shop = Shop::open();
    $shop->axes($axes);
    $answer = $this->actingAs($shop->user)->get('/products/SMOCK')->assertOk();
    expect(substr_count($answer->getContent(), 'role="gridcell"'))->toBe($cells);
    foreach ($sees as $text) {
        $answer->assertSee($text, false);
    }
    foreach ($places as $axis => $place) {
        expect($answer->getContent())->toMatch(
            "/Where {$axis} runs<\\/span>\\s*<select[^>]*>\\s*(?:<option\\s*>\\w+<\\/option>\\s*)*<option\\s+selected\\s*>{$place}/",
        );
    }
})->with([
    'none' => [[], 1, ['The SKU', '1 SKU']],
    'one' => [['Color' => 'Moss, Clay'], 2, [], ['Color' => 'down']],
    'only sizes' => [['Size' => 'S, M'], 2, [], ['Size' => 'down']],
    'two' => [['Color' => 'Moss, Clay', 'Size' => 'S, M, L'], 6, [], ['Size' => 'across']],
    'three' => [
        ['Color' => 'Moss, Clay', 'Size' => 'S, M, L', 'Style' => 'Buttoned, Pullover'],
        12,
        ['rowspan="2"'],
        ['Style' => 'layers', 'Color' => 'down'],
    ],
    'four' => [
        ['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Style' => 'Buttoned, Pullover', 'Lining' => 'None, Wool'],
        16,
        ['rowspan="4"'],
    ],
]);

it('looks at one layer, and selects within it', function (): void {
    $shop = Shop::open();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M', 'Style' => 'Buttoned, Pullover']);
    $layer = $shop->token(['Style' => 'Pullover']);
    $answer = $this->actingAs($shop->user)
        ->get("/products/SMOCK?layer={$layer}")
        ->assertOk();
    expect(substr_count($answer->getContent(), 'role="gridcell"'))->toBe(4);
    $answer
        ->assertSee('data-part="' . $shop->token(['Color' => 'Moss', 'Style' => 'Pullover']) . '"', false)
        ->assertSee('All Pullover');
    // What was selected in another layer is not on screen: the first row is selected instead.
    $this->get("/products/SMOCK?layer={$layer}&selected=" . $shop->token(['Style' => 'Buttoned']))->assertSee(
        'Gallery of Moss, Pullover',
    );
});

it('plans while typing: doubles, near-misses, arithmetic, and what stands in the way', function (): void {
    $shop = Shop::stocked();
    $plan = fn(array $axes) => $this->actingAs($shop->user)
        ->post('/products/SMOCK/setup/plan', ['axes' => $axes])
        ->assertOk();
    $plan([['name' => 'color', 'values' => 'Moss, Clay, Slate, moss, Slat'], ['name' => 'Size', 'values' => 'Lg, S']])
        ->assertSee('“moss” stands here already')
        ->assertSee('“Slat” is close to Slate')
        ->assertSee('“Lg” is close to L')
        ->assertSee('4 colors × 2 sizes = 8 SKUs')
        ->assertSee('retires 9 with 90 in stock');
    $plan([['name' => '', 'values' => 'S, M']])->assertSee('give the axis a name');
    // A row that was just added stays while the answer to another change comes in.
    $plan([['name' => 'Color', 'values' => 'Moss'], '17' => ['name' => '', 'values' => '']])->assertSee('axis-name-17');
    $plan([['name' => 'Size', 'values' => implode(',', range(1, 10_001))]])->assertSee(
        '10,001 cells; a product can have 10,000',
    );
    expect(DB::table('axis_values')->count())->toBe(7);
});

it('answers a stale change with what changed, and a way to repeat it', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user)
        ->post(
            '/products/SMOCK/skus/stock',
            ['selected' => '*', 'typed' => '1', 'version' => 1],
            ['HX-Request' => 'true'],
        )
        ->assertStatus(409)
        ->assertHeader('HX-Retarget', '#notice')
        ->assertSee('Stock of the whole product set to 10 (was not counted)')
        ->assertSee('Make my change now');
});

it('refuses bad input at the place it was typed', function (string $path, array $input, string $words): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->actingAs($shop->user)
        ->post("/products/SMOCK/{$path}", $input + ['version' => $shop->version()], ['HX-Request' => 'true'])
        ->assertStatus(422)
        ->assertSee($words);
    expect($shop->state())->toBe($before);
})->with([
    ['skus/price', ['selected' => '*', 'typed' => 'cheap'], '“cheap” is not a number'],
    ['skus/price', ['selected' => '*', 'typed' => '1.234'], 'can be read as 1.234 or as 1234'],
    ['skus/price', ['selected' => '*', 'typed' => '-60'], 'would come below zero'],
    ['skus/stock', ['selected' => '*', 'typed' => '1.5'], 'is not a number of units'],
    ['skus/stock', ['selected' => '', 'typed' => '1'], 'Select the SKUs first'],
    ['skus/code', ['selected' => '*', 'typed' => 'X1'], 'A code belongs to one SKU'],
    ['skus/stock', ['selected' => 'x', 'typed' => '1'], 'format is invalid'],
    ['photos/link', ['selected' => '*'], 'Mark a picture first'],
    ['values/order', ['axis' => 999999, 'order' => '1,2,99'], 'no longer on the product'],
    ['details', ['field' => 'name', 'value' => ' '], 'The name cannot be empty'],
]);

it('jumps to products, SKUs and photos', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user)->get('/jump?q=pott')->assertSee('Potting smock');
    $this->get('/jump?q=SMOCK-MOSS')->assertSee('SMOCK-MOSS-XL');
    $this->get('/jump?q=guide')->assertSee('picture of Potting smock');
    $this->get('/jump?q=%25%25')->assertDontSee('Potting');
    $this->get('/?q=SMO')->assertSee('Potting smock');
    $this->get('/?q=zzz')->assertSee('No product is like this');
});

it('shows a shopper what can be had', function (): void {
    $shop = Shop::stocked();
    DB::table('skus')
        ->where('code', 'SMOCK-CLAY-M')
        ->update(['stock' => 0]);
    $this->actingAs($shop->user)
        ->get('/products/SMOCK/preview?choice=' . $shop->token(['Color' => 'Clay', 'Size' => 'M']))
        ->assertSee('Sold out')
        ->assertSee('Clay front.jpg')
        ->assertDontSee('Moss front.jpg')
        ->assertSee('SMOCK-CLAY-M');
    $this->get('/products/SMOCK/preview?choice=')->assertSee('Choose a color and a size')->assertSee('Moss front.jpg');
    $this->get('/products/SMOCK/preview?choice=9:9')
        ->assertStatus(422)
        ->assertSee('This product does not differ in what was chosen');
    $this->get('/products/SMOCK/preview?choice=bad')->assertStatus(422)->assertSee('is not a cell of the matrix');
});

it('knows nothing of products that are not there', function (): void {
    $this->actingAs(Shop::person(Right::View))->get('/products/NONE')->assertNotFound();
    expect(Product::query()->count())->toBe(0);
});
