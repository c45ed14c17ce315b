<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Refused;
use App\Files\JsonLdDocument;
use App\Files\SheetExport;
use App\Files\SheetWriter;
use App\Models\Product;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;

final class ExportCommand extends Command
{
    protected $signature = 'slate:export {file : Where to; its ending says what: .csv .xlsx .ods .jsonld} {--product=* : Only these codes} {--json : Print what was written as JSON}';

    protected $description = 'Writes products as a flat sheet or as JSON-LD';

    public function handle(SheetExport $sheet, JsonLdDocument $document): int
    {
        $file = (string) $this->argument('file');
        $products = Product::query()->standing()->orderBy('code')
            ->when($this->option('product') !== [], fn ($query) => $query->whereIn('code', $this->option('product')))->get();
        $missing = array_udiff($this->option('product'), $products->pluck('code')->all(), strcasecmp(...));
        if ($missing !== []) {
            return $this->refuse('No product has the code '.implode(', ', $missing).'.');
        }
        $partial = $file.'.part';
        try {
            $rows = $this->write($file, $partial, $products, $sheet, $document);
        } catch (Refused $refused) {
            return $this->refuse($refused->getMessage());
        }
        rename($partial, $file);
        $this->option('json')
            ? $this->line((string) json_encode(['file' => $file, 'products' => $products->count(), 'rows' => $rows], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES))
            : $this->line("{$file}: {$products->count()} products, {$rows} rows");

        return 0;
    }

    /** @param  Collection<int, Product>  $products */
    private function write(string $file, string $partial, Collection $products, SheetExport $sheet, JsonLdDocument $document): int
    {
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            throw new Refused('There is no folder '.dirname($file).' that can be written to.');
        }
        $ending = strtolower(pathinfo($file, PATHINFO_EXTENSION));
        if ($ending === 'jsonld') {
            if ($products->count() !== 1) {
                throw new Refused('A .jsonld file holds one product. Name it with --product=CODE.');
            }
            file_put_contents($partial, $document->of($products->firstOrFail()));

            return 1;
        }
        if ($ending === 'zip') {
            throw new Refused('Packages (.zip) cannot be written yet. Use .csv, .xlsx, .ods or .jsonld.');
        }

        return $sheet->write($products, SheetWriter::byEnding($partial, $ending));
    }

    private function refuse(string $why): int
    {
        $this->components->error($why);

        return 2;
    }
}
