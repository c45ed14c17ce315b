<?php

declare(strict_types=1);

use App\Models\Library;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Tests\Core\Samples;
use Tests\Dropped;
use Tests\Shop;

/*
 * Whatever is sent to an address that changes something, the answer is a sentence, and nothing is half done.
 */

/** @return list<OneRoute> every address that takes a change */
function changingRoutes(): array
{
    return array_values(array_filter(
        Route::getRoutes()->getRoutes(),
        fn (OneRoute $route): bool => array_intersect(['POST', 'PUT'], $route->methods()) !== [] && preg_match('/^(products|library|accounts?|works|bulk|intake)\b/', $route->uri()) === 1,
    ));
}

/** The address with things in it that are there. */
function filledIn(OneRoute $route, Shop $shop, int $run): string
{
    return '/'.strtr($route->uri(), [
        '{product}' => 'SMOCK',
        '{value}' => (string) $shop->id('Moss'),
        '{axis}' => (string) $shop->id('Color'),
        '{pattern}' => (string) DB::table('code_patterns')->max('id'),
        '{pattern?}' => (string) DB::table('code_patterns')->max('id'),
        '{range}' => (string) DB::table('gtin_ranges')->max('id'),
        '{range?}' => (string) DB::table('gtin_ranges')->max('id'),
        '{run}' => (string) $run,
        '{run?}' => (string) $run,
        '{account}' => (string) $shop->user->id,
        '{batch}' => (string) DB::table('batches')->max('id'),
        '{way}' => 'undo',
        '{word}' => '1',
        '{drop}' => (string) DB::table('drops')->max('id'),
        '{file}' => (string) DB::table('drop_files')->max('id'),
        '{placement}' => (string) $shop->placement('guide.jpg'),
        '{entry}' => (string) DB::table('history')->max('id'),
    ]);
}

const FIELDS = ['name', 'code', 'value', 'values', 'typed', 'selected', 'axis', 'axes', 'order', 'homes', 'survivors', 'exchanges', 'heirs', 'likes', 'as_facts', 'winners', 'roles', 'rule', 'into', 'parts',
    'pictures', 'placements', 'to', 'view', 'text', 'role', 'take', 'only', 'onto', 'lens', 'layer', 'find', 'field', 'fact', 'swatch', 'colors', 'synonyms', 'translations', 'kind', 'display', 'scope', 'place', 'again', 'none', 'like', 'batch', 'files', 'stock_adds_up', 'comers_stay',
    'what', 'mode', 'state', 'after', 'q', 'category', 'stock', 'tray', 'token', 'seen', 'names', 'announced', 'product', 'sender', 'sender_only', 'word', 'photos', 'replace', 'back', 'missing', 'by', 'show', 'page', 'at', 'email', 'right', 'zone', 'language', 'password', 'current_password', 'password_confirmation',
    'tile', 'frame', 'eyes', 'lab', 'grid', 'block', 'first', 'measured', 'photo', 'part', 'try', 'picture', 'reason', 'need',
    'detail', 'fields', 'amount', 'percent', 'ending', 'counting', 'pattern', 'range', 'copies', 'unit', 'kinds', 'texts', 'separator', 'letters', 'longest', 'prefix', 'last', 'typed_too', 'codes', 'is_hidden'];

/** Something that no form sends. */
function nonsense(Random\Randomizer $random): mixed
{
    $of = [
        '', ' ', '0', '-1', '99999999999999999999', '1:2,3:4', '*', ';;', '1:1;1:1', 'ünï↯', "a\0b", str_repeat('x', 3000), '<script>', "'; DROP TABLE skus; --",
        [], ['x'], [['y']], ['name' => 'Color', 'values' => 'Moss'], [['name' => 'Color', 'values' => ['Moss']]], [[['deep']]], array_reduce(range(1, 300), fn (mixed $inner): array => [$inner], 'deeper'), range(1, 3000), "\xff\xfeMoss", "Mo\xc3", "\u{202e}\u{0301}\u{0301}", null, 0, -5, 1.5, true, '#12345g', '1e9', 'photos', 'Color', 'Moss, Moss',
    ];

    return $of[$random->getInt(0, count($of) - 1)];
}

it('answers nonsense with a sentence, and never half does it', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::stocked();
    $run = DB::table('size_runs')->insertGetId(['axis_id' => $shop->id('Size'), 'name' => 'Run', 'folded' => 'run', 'value_ids' => '[]']);
    DB::table('code_patterns')->insert(['name' => 'Clothes', 'folded' => 'clothes', 'parts' => '[{"kind":"product","axis":0,"text":""},{"kind":"number","axis":0,"text":"01"}]', 'separator' => '-', 'letters' => 'as they are', 'longest' => 40]);
    DB::table('gtin_ranges')->insert(['name' => 'Range', 'folded' => 'range', 'prefix' => '4006381', 'first' => '1', 'last' => '9']);
    app(App\Actions\StartBatch::class)->run($shop->user, 'sku-stock', ['value' => '10'], [$shop->product->id], false, Core\Reach\Selection::whole());
    $drop = Dropped::files($shop->user, ['SMOCK_moss_side.jpg', 'IMG_1.jpg']);
    // With every right, in the own account as well: the only one who keeps the accounts stays so.
    $shop->user->update(['right' => App\Models\Right::Release]);
    foreach (changingRoutes() as $route) {
        $this->actingAs($shop->user->refresh());
        $input = ['version' => str_starts_with($route->uri(), 'library') ? Library::whole()->version : $shop->version()];
        foreach (FIELDS as $field) {
            if ($random->getInt(0, 1) === 1) {
                $input[$field] = nonsense($random);
            }
        }
        $answer = $this->call($route->methods()[0], filledIn($route, $shop, $run), $input, server: ['HTTP_HX_REQUEST' => 'true']);
        expect($answer->status())->toBeLessThan(500, $route->uri().': '.mb_substr((string) $answer->exception?->getMessage(), 0, 200));
        expect($shop->user->refresh()->right)->toBe(App\Models\Right::Release)->and($shop->user->closed_at)->toBeNull();
        // The product can still be loaded, drawn and taken out.
        expect($shop->loaded()->skus)->not->toBe([]);
    }
    expect($shop->sheet())->not->toBe('');
    $this->get("/intake/{$drop->id}")->assertOk();
    $this->get('/products/SMOCK')->assertOk();
    $this->get('/library')->assertOk();
})->with(range(1, 12));

it('answers nonsense in addresses that only look', function (string $path, string $query): void {
    $shop = Shop::stocked();
    $answer = $this->actingAs($shop->user)->get("{$path}?{$query}");
    expect($answer->status())->toBeLessThan(500, mb_substr((string) $answer->exception?->getMessage(), 0, 200));
})->with(['/', '/products/SMOCK', '/products/SMOCK/board', '/products/SMOCK/preview', '/products/SMOCK/history', '/products/SMOCK/history/compare', '/products/SMOCK/setup', '/jump', '/library/history', '/intake', '/intake/stored', '/intake/1', '/intake/1/files/1', '/intake/products', '/intake/1/better', '/products/SMOCK/colors', '/products/SMOCK/colors/sheet', '/products/SMOCK/colors/sheet.svg', '/photos/1/color', '/products/SMOCK/prices', '/products/SMOCK/details', '/products/SMOCK/labels', '/library/codes'])
    ->with(['copies=1&eyes[]=1&frame[]=2&part[]=3&try[]=4&lab[]=5&name[]=1&product[]=2&color[]=1&least[]=1&since[]=1&unused[]=1&after[]=1&by[]=1&show[]=1&q[]=1&choice[]=1&layer[]=1&lens[]=2&selected[]=3&from[]=1&lang[]=de&width[]=x&axis[]=1&add[]=M&without[]=2&fact[]=1&page[]=2', 'copies[x]=-1&copies[9][]=x&eyes=mine&frame=9-9&part=x&try=%00&lab=1,2&choice=9:9&layer=9:9,x&lens=none&selected=1:&from=-1&to=x&lang=%F0%9F&width=&axis=-1&add=%00&without=99999999999999999999&fact=-3&page=-2']);
