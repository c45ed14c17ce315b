<?php

declare(strict_types=1);

namespace Bench;

use CurlMultiHandle;
use Database\Seeders\DemoSeeder;
use RuntimeException;
use Tests\Soak\Visitor;

/**
 * Everybody else's catalog, while one who may only look asks for the worst there is, eight at a time, again and again:
 * beside what the catalog takes alone. After BoardPage and CatalogPages, which make the products.
 */
final class OneReaderInALoop
{
    private const AT_ONCE = 8;

    private const ROUNDS = 40;

    /**
     * Every cell of a large board at once, its sheet, the preview, forty strips of pictures, a long selection, lists
     * without end.
     */
    private const WORST = [
        ['GET', '/products/BENCH-5000?layer=', []],
        ['GET', '/products/BENCH-5000/sheet.csv', []],
        ['GET', '/products/BENCH-5000/product.jsonld', []],
        ['GET', '/products/BENCH-STRIPS/contact', []],
        ['GET', '/products/BENCH-5000/preview', []],
        ['POST', '/products/BENCH-5000/tray', ['selected' => '*', 'lens' => 'prices']],
        ['POST', '/products/BENCH-600/tray', ['axes' => ['many' => 5_000]]],
        ['GET', '/coverage?lacks=worn', []],
    ];

    public static function measure(string $url): Result
    {
        DemoSeeder::accounts();
        $reader = new Visitor($url);
        $reader->signIn('wren@thrumbury.example', DemoSeeder::PASSWORD);
        $other = new Visitor($url);
        $other->signIn('ines@thrumbury.example', DemoSeeder::PASSWORD);
        $alone = self::times($other, fn() => null);
        $multi = curl_multi_init();
        $asked = 0;
        for ($at = 0; $at < self::AT_ONCE; $at++) {
            self::ask($multi, $reader, $asked++);
        }
        $beside = self::times($other, function () use ($multi, $reader, &$asked): void {
            curl_multi_exec($multi, $running);
            while (($done = curl_multi_info_read($multi)) !== false) {
                curl_multi_remove_handle($multi, $done['handle']);
                self::ask($multi, $reader, $asked++);
            }
        });
        curl_multi_close($multi);

        return new Result(
            'a catalog beside a reader in a loop',
            'its worst, 8 at a time',
            Timing::median($beside) / Timing::median($alone),
            3.0,
            sprintf('%.0f ms beside %.0f ms alone; %d asked', Timing::median($beside), Timing::median($alone), $asked),
        );
    }

    /**
     * Asks as a browser does, and meanwhile keeps the others going.
     *
     * @param  callable(): mixed  $meanwhile
     * @return list<float> milliseconds
     */
    private static function times(Visitor $visitor, callable $meanwhile): array
    {
        $times = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $multi = curl_multi_init();
            $handle = $visitor->prepared('/', []);
            curl_setopt($handle, CURLOPT_HTTPGET, true);
            curl_multi_add_handle($multi, $handle);
            $start = hrtime(true);
            do {
                curl_multi_exec($multi, $running);
                $meanwhile();
                usleep(500);
            } while ($running > 0);
            $times[] = (hrtime(true) - $start) / 1e6;
            if (curl_getinfo($handle, CURLINFO_RESPONSE_CODE) !== 200) {
                throw new RuntimeException('The catalog answered ' . curl_getinfo($handle, CURLINFO_RESPONSE_CODE));
            }
            curl_multi_close($multi);
        }

        return array_slice($times, 5);
    }

    private static function ask(CurlMultiHandle $multi, Visitor $reader, int $at): void
    {
        [$method, $path, $fields] = self::WORST[$at % count(self::WORST)];
        if (isset($fields['axes'])) {
            $fields['axes'] = array_fill(0, $fields['axes']['many'], ['name' => 'x', 'values' => 'y']);
        }
        $handle = $reader->prepared($path, $fields);
        if ($method === 'GET') {
            curl_setopt($handle, CURLOPT_HTTPGET, true);
        }
        curl_multi_add_handle($multi, $handle);
    }
}
