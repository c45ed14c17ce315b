<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use App\Console\Reports\GalleryReport;
use App\Models\Product;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Core\CoreException;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Console\Command;

final class GalleryCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:gallery {product : The product’s code} {--sku= : Only this SKU, retired or not} {--choose=* : A partial choice, such as "Color=Moss"; once for each axis} {--json : Print JSON}';

    protected $description = 'The galleries and roles of a product, with reasons';

    public function handle(ProductLoader $loader, GalleryReport $report): int
    {
        $product = Product::query()->standing()->where('code', $this->text('product'))->first();
        if ($product === null) {
            $this->components->error("No product has the code {$this->text('product')}.");

            return 2;
        }
        $loaded = $loader->again($product);
        try {
            $galleries = $this->galleries($loaded, $report);
        } catch (CoreException $refused) {
            $this->components->error($refused->getMessage());

            return 2;
        }
        $this->option('json') ? $this->printJson($product, $galleries) : $this->print($galleries);

        return 0;
    }

    /** @return iterable<array<string, mixed>> worked out one after the other, as they are printed */
    private function galleries(LoadedProduct $loaded, GalleryReport $report): iterable
    {
        if ($this->every('choose') !== []) {
            return [$report->choice($loaded, $this->every('choose'))];
        }
        $wanted = $this->optional('sku');
        $skus =
            $wanted === null
                ? array_values($loaded->core->made)
                : array_values(
                    array_filter(
                        $loaded->core->state->skus,
                        fn(Sku $sku): bool => strcasecmp($sku->code, $wanted) === 0,
                    ),
                );
        if (count($skus) === 0) {
            throw new Refusal(
                $wanted === null
                    ? "{$loaded->product->name} has no SKU on offer."
                    : "{$loaded->product->name} has no SKU {$wanted}.",
                RefusalKind::Gone,
                'sku',
            );
        }

        return (function () use ($skus, $loaded, $report): iterable {
            foreach ($skus as $sku) {
                yield $report->sku($loaded, $sku);
            }
        })();
    }

    /** @param  iterable<array<string, mixed>>  $galleries */
    private function printJson(Product $product, iterable $galleries): void
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;
        $this->line('{"product": ' . json_encode($product->code, $flags) . ', "skus": [');
        $before = '';
        foreach ($galleries as $gallery) {
            $this->line($before . json_encode($gallery, $flags));
            $before = ',';
        }
        $this->line(']}');
    }

    /** @param  iterable<array<string, mixed>>  $galleries */
    private function print(iterable $galleries): void
    {
        foreach ($galleries as $gallery) {
            $this->newLine();
            $this->line(
                trim(($gallery['sku'] ?? '') . '  ' . implode(', ', (array) $gallery['choice'])) .
                    (($gallery['state'] ?? '') === 'retired' ? '  (retired: not on offer)' : '') .
                    $this->filledIn($gallery),
            );
            $rows = [];
            foreach ($gallery['gallery'] as $at => $entry) {
                $rows[] = [
                    $at + 1,
                    $entry['file'],
                    $entry['view'] ?? '',
                    $entry['reach_words'],
                    implode(', ', $entry['roles']),
                ];
            }
            $this->table(['', 'Picture', 'View', 'Linked to', 'Roles'], $rows);
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
