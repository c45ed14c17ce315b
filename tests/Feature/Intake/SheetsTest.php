<?php

declare(strict_types=1);

use App\Actions\Batches\SteerBatch;
use App\Batches\BatchRunner;
use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetWriter;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\VettedRows;
use App\Models\BatchState;
use App\Models\Product;
use App\Models\Sheets\Sheet;
use Illuminate\Support\Facades\Queue;
use Tests\Support\FaultySheet;
use Tests\Support\Sheets;
use Tests\Support\Shop;

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
    $sheet = Sheets::vetted($shop->user, $drawn->latin());
    $found = array_map(fn(array $columns): string => $columns[0], faultsOf($sheet));
    ksort($drawn->faults);
    expect($found)->toEqual($drawn->faults)->and($sheet->rows)->toBe(1_992);
    $counts = app(SheetProducts::class)->counts($sheet);
    expect($counts['rejected'])->toBe(count($drawn->faults))->and($counts['new'])->toBe(166 - $counts['rejected'] + 1);

    $batch = Sheets::imported($shop->user, $sheet);
    expect($batch->state)
        ->toBe(BatchState::Done)
        ->and(Product::query()->standing()->count())
        ->toBe(1 + $counts['new']);
    $again = Sheets::vetted($shop->user, $drawn->latin());
    expect(app(SheetProducts::class)->counts($again))->toEqualCanonicalizing([
        'rejected' => $counts['rejected'],
        'same' => $counts['new'],
    ]);

    app(SteerBatch::class)->undo($shop->user, $batch->id);
    app(BatchRunner::class)->advance($batch->id, 600);
    expect($batch->refresh()->state)->toBe(BatchState::Undone)->and(catalogSheet())->toBe($before);

    // Brought again, they come back: their codes are still their own.
    $third = Sheets::vetted($shop->user, $drawn->latin());
    expect(app(SheetProducts::class)->counts($third)['new'])->toBe($counts['new']);
    Sheets::imported($shop->user, $third);
    expect(Product::query()->standing()->count())->toBe(1 + $counts['new']);
});
