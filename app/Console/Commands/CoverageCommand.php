<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use App\Console\Reports\CoverageReport;
use App\Files\Sheets\SheetWriter;
use App\Files\Sheets\ShootingSheet;
use App\Models\Product;
use App\Store\Products\LoadedProduct;
use App\Store\Products\Portions;
use App\Store\Products\ProductLoader;
use App\Summaries\Shooting\ShootingList;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Console\Command;

final class CoverageCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:coverage {product?* : Codes of products; all without} {--shooting-list= : Write what is missing to this sheet (.csv, .xlsx, .ods)} {--json : Print JSON}';

    protected $description = 'What pictures are there, shared or missing, per picture combination and view; exit code 1 where a required one is missing';

    public function handle(ProductLoader $loader, CoverageReport $report, ShootingList $list, ShootingSheet $sheet): int
    {
        try {
            $ids = $this->productIds();
            $lacks = $this->option('json')
                ? $this->printJson($ids, $loader, $report)
                : $this->printTable($ids, $loader);
            $file = $this->optional('shooting-list');
            $written = $file === null ? 0 : $this->write($file, $ids, $list, $sheet);
        } catch (Refusal $refused) {
            $this->components->error($refused->getMessage());

            return 2;
        }
        if ($file !== null && !$this->option('json')) {
            $this->line("{$file}: {$written} " . ($written === 1 ? 'picture' : 'pictures') . ' to be taken');
        }

        return $lacks ? 1 : 0;
    }

    /** @return list<int> by code */
    private function productIds(): array
    {
        $wanted = array_values($this->argument('product'));
        $found = Product::query()
            ->standing()
            ->when($wanted !== [], fn($query) => $query->whereIn('code', $wanted))
            ->orderBy('code')
            ->pluck('code', 'id')
            ->all();
        $missing = array_udiff($wanted, $found, strcasecmp(...));
        if ($missing !== []) {
            throw new Refusal('No product has the code ' . implode(', ', $missing) . '.', RefusalKind::Gone, 'product');
        }

        return array_map(intval(...), array_keys($found));
    }

    /**
     * @param  list<int>  $ids
     * @return iterable<LoadedProduct>
     */
    private function loaded(array $ids, ProductLoader $loader): iterable
    {
        for ($left = $ids; $left !== []; $left = array_slice($left, count($some))) {
            $some = Portions::first(array_slice($left, 0, 100));
            yield from $loader->standing($some);
        }
    }

    /** @param  list<int>  $ids */
    private function printJson(array $ids, ProductLoader $loader, CoverageReport $report): bool
    {
        $lacks = false;
        $before = '[';
        foreach ($this->loaded($ids, $loader) as $loaded) {
            foreach ($report->of($loaded) as $row) {
                $lacks = $lacks || ($row['required'] && $row['state'] === 'missing');
                $this->line(
                    $before . json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
                );
                $before = ',';
            }
        }
        $this->line($before === '[' ? '[]' : ']');

        return $lacks;
    }

    /** @param  list<int>  $ids */
    private function printTable(array $ids, ProductLoader $loader): bool
    {
        $lacks = false;
        foreach ($this->loaded($ids, $loader) as $loaded) {
            $coverage = $loaded->core->coverage();
            $this->newLine();
            $this->line(
                "{$loaded->product->code}  {$loaded->product->name}: " .
                    match (true) {
                        $coverage === null => 'no shot list',
                        $coverage->rows === [] => 'no SKU yet',
                        default => "{$coverage->percent()} % of the required views are there",
                    },
            );
            $rows = [];
            foreach ($coverage->rows ?? [] as $row) {
                $rows[] = [
                    $loaded->core->matrix->inWordsOr($row->combination, 'the whole product'),
                    $row->skus,
                    ...array_map(fn($cell): string => $cell->inWords(), array_values($row->cells)),
                ];
                $lacks = $lacks || $row->lacks() > 0;
            }
            if ($rows !== []) {
                $this->table(
                    [
                        '',
                        'SKUs',
                        ...array_map(
                            fn($shot): string => "{$shot->view->name} ({$shot->need->value})",
                            array_values($loaded->core->library->shotList->shots ?? []),
                        ),
                    ],
                    $rows,
                );
            }
        }

        return $lacks;
    }

    /** @param  list<int>  $ids */
    private function write(string $file, array $ids, ShootingList $list, ShootingSheet $sheet): int
    {
        if (!is_dir(dirname($file)) || !is_writable(dirname($file))) {
            throw new Refusal(
                'There is no folder ' . dirname($file) . ' that can be written to.',
                RefusalKind::Gone,
                'shooting-list',
            );
        }
        $written = $sheet->write(
            $list->of($ids),
            SheetWriter::byEnding("{$file}.part", strtolower(pathinfo($file, PATHINFO_EXTENSION))),
        );
        rename("{$file}.part", $file);

        return $written;
    }
}
