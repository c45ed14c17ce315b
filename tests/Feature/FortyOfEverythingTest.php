<?php

declare(strict_types=1);

use App\Actions\Product\SetDetail;
use App\Actions\Skus\SetPrices;
use App\Summaries\Status\Health;
use Core\Details\DetailKind;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Shop;

/*
 * What was seen of five of a thing, seen of forty.
 */

beforeEach(function (): void {
    $this->shop = Shop::open();
    $this->actingAs($this->shop->user);
});

it('says of a value without a swatch that it has none (the role table said "its own")', function (): void {
    $this->shop->axes(['Color' => 'Moss, Zwirbelgrau']);
    $this->shop->receive(['one.jpg' => Shop::picture('one')]);
    $this->get('/products/SMOCK/roles')
        ->assertOk()
        ->assertSeeInOrder(['Moss', 'its own', 'Zwirbelgrau', 'no swatch']);
});

it(
    'names new codes in the order of the matrix, whatever is new in it (it named them from the last to the first)',
    function (): void {
        $plan = fn(array $axes): string => preg_match(
            '/New codes: ([^<]*)\./',
            (string) $this->post(
                '/products/SMOCK/setup/plan',
                ['version' => $this->shop->version(), 'axes' => $axes],
                ['HX-Request' => 'true'],
            )->getContent(),
            $found,
        ) === 1
            ? $found[1]
            : '';
        expect($plan([['name' => 'Color', 'values' => 'Moss, Clay'], ['name' => 'Size', 'values' => 'S, M, L']]))->toBe(
            'SMOCK-MOSS-S, SMOCK-MOSS-M, SMOCK-MOSS-L, SMOCK-CLAY-S, SMOCK-CLAY-M, SMOCK-CLAY-L',
        );
        $this->shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L']);
        expect(
            $plan([
                ['name' => 'Color', 'axis' => $this->shop->id('Color'), 'values' => 'Moss, Clay, Ink'],
                ['name' => 'Size', 'axis' => $this->shop->id('Size'), 'values' => 'S, M, L, XL'],
            ]),
        )->toBe('SMOCK-MOSS-XL, SMOCK-CLAY-XL, SMOCK-INK-S, SMOCK-INK-M, SMOCK-INK-L, SMOCK-INK-XL');
    },
);

it('strikes a price only beside what costs less as a whole (49.00–54.00 stood beside 45.00–50.00)', function (): void {
    $this->shop->axes(['Size' => 'S, M']);
    $struck = fn(): bool => str_contains(
        (string) $this->get('/products/SMOCK/preview')->assertOk()->getContent(),
        '<del>',
    );
    app(SetPrices::class)->run($this->shop->change(), $this->shop->part(['Size' => 'S']), '49');
    app(SetPrices::class)->run($this->shop->change(), $this->shop->part(['Size' => 'M']), '54');
    app(SetDetail::class)->ofPart($this->shop->change(), DetailKind::Sale, $this->shop->part(['Size' => 'S']), [
        '45',
        '',
        '',
    ]);
    expect($struck())->toBeFalse('one of two is on sale');
    app(SetDetail::class)->ofPart($this->shop->change(), DetailKind::Sale, $this->shop->part(['Size' => 'M']), [
        '50',
        '',
        '',
    ]);
    expect($struck())->toBeFalse('50.00 is more than the 49.00 that was');
    app(SetDetail::class)->ofPart($this->shop->change(), DetailKind::Sale, $this->shop->part(['Size' => 'M']), [
        '46',
        '',
        '',
    ]);
    expect($struck())->toBeTrue();
});

it('shows ten colors of a product in the catalog, and counts the others', function (): void {
    $this->shop->axes(['Color' => implode(', ', array_map(fn(int $at): string => "Farbton {$at}", range(1, 40)))]);
    $this->get('/')->assertOk()->assertSee('Farbton 10')->assertDontSee('Farbton 11')->assertSee('30 more');
});

it(
    'takes no number for a slip of another (forty numbered values were each said to be close to the first)',
    function (): void {
        $this->shop->axes(['Color' => 'Cloth no 31']);
        $this->post(
            '/products/SMOCK/setup/plan',
            [
                'version' => $this->shop->version(),
                'axes' => [['name' => 'Color', 'values' => 'Cloth no 31, Cloth no 32, Cloth no 33']],
            ],
            ['HX-Request' => 'true'],
        )->assertDontSee('is close to');
        $this->post(
            '/products/SMOCK/setup/plan',
            ['version' => $this->shop->version(), 'axes' => [['name' => 'Color', 'values' => 'Clath no 31']]],
            ['HX-Request' => 'true'],
        )->assertSee('is close to');
    },
);

it('measures the disk that photos lie on, not the application’s', function (): void {
    Storage::shouldReceive('disk')->andReturn(
        $disk = Mockery::mock(Illuminate\Filesystem\LocalFilesystemAdapter::class),
    );
    $disk->shouldReceive('put', 'delete')->andReturnTrue();
    $disk->shouldReceive('path')->once()->with('')->andReturn('/proc');
    expect(app(Health::class)->checks()['disk'])->toBe(['ok' => false, 'says' => '0.0 GB free']);
});
