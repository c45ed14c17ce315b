<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Catalog\GalleryReport;
use App\Catalog\LoadedProduct;
use App\Catalog\ProductLoader;
use App\Catalog\SkuRow;
use App\Models\Product;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\CoreException;
use Illuminate\Console\Command;

final class GalleryCommand extends Command
{
    protected $signature = 'slate:gallery {product : The product’s code} {--sku= : Only this SKU, retired or not} {--choose=* : A partial choice, such as "Color=Moss"; once for each axis} {--json : Print JSON}';

    protected $description = 'The galleries and roles of a product, with reasons';

    public function handle(ProductLoader $loader, GalleryReport $report): int
    {
        $product = Product::query()->standing()->where('code', $this->argument('product'))->first();
        if ($product === null) {
            $this->components->error("No product has the code {$this->argument('product')}.");

            return 2;
        }
        $loaded = $loader->load($product);
        try {
            $galleries = $this->galleries($loaded, $report);
        } catch (Refused|CoreException $refused) {
            $this->components->error($refused->getMessage());

            return 2;
        }
        $this->option('json')
            ? $this->line((string) json_encode(['product' => $product->code, 'skus' => $galleries], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE))
            : $this->print($galleries);

        return 0;
    }

    /** @return list<array<string, mixed>> */
    private function galleries(LoadedProduct $loaded, GalleryReport $report): array
    {
        if ($this->option('choose') !== []) {
            return [$report->choice($loaded, $this->option('choose'))];
        }
        $wanted = $this->option('sku');
        $skus = $wanted === null ? $loaded->made : array_filter($loaded->skus, fn (SkuRow $sku): bool => strcasecmp($sku->code, $wanted) === 0);
        if ($skus === []) {
            throw new Refused($wanted === null ? "{$loaded->product->name} has no SKU on offer." : "{$loaded->product->name} has no SKU {$wanted}.", Kind::Gone, 'sku');
        }

        return array_map(fn (SkuRow $sku): array => $report->sku($loaded, $sku), array_values($skus));
    }

    /** @param  list<array<string, mixed>>  $galleries */
    private function print(array $galleries): void
    {
        foreach ($galleries as $gallery) {
            $this->newLine();
            $this->line(trim(($gallery['sku'] ?? '').'  '.implode(', ', (array) $gallery['choice'])).(($gallery['state'] ?? '') === 'retired' ? '  (retired: not on offer)' : '').$this->filledIn($gallery));
            $this->table(['', 'Picture', 'View', 'Linked to', 'Roles'], array_map(
                fn (array $entry, int $at): array => [$at + 1, $entry['file'], $entry['view'] ?? '', $entry['reach_words'], implode(', ', $entry['roles'])],
                $gallery['gallery'],
                array_keys($gallery['gallery']),
            ));
            foreach ($gallery['roles'] as $role => $answer) {
                $this->line(sprintf('  %-7s %s  %s', $role, $answer['file'] ?? '–', $answer['reason']));
            }
        }
    }

    /** @param  array<string, mixed>  $gallery */
    private function filledIn(array $gallery): string
    {
        $values = implode(', ', (array) ($gallery['shown_with'] ?? []));

        return $values === '' ? '' : "  (shown in {$values})";
    }
}
