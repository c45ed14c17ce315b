<?php

declare(strict_types=1);

use Illuminate\Http\Request;

// A JSON body is decoded as the request is captured, before anything can ask how long it is.
if (
    str_contains((string) ($_SERVER['CONTENT_TYPE'] ?? ''), 'json')
    && (int) ($_SERVER['CONTENT_LENGTH'] ?? 0) > 2 * 1024 * 1024
) {
    http_response_code(413);
    exit;
}

define('LARAVEL_START', microtime(true));

require __DIR__.'/../vendor/autoload.php';

(require_once __DIR__.'/../bootstrap/app.php')->handleRequest(Request::capture());
