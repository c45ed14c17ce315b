<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\RotatingFileHandler;
use Monolog\Handler\StreamHandler;
use Monolog\Processor\PsrLogMessageProcessor;

// One JSON object to a line, each with the id of the request or of the job's request (App\Http\Middleware\RequestId).
$lines = [
    'driver' => 'monolog',
    'level' => env('LOG_LEVEL', 'info'),
    'formatter' => JsonFormatter::class,
    'formatter_with' => ['includeStacktraces' => true],
    'processors' => [PsrLogMessageProcessor::class],
];

return [
    'default' => env('LOG_CHANNEL', 'files'),
    'channels' => [
        'files' => $lines + [
            'handler' => RotatingFileHandler::class,
            'handler_with' => [
                'filename' => storage_path('logs/slate.log'),
                'maxFiles' => 14,
                'filePermission' => 0o600,
            ],
        ],
        // For a service manager that keeps what is written to it.
        'stderr' => $lines + ['handler' => StreamHandler::class, 'handler_with' => ['stream' => 'php://stderr']],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
