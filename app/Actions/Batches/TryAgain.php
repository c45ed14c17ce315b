<?php

declare(strict_types=1);

namespace App\Actions\Batches;

use App\Media\PhotoStore;
use App\Models\Photo;
use App\Models\PhotoState;
use App\Models\User;
use App\Summaries\Status\SystemStatus;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Gate;

/** Has the work that broke off tried again: pictures that have no sizes, and jobs of the queue that failed. */
final class TryAgain
{
    private const CHUNK = 200;

    public function __construct(private readonly PhotoStore $store) {}

    /** @return int how many pictures are read again: all that failed, were refused, or wait */
    public function pictures(User $user): int
    {
        Gate::forUser($user)->authorize('release');
        $count = 0;
        foreach (Photo::query()->where('state', '<>', PhotoState::Ready)->lazyById(self::CHUNK) as $photo) {
            $this->store->readAgain($photo);
            $count++;
        }

        return $count;
    }

    /** @return int how many jobs go back into the queue */
    public function jobs(User $user): int
    {
        Gate::forUser($user)->authorize('release');
        $count = SystemStatus::countFailedJobs();
        if ($count > 0) {
            Artisan::call('queue:retry', ['id' => ['all']]);
        }

        return $count;
    }
}
