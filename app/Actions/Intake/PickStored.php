<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\AnnouncedFile;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Photo;
use App\Models\User;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Puts pictures that are stored already into a drop of their own, to be read and linked like those that arrive. */
final class PickStored
{
    /**
     * @param  array<int, string>  $names  photo id => the name it is read by
     *
     * @throws Refusal
     */
    public function run(User $user, array $names): Drop
    {
        Gate::forUser($user)->authorize('edit');
        if ($names === []) {
            throw new Refusal('Mark a picture first.', RefusalKind::Missing);
        }

        return DB::transaction(function () use ($user, $names): Drop {
            $drop = Drop::query()->create([
                'user_id' => $user->id,
                'name' => 'Stored pictures' . (count($names) === 1 ? '' : ', ' . number_format(count($names))),
                'created_at' => now(),
            ]);
            $rows = [];
            foreach (Photo::query()->whereKey(array_keys($names))->get() as $photo) {
                $rows[] =
                    ['state' => DropFileState::Stored->value, 'photo_id' => $photo->id, 'received' => $photo->bytes] +
                    AnnouncedFile::of($names[$photo->id], $photo->bytes, "photo {$photo->id}")->row($drop->id);
            }
            DropFile::query()->insert($rows);

            return $drop;
        });
    }
}
