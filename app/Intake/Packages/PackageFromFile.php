<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Packages\Package;
use App\Models\User;
use Core\Refusal;

/** A package that lies on this machine, read, unpacked and vetted at once. */
final readonly class PackageFromFile
{
    public function __construct(
        private PackageArrival $arrival,
        private PackageWork $work,
        private PackagePhotos $photos,
    ) {}

    /** @throws Refusal where it cannot be read */
    public function vetted(User $user, string $path): Package
    {
        $package = $this->arrival->fromFile($user, $path);
        $this->work->through($package, $path);

        return $package;
    }

    /** Lets go of one that was only looked at. */
    public function forget(Package $package): void
    {
        $this->photos->forget($package->id);
        $package->delete();
    }
}
