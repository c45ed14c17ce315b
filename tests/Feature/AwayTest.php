<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Shop;

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

it('answers a page with a sentence and comes back by itself while the database is away (it answered 500)', function (): void {
    $shop = Shop::open();
    $this->actingAs($shop->user);
    $page = whileAway(fn () => $this->get('/products/SMOCK'));
    $page->assertStatus(503)->assertSee('The database does not answer at the moment.')->assertSee('<meta http-equiv="refresh" content="5">', false);
    expect($page->headers->get('Retry-After'))->toBe('5')->and($page->headers->get('Content-Security-Policy'))->toContain("default-src 'none'");
    $this->get('/products/SMOCK')->assertOk();
});

it('keeps or refuses a change, and says which to look for', function (): void {
    $shop = Shop::stocked();
    $before = $shop->state();
    $this->actingAs($shop->user);
    $answer = whileAway(fn () => $this->post('/products/SMOCK/skus/stock', ['version' => 1, 'selected' => '*', 'typed' => '3'], ['HX-Request' => 'true']));
    $answer->assertStatus(503)->assertSee('Look whether your last change is there');
    expect($answer->headers->get('HX-Retarget'))->toBe('#notice')->and($shop->state())->toBe($before);
});

it('tells machines whether it lives, and whether it can work', function (): void {
    $this->get('/up')->assertOk()->assertExactJson(['up' => true]);
    $this->get('/ready')->assertOk()->assertJsonPath('ready', true)->assertJsonPath('checks.queue.says', 'nothing waits');
    whileAway(fn () => $this->get('/up'))->assertOk();
    whileAway(fn () => $this->get('/ready'))->assertStatus(503)->assertJsonPath('checks.database.ok', false);
    DB::table('jobs')->insert(['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => now()->subHour()->timestamp, 'created_at' => now()->subHour()->timestamp]);
    $this->get('/ready')->assertStatus(503)->assertJsonPath('checks.queue.ok', false);
    expect(Storage::allFiles('probe'))->toBe([]);
});

it('has the headers of safety on errors and redirects as well (they were on pages only)', function (string $path, int $status): void {
    $answer = $this->get($path)->assertStatus($status);
    expect($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff')->and($answer->headers->get('Content-Security-Policy'))->toContain("frame-ancestors 'none'");
})->with([['/', 302], ['/nowhere', 404], ['/up', 200]]);
