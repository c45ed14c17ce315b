<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Media\PhotoCuts;
use Illuminate\Console\Command;

/** A worker of the queue with the settings that this application's jobs need, said in one place. */
final class WorkCommand extends Command
{
    protected $signature = 'slate:work {--stop-when-empty : End when nothing waits}';

    protected $description = 'Works off the queue: what arrives first, then what somebody looks at';

    /** Megabytes after which a worker ends itself after a job; more than an archive of 2,000 pictures leaves. */
    private const MEMORY = 512;

    /** Seconds: longer than any job may take. */
    private const TIMEOUT = 180;

    /** Seconds after which a worker ends itself, so that whatever a program gathers is let go of. */
    private const LIFE = 3_600;

    public function handle(): int
    {
        return $this->callSilently('queue:work', [
            '--queue' => 'default,' . PhotoCuts::ASKED_FOR,
            '--sleep' => '0.2',
            '--tries' => '3',
            '--memory' => (string) self::MEMORY,
            '--timeout' => (string) self::TIMEOUT,
            '--max-time' => (string) self::LIFE,
            '--stop-when-empty' => (bool) $this->option('stop-when-empty'),
        ]);
    }
}
