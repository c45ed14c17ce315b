<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Batches\BatchItem;
use App\Batches\MakesProducts;
use App\Intake\Sheets\SheetItem;
use App\Intake\Sheets\SheetProducts;
use App\Intake\Sheets\SheetVetting;
use App\Models\Sheets\Sheet;
use Core\Pricing\Currency;
use Core\Product\ProductDetails;
use Core\Sheets\FollowSheet;

/** Makes and changes products as the rows of a sheet say. */
final class ImportSheet implements MakesProducts
{
    public const NAME = 'sheet';

    public function __construct(private readonly SheetProducts $products, private readonly SheetVetting $vetting) {}

    public function inWords(array $wanted): string
    {
        $count = (int) ($wanted['count'] ?? 0);

        return "Imported “{$wanted['name']}”: " . ($count === 1 ? '1 product' : number_format($count) . ' products');
    }

    public function changes(string $batchId, array $items): array
    {
        [$sheet, $own] = $this->ofBatch($batchId, $items);
        $changes = $sheet === null ? [] : $this->vetting->changes($sheet, array_values($own));

        return self::byPlace($own, $changes);
    }

    public function details(string $batchId, array $items, array $changes): array
    {
        $details = [];
        foreach ($this->ofBatch($batchId, $items)[1] as $place => $item) {
            $change = $changes[$place] ?? null;
            if ($change instanceof FollowSheet) {
                $details[$place] = new ProductDetails(
                    $change->productName(),
                    $item->code,
                    Currency::of(SheetVetting::USUAL_CURRENCY),
                );
            }
        }

        return $details;
    }

    public function sizes(string $batchId, array $items): array
    {
        return $this->products->rowsOfBatch($batchId, array_map(fn(BatchItem $item): int => $item->position, $items));
    }

    /**
     * @param  list<BatchItem>  $items
     * @return array{?Sheet, array<int, SheetItem>} the sheet, and its products by their places in the batch
     */
    private function ofBatch(string $batchId, array $items): array
    {
        $found = $this->products->ofBatch($batchId, array_map(fn(BatchItem $item): int => $item->position, $items));
        $sheetId = reset($found)[0] ?? null;

        return [
            $sheetId === null ? null : Sheet::query()->find($sheetId),
            array_map(fn(array $one): SheetItem => $one[1], $found),
        ];
    }

    /**
     * @template T
     *
     * @param  array<int, SheetItem>  $own  by place in the batch
     * @param  array<int, T>  $said  by place in the sheet
     * @return array<int, T> by place in the batch
     */
    private static function byPlace(array $own, array $said): array
    {
        $byPlace = [];
        foreach ($own as $place => $item) {
            if (isset($said[$item->position])) {
                $byPlace[$place] = $said[$item->position];
            }
        }

        return $byPlace;
    }
}
