<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Matrix\ChangeMatrix;
use App\Actions\Product\CreateProduct;
use App\History\Change;
use App\Models\User;
use App\Store\Clauses;
use App\Store\Products\ProductLoader;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\MatrixChoices;
use Core\Reach\Reach;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** A product's board, or another of its pages, over HTTP, beside the framework's empty page from the same server. */
final class BoardPage
{
    private const ROUNDS = 25;

    private string $cookies;

    /**
     * @param  string  $query  what follows the product in the address
     * @param  int  $shown  cells on the page
     * @param  string  $cell  what each of them has
     */
    private function __construct(
        private readonly string $url,
        private readonly string $code,
        private readonly string $query,
        private readonly int $shown,
        private readonly string $cell = 'role="gridcell"',
    ) {
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'slate');
    }

    public static function of600(string $url): Result
    {
        $numbered = fn(string $stem, int $count): string => implode(
            ',',
            array_map(fn(int $at): string => "{$stem} {$at}", range(1, $count)),
        );
        self::fill('BENCH-600', [
            new DraftAxis('Color', $numbered('Color', 10)),
            new DraftAxis('Size', $numbered('Size', 12)),
            new DraftAxis('Style', $numbered('Style', 5)),
        ]);

        return (new self($url, 'BENCH-600', '', 600))->measure('600 SKUs, 120 placements', 12.0);
    }

    /** As it opens: large boards show one layer first. */
    public static function of5000(string $url): Result
    {
        self::fill('BENCH-5000', BuildMatrix::axes());

        return (new self($url, 'BENCH-5000', '', 500))->measure('5,000 SKUs of 4 axes, first layers', 12.0);
    }

    /** Every layer at once, when somebody asks for it. */
    public static function of5000AtOnce(string $url): Result
    {
        return (new self($url, 'BENCH-5000', '?layer=', 5000))->measure('5,000 SKUs of 4 axes, all shown', 30.0);
    }

    /** Forty strips of twelve pictures beside each other. */
    public static function contactOf40(string $url): Result
    {
        self::fill(
            'BENCH-STRIPS',
            [
                new DraftAxis('Color', implode(',', array_map(fn(int $at): string => "Shade {$at}", range(1, 40)))),
                new DraftAxis('Size', 'S, M, L'),
            ],
            480,
            40,
        );

        return (new self($url, 'BENCH-STRIPS', '/contact', 480, 'data-shot='))->measure(
            '40 strips × 12 pictures',
            12.0,
            'contact sheet',
        );
    }

    private function measure(string $size, float $limit, string $work = 'board page'): Result
    {
        $this->signIn();
        $board = "/products/{$this->code}{$this->query}";
        $times = [$board => [], '/bench-empty' => []];
        for ($round = 0; $round < self::ROUNDS + 3; $round++) {
            foreach (array_keys($times) as $path) {
                $start = hrtime(true);
                $this->get($path);
                if ($round >= 3) {
                    $times[$path][] = hrtime(true) - $start;
                }
            }
        }
        $own = Timing::median($times[$board]);
        $empty = Timing::median($times['/bench-empty']);

        return new Result(
            $work,
            $size,
            $own / $empty,
            $limit,
            sprintf('%.0f ms beside %.0f ms; %d queries', $own / 1e6, $empty / 1e6, $this->queries()),
        );
    }

    /** @param  list<DraftAxis>  $axes the colors first */
    private static function fill(string $code, array $axes, int $pictures = 120, int $colors = 10): void
    {
        DemoSeeder::accounts();
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $product = app(CreateProduct::class)->run($user, "Bench smock {$code}", $code, 1);
        app(ChangeMatrix::class)->run(new Change($user, $product->id, 1), $axes, new MatrixChoices());
        [$color] = app(ProductLoader::class)->load($product->refresh())->core->matrix->axes;
        for ($at = 0; $at < $pictures; $at++) {
            $photo = DB::table('photos')->insertGetId([
                'sha256' => hash('sha256', $code . $at),
                'type' => 'jpg',
                'bytes' => 1,
                'width' => 1600,
                'height' => 1600,
                'state' => 'ready',
            ]);
            DB::table('placements')->insert([
                'product_id' => $product->id,
                'photo_id' => $photo,
                'file_name' => "p{$at}.jpg",
                'position' => $at,
                'view' => ['front', 'back', 'detail', 'worn'][intdiv($at, $colors) % 4],
                'reach' => Clauses::encode(Reach::fromArrays([[$color->id => [$color->values[$at % $colors]->id]]])),
                'hidden' => '[]',
                'roles' => $at < $colors ? '["lead"]' : '[]',
            ]);
        }
    }

    private function signIn(): void
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->get('/sign-in'), $token);
        $this->get('/sign-in', [
            '_token' => $token[1],
            'email' => 'ada@thrumbury.example',
            'password' => DemoSeeder::PASSWORD,
        ]);
        if (substr_count($this->get("/products/{$this->code}{$this->query}"), $this->cell) !== $this->shown) {
            throw new RuntimeException("The board of the bench does not show its {$this->shown} cells.");
        }
    }

    /** @param array<string, string> $post */
    private function get(string $path, array $post = []): string
    {
        $handle = curl_init($this->url . $path);
        curl_setopt_array($handle, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEFILE => $this->cookies,
            CURLOPT_COOKIEJAR => $this->cookies,
            CURLOPT_TIMEOUT => 30,
        ]);
        if ($post !== []) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query($post));
        }
        $body = curl_exec($handle);
        if (!is_string($body) || curl_getinfo($handle, CURLINFO_HTTP_CODE) >= 400) {
            throw new RuntimeException("{$path} answered " . curl_getinfo($handle, CURLINFO_HTTP_CODE));
        }

        return $body;
    }

    private function queries(): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        auth()->setUser(User::query()->where('email', 'ada@thrumbury.example')->firstOrFail());
        app()->handle(\Illuminate\Http\Request::create("/products/{$this->code}{$this->query}"));
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    }
}
