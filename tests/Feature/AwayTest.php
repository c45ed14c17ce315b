<?php

declare(strict_types=1);

use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

/** What the application answers while its database cannot be reached. */
function whileAway(Closure $asked): mixed
{
    config(['database.connections.away' => ['port' => 1] + config('database.connections.mariadb')]);
    $own = DB::getDefaultConnection();
    DB::setDefaultConnection('away');
    try {
        return $asked();
    } finally {
        DB::setDefaultConnection($own);
    }
}

it(
    'answers a page with a sentence and comes back by itself while the database is away (it answered 500)',
    function (): void {
        $shop = Shop::open();
        $this->actingAs($shop->user);
        $page = whileAway(fn() => $this->get('/products/SMOCK'));
        $page
            ->assertStatus(503)
            ->assertSee('The database does not answer at the moment.')
            ->assertSee('<meta http-equiv="refresh" content="5">', false);
        expect($page->headers->get('Retry-After'))
            ->toBe('5')
            ->and($page->headers->get('Content-Security-Policy'))
            ->toContain("default-src 'none'");
        $this->get('/products/SMOCK')->assertOk();
    },
);

it('keeps or refuses a change, and says which to look for', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->actingAs($shop->user);
    $answer = whileAway(
        fn() => $this->post(
            '/products/SMOCK/skus/stock',
            ['version' => 1, 'selected' => '*', 'typed' => '3'],
            ['HX-Request' => 'true'],
        ),
    );
    $answer->assertStatus(503)->assertSee('Look whether your last change is there');
    expect($answer->headers->get('HX-Retarget'))->toBe('#notice')->and($shop->state())->toBe($before);
});

it('tells machines whether it lives, and whether it can work', function (): void {
    $this->get('/up')
        ->assertOk()
        ->assertExactJson(['up' => true]);
    $this->get('/ready')
        ->assertOk()
        ->assertJsonPath('ready', true)
        ->assertJsonPath('checks.queue.says', 'nothing waits');
    whileAway(fn() => $this->get('/up'))->assertOk();
    whileAway(fn() => $this->get('/ready'))->assertStatus(503)->assertJsonPath('checks.database.ok', false);
    config(['queue.default' => 'database']);
    DB::table('jobs')->insert([
        'queue' => 'default',
        'payload' => '{}',
        'attempts' => 0,
        'available_at' => now()->subHour()->timestamp,
        'created_at' => now()->subHour()->timestamp,
    ]);
    $this->get('/ready')->assertStatus(503)->assertJsonPath('checks.queue.ok', false);
    expect(Storage::allFiles('probe'))->toBe([]);
});

it('has the headers of safety on errors and redirects as well (they were on pages only)', function (
    string $path,
    int $status,
): void {
    $answer = $this->get($path)->assertStatus($status);
    expect($answer->headers->get('X-Content-Type-Options'))
        ->toBe('nosniff')
        ->and($answer->headers->get('Content-Security-Policy'))
        ->toContain("frame-ancestors 'none'");
})->with([['/', 302], ['/nowhere', 404], ['/up', 200]]);

it('makes a change once that is sent again because its answer was lost', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $sent = [
        'version' => $shop->version(),
        'selected' => '*',
        'typed' => '3',
        'token' => '6f1c5a1e-8c5f-4b0e-9a51-1f2e3d4c5b6a',
    ];
    $answer = whileAway(fn() => $this->post('/products/SMOCK/skus/stock', $sent, ['HX-Request' => 'true']));
    $answer->assertStatus(503)->assertSee('Your change is sent again as soon as it does, and made once.');
    $this->post('/products/SMOCK/skus/stock', $sent, ['HX-Request' => 'true'])->assertOk();
    $once = [$shop->state(), $shop->version(), DB::table('history')->count()];
    // The answer is lost, and meanwhile somebody else changes the product: still it is said that this one was kept.
    $this->post('/products/SMOCK/skus/stock', $sent, ['HX-Request' => 'true'])
        ->assertNoContent()
        ->assertHeader('X-Kept', '1');
    expect([$shop->state(), $shop->version(), DB::table('history')->count()])->toEqual($once);
    $undo = ['version' => $shop->version(), 'token' => '7f1c5a1e-8c5f-4b0e-9a51-1f2e3d4c5b6a'];
    $this->post('/products/SMOCK/undo', $undo, ['HX-Request' => 'true'])->assertOk();
    $undone = $shop->state();
    $this->post('/products/SMOCK/undo', $undo, ['HX-Request' => 'true'])
        ->assertNoContent()
        ->assertHeader('X-Kept', '1');
    expect($shop->state())->toEqual($undone)->and($undone)->not->toEqual($once[0]);
});

it('remembers nothing of a change that was refused, so that it can be sent again', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $sent = ['version' => 1, 'selected' => '*', 'typed' => '3', 'token' => '6f1c5a1e-8c5f-4b0e-9a51-1f2e3d4c5b6a'];
    $this->post('/products/SMOCK/skus/stock', $sent, ['HX-Request' => 'true'])->assertStatus(409);
    $this->post('/products/SMOCK/skus/stock', ['version' => $shop->version()] + $sent, [
        'HX-Request' => 'true',
    ])->assertOk();
    expect(DB::table('changes_kept')->count())->toBe(1);
});

it(
    'lets a worker sweep the marks of changes that nobody sends again, and no change is slowed by it',
    function (): void {
        $shop = Shop::stocked();
        $this->actingAs($shop->user);
        $mark = fn(string $token, int $hours) => DB::table('changes_kept')->insert([
            'token' => $token,
            'user_id' => $shop->user->id,
            'created_at' => now()->subHours($hours),
        ]);
        $mark('6f1c5a1e-8c5f-4b0e-9a51-000000000001', 49);
        $mark('6f1c5a1e-8c5f-4b0e-9a51-000000000002', 47);
        event(new Looping('database', 'default'));
        expect(DB::table('changes_kept')->pluck('token')->all())->toBe(['6f1c5a1e-8c5f-4b0e-9a51-000000000002']);
    },
);

it('gives every request an id that stands in its answer and in the lines of the log', function (): void {
    $path = tempnam(sys_get_temp_dir(), 'slate');
    config([
        'logging.channels.files.handler' => Monolog\Handler\StreamHandler::class,
        'logging.channels.files.handler_with' => ['stream' => $path],
    ]);
    app('log')->forgetChannel('files');
    $shop = Shop::open();
    $this->actingAs($shop->user);
    $id = whileAway(fn() => $this->get('/products/SMOCK'))->assertStatus(503)->headers->get('X-Request-Id');
    $line = json_decode((string) strtok((string) file_get_contents($path), "\n"), true);
    expect($line['level_name'])
        ->toBe('ERROR')
        ->and($line['extra']['request'] ?? null)
        ->toBe($id);
    // What a stranger sends as an id is not taken over; a proxy's is.
    expect($this->get('/up', ['X-Request-Id' => 'forged-id-0001'])->headers->get('X-Request-Id'))->not->toBe(
        'forged-id-0001',
    );
    Illuminate\Http\Middleware\TrustProxies::at(['127.0.0.1']);
    expect($this->get('/up', ['X-Request-Id' => 'proxys-id-0001'])->headers->get('X-Request-Id'))->toBe(
        'proxys-id-0001',
    );
    Illuminate\Http\Middleware\TrustProxies::flushState();
});

it('takes a proxy\'s word for https, and nobody else\'s', function (): void {
    $secure = fn(): array => [
        str_starts_with(
            (string) $this->get('/', [
                'X-Forwarded-Proto' => 'https',
                'X-Forwarded-Host' => 'slate.example',
                'X-Forwarded-Port' => '443',
            ])->headers->get('Location'),
            'https://slate.example/',
        ),
        collect($this->get('/sign-in', ['X-Forwarded-Proto' => 'https'])->headers->getCookies())->every(
            fn($cookie): bool => $cookie->isSecure(),
        ),
    ];
    expect($secure())->toBe([false, false]);
    Illuminate\Http\Middleware\TrustProxies::at(['127.0.0.1']);
    expect($secure())->toBe([true, true]);
    Illuminate\Http\Middleware\TrustProxies::flushState();
});

it(
    'leaves a session alone that it could not read (who was at work was signed out, and the change on its way was lost)',
    function (): void {
        $ada = Shop::person(App\Models\Right::Edit, 'Ada');
        $answer = signIn($ada->email, more: ['remember' => '1']);
        Illuminate\Support\Facades\Auth::forgetGuards();
        app('session')->driver()->flush();
        $request = Illuminate\Http\Request::create(
            '/',
            cookies: ['remembered' => $answer->getCookie('remembered')->getValue()],
        );
        $request->setLaravelSession(app('session')->driver());
        app()->instance('request', $request);
        DB::enableQueryLog();
        report(new PDOException('Connection refused'));
        expect(DB::getQueryLog())
            ->toBe([])
            ->and(Illuminate\Support\Facades\Auth::guard('web')->hasUser())
            ->toBeFalse()
            ->and(Illuminate\Support\Facades\Auth::id())
            ->toBeNull('who a browser remembers is asked in the way of a request only');
        $this->withCookies(['remembered' => $answer->getCookie('remembered')->getValue()])
            ->get('/')
            ->assertOk();
    },
);
