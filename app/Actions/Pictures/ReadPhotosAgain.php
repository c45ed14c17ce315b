<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Media\PhotoStore;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\Photo;
use App\Models\Product;
use App\Models\User;
use App\Store\PlacementReader;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;

/** Has pictures read again that have no sizes. It changes nothing of the product, so it is in no history. */
final class ReadPhotosAgain
{
    public function __construct(private readonly PhotoStore $store) {}

    /**
     * @param  list<int>  $placementIds
     * @return int how many are read again
     */
    public function run(User $user, Product $product, array $placementIds): int
    {
        Gate::forUser($user)->authorize('edit');

        return $this->readAgain(PlacementReader::photoIds($product->id, $placementIds));
    }

    /**
     * @param  list<int>  $fileIds
     * @return int how many are read again
     */
    public function ofDrop(User $user, Drop $drop, array $fileIds): int
    {
        Gate::forUser($user)->authorize('edit');

        return $this->readAgain(DropFile::query()->where('drop_id', $drop->id)->whereKey($fileIds)->pluck('photo_id'));
    }

    /** @param  Collection<int, int|null>|list<int>  $photoIds */
    private function readAgain(Collection|array $photoIds): int
    {
        $photos = Photo::query()
            ->whereKey($photoIds)
            ->get()
            ->filter(fn(Photo $photo): bool => $photo->state->canBeReadAgain() || !$this->store->isWhole($photo));
        $photos->each($this->store->readAgain(...));

        return $photos->count();
    }

    /** A picture whose sizes somebody asked for, and that are not there although they were made. */
    public function missing(Photo $photo): void
    {
        if (!$photo->state->canBeReadAgain()) {
            $this->store->readAgainWhenIdle($photo);
        }
    }
}
