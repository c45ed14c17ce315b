<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => 600,
    'encrypt' => false,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'indigo_slate_session',
    'path' => '/',
    // Where nothing is said, cookies are for https only wherever the request came by https.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'connection' => env('SESSION_CONNECTION'),
    'http_only' => true,
    'same_site' => 'lax',
    'serialization' => 'json',
];
