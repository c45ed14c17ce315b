<?php

declare(strict_types=1);

/*
 * The application's front controller with one more route: the framework's empty page, the yardstick. Only for
 * bin/bench.
 */

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

if (preg_match('#^/(build|photos)/.*\.(css|js|woff2)$#', $_SERVER['REQUEST_URI'])) {
    return false;
}
require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->booted(fn() => Route::middleware('web')->get('/bench-empty', fn(): string => ''));
$app->handleRequest(Request::capture());
