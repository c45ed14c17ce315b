<?php

declare(strict_types=1);

use App\Actions\Batches\SteerBatch;
use App\Actions\Intake\StartImport;
use App\Batches\BatchRunner;
use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetWriter;
use App\Intake\Sheets\SheetFromFile;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\TermsRecord;
use App\Intake\Sheets\VettedRows;
use App\Models\Batch;
use App\Models\BatchState;
use App\Models\Product;
use App\Models\Sheets\Sheet;
use App\Models\User;
use Core\Sheets\Reading\EmptyCells;
use Illuminate\Support\Facades\Queue;
use Tests\Support\FaultySheet;
use Tests\Support\Shop;

/** A sheet of these bytes, read and vetted. */
function vettedSheet(User $user, string $bytes, string $name = 'sheet.csv', EmptyCells $empty = EmptyCells::Keep): Sheet
{
    $folder = sys_get_temp_dir() . '/' . uniqid('sheet');
    mkdir($folder);
    file_put_contents("{$folder}/{$name}", $bytes);
    try {
        return app(SheetFromFile::class)->vetted($user, "{$folder}/{$name}", new TermsRecord($empty, [], []), []);
    } finally {
        unlink("{$folder}/{$name}");
        rmdir($folder);
    }
}

/** Everything that a sheet says is imported; returns its batch. */
function importedSheet(User $user, Sheet $sheet): Batch
{
    $batch = app(StartImport::class)->run($user, $sheet);
    while (app(BatchRunner::class)->advance($batch->id, 600)) {
        // Until nothing is left.
    }

    return $batch->refresh();
}

/** All standing products as the flat sheet has them. */
function catalogSheet(): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
    $ids = array_map(intval(...), Product::query()->standing()->orderBy('code')->pluck('id')->all());
    app(SheetExport::class)->write($ids, SheetWriter::csv($path));
    $written = (string) file_get_contents($path);
    unlink($path);

    return $written;
}

/** @return array<int, list<string>> number of a row => headers of the fields at fault */
function faultsOf(Sheet $sheet): array
{
    $faults = [];
    foreach (app(VettedRows::class)->all($sheet) as $row) {
        foreach ($row->verdict->problems as $problem) {
            $faults[$row->verdict->row][] = $problem->column;
        }
    }

    return $faults;
}

it('names forty faults of twenty kinds at their cells, takes what is sound, and takes it back', function (): void {
    Queue::fake();
    $shop = Shop::stocked();
    $drawn = FaultySheet::drawn();
    $before = catalogSheet();
    $sheet = vettedSheet($shop->user, $drawn->latin());
    $found = array_map(fn(array $columns): string => $columns[0], faultsOf($sheet));
    ksort($drawn->faults);
    expect($found)->toEqual($drawn->faults)->and($sheet->rows)->toBe(1_992);
    $counts = app(SheetProducts::class)->counts($sheet);
    expect($counts['rejected'])->toBe(count($drawn->faults))->and($counts['new'])->toBe(166 - $counts['rejected'] + 1);

    $batch = importedSheet($shop->user, $sheet);
    expect($batch->state)
        ->toBe(BatchState::Done)
        ->and(Product::query()->standing()->count())
        ->toBe(1 + $counts['new']);
    $again = vettedSheet($shop->user, $drawn->latin());
    expect(app(SheetProducts::class)->counts($again))->toEqualCanonicalizing([
        'rejected' => $counts['rejected'],
        'same' => $counts['new'],
    ]);

    app(SteerBatch::class)->undo($shop->user, $batch->id);
    app(BatchRunner::class)->advance($batch->id, 600);
    expect($batch->refresh()->state)->toBe(BatchState::Undone)->and(catalogSheet())->toBe($before);

    // Brought again, they come back: their codes are still their own.
    $third = vettedSheet($shop->user, $drawn->latin());
    expect(app(SheetProducts::class)->counts($third)['new'])->toBe($counts['new']);
    importedSheet($shop->user, $third);
    expect(Product::query()->standing()->count())->toBe(1 + $counts['new']);
});
