<?php

declare(strict_types=1);

use App\Actions\Product\SetProductCode;
use App\Actions\Skus\SetCode;
use App\Models\Right;
use Core\Matrix\SkuState;
use Core\Refusal;
use Tests\Support\Shop;

function codeOf(Shop $shop): string
{
    return $shop->loaded()->product->refresh()->code;
}

/** @return list<string> */
function skuCodes(Shop $shop): array
{
    return array_values(array_map(fn($sku): string => $sku->code, $shop->loaded()->core->made));
}

it(
    'gives a product another code, and its SKUs those that the pattern makes of it (it could not be changed)',
    function (): void {
        $shop = Shop::stocked();
        app(SetCode::class)->run($shop->change(), $shop->part(['Color' => 'Clay', 'Size' => 'S']), 'ODD-1');
        $before = skuCodes($shop);
        app(SetProductCode::class)->run($shop->change(), ' GARB ', true);
        expect(codeOf($shop))
            ->toBe('GARB')
            ->and(skuCodes($shop))
            ->toContain('GARB-MOSS-S', 'GARB-SLT-XL', 'ODD-1')
            ->and($shop->words())
            ->toBe('Code of the product set to GARB (was SMOCK): changes 11 codes, leaves 1 that was typed');
        $shop->undo();
        expect(codeOf($shop))->toBe('SMOCK')->and(skuCodes($shop))->toBe($before);
        $shop->redo();
        expect(codeOf($shop))->toBe('GARB')->and(skuCodes($shop)[0])->toBe('GARB-MOSS-S');
    },
);

it('leaves the codes of SKUs where that is wanted, and those of retired ones always', function (): void {
    $shop = Shop::stocked();
    $shop->axes(['Color' => 'Moss, Clay', 'Size' => 'S, M, L, XL']);
    app(SetProductCode::class)->run($shop->change(), 'GARB', false);
    expect(skuCodes($shop)[0])
        ->toBe('SMOCK-MOSS-S')
        ->and($shop->words())
        ->toBe('Code of the product set to GARB (was SMOCK); its SKUs keep theirs');
    app(SetProductCode::class)->run($shop->change(), 'GARB2', true);
    expect(skuCodes($shop)[0])->toBe('GARB2-MOSS-S');
    $retired = array_filter($shop->loaded()->core->state->skus, fn($sku): bool => $sku->state === SkuState::Retired);
    expect(array_values(array_map(fn($sku): string => $sku->code, $retired)))->each->toStartWith('SMOCK-SLT');
});

it('refuses a code that is none, or that something has', function (string $typed, string $words): void {
    $shop = Shop::stocked();
    Shop::open('OTHER');
    expect(fn() => app(SetProductCode::class)->run($shop->change(), $typed, true))
        ->toThrow(Refusal::class, $words)
        ->and(codeOf($shop))
        ->toBe('SMOCK')
        ->and(skuCodes($shop)[0])
        ->toBe('SMOCK-MOSS-S');
})->with([
    ['', 'up to 40 letters'],
    ['two words', 'up to 40 letters'],
    [str_repeat('x', 41), 'up to 40 letters'],
    ['-x', 'up to 40 letters'],
    ['other', 'is the code of'],
]);

it('shows what becomes of the codes, and leads from the old address to the new one', function (): void {
    $shop = Shop::stocked();
    $this->actingAs($shop->user);
    $this->get('/products/SMOCK/details')->assertOk()->assertSee('the code');
    $this->get('/products/SMOCK/code', ['HX-Request' => 'true'])
        ->assertOk()
        ->assertSee('Code of Potting smock')
        ->assertSee('Changes no code');
    $send = fn(string $path, array $more) => $this->post(
        "/products/SMOCK/{$path}",
        $more + ['version' => $shop->version()],
        ['HX-Request' => 'true'],
    );
    $send('code/plan', ['code' => 'GARB', 'skus_too' => 1])
        ->assertOk()
        ->assertSee('Changes 12 codes')
        ->assertSeeInOrder(['SMOCK-MOSS-S', 'GARB-MOSS-S']);
    $send('code/plan', ['code' => 'GARB'])
        ->assertOk()
        ->assertSee('Its SKUs keep their codes');
    $send('code/plan', ['code' => 'a b', 'skus_too' => 1])
        ->assertOk()
        ->assertSee('up to 40 letters');
    $send('code', ['code' => 'GARB', 'skus_too' => 1])
        ->assertOk()
        ->assertHeader('HX-Redirect', url('/products/GARB/details'));
    $this->get('/products/SMOCK/prices?lens=prices')->assertRedirect('/products/GARB/prices?lens=prices');
    // A page that was open meanwhile goes on: what it asks is of the same product.
    $send('skus/stock', ['selected' => '*', 'typed' => '4'])->assertOk();
    expect($shop->loaded()->core->made)->each(fn($sku) => $sku->stock->toBe(4));
    // The code of before can be given to another product, and is that one's then.
    Shop::open('SMOCK');
    $this->get('/products/SMOCK')->assertOk();
    $this->get('/products/NOBODY')->assertNotFound();
    $this->actingAs(Shop::person(Right::View))
        ->post('/products/GARB/code', ['code' => 'X', 'version' => $shop->version()], ['HX-Request' => 'true'])
        ->assertForbidden();
});

it('refuses to undo a code that another product has meanwhile, in words', function (): void {
    $shop = Shop::stocked();
    app(SetProductCode::class)->run($shop->change(), 'GARB', false);
    Shop::open('SMOCK');
    expect(fn() => $shop->undo())->toThrow(Refusal::class)->and(codeOf($shop))->toBe('GARB');
});

it('takes the code of its only SKU where it has no axes', function (): void {
    $shop = Shop::open();
    $shop->axes([]);
    app(SetProductCode::class)->run($shop->change(), 'GARB', true);
    expect(codeOf($shop))
        ->toBe('GARB')
        ->and(skuCodes($shop))
        ->toBe(['GARB']);
});
