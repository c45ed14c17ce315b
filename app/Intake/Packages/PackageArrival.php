<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Drop;
use App\Models\DropFile;
use App\Models\DropFileState;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Models\User;

/** Takes in a package: it is read in the queue, and has a page of its own. */
final readonly class PackageArrival
{
    public function take(DropFile $file): Package
    {
        $file->update(['state' => DropFileState::Package]);
        $drop = Drop::query()->findOrFail($file->drop_id);
        $package = self::begun($drop->user_id, $file->file, $file->id);
        WorkOnPackage::dispatch($package->id)->afterCommit();

        return $package;
    }

    /** One that lies on this machine. */
    public function fromFile(User $user, string $path): Package
    {
        return self::begun($user->id, basename($path), null);
    }

    private static function begun(int $userId, string $name, ?int $fileId): Package
    {
        return Package::query()->create([
            'user_id' => $userId,
            'drop_file_id' => $fileId,
            'name' => mb_substr($name, 0, 200),
            'state' => PackageState::Reading,
            'library' => [],
            'products' => 0,
            'through' => 0,
            'created_at' => now(),
            'beat_at' => now(),
        ]);
    }
}
