<?php

declare(strict_types=1);

namespace App\Actions;

use App\Catalog\ChosenPictures;
use App\Catalog\LoadedProduct;
use App\Catalog\NewPictures;
use App\Changing\UnitOfWork;
use App\History\Change;
use App\Ledger\Ledger;
use App\Media\IncomingFile;
use App\Media\PhotoStore;
use App\Models\HistoryEntry;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Gate;

/** Puts another file in the place of a picture: where it is linked, its place in the order, its roles and texts stay. */
final class ReplacePhoto
{
    public function __construct(private readonly UnitOfWork $work, private readonly PhotoStore $store)
    {
    }

    public function run(Change $change, int $placementId, IncomingFile $file): ?HistoryEntry
    {
        Gate::forUser($change->user)->authorize('edit');
        $photo = $this->store->take($file)->photo;

        return $this->work->keep($change, self::class, function (Ledger $ledger, LoadedProduct $loaded) use ($placementId, $photo, $file): string {
            $old = ChosenPictures::rows($loaded, [$placementId])[0];
            $pictures = new NewPictures($loaded);
            $here = $pictures->name($photo->id);
            if ($old->photoId === $photo->id) {
                throw new Refusal("{$file->name} is the very picture that is here.", RefusalKind::Impossible);
            }
            if ($here !== null) {
                throw new Refusal("{$file->name} is in this product already, as {$here}. Link that one instead.", RefusalKind::Taken);
            }
            $ledger->update('placements', [$placementId => $pictures->inPlaceOf($old, $photo->id, $file->name)]);

            return "Replaced {$old->file()} by {$file->name}";
        });
    }
}
