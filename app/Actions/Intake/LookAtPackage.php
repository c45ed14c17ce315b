<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use App\Intake\Packages\WorkOnPackage;
use App\Models\Packages\Package;
use App\Models\User;
use Illuminate\Support\Facades\Gate;

/** Has a package held against the catalog once more, where that has changed since. */
final readonly class LookAtPackage
{
    public function run(User $user, Package $package): void
    {
        Gate::forUser($user)->authorize('edit');
        WorkOnPackage::lookAnew($package->id);
    }
}
