<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Reports\ColorReport;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Illuminate\Console\Command;

final class ColorsCommand extends Command
{
    protected $signature = 'slate:colors {product : The code of a product} {--json : Print JSON}';

    protected $description = 'Swatches of a product, measured colors of its pictures, and what was found; exit code 1 where anything was';

    public function handle(ProductLoader $loader, ColorReport $report): int
    {
        $code = $this->argument('product');
        $product = Product::query()->standing()->where('code', $code)->first();
        if ($product === null) {
            $this->components->error('No product has the code ' . $code . '.');

            return 2;
        }
        $colors = $report->of($loader->again($product));
        if ($this->option('json')) {
            $this->line(json_encode($colors, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
        } else {
            $this->table(
                ['Axis', 'Value', 'Swatch', 'L*, a*, b*'],
                array_map(
                    fn(array $one): array => [
                        $one['axis'],
                        $one['value'],
                        implode(' / ', $one['colors']) ?: '–',
                        implode(' / ', array_map(fn(array $lab): string => implode(', ', $lab), $one['lab'])),
                    ],
                    $colors['swatches'],
                ),
            );
            $this->table(
                ['Picture', 'Value', 'Shows', 'ΔE00'],
                array_map(
                    fn(array $one): array => [
                        $one['file'],
                        $one['value'],
                        implode(' ', array_column($one['colors'], 'hex')) ?: $one['doubt'],
                        $one['delta_e00'] ?? '–',
                    ],
                    $colors['photos'],
                ),
            );
            foreach ($colors['findings'] as $finding) {
                $this->line(
                    "{$finding['severity']}  {$finding['message']}" .
                        ($finding['delta_e00'] === null ? '' : " ΔE00 {$finding['delta_e00']}"),
                );
            }
        }

        return $colors['findings'] === [] ? 0 : 1;
    }
}
