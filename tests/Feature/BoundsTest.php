<?php

declare(strict_types=1);

use App\Http\Middleware\BoundedInput;
use App\Http\Middleware\LimitConcurrency;
use App\Http\Requests\SkuRequest;
use App\Models\Right;
use Illuminate\Support\Facades\DB;
use Tests\Support\Addresses;
use Tests\Support\Shop;

/*
 * Nobody's request can hold up what others do: what it carries is bounded before anything is spread out, and what is
 * worked out for one person stands in a line of its own.
 */

beforeEach(function (): void {
    $this->shop = Shop::stocked();
    $this->actingAs(Shop::person(Right::View));
});

it('bounds what a request carries before it is spread out (lists of 50,000 took 31 seconds)', function (
    string $form,
    array $input,
    int $status,
): void {
    $this->actingAs($this->shop->user);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $answer = $this->call('POST', "/products/SMOCK/{$form}", $input, server: ['HTTP_HX_REQUEST' => 'true']);
    expect($answer->status())
        ->toBe($status)
        ->and(memory_get_peak_usage() - $before)
        ->toBeLessThan(64 * 1024 * 1024);
})->with([
    '50,000 axes' => ['tray', ['axes' => array_fill(0, 50_000, ['name' => 'x', 'values' => 'y'])], 413],
    '90,000 values of a rule' => ['rules', ['rule' => array_fill(1, 300, array_fill(0, 300, '1'))], 413],
    '19,600 values of a rule' => ['rules', ['rule' => array_fill(1, 140, array_fill(0, 139, '1'))], 422],
    '5,000 axes' => ['setup/plan', ['axes' => array_fill(0, 5_000, ['name' => 'x', 'values' => 'y'])], 422],
    'fields within fields' => ['setup/plan', ['axes' => [[[[[[['deep']]]]]]]], 413],
    'a text of a megabyte' => ['details', ['field' => 'name', 'value' => str_repeat('x', 1_000_000)], 422],
]);

it('reads no field of a form that has no rule', function (): void {
    $request = SkuRequest::create('/', 'POST', ['typed' => '12', 'text' => 'x', 'codes' => ['A' => 'B']]);
    expect($request->string('typed')->toString())->toBe('12');
    foreach (['text', 'codes', 'nonsense'] as $field) {
        expect(fn() => $request->input($field))
            ->toThrow(LogicException::class, "no rule for the field “{$field}”")
            ->and(fn() => $request->string($field))
            ->toThrow(LogicException::class)
            ->and(fn() => $request->boolean($field))
            ->toThrow(LogicException::class)
            ->and(fn() => $request->integer($field))
            ->toThrow(LogicException::class);
    }
});

it('has no rule with a star, which spreads a list out before it looks how long it is', function (): void {
    $stars = [];
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path('Http'), FilesystemIterator::SKIP_DOTS))
        as $file
    ) {
        if (preg_match('/\'[a-z_]+\.\*/', (string) file_get_contents((string) $file)) === 1) {
            $stars[] = basename((string) $file);
        }
    }
    expect($stars)->toBe([]);
});

it('takes no body with a question, and only a short one as JSON', function (): void {
    $json = fn(string $method, string $body): int => $this->call(
        $method,
        '/products/SMOCK',
        content: $body,
        server: ['CONTENT_TYPE' => 'application/json', 'CONTENT_LENGTH' => (string) strlen($body)],
    )->status();
    expect($json('GET', '{"axes":[]}'))
        ->toBe(400)
        ->and($this->call('GET', '/', server: ['HTTP_TRANSFER_ENCODING' => 'chunked'])->status())
        ->toBe(400);
    $post = fn(string $body): int => $this->call(
        'POST',
        '/products/SMOCK/tray',
        content: $body,
        server: [
            'CONTENT_TYPE' => 'application/json',
            'CONTENT_LENGTH' => (string) strlen($body),
            'HTTP_HX_REQUEST' => 'true',
        ],
    )->status();
    expect($post('{"selected":"*"}'))
        ->toBe(200)
        ->and($post('{"selected":"' . str_repeat(' ', BoundedInput::MOST_JSON) . '"}'))
        ->toBe(413)
        ->and($post('{"axes":[' . str_repeat('[],', 30_000) . '[]]}'))
        ->toBe(413)
        ->and($post('{"axes":' . str_repeat('[', 40) . str_repeat(']', 40) . '}'))
        ->toBe(400);
});

it('works out a few things at a time for one person, and lets the others through', function (): void {
    $own = auth()->user();
    $folder = storage_path('framework/at-once');
    is_dir($folder) || mkdir($folder, 0o700, true);
    // Two of his pages are being worked out elsewhere.
    $held = array_map(
        function (int $place) use ($folder, $own) {
            $file = fopen("{$folder}/pages-{$own->id}-{$place}", 'c');
            flock($file, LOCK_EX);

            return $file;
        },
        [1, 2],
    );
    $this->get('/products/SMOCK')
        ->assertStatus(429)
        ->assertHeader('Refresh', '1')
        ->assertSee('asked for again by itself');
    $this->get('/products/SMOCK/board', ['HX-Request' => 'true'])
        ->assertStatus(429)
        ->assertHeader(LimitConcurrency::HEADER, '1');
    $this->post('/products/SMOCK/tray', ['selected' => '*'], ['HX-Request' => 'true'])->assertStatus(429);
    // A change of his own is made all the same, and everybody else has places of their own.
    $this->post('/products/SMOCK/layout/fold', ['folded' => '1'], ['HX-Request' => 'true'])->assertOk();
    $this->actingAs(Shop::person(Right::View, 'Mo'))->get('/products/SMOCK')->assertOk();
    array_map(fclose(...), $held);
    $this->actingAs($own)->get('/products/SMOCK')->assertOk();
    $this->get('/products/SMOCK')->assertOk();
});

it('has a limit on every address that only asks (38 had none, though the docs said so)', function (): void {
    $free = ['up', 'ready', 'sign-in', 'media', 'photo', 'photo.cut'];
    $unbounded = array_filter(
        Addresses::of(['GET']),
        fn($route): bool => !in_array($route->getName(), $free, true) &&
            (!in_array('throttle:reads', $route->gatherMiddleware(), true) ||
                !in_array('at-once:pages,2', $route->gatherMiddleware(), true)),
    );
    expect(array_map(fn($route): string => $route->uri(), array_values($unbounded)))->toBe([]);
});

it(
    'prints no more labels than a page holds, whatever is asked for (10,000 SKUs × 2,000 copies ran out of memory)',
    function (): void {
        $skus = DB::table('skus')->pluck('id')->all();
        $address =
            '/products/SMOCK/labels?selected=*&' . http_build_query(['copies' => array_fill_keys($skus, 99_999)]);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->get($address)->assertOk();
        expect(memory_get_peak_usage() - $before)->toBeLessThan(48 * 1024 * 1024);
    },
);
