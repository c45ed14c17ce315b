<?php

declare(strict_types=1);

namespace Bench;

use App\Models\Product;
use App\Store\Words\ShopWords;
use Core\Matching\DropReader;
use Core\Matching\Names\DroppedName;
use Core\Matching\Verdict;
use Illuminate\Support\Facades\DB;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RuntimeException;

/**
 * Names of files read against all products there are, with the words fetched from the kept index; beside splitting the
 * same names into their words.
 */
final class ReadNames
{
    private const NAMES = 10_000;

    private const PRODUCTS = 5_000;

    private const VIEWS = ['front', 'back', 'vorne', 'Rückseite', 'detail', 'worn', 'flat_final', 'side (1)'];

    public static function measure(): Result
    {
        $names = self::names();
        $half = array_slice($names, 0, intdiv(count($names), 2));
        $read = fn(array $some): array => (new DropReader(app(ShopWords::class)->of($some)))->read($some);
        $sure = count(array_filter($read($names), fn(Verdict $verdict): bool => $verdict->isSure()));
        if ($sure < 0.9 * count($names)) {
            throw new RuntimeException("Only {$sure} of " . count($names) . ' names are read.');
        }
        $split = function () use ($names): void {
            foreach ($names as $name) {
                $name->parts();
            }
        };
        $ratio = Timing::ratio(fn() => $read($names), $split, 5);
        $growth = Timing::ratio(fn() => $read($names), fn() => $read($half), 5);

        return new Result(
            'reading names',
            number_format(self::NAMES) . ' names, ' . number_format(Product::query()->count()) . ' products',
            $ratio,
            20,
            sprintf(
                'twice the names take %.2f × the time; %d %% are sure',
                $growth,
                intdiv(100 * $sure, count($names)),
            ),
        );
    }

    /** @return list<DroppedName> in four habits, in a drawn order */
    private static function names(): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(5));
        $skus = DB::table('skus')
            ->join('products', 'products.id', '=', 'skus.product_id')
            ->whereIn(
                'products.id',
                Product::query()->standing()->orderByDesc('id')->limit(self::PRODUCTS)->pluck('id'),
            )
            ->where('skus.cell', '<>', '')
            ->orderBy('skus.id')
            ->limit(4 * self::NAMES)
            ->get(['skus.code', 'skus.cell', 'skus.gtin', 'products.code as product', 'products.name'])
            ->all();
        $labels = DB::table('axis_values')->pluck('name', 'id')->all();
        $names = [];
        for ($at = 0; $at < self::NAMES; $at++) {
            $sku = $skus[$random->getInt(0, count($skus) - 1)];
            $color = $labels[(int) (preg_match('/:(\d+)/', $sku->cell, $found) === 1 ? $found[1] : 0)] ?? '';
            $view = self::VIEWS[$at % count(self::VIEWS)];
            $names[] = new DroppedName(
                match ($at % 4) {
                    0 => "{$sku->product}_{$color}_{$view}.jpg",
                    1 => sprintf('%s_%02d.jpg', $sku->code, $random->getInt(1, 9)),
                    2 => "{$view} {$sku->product} {$color} IMG_2041.jpg",
                    default => ($sku->gtin ?? $sku->code) . "-{$view}.jpg",
                },
            );
        }

        return $names;
    }
}
