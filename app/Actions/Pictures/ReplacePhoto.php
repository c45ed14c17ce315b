<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Media\Incoming\IncomingFile;
use App\Media\PhotoStore;
use App\Models\HistoryEntry;
use Core\Changes\Pictures\ReplaceFile;
use Illuminate\Support\Facades\Gate;

/**
 * Puts another file in the place of a picture: where it is linked, its place in the order, its roles and texts stay.
 */
final class ReplacePhoto
{
    public function __construct(private readonly UnitOfWork $work, private readonly PhotoStore $store) {}

    public function run(Change $change, int $placementId, IncomingFile $file): ?HistoryEntry
    {
        Gate::forUser($change->user)->authorize('edit');
        $photo = $this->store->take($file)->photo;

        return $this->work->change($change, self::class, new ReplaceFile($placementId, $photo->id, $file->name));
    }
}
