<?php

declare(strict_types=1);

use App\Models\AccountNote;
use App\Models\Right;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Shop;

/** Signs in as a browser does: another one each time, unless its cookies are given. */
function signIn(string $email, string $password = 'slate-demo', string $address = '203.0.113.7', array $cookies = []): Illuminate\Testing\TestResponse
{
    Auth::forgetGuards();
    app('session')->driver()->flush();

    return test()->withServerVariables(['REMOTE_ADDR' => $address])->withCookies($cookies)->from('/sign-in')->post('/sign-in', ['email' => $email, 'password' => $password]);
}

function edited(User $account, array $with): array
{
    return $with + ['seen' => $account->refresh()->seen(), 'name' => $account->name, 'email' => $account->email, 'right' => $account->right->value];
}

it('keeps accounts from everybody who may not release', function (string $method, string $address): void {
    $other = Shop::person(Right::View, 'Other');
    foreach ([Right::View, Right::Edit] as $right) {
        $this->actingAs(Shop::person($right))->call($method, str_replace('{id}', (string) $other->id, $address), ['seen' => $other->seen(), 'name' => 'X', 'email' => 'x@thrumbury.example', 'right' => 'release'])->assertForbidden();
    }
    expect(AccountNote::query()->count())->toBe(0)->and(User::query()->where('name', 'X')->exists())->toBeFalse();
})->with([
    ['GET', '/accounts'], ['POST', '/accounts'], ['GET', '/accounts/{id}'], ['POST', '/accounts/{id}'], ['POST', '/accounts/{id}/password'],
    ['POST', '/accounts/{id}/sessions'], ['POST', '/accounts/{id}/close'], ['POST', '/accounts/{id}/reopen'],
]);

it('makes an account with a password that is shown once, and has its owner choose another first', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $this->actingAs($ines)->get('/accounts')->assertSee($ines->email);
    $this->post('/accounts', ['name' => ' Bram  Ostler ', 'email' => 'Bram@Thrumbury.example', 'right' => 'edit']);
    $bram = User::query()->where('email', 'bram@thrumbury.example')->firstOrFail();
    $page = $this->get("/accounts/{$bram->id}")->assertSee('Bram Ostler')->assertSee('Made the account of Bram Ostler')->getContent();
    expect(preg_match('#<code>([a-z0-9]{5}(-[a-z0-9]{5}){2})</code>#', $page, $found))->toBe(1)
        ->and(Hash::check($found[1], $bram->password))->toBeTrue();
    $this->get("/accounts/{$bram->id}")->assertDontSee($found[1]);

    signIn('bram@thrumbury.example', $found[1])->assertRedirect('/');
    $this->get('/')->assertRedirect('/account');
    $this->get('/jump?q=x', ['HX-Request' => 'true'])->assertUnauthorized()->assertHeader('HX-Redirect');
    $change = fn (string $present, string $new, string $again): array => ['current_password' => $present, 'password' => $new, 'password_confirmation' => $again];
    $this->from('/account')->post('/account/password', $change('wrong', 'four moles dig', 'four moles dig'))->assertSessionHasErrors('refused');
    $this->get('/account')->assertSee('Choose a password of your own first');
    $this->post('/account/password', $change($found[1], 'four moles dig', 'four moles dug'))->assertSessionHasErrors(['refused' => 'The two passwords differ. Type the same one twice.']);
    $this->post('/account/password', $change($found[1], $found[1], $found[1]))->assertSessionHasErrors('refused');
    $this->post('/account/password', $change($found[1], 'four moles dig', 'four moles dig'))->assertRedirect('/account');
    Auth::forgetGuards();
    $this->get('/')->assertOk();
    signIn('bram@thrumbury.example', $found[1])->assertSessionHasErrors('email');
    signIn('bram@thrumbury.example', 'four moles dig')->assertRedirect();
});

it('refuses a password that is guessed easily, and says why', function (string $password): void {
    $own = Shop::person(Right::View, 'Wren Halloran');
    $this->actingAs($own)->from('/account')->post('/account/password', ['current_password' => 'slate-demo', 'password' => $password, 'password_confirmation' => $password])->assertSessionHasErrors('refused');
    expect(Hash::check('slate-demo', $own->refresh()->password))->toBeTrue();
})->with(['short' => 'short one', 'one letter' => 'aaaaaaaaaaaaa', 'the name' => 'Wren Halloran', 'the name with a dash' => 'wren-halloran', 'long' => str_repeat('long words ', 7), 'a null byte' => "nul \0 in between"]);

it('changes name, address and right, and refuses an address that another has, accents or not', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $wren = Shop::person(Right::View, 'Wren');
    $this->actingAs($ines)->post("/accounts/{$wren->id}", edited($wren, ['name' => 'Wren H.', 'right' => 'edit']))->assertRedirect("/accounts/{$wren->id}");
    expect($wren->refresh()->right)->toBe(Right::Edit)->and($wren->name)->toBe('Wren H.');
    $this->get("/accounts/{$wren->id}")->assertSee('Wren is now called Wren H.; may edit (was: look)');
    $this->from("/accounts/{$wren->id}")->post("/accounts/{$wren->id}", edited($wren, ['email' => $ines->email]))->assertSessionHasErrors('refused');
    $this->post('/accounts', ['name' => 'Twin', 'email' => str_replace('ines', 'ínes', $ines->email), 'right' => 'view'])->assertSessionHasErrors('refused');
    $this->post('/accounts', ['name' => 'No', 'email' => 'no address', 'right' => 'view'])->assertSessionHasErrors('refused');
    $this->post('/accounts', ['name' => 'No', 'email' => 'no@thrumbury.example', 'right' => 'all'])->assertSessionHasErrors('refused');
    expect(User::query()->count())->toBe(2);
});

it('takes nothing back that somebody else changed while the page was open', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $wren = Shop::person(Right::View, 'Wren');
    $old = edited($wren, []);
    $this->actingAs($ines)->post("/accounts/{$wren->id}", edited($wren, ['right' => 'edit']));
    foreach (['', '/close', '/password'] as $way) {
        $this->from("/accounts/{$wren->id}")->post("/accounts/{$wren->id}{$way}", $old)->assertSessionHasErrors('refused');
    }
    expect($wren->refresh()->right)->toBe(Right::Edit)->and($wren->closed_at)->toBeNull();
});

it('never leaves an office without anybody who keeps the accounts', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $this->actingAs($ines)->from("/accounts/{$ines->id}")->post("/accounts/{$ines->id}", edited($ines, ['right' => 'edit']))->assertSessionHasErrors('refused');
    $this->post("/accounts/{$ines->id}/close", edited($ines, []))->assertSessionHasErrors('refused');
    expect($ines->refresh()->right)->toBe(Right::Release)->and($ines->closed_at)->toBeNull();
    $mo = Shop::person(Right::Release, 'Mo');
    $this->post("/accounts/{$mo->id}/close", edited($mo, []))->assertSessionHasNoErrors();
    $this->post("/accounts/{$ines->id}/close", edited($ines, []))->assertSessionHasErrors('refused');
    $this->post("/accounts/{$mo->id}/reopen", edited($mo, []))->assertSessionHasNoErrors();
    $this->post("/accounts/{$ines->id}", edited($ines, ['right' => 'view']))->assertSessionHasNoErrors();
    expect($ines->refresh()->right)->toBe(Right::View);
});

it('signs a closed account out at once, and lets it in again only when it is opened', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    $ines = Shop::person(Right::Release, 'Ines');
    signIn($wren->email)->assertRedirect('/');
    $this->get('/')->assertOk();
    $close = fn (string $way) => app(App\Actions\CloseAccount::class)->{$way}($ines, $wren->id, $wren->refresh()->seen());
    $close('run');
    Auth::forgetGuards();
    $this->get('/')->assertRedirect('/sign-in');
    $this->get('/sign-in')->assertSee('You were signed out here');
    signIn($wren->email)->assertSessionHasErrors(['email' => 'This account is closed. Ask somebody who keeps the accounts to open it again.']);
    signIn($wren->email, 'wrong')->assertSessionHasErrors(['email' => 'This address and password do not belong together. Check both and try again.']);
    $close('reopen');
    signIn($wren->email)->assertRedirect('/');
    expect($wren->refresh()->signed_in_at)->not->toBeNull();
});

it('ends every session of an account, those a browser remembers too, but not the one that asks', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $cookies = [];
    foreach (signIn($ines->email)->headers->getCookies() as $cookie) {
        $cookies[$cookie->getName()] = $cookie;
    }
    $remembered = collect($cookies)->first(fn ($cookie, string $name): bool => str_starts_with($name, 'remember_'));
    $this->post('/account/sessions')->assertRedirect('/account');
    Auth::forgetGuards();
    $this->get('/account')->assertOk()->assertSee('You are signed out everywhere else.');

    Auth::forgetGuards();
    app('session')->driver()->flush();
    $this->withUnencryptedCookies([$remembered->getName() => $remembered->getValue()])->get('/')->assertRedirect('/sign-in');
    expect($ines->refresh()->sessions_ended)->toBe(1);
});

it('counts wrong passwords by account as the database finds it', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    foreach ([$wren->email, strtoupper($wren->email), str_replace('e', 'é', $wren->email), str_replace('wren', 'wrën', $wren->email), " {$wren->email} "] as $at => $spelled) {
        signIn($spelled, 'wrong', "203.0.113.{$at}")->assertRedirect();
    }
    signIn(str_replace('w', 'ẃ', $wren->email), 'wrong', '203.0.113.99')->assertStatus(429)->assertHeader('Retry-After')->assertSee('Too many tries');
});

it('lets a browser in that has been here before, whatever is guessed elsewhere or behind the same address', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    $known = collect(signIn($wren->email)->headers->getCookies())->first(fn ($cookie): bool => $cookie->getName() === 'known_browser');
    $cookies = ['known_browser' => decrypt($known->getValue(), false)];
    $cookies['known_browser'] = Illuminate\Cookie\CookieValuePrefix::remove($cookies['known_browser']);
    for ($try = 0; $try < 60; $try++) {
        signIn($try % 2 === 0 ? $wren->email : "nobody{$try}@thrumbury.example", 'wrong');
    }
    signIn($wren->email)->assertStatus(429);
    signIn(Shop::person(Right::View, 'Another')->email)->assertStatus(429);
    signIn($wren->email, cookies: $cookies)->assertRedirect('/');
    for ($try = 0; $try < 10; $try++) {
        signIn($wren->email, 'wrong', cookies: $cookies)->assertSessionHasErrors('email');
    }
    signIn($wren->email, cookies: $cookies)->assertStatus(429);
});

it('hashes once for an address that nobody has, as it does for one that somebody has', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    Hash::partialMock()->shouldReceive('check')->once()->andReturnFalse();
    signIn($wren->email, 'wrong')->assertSessionHasErrors('email');
    Hash::partialMock()->shouldReceive('make')->once()->andReturn('');
    signIn('nobody@thrumbury.example', 'wrong')->assertSessionHasErrors('email');
});

it('shows times in the zone a person chose, and opens previews in the language chosen', function (): void {
    $shop = Shop::stocked();
    DB::table('axis_values')->where('name', 'Moss')->update(['translations' => '{"de":"Moos"}']);
    $this->actingAs($shop->user)->post('/account', ['name' => 'Ada Ferris', 'zone' => 'Asia/Tokyo', 'language' => 'de_at'])->assertRedirect('/account');
    expect($shop->user->refresh()->language)->toBe('de-AT')->and($shop->user->name)->toBe('Ada Ferris');
    DB::table('history')->update(['created_at' => '2026-03-04 20:30:00']);
    $this->withUnencryptedCookies(['zone' => 'Europe/London'])->get('/products/SMOCK/history')->assertSee('05:30');
    $this->get('/products/SMOCK/preview')->assertSee('Moos');
    $this->get('/products/SMOCK/preview?lang=')->assertDontSee('Moos');
    $this->from('/account')->post('/account', ['name' => 'Ada', 'zone' => 'Mars/Olympus'])->assertSessionHasErrors('refused');
    $this->post('/account', ['name' => 'Ada', 'language' => 'German'])->assertSessionHasErrors('refused');
    $this->post('/account', ['name' => ' '])->assertSessionHasErrors('refused');
    expect($shop->user->refresh()->name)->toBe('Ada Ferris');
});

it('asks for the first account on the command line, once', function (): void {
    $ask = fn (string $new) => $this->artisan('slate:account', ['--first' => true])
        ->expectsQuestion('Name', 'Ines Okoro')->expectsQuestion('Email address', 'ines@thrumbury.example')
        ->expectsQuestion('Password (at least 10 characters)', $new)->expectsQuestion('The same again', $new);
    $ask('short')->expectsOutputToContain('at least 10 characters')->assertFailed();
    $ask('four moles dig')->expectsOutputToContain('can sign in as ines@thrumbury.example and may edit and release')->assertSuccessful();
    $this->artisan('slate:account', ['--first' => true])->assertSuccessful();
    expect(User::query()->count())->toBe(1);
    signIn('ines@thrumbury.example', 'four moles dig')->assertRedirect('/');
    $this->get('/accounts')->assertOk();
});

it('answers whatever is typed as an address or a password with a sentence', function (mixed $email, mixed $password): void {
    expect(test()->from('/sign-in')->post('/sign-in', ['email' => $email, 'password' => $password])->status())->toBe(302);
})->with([
    'bytes that are no text' => ["\xff\xfe@thrumbury.example", 'x'],
    'a null byte' => ["a\0b@x", "a\0b"],
    'lists' => [['x'], ['y']],
    'a long address' => [str_repeat('a', 5_000), 'x'],
    'a long password' => ['x@y', str_repeat('p', 900)],
    'marks that turn the writing around' => ["\u{202e}@\u{0301}", "\xff"],
]);

it('keeps no password in the session, whatever is refused', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    for ($try = 0; $try < 7; $try++) {
        signIn($wren->email, 'a secret try');
        expect(json_encode(session()->all()))->not->toContain('a secret try');
    }
    $this->actingAs($wren)->from('/account')->post('/account/password', ['current_password' => 'a secret try', 'password' => 'a secret try', 'password_confirmation' => 'another secret try'])->assertSessionHasErrors('refused');
    expect(json_encode(session()->all()))->not->toContain('secret try');
});
