<?php

declare(strict_types=1);

namespace App\History;

use App\Models\HistoryEntry;
use App\Models\HistoryOwner;
use App\Models\Library;
use App\Models\Product;
use Illuminate\Pagination\LengthAwarePaginator;

/** The history of a product or of the library, without the changed rows, which can be large. */
final class Timeline
{
    private const PAGE = 50;

    /** @return LengthAwarePaginator<int, HistoryEntry> the latest first */
    public function page(HistoryOwner $kept): LengthAwarePaginator
    {
        return HistoryEntry::with(['user', 'undoer'])
            ->select()
            ->where('product_id', $kept->keptProductId())
            ->latest('id')
            ->paginate(self::PAGE);
    }

    public function entry(Product $product, int $entryId): HistoryEntry
    {
        return HistoryEntry::with('user')->where('product_id', $product->id)->findOrFail($entryId);
    }

    /** The last change that stands. */
    public static function last(HistoryOwner $kept): ?HistoryEntry
    {
        return HistoryEntry::query()
            ->where('product_id', $kept->keptProductId())
            ->whereNull('undone_at')
            ->latest('id')
            ->first(['id', 'words', 'created_at']);
    }

    /** Whether the making of a product is undone. */
    public function isRemoved(Product $product): bool
    {
        return Product::query()->whereKey($product->id)->whereNotNull('removed_at')->exists();
    }

    public function library(): Library
    {
        return Library::whole();
    }
}
