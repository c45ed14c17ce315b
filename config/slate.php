<?php

declare(strict_types=1);

return [
    // The bounds that an upload is held to before anything is decoded.
    'photos' => [
        'most_bytes' => 40 * 1024 * 1024,
        'most_pixels' => 60_000_000,
        'most_side' => 16_000,
    ],
];
