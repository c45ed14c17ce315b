<?php

declare(strict_types=1);

namespace App\Summaries\Status;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Whether what the application stands on is there: the database, a queue that moves, a disk with room. */
final class Health
{
    /** The oldest job that waits for a worker may be this old, in seconds. */
    private const OLDEST_JOB = 300;

    private const LEAST_FREE_BYTES = 200 * 1024 * 1024;

    /** @return array<string, array{ok: bool, says: string}> */
    public function checks(): array
    {
        return ['database' => $this->database(), 'queue' => $this->queue(), 'disk' => $this->disk(Storage::disk())];
    }

    /** @return array{ok: bool, says: string} */
    private function database(): array
    {
        try {
            DB::select('select 1');

            return ['ok' => true, 'says' => 'answers'];
        } catch (Throwable) {
            return ['ok' => false, 'says' => 'does not answer'];
        }
    }

    /** @return array{ok: bool, says: string} */
    private function queue(): array
    {
        try {
            $oldest = Queue::creationTimeOfOldestPendingJob();
        } catch (Throwable) {
            return ['ok' => false, 'says' => 'not known'];
        }
        $age = $oldest === null ? 0 : (int) now()->timestamp - (int) $oldest;

        return [
            'ok' => $age <= self::OLDEST_JOB,
            'says' => $oldest === null ? 'nothing waits' : "the oldest job waits for {$age} s",
        ];
    }

    /** @return array{ok: bool, says: string} */
    private function disk(Filesystem $disk): array
    {
        $probe = 'probe/' . bin2hex(random_bytes(6));
        try {
            $disk->put($probe, 'x');
            $disk->delete($probe);
        } catch (Throwable) {
            return ['ok' => false, 'says' => 'cannot be written'];
        }
        if (!($disk instanceof LocalFilesystemAdapter)) {
            return ['ok' => true, 'says' => 'can be written'];
        }
        // The disk that photos lie on, which need not be the application's.
        $free = (float) @disk_free_space($disk->path(''));

        return ['ok' => $free > self::LEAST_FREE_BYTES, 'says' => number_format($free / 1_073_741_824, 1) . ' GB free'];
    }
}
