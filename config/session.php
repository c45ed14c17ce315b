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
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'serialization' => 'json',
];
