<?php

declare(strict_types=1);

use App\Models\AccountNote;
use App\Models\AccountSession;
use App\Models\Right;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Support\Shop;

function edited(User $account, array $with): array
{
    return $with + [
        'seen' => $account->refresh()->seen(),
        'name' => $account->name,
        'email' => $account->email,
        'right' => $account->right->value,
    ];
}

it('keeps accounts from everybody who may not release', function (string $method, string $address): void {
    $other = Shop::person(Right::View, 'Other');
    foreach ([Right::View, Right::Edit] as $right) {
        $this->actingAs(Shop::person($right))
            ->call($method, str_replace('{id}', (string) $other->id, $address), [
                'seen' => $other->seen(),
                'name' => 'X',
                'email' => 'x@thrumbury.example',
                'right' => 'release',
            ])
            ->assertForbidden();
    }
    expect(AccountNote::query()->count())
        ->toBe(0)
        ->and(User::query()->where('name', 'X')->exists())
        ->toBeFalse();
})->with([
    ['GET', '/accounts'],
    ['POST', '/accounts'],
    ['GET', '/accounts/{id}'],
    ['POST', '/accounts/{id}'],
    ['POST', '/accounts/{id}/password'],
    ['POST', '/accounts/{id}/sessions'],
    ['POST', '/accounts/{id}/close'],
    ['POST', '/accounts/{id}/reopen'],
]);

it('makes an account with a password that is shown once, and has its owner choose another first', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $this->actingAs($ines)->get('/accounts')->assertSee($ines->email);
    $this->post('/accounts', ['name' => ' Bram  Ostler ', 'email' => 'Bram@Thrumbury.example', 'right' => 'edit']);
    $bram = User::query()->where('email', 'bram@thrumbury.example')->firstOrFail();
    $page = $this->get("/accounts/{$bram->id}")
        ->assertSee('Bram Ostler')
        ->assertSee('Made the account of Bram Ostler')
        ->getContent();
    expect(preg_match('#<code>([a-z0-9]{5}(-[a-z0-9]{5}){2})</code>#', $page, $found))
        ->toBe(1)
        ->and(Hash::check($found[1], $bram->password))
        ->toBeTrue();
    $this->get("/accounts/{$bram->id}")->assertDontSee($found[1]);

    signIn('bram@thrumbury.example', $found[1])->assertRedirect('/');
    $this->get('/')->assertRedirect('/account');
    $this->get('/jump?q=x', ['HX-Request' => 'true'])
        ->assertUnauthorized()
        ->assertHeader('HX-Redirect');
    $change = fn(string $present, string $new, string $again): array => [
        'current_password' => $present,
        'password' => $new,
        'password_confirmation' => $again,
    ];
    $this->from('/account')
        ->post('/account/password', $change('wrong', 'four moles dig', 'four moles dig'))
        ->assertSessionHasErrors('refused');
    $this->get('/account')->assertSee('Choose a password of your own first');
    $this->post('/account/password', $change($found[1], 'four moles dig', 'four moles dug'))->assertSessionHasErrors([
        'refused' => 'The two passwords differ. Type the same one twice.',
    ]);
    $this->post('/account/password', $change($found[1], $found[1], $found[1]))->assertSessionHasErrors('refused');
    $this->post('/account/password', $change($found[1], 'four moles dig', 'four moles dig'))->assertRedirect(
        '/account',
    );
    Auth::forgetGuards();
    $this->get('/')->assertOk();
    signIn('bram@thrumbury.example', $found[1])->assertStatus(422);
    signIn('bram@thrumbury.example', 'four moles dig')->assertRedirect();
});

it('refuses a password that is guessed easily, and says why', function (string $password): void {
    $own = Shop::person(Right::View, 'Wren Halloran');
    $this->actingAs($own)
        ->from('/account')
        ->post('/account/password', [
            'current_password' => 'slate-demo',
            'password' => $password,
            'password_confirmation' => $password,
        ])
        ->assertSessionHasErrors('refused');
    expect(Hash::check('slate-demo', $own->refresh()->password))->toBeTrue();
})->with([
    'short' => 'short one',
    'one letter' => 'aaaaaaaaaaaaa',
    'the name' => 'Wren Halloran',
    'the name with a dash' => 'wren-halloran',
    'long' => str_repeat('long words ', 7),
    'a null byte' => "nul \0 in between",
]);

it('changes name, address and right, and refuses an address that another has, accents or not', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $wren = Shop::person(Right::View, 'Wren');
    $this->actingAs($ines)
        ->post("/accounts/{$wren->id}", edited($wren, ['name' => 'Wren H.', 'right' => 'edit']))
        ->assertRedirect("/accounts/{$wren->id}");
    expect($wren->refresh()->right)->toBe(Right::Edit)->and($wren->name)->toBe('Wren H.');
    $this->get("/accounts/{$wren->id}")->assertSee('Wren is now called Wren H.; may edit (was: look)');
    $this->from("/accounts/{$wren->id}")
        ->post("/accounts/{$wren->id}", edited($wren, ['email' => $ines->email]))
        ->assertSessionHasErrors('refused');
    $this->post('/accounts', [
        'name' => 'Twin',
        'email' => str_replace('ines', 'ínes', $ines->email),
        'right' => 'view',
    ])->assertSessionHasErrors('refused');
    $this->post('/accounts', ['name' => 'No', 'email' => 'no address', 'right' => 'view'])->assertSessionHasErrors(
        'refused',
    );
    $this->post('/accounts', [
        'name' => 'No',
        'email' => 'no@thrumbury.example',
        'right' => 'all',
    ])->assertSessionHasErrors('refused');
    expect(User::query()->count())->toBe(2);
});

it('takes nothing back that somebody else changed while the page was open', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $wren = Shop::person(Right::View, 'Wren');
    $old = edited($wren, []);
    $this->actingAs($ines)->post("/accounts/{$wren->id}", edited($wren, ['right' => 'edit']));
    foreach (['', '/close', '/password'] as $way) {
        $this->from("/accounts/{$wren->id}")
            ->post("/accounts/{$wren->id}{$way}", $old)
            ->assertSessionHasErrors('refused');
    }
    expect($wren->refresh()->right)->toBe(Right::Edit)->and($wren->closed_at)->toBeNull();
});

it('never leaves an office without anybody who keeps the accounts', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $this->actingAs($ines)
        ->from("/accounts/{$ines->id}")
        ->post("/accounts/{$ines->id}", edited($ines, ['right' => 'edit']))
        ->assertSessionHasErrors('refused');
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
    $close = fn(string $way) => app(App\Actions\Accounts\CloseAccount::class)->{$way}(
        $ines,
        $wren->id,
        $wren->refresh()->seen(),
    );
    $close('run');
    Auth::forgetGuards();
    $this->get('/')->assertRedirect('/sign-in?because=ended');
    $this->get('/sign-in?because=ended')->assertSee('You were signed out here');
    signIn($wren->email)
        ->assertStatus(422)
        ->assertSee('This account is closed. Ask somebody who keeps the accounts to open it again.');
    signIn($wren->email, 'wrong')
        ->assertStatus(422)
        ->assertSee('This address and password do not belong together. Check both and try again.');
    $close('reopen');
    signIn($wren->email)->assertRedirect('/');
    expect($wren->refresh()->signed_in_at)->not->toBeNull();
});

/** The cookies of an answer, as a browser would send them again. */
function kept(Illuminate\Testing\TestResponse $answer): array
{
    $kept = [];
    foreach ($answer->headers->getCookies() as $cookie) {
        if (!$cookie->isCleared()) {
            $kept[$cookie->getName()] = $answer->getCookie($cookie->getName())->getValue();
        }
    }

    return $kept;
}

/** The same browser, opened again: its session is gone, what it remembers is not. */
function opened(array $cookies): Illuminate\Testing\TestResponse
{
    Auth::forgetGuards();
    app('session')->driver()->flush();

    return test()->withCookies(array_intersect_key($cookies, ['remembered' => 1]))->get('/');
}

it(
    'remembers a browser that was asked to, for 30 days, until it signs out (everybody was remembered unasked for 400)',
    function (): void {
        $wren = Shop::person(Right::View, 'Wren');
        expect(kept(signIn($wren->email)))->not->toHaveKey('remembered');
        $cookies = kept(signIn($wren->email, more: ['remember' => '1']));
        opened($cookies)->assertOk();
        $this->travel(29)->days();
        opened($cookies)->assertOk();
        $this->travel(2)->days();
        opened($cookies)->assertRedirect('/sign-in');
        $this->travelBack();
        opened($cookies)->assertOk();
        $this->post('/sign-out')->assertRedirect('/sign-in');
        opened($cookies)->assertRedirect('/sign-in');
        opened(['remembered' => 'nobody|nothing'])->assertRedirect('/sign-in');
        opened([
            'remembered' => AccountSession::query()->latest('id')->value('id') . '|' . str_repeat('x', 64),
        ])->assertRedirect('/sign-in');
    },
);

it('lists where an account is signed in, and ends each by itself, or all but the one that asks', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $first = kept(signIn($ines->email, more: ['remember' => '1']));
    $second = kept(signIn($ines->email, more: ['remember' => '1']));
    $ids = AccountSession::query()->whereNull('ended_at')->orderBy('id')->pluck('id')->all();
    $this->get('/account')->assertOk()->assertSee('this one')->assertSee($ids[0]);
    $this->post('/account/sessions/end', ['session' => $ids[0]])->assertRedirect('/account');
    opened($first)->assertRedirect('/sign-in');
    opened($second)->assertOk();
    $third = kept(signIn($ines->email, more: ['remember' => '1']));
    $this->post('/account/sessions')->assertRedirect('/account');
    $this->get('/account')->assertOk()->assertSee('You are signed out everywhere else.');
    opened($second)->assertRedirect('/sign-in');
    opened($third)->assertOk();
    // Nobody ends another's by its id.
    $mine = AccountSession::query()->whereNull('ended_at')->value('id');
    $this->actingAs(Shop::person(Right::View, 'Mo'))->post('/account/sessions/end', ['session' => $mine]);
    expect(AccountSession::query()->find($mine)->ended_at)->toBeNull();
});

it(
    'asks for the password again before accounts are looked at or changed, if it was not typed for a while',
    function (): void {
        $ines = Shop::person(Right::Release, 'Ines');
        $wren = Shop::person(Right::View, 'Wren');
        signIn($ines->email);
        $this->get('/accounts')->assertOk();
        $this->travel(16)->minutes();
        $this->get('/accounts')->assertRedirect('/account/confirm');
        $this->from("/accounts/{$wren->id}")
            ->post("/accounts/{$wren->id}/close", edited($wren, []))
            ->assertRedirect('/account/confirm');
        expect($wren->refresh()->closed_at)->toBeNull();
        $this->get('/account/confirm')->assertOk();
        $this->from('/account/confirm')
            ->post('/account/confirm', ['current_password' => 'wrong'])
            ->assertSessionHasErrors('refused');
        $this->post('/account/confirm', ['current_password' => 'slate-demo'])->assertRedirect("/accounts/{$wren->id}");
        $this->post("/accounts/{$wren->id}/close", edited($wren, []))->assertRedirect("/accounts/{$wren->id}");
        expect($wren->refresh()->closed_at)->not->toBeNull();
        // A browser that only remembers was not asked for it at all.
        $cookies = kept(signIn($ines->email, more: ['remember' => '1']));
        opened($cookies)->assertOk();
        $this->get('/accounts')->assertRedirect('/account/confirm');
    },
);

it(
    'looks at no more of many guesses sent at once than of as many one after the other (nine of 24 were looked at, five are allowed)',
    function (): void {
        $wren = Shop::person(Right::View, 'Wren');
        $try = fn(): int => App\Accounts\SignInLimits::of($wren, $wren->email, '203.0.113.9', null)->take();
        // All of them ask before the first is told that it was wrong.
        $waits = array_map(fn(int $at): int => $try(), range(1, 24));
        expect(count(array_filter($waits, fn(int $wait): bool => $wait === 0)))->toBe(5);
        $this->travel(61)->seconds();
        expect($try())->toBe(0, 'what was not looked at is no try');
    },
);

it('refuses the passwords that most people take, alone, twice or with digits behind', function (
    string $password,
): void {
    $own = Shop::person(Right::View, 'Wren Halloran');
    $this->actingAs($own)
        ->from('/account')
        ->post('/account/password', [
            'current_password' => 'slate-demo',
            'password' => $password,
            'password_confirmation' => $password,
        ])
        ->assertSessionHasErrors([
            'refused' =>
                'This password is one of those that are tried first. Choose another: a few words in a row that belong to nobody.',
        ]);
})->with(['1qaz2wsx3edc', 'qwerty123456', 'Password1234', 'monkey!!!2026', 'footballfootball', 'Sunshine-99999']);

it('ends a password that somebody else made after a week', function (): void {
    $ines = Shop::person(Right::Release, 'Ines');
    $this->actingAs($ines)->post('/accounts', [
        'name' => 'Bram',
        'email' => 'bram@thrumbury.example',
        'right' => 'edit',
    ]);
    $bram = User::query()->where('email', 'bram@thrumbury.example')->firstOrFail();
    preg_match('#<code>([a-z0-9-]{17})</code>#', (string) $this->get("/accounts/{$bram->id}")->getContent(), $found);
    $this->travel(6)->days();
    signIn($bram->email, $found[1])->assertRedirect('/');
    $this->travel(2)->days();
    signIn($bram->email, $found[1])->assertStatus(422)->assertSee('was good for a week');
});

it('leaves no session behind of somebody who only knocks, and writes failed tries into the log', function (): void {
    config(['session.driver' => 'database']);
    app('session')->forgetDrivers();
    Illuminate\Support\Facades\Log::spy();
    $this->get('/')->assertRedirect('/sign-in');
    $this->get('/products/SMOCK?lens=stock')->assertRedirect('/sign-in?to=%2Fproducts%2FSMOCK%3Flens%3Dstock');
    $this->get('/sign-in')->assertOk();
    $wren = Shop::person(Right::View, 'Wren');
    signIn($wren->email, 'wrong')->assertStatus(422);
    expect(DB::table('sessions')->count())->toBe(0);
    Illuminate\Support\Facades\Log::shouldHaveReceived('warning')
        ->withArgs(
            fn(string $words, array $context): bool => $words === 'Sign-in failed' && $context['account'] === $wren->id,
        )
        ->once();
    signIn($wren->email)->assertRedirect('/');
    expect(DB::table('sessions')->count())->toBe(1);
});

it('goes on to the page that somebody was on the way to, and to no other place', function (
    string $to,
    string $goes,
): void {
    $wren = Shop::person(Right::View, 'Wren');
    signIn($wren->email, more: ['to' => $to])->assertRedirect($goes);
})->with([
    ['/products/SMOCK?lens=stock', '/products/SMOCK?lens=stock'],
    ['//elsewhere.example', '/'],
    ['/\elsewhere.example', '/'],
    ['https://elsewhere.example', '/'],
    ["/a\r\nSet-Cookie: x", '/'],
    ['', '/'],
]);

it('takes a form to sign in from its own page only', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    $this->post('/sign-in', ['email' => $wren->email, 'password' => 'slate-demo'])
        ->assertStatus(422)
        ->assertSee('Type the password once more');
    $this->withCookies(['sign_in_ticket' => str_repeat('a', 40)])
        ->post('/sign-in', ['_token' => str_repeat('b', 40), 'email' => $wren->email, 'password' => 'slate-demo'])
        ->assertStatus(422);
    expect(Auth::check())->toBeFalse();
});

it('holds its cookies to https and to this host where the connection is https', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    $page = $this->get('https://127.0.0.1/sign-in')->assertHeader('Strict-Transport-Security');
    expect($page->getCookie('__Host-sign_in_ticket')->isSecure())->toBeTrue();
    preg_match('/name="_token" value="([^"]+)"/', (string) $page->getContent(), $ticket);
    $answer = $this->withCookies(['__Host-sign_in_ticket' => $ticket[1]])->post('https://127.0.0.1/sign-in', [
        '_token' => $ticket[1],
        'email' => $wren->email,
        'password' => 'slate-demo',
        'remember' => '1',
    ]);
    foreach (['__Host-indigo_slate_session', '__Host-remembered'] as $name) {
        $cookie = $answer->getCookie($name, false);
        expect($cookie)
            ->not->toBeNull($name)
            ->and($cookie->isSecure())
            ->toBeTrue()
            ->and($cookie->isHttpOnly())
            ->toBeTrue()
            ->and($cookie->getDomain())
            ->toBeNull();
    }
});

it('lets nobody keep a page, and names no class where something is not found', function (): void {
    $this->actingAs(Shop::person(Right::View));
    expect($this->get('/')->headers->get('Cache-Control'))->toContain('no-store');
    $missing = $this->get('/products/NOT-THERE', ['Accept' => 'application/json'])->assertNotFound();
    expect($missing->getContent())->not->toContain('App\\')->not->toContain('Models');
});

it('counts wrong passwords by account as the database finds it', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    foreach (
        [
            $wren->email,
            strtoupper($wren->email),
            str_replace('e', 'é', $wren->email),
            str_replace('wren', 'wrën', $wren->email),
            " {$wren->email} ",
        ]
        as $at => $spelled
    ) {
        signIn($spelled, 'wrong', "203.0.113.{$at}")->assertStatus(422);
    }
    signIn(str_replace('w', 'ẃ', $wren->email), 'wrong', '203.0.113.99')
        ->assertStatus(429)
        ->assertHeader('Retry-After')
        ->assertSee('Too many tries');
});

it(
    'lets a browser in that has been here before, whatever is guessed elsewhere or behind the same address',
    function (): void {
        $wren = Shop::person(Right::View, 'Wren');
        $known = collect(signIn($wren->email)->headers->getCookies())->first(
            fn($cookie): bool => $cookie->getName() === 'known_browser',
        );
        $cookies = ['known_browser' => decrypt($known->getValue(), false)];
        $cookies['known_browser'] = Illuminate\Cookie\CookieValuePrefix::remove($cookies['known_browser']);
        for ($try = 0; $try < 60; $try++) {
            signIn($try % 2 === 0 ? $wren->email : "nobody{$try}@thrumbury.example", 'wrong');
        }
        signIn($wren->email)->assertStatus(429);
        signIn(Shop::person(Right::View, 'Another')->email)->assertStatus(429);
        signIn($wren->email, cookies: $cookies)->assertRedirect('/');
        for ($try = 0; $try < 10; $try++) {
            signIn($wren->email, 'wrong', cookies: $cookies)->assertStatus(422);
        }
        signIn($wren->email, cookies: $cookies)->assertStatus(429);
    },
);

it('hashes once for an address that nobody has, as it does for one that somebody has', function (): void {
    $wren = Shop::person(Right::View, 'Wren');
    Hash::partialMock()->shouldReceive('check')->once()->andReturnFalse();
    signIn($wren->email, 'wrong')->assertStatus(422);
    Hash::partialMock()->shouldReceive('make')->once()->andReturn('');
    signIn('nobody@thrumbury.example', 'wrong')->assertStatus(422);
});

it('shows times in the zone a person chose, and opens previews in the language chosen', function (): void {
    $shop = Shop::stocked();
    DB::table('axis_values')
        ->where('name', 'Moss')
        ->update(['translations' => '{"de":"Moos"}']);
    $this->actingAs($shop->user)
        ->post('/account', ['name' => 'Ada Ferris', 'zone' => 'Asia/Tokyo', 'language' => 'de_at'])
        ->assertRedirect('/account');
    expect($shop->user->refresh()->language)
        ->toBe('de-AT')
        ->and($shop->user->name)
        ->toBe('Ada Ferris');
    DB::table('history')->update(['created_at' => '2026-03-04 20:30:00']);
    $this->withUnencryptedCookies(['zone' => 'Europe/London'])
        ->get('/products/SMOCK/history')
        ->assertSee('05:30');
    $this->get('/products/SMOCK/preview')->assertSee('Moos');
    $this->get('/products/SMOCK/preview?lang=')->assertDontSee('Moos');
    $this->from('/account')
        ->post('/account', ['name' => 'Ada', 'zone' => 'Mars/Olympus'])
        ->assertSessionHasErrors('refused');
    $this->post('/account', ['name' => 'Ada', 'language' => 'German'])->assertSessionHasErrors('refused');
    $this->post('/account', ['name' => ' '])->assertSessionHasErrors('refused');
    expect($shop->user->refresh()->name)->toBe('Ada Ferris');
});

it('asks for the first account on the command line, once', function (): void {
    $ask = fn(string $new) => $this->artisan('slate:account', ['--first' => true])
        ->expectsQuestion('Name', 'Ines Okoro')
        ->expectsQuestion('Email address', 'ines@thrumbury.example')
        ->expectsQuestion('Password (at least 12 characters)', $new)
        ->expectsQuestion('The same again', $new);
    $ask('short')->expectsOutputToContain('at least 12 characters')->assertFailed();
    $ask('four moles dig')
        ->expectsOutputToContain('can sign in as ines@thrumbury.example and may edit and release')
        ->assertSuccessful();
    $this->artisan('slate:account', ['--first' => true])->assertSuccessful();
    expect(User::query()->count())->toBe(1);
    signIn('ines@thrumbury.example', 'four moles dig')->assertRedirect('/');
    $this->get('/accounts')->assertOk();
});

it('answers whatever is typed as an address or a password with a sentence', function (
    mixed $email,
    mixed $password,
): void {
    test()
        ->post('/sign-in', ['email' => $email, 'password' => $password])
        ->assertStatus(422)
        ->assertSee('id="email-error"', false);
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
    $this->actingAs($wren)
        ->from('/account')
        ->post('/account/password', [
            'current_password' => 'a secret try',
            'password' => 'a secret try',
            'password_confirmation' => 'another secret try',
        ])
        ->assertSessionHasErrors('refused');
    expect(json_encode(session()->all()))->not->toContain('secret try');
});
