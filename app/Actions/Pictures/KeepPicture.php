<?php

declare(strict_types=1);

namespace App\Actions\Pictures;

use App\Media\Incoming\IncomingFile;
use App\Media\MediaKind;
use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\User;
use App\Refusals\PhotoRefused;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\Gate;

/** Stores a picture that no product has yet: of a pattern, to make swatches from. It changes nothing that is sold. */
final class KeepPicture
{
    public function __construct(private readonly PhotoStore $store) {}

    /** @throws Refusal */
    public function run(User $user, IncomingFile $file): Photo
    {
        Gate::forUser($user)->authorize('edit');
        try {
            $photo = $this->store->take($file)->photo;
        } catch (PhotoRefused $refusal) {
            throw new Refusal($refusal->getMessage(), RefusalKind::Unreadable, 'picture');
        }
        if (MediaKind::ofType($photo->type) !== MediaKind::Still) {
            throw new Refusal(
                "{$file->name} is no still picture. A swatch is made from a still.",
                RefusalKind::Unreadable,
                'picture',
            );
        }

        return $photo;
    }
}
