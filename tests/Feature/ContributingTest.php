<?php

declare(strict_types=1);

use App\Batches\BulkOperations;
use App\Http\ProductPage;
use Core\Checks\Checks;
use Core\Details\DetailKind;
use Core\Product\SkuFields;
use Symfony\Component\Finder\Finder;
use Tests\Support\Shop;

/*
 * The worked examples of CONTRIBUTING.md: what each says was added is there, works, and is known to no file that the
 * example does not name. Whoever adds the next of its kind touches as many.
 */

/** @return list<string> files that the section names */
function filesOfExample(string $title): array
{
    $sections = explode("\n## ", (string) file_get_contents(base_path('CONTRIBUTING.md')));
    $section = array_values(array_filter($sections, fn(string $one): bool => str_starts_with($one, $title)))[0];
    preg_match_all('~`((?:app|core|database|lang|resources)/[A-Za-z0-9_./-]+\.php)`~', $section, $files);
    preg_match_all('~`(\d{4}_[a-z0-9_]+\.php)`~', $section, $migrations);

    return [...$files[1], ...array_map(fn(string $file): string => "database/migrations/{$file}", $migrations[1])];
}

/** @return list<string> files of the application that know a thing by its name */
function filesKnowing(string $pattern): array
{
    $files = [];
    $folders = array_map(base_path(...), ['app', 'core', 'database', 'lang', 'resources/views', 'routes']);
    foreach (Finder::create()->files()->in($folders)->name('*.php') as $file) {
        if (preg_match($pattern, $file->getContents()) === 1) {
            $files[] = str_replace(base_path() . '/', '', $file->getPathname());
        }
    }

    return $files;
}

it('names every file that knows the thing of its example', function (string $title, string $pattern): void {
    $known = filesKnowing($pattern);

    expect($known)->not->toBe([])->and(array_values(array_diff($known, filesOfExample($title))))->toBe([]);
})->with([
    'a field' => ['Add a field that every SKU can have', '/maker[-_]number/i'],
    'a detail' => ['Add a detail of a product', '/CareInstructions|DetailKind::Care\b/'],
    'a page' => ['Add a page of a product', '/ProductPage::Prices|PriceScreen\b|page_prices/'],
    'a bulk operation' => ['Add a bulk operation', "/'(?:what_)?sku-price'/"],
    'a check' => ['Add a check', '/OtherSequence|sequence\.other/'],
]);

it('has what the examples add wherever they say that it comes by itself', function (): void {
    $shop = Shop::stocked();
    $sku = $shop->sku(['Color' => 'Moss', 'Size' => 'M']);
    $this->actingAs($shop->user);

    // The field: a lens of the board, a column of the sheet.
    expect(SkuFields::named('maker-number'))->not->toBeNull();
    $this->get('/products/SMOCK')->assertSee('Maker’s no.');
    $this->post('/products/SMOCK/skus/field/maker-number', [
        'version' => $shop->version(),
        'selected' => $sku->cell->key,
        'typed' => 'MN-1',
    ])->assertOk();
    expect($shop->sheet())->toContain('maker number')->toContain('MN-1');

    // The detail: a field of the page, a term for shoppers.
    $this->get('/products/SMOCK/details')->assertSee(DetailKind::Care->label());
    $this->post('/products/SMOCK/details/set', [
        'version' => $shop->version(),
        'detail' => DetailKind::Care->value,
        'fields' => ['Hand wash'],
    ])->assertOk();
    $this->get('/products/SMOCK/preview')->assertSee('Hand wash');

    // The page: a link on every other, and an address of its name.
    $this->get('/products/SMOCK/details')->assertSee(ProductPage::Prices->title());
    $this->get('/products/SMOCK/prices')->assertOk();

    // The bulk operation: on the form, and on the command line.
    $this->get('/bulk/new')->assertSee('Price of every SKU');
    expect(array_column(app(BulkOperations::class)->offered, 'name'))->toContain('price');

    // The check: among all that are run.
    expect(array_map(fn($check): string => $check->key(), Checks::all()))->toContain('sequence.other');
});
