<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Models\GtinRangeRecord;
use App\Models\Product;
use Core\Changes\Catalog;
use Core\Changes\NamedRange;
use Illuminate\Support\Facades\DB;

/** What a change has to know of the rest of the catalog, asked in one query for all that is in question. */
final readonly class CatalogLookup implements Catalog
{
    public function __construct(private TakenCodes $taken)
    {
    }

    public function codes(array $codes, ?string $sharing, array $except): array
    {
        $sharingId = $sharing === null ? null : Product::query()->where('code', $sharing)->value('id');

        return $this->taken->among($codes, $sharingId, $except);
    }

    public function gtins(array $gtins, array $except): array
    {
        return $this->taken->gtins($gtins, $except);
    }

    public function gtinRange(int $id): ?NamedRange
    {
        $record = GtinRangeRecord::query()->lockForUpdate()->find($id);

        return $record === null ? null : new NamedRange($record->name, $record->toCore());
    }

    public function gtinsBetween(string $first, string $last): array
    {
        return $this->taken->between($first, $last, lock: DB::transactionLevel() > 0);
    }
}
