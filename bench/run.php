<?php

declare(strict_types=1);

/* Prints the table of measurements, or with --json their list. Exits 1 where a limit is passed. Called by bin/bench. */

use Bench\AllGalleries;
use Bench\BatchOfPrices;
use Bench\BoardPage;
use Bench\BuildMatrix;
use Bench\BuildPlan;
use Bench\CatalogPages;
use Bench\DropPages;
use Bench\ManyPrices;
use Bench\OneReaderInALoop;
use Bench\OneStock;
use Bench\PhotoIntake;
use Bench\PictureMemory;
use Bench\ReadNames;
use Bench\Result;
use Bench\SheetImport;
use Bench\SheetOfAll;
use Illuminate\Contracts\Console\Kernel;

require dirname(__DIR__) . '/vendor/autoload.php';
$app = require dirname(__DIR__) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$url = (string) getenv('BENCH_URL');
$results = [
    BuildPlan::measure('10,000 cells', [25, 20, 20]),
    BuildPlan::measure('5,000 cells of 4 axes', [25, 20, 5, 2]),
    AllGalleries::measure(),
    BuildMatrix::measure(),
    BoardPage::of600($url),
    BoardPage::of5000($url),
    BoardPage::of5000AtOnce($url),
    BoardPage::contactOf40($url),
    ...CatalogPages::measure($url),
    OneReaderInALoop::measure($url),
    OneStock::measure($url),
    ManyPrices::measure(),
    BatchOfPrices::measure(),
    SheetOfAll::measure(),
    ...SheetImport::measure(),
    ReadNames::measure(),
    ...DropPages::measure($url),
    PhotoIntake::measure(),
    PictureMemory::measure(),
];

if (in_array('--json', $argv, true)) {
    echo json_encode(
    array_map(
        fn(Result $result): array => [
            'work' => $result->work,
            'size' => $result->size,
            'ratio' => round($result->ratio, 2),
            'limit' => $result->limit,
        ],
        $results,
    ),
    JSON_THROW_ON_ERROR,
),
        "\n";
} else {
    printf("%-34s %-36s %8s %8s\n", 'work', 'size', 'ratio', 'at most');
    foreach ($results as $result) {
        printf(
            "%-34s %-36s %7.2f× %7.1f× %s%s\n",
            $result->work,
            $result->size,
            $result->ratio,
            $result->limit,
            $result->holds() ? '' : ' PASSED THE LIMIT',
            $result->note === '' ? '' : " ({$result->note})",
        );
    }
}
exit(array_filter($results, fn(Result $result): bool => !$result->holds()) === [] ? 0 : 1);
