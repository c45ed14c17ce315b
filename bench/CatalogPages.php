<?php

declare(strict_types=1);

namespace Bench;

use App\Models\Product;
use Database\Seeders\DemoSeeder;
use Database\Seeders\LargeCatalog;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Tests\Soak\Visitor;

/** The catalog's pages over HTTP with many products, each beside the same page with twenty. */
final class CatalogPages
{
    private const FEW = 20;

    private const PRODUCTS = 20_000;

    private const SKUS = 200_000;

    private const PICTURES_EACH = 50;

    private const ROUNDS = 15;

    /** What is looked at, with the kinds of keys by which somebody searches. */
    private const PAGES = [
        'first page' => '/',
        'last page' => '/?before=end',
        'sorted by stock' => '/?sort=-stock',
        'by a word' => '/?q=orchard',
        'by the beginning of two words' => '/?q=orch+smo',
        'by a word with a slip' => '/?q=orchrad',
        'by what nobody has' => '/?q=zzzz',
        'by a code' => '/?q=GEN-0000',
        'by a SKU' => '/?q=GEN-000012-',
        'by a file' => '/?q=gen-000012_',
        'by a GTIN' => '/?q=2000',
        'views missing' => '/?state=lacking',
        'sold out' => '/?stock=partly',
        'a category' => '/?category=Hats',
        'not linked' => '/?tray=some',
        'no price' => '/?price=none',
    ];

    private const COVERAGE = [
        'most missing first' => '/coverage',
        'last page' => '/coverage?before=end',
        'by SKUs touched' => '/coverage?sort=-touched',
        'lacks a view' => '/coverage?lacks=worn',
        'lacks another, by name' => '/coverage?lacks=size+guide&sort=name',
        'a category' => '/coverage?category=Hats',
        'by a word' => '/coverage?q=orchard',
    ];

    private const JUMPS = [
        'a word' => '/jump?q=orchard',
        'codes' => '/jump?q=GEN-0000',
        'files' => '/jump?q=gen-000012_',
    ];

    private Visitor $visitor;

    private function __construct(string $url)
    {
        DemoSeeder::accounts();
        $this->visitor = new Visitor($url);
        $this->visitor->signIn('ada@thrumbury.example', DemoSeeder::PASSWORD);
    }

    /** @return list<Result> */
    public static function measure(string $url): array
    {
        return (new self($url))->compare();
    }

    /** @return list<Result> */
    private function compare(): array
    {
        for ($at = 0; $at < 40; $at++) {
            DB::table('photos')->insert([
                'sha256' => hash('sha256', "large {$at}"),
                'type' => 'jpg',
                'bytes' => 1,
                'width' => 1600,
                'height' => 1600,
                'state' => 'ready',
            ]);
        }
        $standing = Product::query()->count();
        $this->grow(self::FEW - $standing, 200);
        $this->nameAlike();
        $few = $this->times();
        $this->grow(self::PRODUCTS - Product::query()->count(), self::SKUS);
        $many = $this->times();
        $results = [];
        foreach (
            [
                ['catalog page', self::PAGES, 1.5],
                ['coverage of the catalog', self::COVERAGE, 1.5],
                ['jump', self::JUMPS, 3.0],
            ]
            as [$work, $paths, $limit]
        ) {
            $ratios = [];
            foreach (array_keys($paths) as $name) {
                $ratios[$name] = $many["{$work} {$name}"] / $few["{$work} {$name}"];
            }
            arsort($ratios);
            $worst = (string) array_key_first($ratios);
            $results[] = new Result(
                $work,
                '20,000 products, 200,000 SKUs',
                $ratios[$worst],
                $limit,
                sprintf(
                    'the worst of %d: %s, %.0f ms beside %.0f ms',
                    count($ratios),
                    $worst,
                    $many["{$work} {$worst}"],
                    $few["{$work} {$worst}"],
                ),
            );
        }

        return $results;
    }

    private function grow(int $products, int $skus): void
    {
        if ($products > 0) {
            LargeCatalog::make($products, $skus, self::PICTURES_EACH, 7, fn(int $at): int => $at);
            Artisan::call('slate:recount', ['--waiting' => true]);
            DB::select('analyze table products, product_summaries, product_words, word_slips, skus, placements');
        }
    }

    /** The few all have the words searched for: both pages draw as many rows. */
    private function nameAlike(): void
    {
        DB::table('products')->update([
            'name' => DB::raw("concat('Orchard smock ', name)"),
            'revision' => DB::raw('revision + 1'),
            'is_counted' => false,
        ]);
        Artisan::call('slate:recount', ['--waiting' => true]);
    }

    /** @return array<string, float> what is looked at => milliseconds, the median */
    private function times(): array
    {
        $times = [];
        for ($round = 0; $round < self::ROUNDS + 2; $round++) {
            foreach (
                ['catalog page' => self::PAGES, 'coverage of the catalog' => self::COVERAGE, 'jump' => self::JUMPS]
                as $work => $paths
            ) {
                foreach ($paths as $name => $path) {
                    $start = hrtime(true);
                    $answer = $this->visitor->get($path);
                    if ($answer->status !== 200) {
                        throw new RuntimeException("{$path} answered {$answer->status}");
                    }
                    if ($round >= 2) {
                        $times["{$work} {$name}"][] = (hrtime(true) - $start) / 1e6;
                    }
                }
            }
        }

        return array_map(Timing::median(...), $times);
    }
}
