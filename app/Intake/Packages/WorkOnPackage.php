<?php

declare(strict_types=1);

namespace App\Intake\Packages;

use App\Models\Packages\Package;
use App\Models\Packages\PackageState;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Reads, unpacks and vets a package in the queue, some way at a time. Broken off, it goes on where it was. */
final class WorkOnPackage implements ShouldQueue
{
    use Queueable;

    /** Seconds; then other work comes in between. */
    private const MOST_SECONDS = 30.0;

    /** Seconds after which nobody is at work on a package that has not gone on. */
    private const FORGOTTEN = 120;

    public int $tries = 3;

    public int $timeout = 600;

    public function __construct(private readonly int $packageId) {}

    /** Has those go on again whose worker died. */
    public static function resumeAbandoned(int $seconds = self::FORGOTTEN): void
    {
        $atWork = array_filter(PackageState::cases(), fn(PackageState $state): bool => $state->isAtWork());
        foreach (
            Package::query()->whereIn('state', $atWork)->where('beat_at', '<', now()->subSeconds($seconds))->get()
            as $package
        ) {
            $package->update(['beat_at' => now()]);
            self::dispatch($package->id);
        }
    }

    public function handle(PackageWork $work): void
    {
        $package = Package::query()->find($this->packageId);
        if ($package !== null && $work->advance($package, self::MOST_SECONDS)) {
            self::dispatch($this->packageId);
        }
    }

    /** Has packages looked at anew that a batch imported, or that were taken back with it. */
    public static function afterBatch(string $batchId): void
    {
        $ids = DB::table('package_products')->where('batch_id', $batchId)->distinct()->pluck('package_id');
        foreach ($ids as $id) {
            self::lookAnew((int) $id);
        }
    }

    /** Has a package that was looked at held against the catalog once more. */
    public static function lookAnew(int $packageId): void
    {
        $isReady = Package::query()
            ->whereKey($packageId)
            ->where('state', PackageState::Ready)
            ->update(['state' => PackageState::Vetting, 'through' => 0, 'beat_at' => now()]);
        if ($isReady > 0) {
            self::dispatch($packageId);
        }
    }
}
