<?php

declare(strict_types=1);

use App\Actions\Batches\SteerBatch;
use App\Actions\Intake\OpenDrop;
use App\Actions\Intake\ReceivePart;
use App\Actions\Intake\StartImport;
use App\Batches\BatchRunner;
use App\Files\Sheets\SheetExport;
use App\Files\Sheets\SheetWriter;
use App\Intake\AnnouncedFile;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\SheetReading;
use App\Intake\Sheets\SheetVetting;
use App\Intake\Sheets\Verdicts\VettedRow;
use App\Intake\Sheets\Verdicts\VettedRows;
use App\Models\BatchState;
use App\Models\DropFile;
use App\Models\Product;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use Core\Sheets\Verdicts\SheetVerdict;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
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
    expect($counts['rejected'])
        ->toBe(count($drawn->faults))
        ->and($counts['new'])
        ->toBe(166 - $counts['rejected'] + 1);

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

const UNTIDY = <<<CSV
Artikelnummer;Bezeichnung;Farbe;Größe;SKU;EAN;Preis;Bestand;Bild;Lagerort
COAT;Orchard coat;Moss;S;COAT-1;;99,00;5;missing.jpg;A1
COAT;Orchard coat;Clay;S;COAT-2;;99,00;3;;A1
COAT;Orchard coat;Clayy;M;COAT-3;;109,00;0;;A2
BOOT;Yard boot;;39;BOOT-39;4006381333931;79,00;7;;A3
BOOT;Yard boot;;40;BOOT-40;4006381333932;79,00;7;;A3
HOE;Hand hoe;;;HOE;;12,50;9;;A4
CSV;

it('shows verdicts, mends them in place for all rows alike, and imports from its page', function (): void {
    Queue::fake();
    $shop = Shop::stocked();
    $sheet = Sheets::vetted($shop->user, UNTIDY);
    $page = $this->actingAs($shop->user)->get("/intake/sheets/{$sheet->id}");
    $page
        ->assertOk()
        ->assertSee('6 rows · 3 products')
        ->assertSee('“Clayy” is new to Color, and nearly Clay.')
        ->assertSee('No picture is called “missing.jpg”')
        ->assertSee('Import 1 product');
    $mend = fn(int $row, string $field, array $more) => $this->post(
        "/intake/sheets/{$sheet->id}/mend",
        ['row' => $row, 'field' => $field] + $more,
        ['HX-Request' => 'true'],
    );
    $mend(4, 'axis Color', ['way' => 'take', 'all' => '1'])
        ->assertOk()
        ->assertDontSee('Clayy');
    $mend(2, 'photos', ['way' => 'confirm'])
        ->assertOk()
        ->assertSee('Import 2 products');
    $mend(2, 'photos', ['way' => 'confirm'])
        ->assertStatus(422)
        ->assertSee('mended this cell meanwhile');
    $mend(6, 'gtin', ['way' => 'type', 'text' => '5901234123457'])
        ->assertOk()
        ->assertSee('Import 3 products');
    expect(faultsOf($sheet->refresh()))->toBe([]);
    $this->post("/intake/sheets/{$sheet->id}/import", [
        'token' => (string) Illuminate\Support\Str::uuid(),
        'most' => '1',
    ])->assertRedirect();
    app(BatchRunner::class)->advance((string) app(SheetProducts::class)->lastBatch($sheet), 60);
    expect(Product::query()->standing()->where('code', 'COAT')->exists())
        ->toBeTrue()
        ->and(Product::query()->standing()->where('code', 'HOE')->exists())
        ->toBeFalse();
});

it('remembers for a sender what a person took a column for', function (): void {
    Queue::fake();
    $shop = Shop::stocked();
    $sheet = Sheets::vetted($shop->user, UNTIDY);
    $sheet->update(['sender' => 'Linum Mills']);
    $this->actingAs($shop->user)
        ->get("/intake/sheets/{$sheet->id}/columns")
        ->assertOk()
        ->assertSee('Lagerort')
        ->assertSee('not known: left alone');
    $this->post("/intake/sheets/{$sheet->id}/columns", [
        'shape' => 'sku',
        'empty' => 'keep',
        'columns' => [9 => 'fact Lagerort'],
    ])->assertRedirect();
    $next = Sheets::vetted($shop->user, "name;Lagerort\nBucket;A9\n");
    $next->delete();
    $known = app(App\Intake\Sheets\SenderColumns::class)->of('LINUM mills');
    expect($known)->toBe(['lagerort' => 'fact Lagerort']);
    // Two columns cannot say the same.
    $this->post("/intake/sheets/{$sheet->id}/columns", [
        'shape' => 'sku',
        'columns' => [9 => 'sku'],
    ])->assertSessionHasErrors();
});

it('shows sheets to those who may look, and lets only those change them who may edit', function (): void {
    $shop = Shop::stocked();
    $sheet = Sheets::vetted($shop->user, UNTIDY);
    $this->actingAs(Shop::person(App\Models\Right::View));
    $this->get("/intake/sheets/{$sheet->id}")
        ->assertOk()
        ->assertDontSee('Import 1 product')
        ->assertDontSee('in all rows alike');
    $this->get("/intake/sheets/{$sheet->id}/columns")->assertOk();
    $this->get('/intake/sheets/template.csv')->assertOk();
    foreach (['columns', 'mend', 'import'] as $way) {
        $this->post("/intake/sheets/{$sheet->id}/{$way}", [
            'row' => 4,
            'field' => 'gtin',
            'way' => 'type',
        ])->assertForbidden();
    }
    $rejects = $this->get("/intake/sheets/{$sheet->id}/rejected.csv")
        ->assertOk()
        ->streamedContent();
    expect(explode("\n", trim($rejects)))
        ->toHaveCount(6)
        ->and($rejects)
        ->toContain('reasons')
        ->toContain('nearly Clay');
});

it('joins rows that a slip in a name parts, or takes them for another product', function (): void {
    Queue::fake();
    $shop = Shop::stocked();
    $bytes = "name;Größe;Preis\nOrchard coat;S;99\nOrchard coat;M;99\nOrchad coat;L;99\n";
    $joined = Sheets::vetted($shop->user, $bytes);
    expect(faultsOf($joined))->toBe([4 => ['name']]);
    app(App\Actions\Intake\MendSheet::class)->run(
        $shop->user,
        $joined,
        new App\Intake\Sheets\CellMending(4, 'name', App\Intake\Sheets\Mending::Take),
    );
    expect(app(SheetProducts::class)->counts($joined->refresh()))->toBe(['new' => 1]);
    $parted = Sheets::vetted($shop->user, $bytes);
    app(App\Actions\Intake\MendSheet::class)->run(
        $shop->user,
        $parted,
        new App\Intake\Sheets\CellMending(4, 'name', App\Intake\Sheets\Mending::Confirm),
    );
    expect(app(SheetProducts::class)->counts($parted->refresh()))->toBe(['new' => 2]);
});

it('leaves what empty cells say, or takes it away where a person says so', function (): void {
    $shop = Shop::stocked();
    $bytes = "sku;gtin;stock;price\nSMOCK-MOSS-S;;;none\nSMOCK-MOSS-M;;4;\n";
    $kept = Sheets::vetted($shop->user, $bytes);
    $cleared = Sheets::vetted($shop->user, $bytes, 'sheet.csv', Core\Sheets\Reading\EmptyCells::Clear);
    $changes = fn(Sheet $sheet): array => array_map(
        fn($row): array => $row->verdict->changes,
        iterator_to_array(app(VettedRows::class)->all($sheet), false),
    );
    expect($changes($kept))
        ->toBe([['price' => ['49.00', '']], ['stock' => ['10', '4']]])
        ->and($changes($cleared))
        ->toBe([['stock' => ['10', ''], 'price' => ['49.00', '']], ['stock' => ['10', '4'], 'price' => ['49.00', '']]]);
});

it('comes to the sheet, whenever it arrives while the page of its drop is drawn', function (int $at): void {
    $shop = Shop::stocked();
    Queue::fake();
    $bytes = "product,name\nA,Apron\n";
    $announced = AnnouncedFile::of('one.csv', strlen($bytes), '1');
    $drop = app(OpenDrop::class)->run($shop->user, '', '', null, [$announced]);
    $file = DropFile::query()->where('drop_id', $drop->id)->firstOrFail();
    [$asked, $isThere] = [0, false];
    DB::listen(function (QueryExecuted $query) use (&$asked, &$isThere, $at, $shop, $file, $bytes): void {
        if (!$isThere && str_contains($query->sql, 'drop_files') && ++$asked === $at) {
            $isThere = true;
            app(ReceivePart::class)->run($shop->user, $file->id, 0, $bytes);
        }
    });
    $answer = $this->actingAs($shop->user)->get("/intake/{$drop->id}");
    expect($isThere)->toBeTrue();
    if (!$answer->isRedirect()) {
        $answer->assertSee('data-moving="1"', false);
    }
})->with([1, 2, 3]);

it('begins again where reading was broken off, and has each row and product once', function (): void {
    $shop = Shop::stocked();
    $lines = ['product,name,axis Color,sku'];
    for ($at = 1; $at <= 1_200; $at++) {
        $lines[] = sprintf(
            'BO%03d,Bowl %d,%s,BO%03d-%d',
            intdiv($at - 1, 3),
            intdiv($at - 1, 3),
            'Moss',
            intdiv($at - 1, 3),
            $at,
        );
    }
    $bytes = implode("\n", $lines);
    $path = sys_get_temp_dir() . '/' . uniqid('bowls') . '.csv';
    file_put_contents($path, $bytes);
    $sheet = Sheets::vetted($shop->user, $bytes);
    $stored = fn(): array => [
        DB::table('sheet_rows')
            ->where('sheet_id', $sheet->id)
            ->orderBy('row')
            ->get(['row', 'product', 'cells'])
            ->all(),
        DB::table('sheet_products')
            ->where('sheet_id', $sheet->id)
            ->orderBy('position')
            ->get(['position', 'code'])
            ->all(),
    ];
    $whole = $stored();
    // As a worker leaves it that dies on the way: some rows, and products that are not all of them.
    DB::table('sheet_rows')->where('sheet_id', $sheet->id)->where('row', '>', 501)->delete();
    DB::table('sheet_products')->where('sheet_id', $sheet->id)->where('position', '>', 167)->delete();
    DB::table('sheet_products')
        ->where('sheet_id', $sheet->id)
        ->where('position', 3)
        ->update(['code' => 'OTHER']);
    $sheet->update(['state' => SheetState::Reading, 'through' => 0]);
    app(SheetReading::class)->read($sheet, $path);
    unlink($path);

    expect($stored())->toEqual($whole)->and($sheet->refresh()->state)->toBe(SheetState::Vetting);
});

it('counts and shows rows of which there is no more to say than of their product', function (): void {
    $shop = Shop::stocked();
    $bytes = implode("\n", [
        'product,name,axis Color,axis Size,sku,stock',
        'SMOCK,,Moss,S,SMOCK-MOSS-S,10',
        'SMOCK,,Moss,M,SMOCK-MOSS-M,10',
        'BOWL,Bowl,Moss,,BOWL-MOSS,1',
        'BOWL,,Clay,,BOWL-CLAY,2',
        'BAD,,Moss,,BAD-MOSS,1',
    ]);
    $sheet = Sheets::vetted($shop->user, $bytes);
    $rows = app(VettedRows::class);
    $shown = fn(?SheetVerdict $verdict): array => array_map(
        fn(VettedRow $row): array => [$row->verdict->row, $row->verdict->verdict->value, $row->code],
        $rows->page($sheet, $verdict, null, 0),
    );
    expect(array_filter($rows->counts($sheet)))->toBe(['new' => 2, 'rejected' => 1, 'same' => 2]);
    expect($shown(SheetVerdict::Same))->toBe([[2, 'same', 'SMOCK'], [3, 'same', 'SMOCK']]);
    expect($shown(SheetVerdict::Fresh))->toBe([[4, 'new', 'BOWL'], [5, 'new', 'BOWL']]);
    expect($shown(SheetVerdict::Rejected))->toBe([[6, 'rejected', 'BAD']]);
    expect(count($shown(null)))->toBe(5);

    // Looked at anew after the catalog has changed: what was the same is changed by one of its rows.
    DB::table('skus')
        ->where('code', 'SMOCK-MOSS-M')
        ->update(['stock' => 7]);
    $sheet->update(['state' => SheetState::Vetting, 'through' => 0]);
    while (app(SheetVetting::class)->advance($sheet)) {
        // Until all have a verdict.
    }
    expect($shown(SheetVerdict::Same))->toBe([[2, 'same', 'SMOCK']]);
    expect($shown(SheetVerdict::Changed))->toBe([[3, 'changed', 'SMOCK']]);
});

it('looks at and imports no more products together than can be held in memory', function (): void {
    $shop = Shop::stocked();
    $lines = ['product,name,axis Color,axis Size,sku'];
    foreach (['BIG1', 'BIG2'] as $code) {
        for ($at = 0; $at < 2_600; $at++) {
            $lines[] = sprintf('%s,Big,Tone %d,%d,%s-%d', $code, intdiv($at, 50), ($at % 50) + 1, $code, $at);
        }
    }
    $sheet = Sheets::vetted($shop->user, implode("\n", $lines));
    expect(app(SheetProducts::class)->counts($sheet))->toBe(['new' => 2]);
    Queue::fake();
    $sheet->update(['state' => SheetState::Vetting, 'through' => 0]);
    app(SheetVetting::class)->advance($sheet);
    expect($sheet->through)->toBe(1);
    while (app(SheetVetting::class)->advance($sheet)) {
        // One after the other.
    }
    $batch = app(StartImport::class)->run($shop->user, $sheet);
    app(BatchRunner::class)->advance($batch->id, 0.0);
    expect(Product::query()->where('code', 'like', 'BIG%')->count())->toBe(1);
});
