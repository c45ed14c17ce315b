<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Product\CreateProduct;
use App\History\Change;
use App\Models\Product;
use App\Models\User;
use App\Store\Products\ProductLoader;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Database\Seeders\DemoSeeder;
use RuntimeException;
use Tests\Soak\Visitor;

/** The stock of one cell changed on a board of 10,000 cells, sent and answered; beside the same on a board of 60. */
final class OneStock
{
    private const ROUNDS = 25;

    public static function measure(string $url): Result
    {
        DemoSeeder::accounts();
        $visitor = new Visitor($url);
        $visitor->signIn('ada@thrumbury.example', DemoSeeder::PASSWORD);
        $boards = ['ONE-MANY' => self::made('ONE-MANY', 100, 100), 'ONE-FEW' => self::made('ONE-FEW', 10, 6)];
        $times = ['ONE-MANY' => [], 'ONE-FEW' => []];
        $bytes = 0;
        for ($round = 0; $round < self::ROUNDS + 3; $round++) {
            foreach ($boards as $code => $cell) {
                $version = (int) Product::query()->where('code', $code)->value('version');
                $start = hrtime(true);
                $answer = $visitor->post("/products/{$code}/skus/stock", [
                    'lens' => 'stock',
                    'selected' => $cell,
                    'typed' => (string) ($round + 1),
                    'version' => $version,
                    'token' => Visitor::token(),
                ]);
                if ($round >= 3) {
                    $times[$code][] = hrtime(true) - $start;
                }
                if ($answer->status !== 200) {
                    throw new RuntimeException("{$code} answered {$answer->status}");
                }
                $bytes = strlen($answer->body);
            }
        }
        $many = Timing::median($times['ONE-MANY']);
        $few = Timing::median($times['ONE-FEW']);

        return new Result(
            'one stock',
            '10,000 cells beside 60',
            $many / $few,
            3.0,
            sprintf('%.0f ms beside %.0f ms; %s bytes answered', $many / 1e6, $few / 1e6, number_format($bytes)),
        );
    }

    /** @return string key of a cell in the middle */
    private static function made(string $code, int $colors, int $sizes): string
    {
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $product = app(CreateProduct::class)->run($user, "Bench stock {$code}", $code, 1);
        $numbered = fn(string $stem, int $count): string => implode(
            ',',
            array_map(fn(int $at): string => "{$stem} {$at}", range(1, $count)),
        );
        app(ChangeMatrix::class)->run(
            new Change($user, $product->id, 1),
            [new DraftAxis('Color', $numbered('Shade', $colors)), new DraftAxis('Size', $numbered('Number', $sizes))],
            new MatrixChoices(),
        );
        $cells = app(ProductLoader::class)->load($product->refresh())->core->madeCells();

        return $cells[intdiv(count($cells), 2)]->key;
    }
}
