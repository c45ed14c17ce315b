<?php

declare(strict_types=1);

namespace Tests\Soak;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Product\CreateProduct;
use App\History\Change;
use App\Models\Product;
use App\Models\Right;
use App\Models\User;
use App\Store\Products\ProductLoader;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Illuminate\Support\Facades\DB;

/** The people and products of a soak. */
final class Stage
{
    public const PASSWORD = 'soak and soak';

    /**
     * @return array{people: list<string>, products: list<array{code: string, cells: list<string>}>, racers:
     *   list<array{code: string, cells: list<string>}>, shared: list<string>, range: int}
     */
    public static function set(int $clients): array
    {
        $people = [];
        $products = [];
        for ($at = 0; $at < $clients; $at++) {
            $email = "soak-{$at}@thrumbury.example";
            $people[] = $email;
            $user = User::query()
                ->create([
                    'name' => "Soak {$at}",
                    'email' => $email,
                    'password' => self::PASSWORD,
                    'right' => Right::Edit,
                ])
                ->refresh();
            $products[] = ['code' => "SOAK-{$at}", 'cells' => self::product($user, "SOAK-{$at}")];
        }

        $racers = array_map(
            fn(int $at): array => ['code' => "RACER-{$at}", 'cells' => self::product($user, "RACER-{$at}")],
            range(0, Races::CLIENTS - 1),
        );

        DB::table('gtin_ranges')->insert([
            'name' => 'Race',
            'folded' => 'race',
            'prefix' => '4006381',
            'first' => '1',
            'last' => '9000',
        ]);

        return [
            'people' => $people,
            'range' => (int) DB::table('gtin_ranges')->max('id'),
            'products' => $products,
            'racers' => $racers,
            'shared' => self::product($user, 'SHARED'),
        ];
    }

    /** @return list<string> keys of its SKUs */
    private static function product(User $user, string $code): array
    {
        $product = app(CreateProduct::class)->run($user, "Product {$code}", $code, 1);
        app(ChangeMatrix::class)->run(
            new Change($user, $product->id, 1),
            [new DraftAxis('Color', 'Moss, Clay, Slate'), new DraftAxis('Size', 'S, M, L, XL')],
            new MatrixChoices(),
        );

        return array_keys(app(ProductLoader::class)->load(Product::query()->findOrFail($product->id))->core->made);
    }
}
