<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Files\Packages\PackageFile;
use App\Intake\IncomingParts;
use App\Intake\ZipDirectory;
use App\Media\WorkFolder;
use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use App\Refusals\PhotoRefused;
use Core\Refusal;
use Core\RefusalKind;

/** Takes a package through reading, unpacking and vetting, some way at a time. */
final readonly class PackageWork
{
    public function __construct(
        private PackageReading $reading,
        private PackagePhotos $photos,
        private PackageVetting $vetting,
        private IncomingParts $parts,
        private WorkFolder $folders,
    ) {}

    /**
     * @param  float  $seconds  after which it comes back
     * @return bool whether there is more to do
     */
    public function advance(Package $package, float $seconds): bool
    {
        return $this->going(
            $package,
            microtime(true) + $seconds,
            fn(string $folder): string => $this->file($package, $folder),
        );
    }

    /**
     * All of it, of a file that lies on this machine.
     *
     * @throws Refusal where it cannot be read
     */
    public function through(Package $package, string $path): void
    {
        $this->going($package, INF, fn(): string => $path);
        if ($package->state === PackageState::Failed) {
            throw new Refusal($package->failure, RefusalKind::Unreadable);
        }
    }

    /**
     * @param  callable(string): string  $file  given a folder of this machine, where the file lies
     * @return bool whether there is more to do
     */
    private function going(Package $package, float $end, callable $file): bool
    {
        try {
            if (in_array($package->state, [PackageState::Reading, PackageState::Unpacking], true)) {
                $this->folders->within(fn(string $folder) => $this->read($package, $file($folder), $folder, $end));
            }
            while ($package->state === PackageState::Vetting && microtime(true) < $end) {
                $this->vetting->advance($package);
            }
        } catch (Refusal | PhotoRefused $fault) {
            $package->update([
                'state' => PackageState::Failed,
                'failure' => mb_strimwidth($fault->getMessage(), 0, 400, '…'),
            ]);
        }

        return $package->state->isAtWork();
    }

    private function read(Package $package, string $path, string $folder, float $end): void
    {
        ZipDirectory::read($path, $package->name, config('slate.intake.most_packed'));
        $file = PackageFile::open(
            $path,
            $package->name,
            config('slate.intake.most_unpacked'),
            config('slate.photos.most_bytes'),
        );
        try {
            if ($package->state === PackageState::Reading) {
                $this->reading->read($package, $file);
            }
            if ($package->state === PackageState::Unpacking) {
                $this->photos->unpack($package, $file, $folder, $end);
            }
        } finally {
            $file->close();
        }
        if ($package->state === PackageState::Vetting && $package->file !== null) {
            $this->parts->forget($package->file);
        }
    }

    private function file(Package $package, string $folder): string
    {
        $file =
            $package->file ??
            throw new Refusal("The file of {$package->name} is not there any more. Bring it again.", RefusalKind::Gone);

        return $this->parts->joined($file, $folder);
    }
}
