<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'jobs',
            'queue' => 'default',
            // Longer than any job may take (DerivePhoto::$timeout), so that no two workers have the same one.
            'retry_after' => 240,
            'after_commit' => false,
        ],
        'redis' => [
            'driver' => 'redis',
            'connection' => 'default',
            'queue' => 'default',
            'retry_after' => 240,
            'block_for' => null,
            'after_commit' => false,
        ],
    ],
    // Jobs that failed are kept where they can be seen and tried again: on the page Works.
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
