<?php

declare(strict_types=1);

return [
    // Whose clock times are shown on, where neither a reader's account nor the browser says one.
    'zone' => 'UTC',
    'browsers_zone' => 'UTC',
    'readers_zone' => 'UTC',
    // The bounds that an upload is held to before anything is decoded.
    'photos' => [
        'most_bytes' => 40 * 1024 * 1024,
        'most_pixels' => 60_000_000,
        'most_side' => 16_000,
    ],
    // The bounds of the process that decodes a picture, and the folder it works in.
    'reading' => [
        'folder' => storage_path('framework/pictures'),
        'cpu_seconds' => 20,
        'wall_seconds' => 60,
        'most_memory' => 600 * 1024 * 1024,
        'most_disk' => 1_024 * 1024 * 1024,
    ],
];
