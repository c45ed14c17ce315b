<?php

declare(strict_types=1);

// Seconds after which a job that was begun is begun again: its worker has died. Longer than any job may take
// (DerivePhoto::$timeout), so that no two workers have the same one.
$retryAfter = (int) env('QUEUE_RETRY_AFTER', 120);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => $retryAfter,
            'after_commit' => false,
        ],
        'redis' => [
            'driver' => 'redis',
            'connection' => 'default',
            'queue' => 'default',
            'retry_after' => $retryAfter,
            'block_for' => null,
            'after_commit' => false,
        ],
    ],
    // Jobs that failed are kept where they can be seen and tried again: on the page Works.
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
