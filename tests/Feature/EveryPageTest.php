<?php

declare(strict_types=1);

use App\Models\Right;
use Core\Reach\Selection;
use Illuminate\Support\Facades\DB;
use Tests\Support\Addresses;
use Tests\Support\Dropped;
use Tests\Support\Shop;

/*
 * Every address that shows something, of products that nobody drew the page for. A test of five values says nothing of
 * forty, and one with swatches nothing of a product that has none yet.
 */

/** Names of forty letters that no list of colors knows. */
function longNames(int $count): string
{
    return implode(
        ', ',
        array_map(
            fn(int $at): string => sprintf('Zwirbeltuch %02d nach alter Zunftordnung gewebt', $at),
            range(1, $count),
        ),
    );
}

/** What people, and people who mean harm, write into a field. */
const HOSTILE = [
    '"><script>alert(1)</script>',
    "'; DROP TABLE skus; --",
    '=HYPERLINK("http://x")',
    '{{ 7 * 7 }}',
    '%00%0a%0d',
    '../../etc/passwd',
    "\u{202E}eman\u{0301}",
    '&lt;b&gt;',
    '$(id)',
    '`id`',
];

dataset('products that nobody drew the page for', [
    'an empty product' => [fn(): Shop => Shop::open()],
    'a single item with a SKU' => [
        function (): Shop {
            $shop = Shop::open();
            $shop->axes([]);

            return $shop;
        },
    ],
    '600 SKUs without pictures' => [
        function (): Shop {
            $shop = Shop::open();
            $shop->axes(['Color' => longNames(40), 'Size' => implode(', ', range(30, 44))]);

            return $shop;
        },
    ],
    '40 values without a swatch, with pictures' => [
        function (): Shop {
            $shop = Shop::open();
            $shop->axes(['Color' => longNames(40)]);
            $shop->receive(
                array_combine(
                    $names = array_map(fn(int $at): string => "IMG_{$at}.jpg", range(1, 30)),
                    array_map(Dropped::picture(...), $names),
                ),
            );
            app(App\Actions\Pictures\LinkPhotos::class)->run(
                $shop->change(),
                array_map($shop->placement(...), $names),
                Selection::whole(),
            );

            return $shop;
        },
    ],
    'four axes' => [
        function (): Shop {
            $shop = Shop::open();
            $shop->axes(['Color' => 'Qwertz, Asdf', 'Size' => 'S, M', 'Style' => 'A, B', 'Fabric' => 'C, D']);

            return $shop;
        },
    ],
    'every text hostile' => [
        function (): Shop {
            $shop = Shop::open();
            $names = array_map(
                fn(string $text, int $at): string => str_replace(',', '', $text) . " {$at}",
                HOSTILE,
                array_keys(HOSTILE),
            );
            $shop->axes(['Color' => implode("\n", $names), '"><i>Size' => 'S, M']);
            $shop->receive([
                '"><img src=x onerror=alert(1)>.jpg' => Shop::picture('one'),
                '=1+1.jpg' => Shop::picture('two'),
            ]);
            DB::table('products')->update(['name' => HOSTILE[0]]);
            foreach (['description', 'brand', 'category'] as $at => $field) {
                app(App\Actions\Product\EditDetails::class)->run($shop->change(), $field, HOSTILE[$at]);
            }
            Dropped::files($shop->user, ['"><script>.jpg' => Shop::picture('three')]);

            return $shop;
        },
    ],
]);

it('draws every page (the Colors page of a product without swatches answered 500)', function (Closure $make): void {
    $shop = $make();
    $shop->user->update(['right' => Right::Release]);
    $this->actingAs($shop->user->refresh());
    foreach (Addresses::of(['GET']) as $route) {
        $address = Addresses::filled($route, $shop);
        $answer = $this->get($address, str_contains($route->uri(), 'fragment') ? ['HX-Request' => 'true'] : []);
        expect($answer->baseResponse->getStatusCode())->toBeLessThan(
            500,
            "{$address}: " . mb_substr((string) ($answer->exception ?? null)?->getMessage(), 0, 300),
        );
        expect((string) $answer->baseResponse->getContent())
            ->not->toContain('<script>alert(1)')
            ->not->toContain('<img src=x');
    }
    // Each axis has pages of its own.
    foreach (DB::table('axes')->pluck('id') as $axis) {
        foreach (['', '/colors', '/colors/sheet', '/sheet', '/sheet.svg', '/sheet.png'] as $page) {
            expect($this->get("/library/axes/{$axis}{$page}")->baseResponse->getStatusCode())->toBeLessThan(500);
        }
        foreach (['', '/sheet', '/sheet.svg', '/sheet.png'] as $page) {
            expect(
                $this->get(
                    "/products/{$shop->product->code}/colors{$page}?axis={$axis}",
                )->baseResponse->getStatusCode(),
            )->toBeLessThan(500);
        }
    }
})->with('products that nobody drew the page for');

it('answers ids that are none with not found (they answered 500)', function (string $odd): void {
    $shop = Shop::stocked();
    $shop->user->update(['right' => Right::Release]);
    $this->actingAs($shop->user->refresh());
    foreach (Addresses::of(['GET', 'POST', 'PUT'], '/\{(?!product|way|batch)\w+\??\}/') as $route) {
        preg_match_all('/\{(\w+)\??\}/', $route->uri(), $found);
        $ids = array_diff($found[1], ['product', 'way', 'batch', 'shape', 'size', 'type']);
        if ($ids === []) {
            continue;
        }
        $address = Addresses::filled($route, $shop, array_fill_keys($ids, $odd));
        $answer = $this->call(
            $route->methods()[0],
            $address,
            ['version' => $shop->version(), 'typed' => '5', 'amount' => '5'],
            server: ['HTTP_HX_REQUEST' => 'true'],
        );
        expect($answer->status())->toBe(
            404,
            "{$route->methods()[0]} {$address}: " . mb_substr((string) $answer->exception?->getMessage(), 0, 300),
        );
    }
})->with(['99999999999999999999', '0', '-1', '1e3', '1.5', '٣', '%00', '%C0%80', '0x1']);

it('compiles every view to what PHP reads (a formatter took parentheses that this PHP needs)', function (): void {
    $views = (new Symfony\Component\Finder\Finder())->files()->in(resource_path('views'))->name('*.blade.php');
    foreach ($views as $view) {
        $code = app('blade.compiler')->compileString((string) file_get_contents($view->getPathname()));
        expect(fn() => PhpToken::tokenize($code, TOKEN_PARSE))->not->toThrow(ParseError::class, $view->getPathname());
    }
});
