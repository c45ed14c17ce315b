<?php

declare(strict_types=1);

use App\Models\LibraryValue;
use App\Models\Right;
use Illuminate\Support\Facades\DB;
use Tests\Support\Shop;

/** Every address that changes a product, with input that would do something. */
function changingRequests(Shop $shop): array
{
    $photo = $shop->placement('guide.jpg');
    $moss = LibraryValue::query()->where('name', 'Moss')->firstOrFail();
    $color = $moss->axis_id;

    return [
        'setup' => ['axes' => [['name' => 'Color', 'values' => 'Moss']]],
        'leave-out' => ['selected' => "{$color}:{$moss->id}"],
        'values/order' => [
            'axis' => $color,
            'order' => LibraryValue::query()->where('axis_id', $color)->orderByDesc('id')->pluck('id')->implode(','),
        ],
        "values/{$moss->id}" => ['name' => 'Lichen', 'code' => 'LCH'],
        "colors/swatches/{$moss->id}" => ['kind' => 'colors', 'colors' => ['#808040'], 'scope' => 'here'],
        "colors/swatches/{$moss->id}/move" => ['lab' => '50,10,10', 'scope' => 'everywhere'],
        'colors/display' => ['axis' => $color, 'display' => 'list'],
        'colors/order' => ['axis' => $color, 'by' => 'lightness'],
        'photos/link' => ['placements' => [$photo], 'selected' => "{$color}:{$moss->id}", 'only' => 1],
        'photos/unlink' => ['placements' => [$photo], 'selected' => '*'],
        'photos/hide' => ['placements' => [$photo], 'selected' => '*'],
        'photos/move' => ['placements' => [$photo], 'selected' => '*', 'to' => 0],
        'photos/view' => ['placements' => [$photo], 'view' => 'flat'],
        'photos/alt-text' => ['placements' => [$photo], 'text' => 'Sizes'],
        'photos/role' => ['placements' => [$photo], 'role' => 'share'],
        'photos/match-others' => ['selected' => "{$color}:{$moss->id}"],
        'photos/follow-shot-list' => [],
        'skus/price' => ['selected' => '*', 'typed' => '7', 'way' => 'rule'],
        'skus/stock' => ['selected' => '*', 'typed' => '7'],
        'details' => ['field' => 'brand', 'value' => 'Thrumbury'],
        'undo' => [],
    ];
}

/** The matrix and the tray as they are drawn. */
function drawn(string $board): string
{
    preg_match('#<table.*?</table>#s', $board, $matrix);
    preg_match('#id="tray".*#s', $board, $tray);

    return ($matrix[0] ?? 'no matrix') . ($tray[0] ?? 'no tray');
}

it('lets nobody change anything without the right, at any address', function (): void {
    $shop = Shop::stocked();
    $requests = changingRequests($shop);
    $before = [$shop->state(), LibraryValue::query()->get()->toArray()];
    $this->actingAs(Shop::person(Right::View));
    foreach ($requests as $path => $input) {
        $this->post("/products/SMOCK/{$path}", $input + ['version' => $shop->version()])->assertForbidden();
    }
    $this->post('/products', ['name' => 'X', 'code' => 'X'])->assertForbidden();
    $this->get('/products/SMOCK/setup')->assertForbidden();
    auth()->logout();
    foreach ($requests as $path => $input) {
        $this->post("/products/SMOCK/{$path}", $input)->assertRedirect('/sign-in');
    }
    expect([$shop->state(), LibraryValue::query()->get()->toArray()])->toBe($before);
});

it('does each change over HTTP, answers with the board, and takes it back with one undo', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $requests = changingRequests($shop);
    unset($requests['undo'], $requests['photos/follow-shot-list'], $requests['photos/match-others']);
    foreach ($requests as $path => $input) {
        $before = [$shop->state(), LibraryValue::query()->get()->toArray()];
        $answer = $this->post("/products/SMOCK/{$path}", $input + ['version' => $shop->version()], [
            'HX-Request' => 'true',
        ]);
        $answer->assertOk();
        $after = [$shop->state(), LibraryValue::query()->get()->toArray()];
        expect($after)->not->toEqual($before, $path);
        if ($path !== 'details') {
            $answer
                ->assertSee(
                    str_starts_with($path, 'colors/') && !isset($input['kind']) ? 'data-page="colors"' : 'data-board',
                    false,
                )
                ->assertSee('id="kept"', false);
            // What was followed in memory is drawn as what is read anew.
            $anew = $this->get(
                '/products/SMOCK/board?' .
                    http_build_query(array_intersect_key($input, ['selected' => 1]) + ['lens' => 'photos']),
                ['HX-Request' => 'true'],
            );
            expect(
                str_starts_with($path, 'colors/') && !isset($input['kind'])
                    ? drawn((string) $anew->getContent())
                    : drawn((string) $answer->getContent()),
            )->toBe(drawn((string) $anew->getContent()), $path);
        }
        $this->post('/products/SMOCK/undo', ['version' => $shop->version()], ['HX-Request' => 'true'])->assertOk();
        expect([$shop->state(), LibraryValue::query()->get()->toArray()])->toEqual($before, "{$path}, undone");
    }
});

it('includes the lesser rights in the greater', function (): void {
    expect(Right::Release->includes(Right::Edit))
        ->toBeTrue()
        ->and(Right::Release->includes(Right::View))
        ->toBeTrue()
        ->and(Right::Edit->includes(Right::Release))
        ->toBeFalse()
        ->and(Right::View->includes(Right::Edit))
        ->toBeFalse();
});

it('signs in, goes where one was going, and signs out', function (): void {
    $person = Shop::person(Right::Edit);
    $this->get('/products/SMOCK')->assertRedirect('/sign-in?to=%2Fproducts%2FSMOCK');
    $this->get('/sign-in?to=%2Fproducts%2FSMOCK')->assertSee('name="to" value="/products/SMOCK"', false);
    Shop::open();
    signIn($person->email, more: ['to' => '/products/SMOCK'])->assertRedirect('/products/SMOCK');
    $this->get('/sign-in')->assertRedirect('/');
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->get('/')->assertRedirect('/sign-in');
});

it('keeps the address typed at a wrong password, and says what to do', function (): void {
    $person = Shop::person(Right::Edit);
    signIn($person->email, 'wrong')->assertStatus(422)->assertSee($person->email)->assertSee('do not belong together');
});

it('sends who is signed out to sign in, also from a part of a page', function (): void {
    Shop::open();
    auth()->logout();
    $this->post('/products/SMOCK/undo', [], ['HX-Request' => 'true'])
        ->assertUnauthorized()
        ->assertHeader('HX-Redirect');
});

it('forgets nothing of what is typed when a product is refused', function (): void {
    $shop = Shop::open();
    $this->actingAs($shop->user)
        ->from('/')
        ->post('/products', ['name' => 'Second', 'code' => 'smock'])
        ->assertRedirect('/');
    $this->get('/')
        ->assertSee('smock is the code of Potting smock. Choose another.')
        ->assertSee('value="Second"', false);
    $this->from('/')
        ->post('/products', ['name' => '', 'code' => 'bad code!'])
        ->assertSessionHasErrors(['name', 'code']);
    expect(DB::table('products')->count())->toBe(1);
});
