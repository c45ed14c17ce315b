<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\Intake\StartImport;
use App\Batches\BatchRunner;
use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetFile;
use App\Files\Sheets\SheetWriter;
use App\Intake\Sheets\SheetFromFile;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\TermsRecord;
use App\Models\BatchProductState;
use App\Models\Product;
use App\Models\Sheets\Sheet;
use App\Models\User;
use Core\Sheets\Reading\EmptyCells;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use RuntimeException;
use stdClass;

/**
 * A sheet of 10,000 rows that makes 500 products; beside reading it with the same reader and bare multi-row inserts of
 * the same rows of the catalog. Then the sheet that the catalog writes of them, brought back; beside reading it, and
 * beside reading it and storing its rows as they are.
 */
final class SheetImport
{
    private const COLORS = ['Moss', 'Clay', 'Slate', 'Ink'];

    private const SIZES = ['XS', 'S', 'M', 'L', 'XL'];

    private const TABLES = ['products', 'product_axes', 'product_values', 'skus'];

    /** Rows of one bare insert. */
    private const CHUNK = 500;

    private const READINGS = 5;

    /** @return list<Result> */
    public static function measure(int $products = 500): array
    {
        Queue::fake();
        DemoSeeder::accounts();
        $user = User::query()->where('email', 'ada@thrumbury.example')->firstOrFail();
        $last = (int) Product::query()->max('id');
        $path = self::written($products);
        memory_reset_peak_usage();
        $start = hrtime(true);
        self::imported($user, $path);
        $own = hrtime(true) - $start;
        $peak = intdiv(memory_get_peak_usage(), 1024 * 1024);
        $rows = self::rowsBehind($last);
        $start = hrtime(true);
        self::read($path);
        self::inserted($rows);
        $bare = hrtime(true) - $start;
        unset($rows);

        $ids = array_map(intval(...), Product::query()->where('id', '>', $last)->orderBy('code')->pluck('id')->all());
        app(SheetExport::class)->write($ids, SheetWriter::csv($path));
        memory_reset_peak_usage();
        $start = hrtime(true);
        $sheet = self::vetted($user, $path);
        $same = hrtime(true) - $start;
        $samePeak = intdiv(memory_get_peak_usage(), 1024 * 1024);
        if (app(SheetProducts::class)->counts($sheet) !== ['same' => $products]) {
            throw new RuntimeException('The sheet of the bench is not the same where it is brought back.');
        }
        $reading = self::timeOfReading($path);
        $rows = ['sheet_rows' => self::plain(DB::table('sheet_rows')->where('sheet_id', $sheet->id)->get())];
        $start = hrtime(true);
        self::inserted($rows);
        $storing = $reading + hrtime(true) - $start;
        unlink($path);

        return [
            new Result(
                'sheet import, all new',
                number_format($products * 20) . ' rows in ' . number_format($products) . ' products',
                $own / $bare,
                8.0,
                sprintf('%.1f s beside %.1f s; %d MB at most', $own / 1e9, $bare / 1e9, $peak),
            ),
            new Result(
                'sheet import, nothing changed',
                number_format($products * 20) . ' rows',
                $same / $reading,
                16.0,
                sprintf('%.1f s beside %.1f s; %d MB at most', $same / 1e9, $reading / 1e9, $samePeak),
            ),
            new Result(
                'the same, beside reading and storing it',
                number_format($products * 20) . ' rows',
                $same / $storing,
                6.0,
                sprintf('%.1f s beside %.1f s', $same / 1e9, $storing / 1e9),
            ),
        ];
    }

    private static function written(int $products): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'slate-sheet') . '.csv';
        $writer = SheetWriter::csv($path);
        $writer->row(['product', 'name', 'brand', 'axis Color', 'axis Size', 'sku', 'price', 'stock', 'weight g']);
        for ($at = 1; $at <= $products; $at++) {
            foreach (self::COLORS as $color) {
                foreach (self::SIZES as $size) {
                    $code = sprintf('BI%05d', $at);
                    $writer->row([
                        $code,
                        "Garden thing {$at}",
                        'Linum',
                        $color,
                        $size,
                        strtoupper("{$code}-" . substr($color, 0, 2) . "-{$size}"),
                        '49.00',
                        (string) ($at % 20),
                        '380',
                    ]);
                }
            }
        }
        $writer->close();

        return $path;
    }

    private static function vetted(User $user, string $path): Sheet
    {
        return app(SheetFromFile::class)->vetted($user, $path, new TermsRecord(EmptyCells::Keep, [], []), []);
    }

    private static function imported(User $user, string $path): void
    {
        $batch = app(StartImport::class)->run($user, self::vetted($user, $path));
        while (app(BatchRunner::class)->advance($batch->id, 3600)) {
            // Until nothing is left.
        }
        if (
            DB::table('batch_products')
                ->where('batch_id', $batch->id)
                ->where('state', '<>', BatchProductState::Changed->value)
                ->exists()
        ) {
            throw new RuntimeException('The sheet of the bench did not make every product.');
        }
    }

    private static function read(string $path): void
    {
        foreach (SheetFile::open($path, 'bench.csv')->rows() as $cells) {
            // Each is read, and nothing is done with it.
        }
    }

    /** @return int nanoseconds: the median of several times, since one is short */
    private static function timeOfReading(string $path): int
    {
        $times = [];
        for ($time = 0; $time < self::READINGS; $time++) {
            $start = hrtime(true);
            self::read($path);
            $times[] = hrtime(true) - $start;
        }
        sort($times);

        return $times[intdiv(self::READINGS, 2)];
    }

    /** @return array<string, list<array<string, mixed>>> table => rows of the products behind one */
    private static function rowsBehind(int $last): array
    {
        $rows = [];
        foreach (self::TABLES as $table) {
            $key = $table === 'products' ? 'id' : 'product_id';
            $rows[$table] = self::plain(DB::table($table)->where($key, '>', $last)->get());
        }

        return $rows;
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return list<array<string, mixed>>
     */
    private static function plain(Collection $rows): array
    {
        return array_values($rows->map(fn(object $row): array => (array) $row)->all());
    }

    /** @param  array<string, list<array<string, mixed>>>  $rows */
    private static function inserted(array $rows): void
    {
        foreach ($rows as $table => $own) {
            DB::statement("create table bench_{$table} like {$table}");
            DB::transaction(function () use ($table, $own): void {
                foreach (array_chunk($own, self::CHUNK) as $chunk) {
                    DB::table("bench_{$table}")->insert($chunk);
                }
            });
            DB::statement("drop table bench_{$table}");
        }
    }
}
