<?php

declare(strict_types=1);

$root = (string) env('FILESYSTEM_ROOT', 'storage/app');

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => str_starts_with($root, '/') ? $root : base_path($root),
            'throw' => true,
        ],
        // Any storage that speaks S3, for several machines.
        's3' => [
            'driver' => 's3',
            'key' => env('S3_KEY'),
            'secret' => env('S3_SECRET'),
            'region' => env('S3_REGION', 'us-east-1'),
            'bucket' => env('S3_BUCKET'),
            'endpoint' => env('S3_ENDPOINT'),
            'use_path_style_endpoint' => (bool) env('S3_PATH_STYLE', true),
            'throw' => true,
        ],
    ],
];
