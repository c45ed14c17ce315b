<?php

declare(strict_types=1);

namespace Bench;

use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetWriter;
use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** The flat sheet of the whole catalog; beside the same cells, written from a table that holds them as they are. */
final class SheetOfAll
{
    public static function measure(): Result
    {
        $ids = Product::query()->standing()->orderBy('code')->pluck('id')->all();
        $path = tempnam(sys_get_temp_dir(), 'slate-sheet');
        memory_reset_peak_usage();
        $start = hrtime(true);
        $rows = app(SheetExport::class)->write($ids, SheetWriter::csv($path));
        $own = hrtime(true) - $start;
        $peak = intdiv(memory_get_peak_usage(), 1024 * 1024);

        self::fillTable($path);
        $start = hrtime(true);
        $writer = SheetWriter::csv("{$path}.bare");
        foreach (DB::table('bench_cells')->orderBy('line')->lazy(5_000) as $row) {
            $cells = array_values((array) $row);
            array_shift($cells);
            $writer->row($cells);
        }
        $writer->close();
        $bare = hrtime(true) - $start;
        DB::statement('drop table bench_cells');
        array_map(unlink(...), [$path, "{$path}.bare"]);

        return new Result(
            'sheet of all',
            number_format($rows) . ' SKUs to CSV',
            $own / $bare,
            4.0,
            sprintf('%.1f s beside %.1f s; %d MB at most', $own / 1e9, $bare / 1e9, $peak),
        );
    }

    private static function fillTable(string $path): void
    {
        $file = fopen($path, 'rb');
        $columns = count(fgetcsv($file, escape: ''));
        DB::statement(
            'create table bench_cells (line int unsigned primary key, ' .
                implode(', ', array_map(fn(int $at): string => "c{$at} text", range(1, $columns))) .
                ')',
        );
        $rows = [];
        for ($line = 1; ($cells = fgetcsv($file, escape: '')) !== false; $line++) {
            $rows[] =
                ['line' => $line] +
                array_combine(array_map(fn(int $at): string => "c{$at}", range(1, $columns)), $cells);
            if (count($rows) === 1_000) {
                DB::table('bench_cells')->insert($rows);
                $rows = [];
            }
        }
        DB::table('bench_cells')->insert($rows);
        fclose($file);
    }
}
