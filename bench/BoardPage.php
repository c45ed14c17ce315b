<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\ChangeMatrix;
use App\Actions\CreateProduct;
use App\Actions\MatrixChoices;
use App\Catalog\Clauses;
use App\Catalog\DraftAxis;
use App\Catalog\ProductLoader;
use App\History\Change;
use App\Models\User;
use Core\Reach\Reach;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The board of 600 SKUs with 120 placements over HTTP, beside the framework's empty page from the same server. */
final class BoardPage
{
    private const ROUNDS = 25;

    private string $cookies;

    public function __construct(private readonly string $url)
    {
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'slate');
    }

    public function measure(): Result
    {
        $this->fill();
        $this->signIn();
        $times = ['/products/BENCH' => [], '/bench-empty' => []];
        for ($round = 0; $round < self::ROUNDS + 3; $round++) {
            foreach (array_keys($times) as $path) {
                $start = hrtime(true);
                $this->get($path);
                if ($round >= 3) {
                    $times[$path][] = hrtime(true) - $start;
                }
            }
        }
        $board = Timing::median($times['/products/BENCH']);
        $empty = Timing::median($times['/bench-empty']);

        return new Result('board page', '600 SKUs, 120 placements', $board / $empty, 12.0, sprintf('%.0f ms beside %.0f ms; %d queries', $board / 1e6, $empty / 1e6, $this->queries()));
    }

    private function fill(): void
    {
        DemoSeeder::accounts();
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $product = app(CreateProduct::class)->run($user, 'Bench smock', 'BENCH', 1);
        $numbered = fn (string $stem, int $count): string => implode(',', array_map(fn (int $at): string => "{$stem} {$at}", range(1, $count)));
        app(ChangeMatrix::class)->run(new Change($user, $product->id, 1), [
            new DraftAxis('Color', $numbered('Color', 10)), new DraftAxis('Size', $numbered('Size', 12)), new DraftAxis('Style', $numbered('Style', 5)),
        ], new MatrixChoices());
        [$color] = app(ProductLoader::class)->load($product->refresh())->matrix->axes;
        for ($at = 0; $at < 120; $at++) {
            $photo = DB::table('photos')->insertGetId(['sha256' => hash('sha256', (string) $at), 'type' => 'jpg', 'bytes' => 1, 'width' => 1600, 'height' => 1600, 'state' => 'ready']);
            DB::table('placements')->insert([
                'product_id' => $product->id, 'photo_id' => $photo, 'file_name' => "p{$at}.jpg", 'position' => $at, 'view' => ['front', 'back', 'detail', 'worn'][$at % 4],
                'reach' => Clauses::encode(Reach::fromArrays([[$color->id => [$color->values[$at % 10]->id]]])), 'hidden' => '[]', 'roles' => $at < 10 ? '["lead"]' : '[]',
            ]);
        }
    }

    private function signIn(): void
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->get('/sign-in'), $token);
        $this->get('/sign-in', ['_token' => $token[1], 'email' => 'ada@thrumbury.example', 'password' => DemoSeeder::PASSWORD]);
        if (substr_count($this->get('/products/BENCH'), 'role="gridcell"') !== 600) {
            throw new RuntimeException('The board of the bench does not show its 600 cells.');
        }
    }

    /** @param array<string, string> $post */
    private function get(string $path, array $post = []): string
    {
        $handle = curl_init($this->url.$path);
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $this->cookies, CURLOPT_COOKIEJAR => $this->cookies, CURLOPT_TIMEOUT => 30]);
        if ($post !== []) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query($post));
        }
        $body = curl_exec($handle);
        if (! is_string($body) || curl_getinfo($handle, CURLINFO_HTTP_CODE) >= 400) {
            throw new RuntimeException("{$path} answered ".curl_getinfo($handle, CURLINFO_HTTP_CODE));
        }

        return $body;
    }

    private function queries(): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        auth()->setUser(User::query()->where('email', 'ada@thrumbury.example')->firstOrFail());
        app()->handle(\Illuminate\Http\Request::create('/products/BENCH'));
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    }
}
