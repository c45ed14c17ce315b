<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Batches\OwnForEach;
use App\Models\DropFile;
use App\Store\Clauses;
use App\Store\Library\ViewShelf;
use Core\Changes\Pictures\ArrivingPicture;
use Core\Changes\Pictures\LinkArrived;

/**
 * Links what was accepted of a drop to products: new pictures behind those they have, better files in the place of
 * others.
 */
final class LinkDropped implements OwnForEach
{
    public const NAME = 'drop';

    public function __construct(private readonly ViewShelf $shelf) {}

    public function inWords(array $wanted): string
    {
        $count = (int) ($wanted['count'] ?? 0);
        $what = $count === 1 ? $wanted['file'] ?? '' : number_format($count) . ' pictures';

        return ($wanted['verb'] ?? 'Linked') . " {$what} of “{$wanted['drop']}”";
    }

    public function changes(string $batchId, array $items): array
    {
        $productIds = array_column($items, 'productId', 'position');
        $files = DropFile::query()
            ->where('batch_id', $batchId)
            ->whereIn('to_product_id', array_values($productIds))
            ->orderBy('to_place')
            ->get();
        $changes = [];
        foreach ($productIds as $position => $id) {
            $own = $files->where('to_product_id', $id)->values();
            $changes[$position] = new LinkArrived(array_values($own->map($this->arriving(...))->all()));
        }

        return $changes;
    }

    private function arriving(DropFile $file): ArrivingPicture
    {
        return new ArrivingPicture(
            (int) $file->photo_id,
            $file->file,
            Clauses::decode((string) $file->to_reach),
            $this->shelf->views()->find($file->to_view),
            $file->replaces_id,
        );
    }
}
