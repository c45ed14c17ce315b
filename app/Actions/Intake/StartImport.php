<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Actions\Batches\StartBatch;
use App\Batches\BatchMode;
use App\Batches\BatchOrder;
use App\Intake\Sheets\SheetProducts;
use App\Models\Batch;
use App\Models\Sheets\Sheet;
use App\Models\Sheets\SheetState;
use App\Models\User;
use Core\Reach\Selection;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;

/** Imports what is sound of a sheet, or the first products of it: as one batch, which can be undone as one. */
final class StartImport
{
    public function __construct(private readonly StartBatch $batches, private readonly SheetProducts $products) {}

    /**
     * @param  ?int  $most  products, for a pilot; null for all
     *
     * @throws Refusal
     */
    public function run(User $user, Sheet $sheet, ?int $most = null): Batch
    {
        return DB::transaction(function () use ($user, $sheet, $most): Batch {
            $sheet = Sheet::query()->lockForUpdate()->findOrFail($sheet->id);
            if ($sheet->state !== SheetState::Ready) {
                throw new Refusal(
                    "{$sheet->name} is still being looked at. Wait until every row has its verdict.",
                    RefusalKind::Changed,
                );
            }
            $sound = $this->products->sound($sheet, $most);
            if ($sound === []) {
                throw new Refusal(
                    "There is nothing in {$sheet->name} to import: what is sound of it is in the catalog already.",
                    RefusalKind::Missing,
                );
            }
            $order = new BatchOrder(
                ImportSheet::NAME,
                ['name' => $sheet->name, 'count' => (string) count($sound)],
                BatchMode::AsFarAsPossible,
                Selection::whole(),
            );
            $batch = $this->batches->run($user, $order, array_values($sound));
            $this->products->begin($sheet, $batch->id, array_keys($sound));

            return $batch;
        });
    }
}
