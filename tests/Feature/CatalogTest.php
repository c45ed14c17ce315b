<?php

declare(strict_types=1);

use App\Actions\CreateProduct;
use App\Actions\EditDetails;
use App\Actions\LeaveOutCells;
use App\Actions\Refused;
use App\Actions\SetCode;
use App\History\Change;
use App\Http\Views\CatalogRow;
use App\Http\Views\CatalogView;
use App\Models\Product;
use Core\Gallery\Role;
use Core\Gallery\View;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Shop;

/** @return array<string, CatalogRow> by product code */
function catalogRows(string $search = ''): array
{
    $rows = app(CatalogView::class)->page($search)->rows;

    return array_combine(array_map(fn (CatalogRow $row): string => $row->code, $rows), $rows);
}

it('sums up each product in a row', function (): void {
    $shop = Shop::stocked();
    app(LeaveOutCells::class)->run($shop->change(), $shop->token(['Color' => 'Moss', 'Size' => 'XL']), false);
    $shop->receive(['loose.jpg' => Shop::picture('loose')]);
    $shop->photo('card.jpg', ['Color' => 'Clay'], View::Front, Role::Card);
    $row = catalogRows()['SMOCK'];
    expect($row->skus)->toBe(11)
        ->and($row->cells)->toBe(12)
        ->and($row->leftOut)->toBe(1)
        ->and($row->pictures)->toBe(14)
        ->and($row->unlinked)->toBe(1)
        ->and($row->sizes)->toBe('S–XL')
        ->and(array_column($row->colors, 'label'))->toBe(['Moss', 'Clay', 'Slate'])
        ->and($row->prices)->toBe('49.00')
        ->and($row->stock->units)->toBe(110);
});

it('shows what opens the product as its Card', function (): void {
    $shop = Shop::stocked();
    $card = fn (): string => catalogRows()['SMOCK']->cardText;
    $before = $card();
    $this->actingAs($shop->user)->post('/products/SMOCK/opening', ['version' => $shop->version(), 'axis' => $shop->id('Color'), 'value' => (string) $shop->id('Slate')], ['HX-Request' => 'true'])->assertOk();
    expect($card())->not->toBe($before)->toContain('Slate');
});

it('finds products by a part of the name or the beginning of the code', function (string $search, array $codes): void {
    foreach (['HAT-1' => 'Brim hat', 'HAT-2' => 'Straw hat', 'APRON_X' => 'Seed apron'] as $code => $name) {
        $shop = Shop::open($code);
        app(EditDetails::class)->run(new Change($shop->user, $shop->product->id, 1), 'name', $name);
    }
    expect(array_keys(catalogRows($search)))->toBe($codes);
})->with([
    ['hat', ['HAT-1', 'HAT-2']],
    ['straw', ['HAT-2']],
    ['hat-1', ['HAT-1']],
    ['APRON_', ['APRON_X']],
    ['%', []],
    ['', ['HAT-1', 'APRON_X', 'HAT-2']],
]);

it('shows twenty products to a page', function (): void {
    $user = Shop::open('P-00')->user;
    foreach (range(1, 24) as $at) {
        app(CreateProduct::class)->run($user, sprintf('Product %02d', $at), sprintf('P-%02d', $at));
    }
    $this->actingAs($user)->get('/')->assertOk()->assertSee('Page 1 of 2')->assertSee('P-19')->assertDontSee('P-24');
    $this->get('/?page=2')->assertOk()->assertSee('P-24')->assertDontSee('P-19');
});

it('makes a product by name and code, once', function (): void {
    $shop = Shop::open();
    $this->actingAs($shop->user)->post('/products', ['name' => ' Rain cape ', 'code' => ' CAPE ', 'shot_list_id' => 1])->assertRedirect('/products/CAPE');
    expect(Product::query()->where('code', 'CAPE')->first()->only(['name', 'shot_list_id', 'currency']))->toBe(['name' => 'Rain cape', 'shot_list_id' => 1, 'currency' => 'EUR']);
    foreach ([
        [['name' => '', 'code' => 'X'], 'name'],
        [['name' => 'X', 'code' => 'two words'], 'code'],
        [['name' => 'X', 'code' => ''], 'code'],
        [['name' => str_repeat('x', 121), 'code' => 'X'], 'name'],
        [['name' => 'X', 'code' => 'X', 'shot_list_id' => 99], 'shot_list_id'],
        [['name' => 'X', 'code' => 'cape'], 'refused'],
    ] as [$input, $field]) {
        $this->from('/')->post('/products', $input)->assertSessionHasErrors($field);
    }
    expect(Product::query()->count())->toBe(2);
});

it('makes nothing of a copied setup whose codes belong to others', function (): void {
    $shop = Shop::stocked();
    app(SetCode::class)->run($shop->change(), $shop->token(['Color' => 'Moss', 'Size' => 'S']), 'COPY-CLAY-L');
    $counts = fn (): array => array_map(fn (string $table): int => DB::table($table)->count(), ['products', 'skus', 'product_axes', 'product_values', 'history']);
    $before = $counts();
    expect(fn () => app(CreateProduct::class)->run($shop->user, 'Copy', 'COPY', null, $shop->product))->toThrow(Refused::class, 'Choose another code for the product');
    expect($counts())->toBe($before);
});

it('prints galleries under the product’s own labels', function (): void {
    $shop = Shop::stocked();
    DB::table('product_values')->where('value_id', $shop->id('Moss'))->update(['label' => 'Forest']);
    expect(Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['color=forest'], '--json' => true]))->toBe(0);
    $printed = json_decode(Artisan::output(), true);
    expect($printed['choice'] ?? $printed['skus'][0]['choice'])->toBe(['Color' => 'Forest']);
    expect(Artisan::call('slate:gallery', ['product' => 'SMOCK', '--choose' => ['Color=Violet']]))->not->toBe(0);
});
