<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3307'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'indigo_slate'),
            'username' => env('DB_USERNAME', 'slate'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_520_ci',
            'prefix' => '',
            'strict' => true,
            'options' => [PDO::ATTR_EMULATE_PREPARES => false],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
    // Only where queue, cache or sessions are kept in it.
    'redis' => [
        'client' => 'predis',
        'options' => ['prefix' => env('REDIS_PREFIX', 'indigo-slate-')],
        'default' => [
            'url' => env('REDIS_URL'),
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', '6379'),
            'password' => env('REDIS_PASSWORD'),
            'database' => env('REDIS_DB', '0'),
        ],
    ],
];
