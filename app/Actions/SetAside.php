<?php

declare(strict_types=1);

namespace App\Actions;

use App\Intake\DropReading;
use App\Intake\IncomingParts;
use App\Intake\Standing;
use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\User;
use App\Refusals\Kind;
use App\Refusals\Refused;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Puts pictures of a drop aside that belong to nothing here, takes them up again, or gives up waiting for what never arrived. */
final class SetAside
{
    public function __construct(private readonly DropReading $reading, private readonly IncomingParts $parts)
    {
    }

    /** @param  list<int>  $ids */
    public function run(User $user, Drop $drop, array $ids): void
    {
        $this->locked($user, $drop, fn (): int => DropFile::query()->whereKey(array_keys($this->reading->of($drop)->openOnes($ids)))->update(['state' => DropFileState::Aside]));
    }

    /** @param  list<int>  $ids */
    public function takeUp(User $user, Drop $drop, array $ids): void
    {
        $this->locked($user, $drop, function () use ($drop, $ids): int {
            $aside = array_keys($this->reading->of($drop)->standing(Standing::Aside));
            if (array_diff($ids, $aside) !== [] || $ids === []) {
                throw new Refused('Not all of these are put aside. Look at the table again.', Kind::Changed);
            }

            return DropFile::query()->whereKey($ids)->update(['state' => DropFileState::Stored]);
        });
    }

    /** What has not arrived is waited for no longer; what was refused is struck from the list. */
    public function forgetMissing(User $user, Drop $drop): void
    {
        $this->locked($user, $drop, function () use ($drop): int {
            $files = DropFile::query()->where('drop_id', $drop->id)->whereIn('state', [DropFileState::Arriving, DropFileState::Refused])->get();
            $files->each($this->parts->forget(...));

            return DropFile::query()->whereKey($files->modelKeys())->whereNotIn('id', DropFile::query()->where('drop_id', $drop->id)->whereNotNull('archive_id')->select('archive_id'))->delete();
        });
    }

    /** @param  callable(): int  $work */
    private function locked(User $user, Drop $drop, callable $work): void
    {
        Gate::forUser($user)->authorize('edit');
        DB::transaction(function () use ($drop, $work): void {
            Drop::query()->whereKey($drop->id)->lockForUpdate()->firstOrFail();
            $work();
        });
    }
}
