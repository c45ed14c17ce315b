<?php

declare(strict_types=1);

namespace App\Console\Reports;

use App\Files\Sheets\SheetWriter;
use App\Intake\Packages\PackageLibrary;
use App\Intake\Packages\PackageProducts;
use App\Intake\Packages\PackageRow;
use App\Models\Packages\Package;
use App\Store\Library\Portable\PortableLibrary;
use Core\Sheets\SafeCell;
use Core\Sheets\Verdicts\SheetVerdict;

/**
 * What becomes of the products of a package, for programs and as lines for people.
 *
 * @phpstan-type Row array{
 *     row: int, product: string, sku: string, verdict: string, words: string,
 *     problems: list<array{column: string, message: string}>
 * }
 * @phpstan-type Report array{products: array<string, int>, library: list<string>, rows: list<Row>}
 */
final readonly class PackageReport
{
    public function __construct(private PackageProducts $products, private PortableLibrary $library) {}

    /** @return Report */
    public function of(Package $package): array
    {
        return [
            'products' => SheetReport::counted($this->products->counts($package)),
            'library' => $this->library->inWords($this->library->additions(PackageLibrary::of($package)->rows)),
            'rows' => array_map($this->row(...), $this->products->all($package)),
        ];
    }

    /** @return Row */
    private function row(PackageRow $product): array
    {
        $isRejected = $product->verdict === SheetVerdict::Rejected;

        return [
            'row' => $product->position,
            'product' => $product->code,
            'sku' => '',
            'verdict' => $product->verdict->value ?? '',
            'words' => $isRejected ? '' : $product->words,
            'problems' => $isRejected ? [['column' => '', 'message' => $product->words]] : [],
        ];
    }

    /**
     * @param  Report  $report
     * @return list<string> what is rejected and why, and what is new to the library
     */
    public function inWords(array $report): array
    {
        $lines = [];
        foreach ($report['rows'] as $row) {
            foreach ($row['problems'] as $problem) {
                $lines[] = "{$row['product']}: {$problem['message']}";
            }
        }
        if ($report['library'] !== []) {
            $lines[] = 'New to the library: ' . implode(', ', $report['library']);
        }

        return $lines;
    }

    /** @param  Report  $report */
    public function writeRejects(array $report, SheetWriter $writer): void
    {
        $writer->row(['product', 'reasons']);
        foreach ($report['rows'] as $row) {
            foreach ($row['problems'] as $problem) {
                $writer->row(array_map(SafeCell::write(...), [$row['product'], $problem['message']]));
            }
        }
        $writer->close();
    }
}
