<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\GivenTexts;
use App\Files\JsonLdDocument;
use App\Files\Packages\PackageWriter;
use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetWriter;
use App\Models\Product;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

final class ExportCommand extends Command
{
    use GivenTexts;

    protected $signature = 'slate:export {file : Where to; its ending says what: .csv .xlsx .ods .jsonld, or .zip for a package} {--product=* : Only these codes} {--json : Print what was written as JSON}';

    protected $description = 'Writes products as a flat sheet, as a package, or as JSON-LD';

    public function __construct(
        private readonly SheetExport $sheet,
        private readonly JsonLdDocument $document,
        private readonly PackageWriter $package,
    ) {
        parent::__construct();
    }

    public function handle(): int
    {
        $file = $this->text('file');
        $wanted = $this->every('product');
        $products = Product::query()
            ->standing()
            ->orderBy('code')
            ->when($wanted !== [], fn(Builder $query) => $query->whereIn('code', $wanted))
            ->pluck('code', 'id')
            ->all();
        $missing = array_udiff($wanted, $products, strcasecmp(...));
        if ($missing !== []) {
            return $this->refuse('No product has the code ' . implode(', ', $missing) . '.');
        }
        $partial = $file . '.part';
        try {
            $ids = array_map(intval(...), array_keys($products));
            $rows = $this->write($file, $partial, $ids);
        } catch (Refusal $refused) {
            return $this->refuse($refused->getMessage());
        }
        rename($partial, $file);
        $isPackage = strtolower(pathinfo($file, PATHINFO_EXTENSION)) === 'zip';
        $this->option('json')
            ? $this->line(
                (string) json_encode(
                    ['file' => $file, 'products' => count($products), $isPackage ? 'pictures' : 'rows' => $rows],
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
                ),
            )
            : $this->line(
                "{$file}: " . count($products) . ' products, ' . $rows . ($isPackage ? ' pictures' : ' rows'),
            );

        return 0;
    }

    /** @param  list<int>  $productIds */
    private function write(string $file, string $partial, array $productIds): int
    {
        if (!is_dir(dirname($file)) || !is_writable(dirname($file))) {
            throw new Refusal(
                'There is no folder ' . dirname($file) . ' that can be written to.',
                RefusalKind::Gone,
                'file',
            );
        }
        $ending = strtolower(pathinfo($file, PATHINFO_EXTENSION));
        if ($ending === 'jsonld') {
            if (count($productIds) !== 1) {
                throw new Refusal(
                    'A .jsonld file holds one product. Name it with --product=CODE.',
                    RefusalKind::Impossible,
                    'file',
                );
            }
            file_put_contents($partial, $this->document->of(Product::query()->findOrFail($productIds[0])));

            return 1;
        }
        if ($ending === 'zip') {
            return $this->package->write($productIds, $partial)->photos;
        }

        return $this->sheet->write($productIds, SheetWriter::byEnding($partial, $ending));
    }

    private function refuse(string $why): int
    {
        $this->components->error($why);

        return 2;
    }
}
