<?php

declare(strict_types=1);

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => base_path(env('FILESYSTEM_ROOT', 'storage/app')),
            'throw' => true,
        ],
    ],
];
