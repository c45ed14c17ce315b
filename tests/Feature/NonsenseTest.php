<?php

declare(strict_types=1);

use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Models\Library;
use App\Models\Right;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\DB;
use Tests\Core\Color\Samples;
use Tests\Support\Addresses;
use Tests\Support\Dropped;
use Tests\Support\Seeds;
use Tests\Support\Shop;

/*
 * Whatever is sent to an address that changes something, the answer is a sentence, and nothing is half done.
 */

/** @return list<OneRoute> every address that takes a change */
function changingRoutes(): array
{
    return Addresses::of(['POST', 'PUT'], '/^(products|library|accounts?|works|bulk|intake|photos)\b/');
}

const FIELDS = [
    'name',
    'code',
    'value',
    'values',
    'typed',
    'selected',
    'axis',
    'axes',
    'order',
    'homes',
    'survivors',
    'exchanges',
    'heirs',
    'likes',
    'as_facts',
    'winners',
    'roles',
    'rule',
    'into',
    'parts',
    'pictures',
    'placements',
    'to',
    'view',
    'text',
    'role',
    'take',
    'only',
    'onto',
    'lens',
    'layer',
    'find',
    'field',
    'fact',
    'swatch',
    'colors',
    'synonyms',
    'translations',
    'kind',
    'display',
    'scope',
    'place',
    'again',
    'none',
    'like',
    'batch',
    'files',
    'stock_adds_up',
    'comers_stay',
    'what',
    'mode',
    'state',
    'after',
    'q',
    'category',
    'stock',
    'tray',
    'token',
    'seen',
    'names',
    'announced',
    'product',
    'sender',
    'sender_only',
    'word',
    'photos',
    'replace',
    'back',
    'missing',
    'by',
    'show',
    'page',
    'at',
    'email',
    'right',
    'zone',
    'language',
    'password',
    'current_password',
    'password_confirmation',
    'tile',
    'frame',
    'eyes',
    'lab',
    'grid',
    'block',
    'first',
    'measured',
    'photo',
    'part',
    'try',
    'picture',
    'reason',
    'need',
    'detail',
    'fields',
    'amount',
    'percent',
    'ending',
    'counting',
    'pattern',
    'range',
    'copies',
    'unit',
    'kinds',
    'texts',
    'separator',
    'letters',
    'longest',
    'prefix',
    'last',
    'typed_too',
    'codes',
    'is_hidden',
];

/** The shop's person at work, whatever the request before did to the account: its sessions may have been ended. */
function signedIn(Shop $shop): void
{
    $shop->user->update(['right' => Right::Release, 'closed_at' => null, 'password_is_temporary' => false]);
    test()->actingAs($shop->user->refresh());
}

/** Something that no form sends. */
function nonsense(Random\Randomizer $random): mixed
{
    $of = [
        '',
        ' ',
        '0',
        '-1',
        '99999999999999999999',
        '1:2,3:4',
        '*',
        ';;',
        '1:1;1:1',
        'ünï↯',
        "a\0b",
        str_repeat('x', 3000),
        '<script>',
        "'; DROP TABLE skus; --",
        [],
        ['x'],
        [['y']],
        ['name' => 'Color', 'values' => 'Moss'],
        [['name' => 'Color', 'values' => ['Moss']]],
        [[['deep']]],
        array_reduce(range(1, 300), fn(mixed $inner): array => [$inner], 'deeper'),
        range(1, 3000),
        "\xff\xfeMoss",
        "Mo\xc3",
        "\u{202e}\u{0301}\u{0301}",
        null,
        0,
        -5,
        1.5,
        true,
        '#12345g',
        '1e9',
        'photos',
        'Color',
        'Moss, Moss',
        // Keys where ids belong, and amounts that no price has.
        ['1e3' => ['1']],
        ['99999999999999999999' => ['1']],
        ['٣' => '1'],
        ['1' => ['1e3', '99999999999999999999']],
        ['-' => ['a' => 'b']],
        ['' => ''],
        str_repeat('9', 30),
        '-' . str_repeat('9', 30) . '.5',
        '+' . str_repeat('9', 30) . ' %',
    ];

    return $of[$random->getInt(0, count($of) - 1)];
}

it('answers nonsense with a sentence, and never half does it', function (int $seed): void {
    $random = Samples::random($seed);
    $shop = Shop::stocked();
    DB::table('size_runs')->insert([
        'axis_id' => $shop->id('Size'),
        'name' => 'Run',
        'folded' => 'run',
        'value_ids' => '[]',
    ]);
    DB::table('code_patterns')->insert([
        'name' => 'Clothes',
        'folded' => 'clothes',
        'parts' => '[{"kind":"product","axis":0,"text":""},{"kind":"number","axis":0,"text":"01"}]',
        'separator' => '-',
        'letters' => 'as they are',
        'longest' => 40,
    ]);
    DB::table('gtin_ranges')->insert([
        'name' => 'Range',
        'folded' => 'range',
        'prefix' => '4006381',
        'first' => '1',
        'last' => '9',
    ]);
    app(App\Actions\Batches\StartBatch::class)->run(
        $shop->user,
        new BatchOrder('sku-stock', ['value' => '10'], BatchMode::AsFarAsPossible, Core\Reach\Selection::whole()),
        [$shop->product->id],
    );
    $drop = Dropped::files($shop->user, ['SMOCK_moss_side.jpg', 'IMG_1.jpg']);
    // With every right, in the own account as well: the only one who keeps the accounts stays so.
    $shop->user->update(['right' => Right::Release]);
    foreach (changingRoutes() as $route) {
        signedIn($shop);
        $input = [
            'version' => str_starts_with($route->uri(), 'library') ? Library::whole()->version : $shop->version(),
        ];
        foreach (FIELDS as $field) {
            if ($random->getInt(0, 1) === 1) {
                $input[$field] = nonsense($random);
            }
        }
        $answer = $this->call(
            $route->methods()[0],
            Addresses::filled($route, $shop, [
                'value' => (string) $shop->id('Moss'),
                'axis' => (string) $shop->id('Color'),
                'placement' => (string) $shop->placement('guide.jpg'),
            ]),
            $input,
            server: ['HTTP_HX_REQUEST' => 'true'],
        );
        expect($answer->status())->toBeLessThan(
            500,
            $route->uri() . ': ' . mb_substr((string) $answer->exception?->getMessage(), 0, 200),
        );
        expect($answer->status())->not->toBe(401, $route->uri())->not->toBe(429);
        expect($shop->user->refresh()->right)
            ->toBe(Right::Release)
            ->and($shop->user->closed_at)
            ->toBeNull();
        // The product can still be loaded, drawn and taken out.
        expect($shop->loaded()->core->state->skus)->not->toBe([]);
    }
    expect($shop->sheet())->not->toBe('');
    $this->get("/intake/{$drop->id}")->assertOk();
    $this->get('/products/SMOCK')->assertOk();
    $this->get('/library')->assertOk();
})->with(Seeds::upTo(6));

it(
    'takes what stands where an id belongs for none (rule[1e3][] and an amount of thirty digits answered 500)',
    function (): void {
        // Every second route with the one, the others with the other, and the other way round another day.
        $odds = ['1e3', '99999999999999999999'];
        // More requests than a person may send in a minute.
        $this->withoutMiddleware(ThrottleRequests::class);
        $shop = Shop::stocked();
        $shop->user->update(['right' => Right::Release]);
        // What a form would refuse as a whole hides what each of its fields does, so they come in groups.
        $groups = fn(string $odd): array => [
            array_fill_keys(['likes', 'rule'], [$odd => ['1', $odd, '']]),
            array_fill_keys(
                [
                    'homes',
                    'survivors',
                    'exchanges',
                    'heirs',
                    'as_facts',
                    'winners',
                    'roles',
                    'codes',
                    'views',
                    'picture_axes',
                    'measured',
                    'texts',
                    'kinds',
                    'pictures',
                ],
                [$odd => '1'],
            ),
            [
                'copies' => [$odd => '1'],
                'axes' => [$odd => ['name' => 'Fit', 'values' => 'Slim']],
                'amounts' => [$odd => '5'],
                'fields' => [$odd => '5'],
            ],
            array_fill_keys(['typed', 'amount', 'percent', 'value', 'ending', 'field', 'text'], str_repeat('9', 30)),
            ['amount' => str_repeat('9', 30)],
            [
                'fields' => [str_repeat('9', 30), str_repeat('9', 30), str_repeat('9', 30)],
                'value' => '-' . str_repeat('9', 30),
            ],
        ];
        // Every route with half of the groups, and with the others tomorrow.
        $day = (int) gmdate('z');
        foreach (array_values(changingRoutes()) as $at => $route) {
            foreach ($groups($odds[($at + intdiv($day, 2)) % 2]) as $nth => $group) {
                if (($at + $nth + $day) % 2 === 1) {
                    continue;
                }
                signedIn($shop);
                $input =
                    [
                        'version' => $shop->version(),
                        'selected' => '*',
                        'detail' => 'cost',
                        'mode' => 'set',
                        'scope' => 'here',
                    ] + $group;
                $answer = $this->call(
                    $route->methods()[0],
                    Addresses::filled($route, $shop, ['value' => (string) $shop->id('Moss')]),
                    $input,
                    server: ['HTTP_HX_REQUEST' => 'true'],
                );
                expect($answer->status())
                    ->not->toBe(401, $route->uri())
                    ->toBeLessThan(
                        500,
                        $route->uri() .
                            json_encode(array_keys($group)) .
                            ': ' .
                            mb_substr((string) $answer->exception?->getMessage(), 0, 200),
                    );
            }
        }
    },
);

it('answers nonsense in addresses that only look', function (string $path, string $query): void {
    $shop = Shop::stocked();
    $answer = $this->actingAs($shop->user)->get("{$path}?{$query}");
    expect($answer->status())->toBeLessThan(500, mb_substr((string) $answer->exception?->getMessage(), 0, 200));
})
    ->with([
        '/',
        '/products/SMOCK',
        '/products/SMOCK/board',
        '/products/SMOCK/preview',
        '/products/SMOCK/history',
        '/products/SMOCK/history/compare',
        '/products/SMOCK/setup',
        '/jump',
        '/library/history',
        '/intake',
        '/intake/stored',
        '/intake/1',
        '/intake/1/files/1',
        '/intake/products',
        '/intake/1/better',
        '/products/SMOCK/colors',
        '/products/SMOCK/colors/sheet',
        '/products/SMOCK/colors/sheet.svg',
        '/photos/1/color',
        '/products/SMOCK/prices',
        '/products/SMOCK/details',
        '/products/SMOCK/labels',
        '/library/codes',
    ])
    ->with([
        'copies=1&eyes[]=1&frame[]=2&part[]=3&try[]=4&lab[]=5&name[]=1&product[]=2&color[]=1&least[]=1&since[]=1&unused[]=1&after[]=1&by[]=1&show[]=1&q[]=1&choice[]=1&layer[]=1&lens[]=2&selected[]=3&from[]=1&lang[]=de&width[]=x&axis[]=1&add[]=M&without[]=2&fact[]=1&page[]=2',
        'copies[x]=-1&copies[9][]=x&eyes=mine&frame=9-9&part=x&try=%00&lab=1,2&choice=9:9&layer=9:9,x&lens=none&selected=1:&from=-1&to=x&lang=%F0%9F&width=&axis=-1&add=%00&without=99999999999999999999&fact=-3&page=-2',
    ]);
