<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenSkus;
use App\Catalog\TakenCodes;
use App\History\Change;
use App\History\Keeper;
use App\Ledger\Ledger;
use App\Models\GtinRangeRecord;
use App\Models\HistoryEntry;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Core\Codes\GtinRange;
use Core\Product\Sku;
use Core\Reach\Selection;

/** Gives each selected SKU that has no GTIN the next free one of a range. */
final class AllocateGtins
{
    public function __construct(private readonly Keeper $keeper, private readonly TakenCodes $taken)
    {
    }

    public function run(Change $change, Selection $selected, int $rangeId): ?HistoryEntry
    {
        return $this->keeper->keepSkus($change, self::class, $selected, function (Ledger $ledger, ChosenSkus $chosen) use ($rangeId): string {
            // People who give numbers of one range at once wait for each other.
            $record = GtinRangeRecord::query()->lockForUpdate()->find($rangeId) ?? throw new Refused('This range is not there any more. Choose another.', Kind::Gone, 'range');
            $skus = $this->lacking($chosen);
            if ($skus === []) {
                throw new Refused('Every one of these SKUs has a GTIN already.', Kind::Impossible, 'range');
            }
            $range = $record->toCore();
            $numbers = $range->free(count($skus), $this->taken->between(...$range->ends(), lock: true));
            $ledger->update('skus', array_column(array_map(fn (Sku $sku, string $gtin): array => [$sku->id, ['gtin' => $gtin]], $skus, $numbers), 1, 0));
            $ends = count($numbers) === 1 ? $numbers[0] : "{$numbers[0]} to ".$numbers[count($numbers) - 1];

            return 'Gave '.count($skus).(count($skus) === 1 ? ' GTIN' : ' GTINs')." of {$record->name} to {$chosen->place()}: {$ends}";
        });
    }

    /** @return list<Sku> in the product's order */
    public function lacking(ChosenSkus $chosen): array
    {
        return array_values(array_filter($chosen->some(), fn (Sku $sku): bool => $sku->gtin === null));
    }

    /** @return list<string> those that would be given now */
    public function next(GtinRange $range, int $count): array
    {
        return $range->free($count, $this->taken->between(...$range->ends()));
    }
}
