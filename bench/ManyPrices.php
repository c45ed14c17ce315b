<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Product\CreateProduct;
use App\Actions\Skus\SetPrices;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Core\Reach\Selection;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * The prices of 600 selected SKUs raised by a share, in one change and one entry of the history; beside bare multi-row
 * updates of the same rows.
 */
final class ManyPrices
{
    private const ROUNDS = 15;

    /** Rows of one bare update. */
    private const CHUNK = 500;

    public static function measure(): Result
    {
        DemoSeeder::accounts();
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $product = app(CreateProduct::class)->run($user, 'Bench prices', 'BENCH-PRICES', 1);
        $numbered = fn(string $stem, int $count): string => implode(
            ',',
            array_map(fn(int $at): string => "{$stem} {$at}", range(1, $count)),
        );
        app(ChangeMatrix::class)->run(
            self::change($user, $product),
            [new DraftAxis('Color', $numbered('Hue', 20)), new DraftAxis('Size', $numbered('Step', 30))],
            new MatrixChoices(),
        );
        app(SetPrices::class)->run(self::change($user, $product), Selection::whole(), '49');
        $rows = DB::table('skus')
            ->where('product_id', $product->id)
            ->where('state', 'made')
            ->get()
            ->map(fn(object $row): array => (array) $row)
            ->all();
        $own = $bare = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $entries = HistoryEntry::query()->count();
            $start = hrtime(true);
            app(SetPrices::class)->run(
                self::change($user, $product),
                Selection::whole(),
                $round % 2 === 0 ? '+10 %' : '-10 %',
            );
            $own[] = hrtime(true) - $start;
            if (HistoryEntry::query()->count() !== $entries + 1) {
                throw new RuntimeException('The change of 600 prices was not noted once.');
            }
            $start = hrtime(true);
            DB::transaction(function () use ($rows, $round): void {
                foreach (array_chunk($rows, self::CHUNK) as $chunk) {
                    // Each row another price, as raising makes them.
                    DB::table('skus')->upsert(
                        array_map(
                            fn(array $row, int $at): array => [
                                'price' => sprintf('%d.%02d00', 50 + $round, $at % 100),
                            ] + $row,
                            $chunk,
                            array_keys($chunk),
                        ),
                        ['id'],
                        ['price'],
                    );
                }
            });
            $bare[] = hrtime(true) - $start;
        }

        return new Result(
            'prices of a selection',
            number_format(count($rows)) . ' SKUs',
            Timing::median($own) / Timing::median($bare),
            6.0,
            sprintf('%.0f ms beside %.0f ms', Timing::median($own) / 1e6, Timing::median($bare) / 1e6),
        );
    }

    private static function change(User $user, Product $product): Change
    {
        return new Change($user, $product->id, (int) Product::query()->whereKey($product->id)->value('version'));
    }
}
