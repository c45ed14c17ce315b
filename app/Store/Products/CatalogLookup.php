<?php

declare(strict_types=1);

namespace App\Store\Products;

use App\Models\CodePatternRecord;
use App\Models\GtinRangeRecord;
use App\Models\LibraryAxis;
use App\Models\Product;
use Core\Changes\Catalog;
use Core\Changes\Codes\NamedPattern;
use Core\Changes\Matrix\SharedAxis;
use Core\Changes\Skus\NamedRange;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** What a change has to know of the rest of the catalog, asked in one query for all that is in question. */
final readonly class CatalogLookup implements Catalog
{
    public function __construct(private TakenCodes $taken) {}

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

    public function highestNumbers(array $around): array
    {
        return $this->taken->highestNumbers($around);
    }

    public function codePattern(int $id): ?NamedPattern
    {
        $record = CodePatternRecord::query()->find($id);

        return $record === null ? null : new NamedPattern($record->id, $record->name, $record->toCore());
    }

    public function axes(array $folded, array $ids): array
    {
        $axes = LibraryAxis::with(['values', 'runs'])
            ->where(fn(Builder $any) => $any->whereIn('folded', $folded)->orWhereIn('id', $ids))
            ->get();

        return array_values($axes->map(fn(LibraryAxis $axis): SharedAxis => $axis->toCore())->all());
    }

    /** @return list<SharedAxis> all of the library */
    public function allAxes(): array
    {
        $axes = LibraryAxis::with(['values', 'runs'])->get();

        return array_values($axes->map(fn(LibraryAxis $axis): SharedAxis => $axis->toCore())->all());
    }

    public function axisNames(): array
    {
        return array_values(LibraryAxis::query()->pluck('name')->all());
    }
}
