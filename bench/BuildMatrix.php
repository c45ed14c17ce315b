<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Product\CreateProduct;
use App\History\Change;
use App\Models\User;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

/**
 * Building 5,000 cells of four axes: read, planned, stored and noted in the history; beside bare multi-row inserts of
 * the same SKUs.
 */
final class BuildMatrix
{
    public static function measure(): Result
    {
        DemoSeeder::accounts();
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $product = app(CreateProduct::class)->run($user, 'Bench trousers', 'BENCH-4', 1);
        $axes = self::axes();
        $build = fn() => app(ChangeMatrix::class)->run(new Change($user, $product->id, 1), $axes, new MatrixChoices());
        $rows = [];
        DB::beginTransaction();
        $build();
        foreach (
            DB::table('skus')
                ->where('product_id', $product->id)
                ->get(['product_id', 'cell', 'state', 'code', 'price', 'weight_g'])
            as $row
        ) {
            $rows[] = (array) $row;
        }
        DB::rollBack();
        $bare = function () use ($rows): void {
            foreach (array_chunk($rows, 500) as $chunk) {
                DB::table('skus')->insert($chunk);
            }
        };

        return new Result(
            'build',
            '5,000 cells of 4 axes',
            Timing::ratio(fn() => self::undone($build), fn() => self::undone($bare), 7),
            4.0,
        );
    }

    /** @return list<DraftAxis> */
    public static function axes(): array
    {
        $numbered = fn(string $stem, int $count): string => implode(
            ',',
            array_map(fn(int $at): string => "{$stem} {$at}", range(1, $count)),
        );

        return [
            new DraftAxis('Color', $numbered('Color', 25)),
            new DraftAxis('Size', $numbered('Size', 20)),
            new DraftAxis('Style', $numbered('Style', 5)),
            new DraftAxis('Lining', 'None, Wool'),
        ];
    }

    private static function undone(callable $work): void
    {
        DB::beginTransaction();
        $work();
        DB::rollBack();
    }
}
