<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Actions\UndoRedo;
use App\Models\HistoryEntry;
use App\Models\Product;
use App\Models\User;

/** What is kept of a product, and what the person can undo and redo. */
final readonly class KeptView
{
    private function __construct(
        public string $time,
        public string $words,
        public ?string $undo,
        public ?string $redo,
    ) {
    }

    public static function of(Product $product, User $user): self
    {
        $last = HistoryEntry::query()->where('product_id', $product->id)->whereNull('undone_at')->latest('id')->first(['id', 'words', 'created_at']);

        return new self(
            $last?->created_at->format('H:i') ?? '',
            $last->words ?? '',
            UndoRedo::nextUndo($product->id, $user->id)?->words,
            UndoRedo::nextRedo($product->id, $user->id)?->words,
        );
    }
}
