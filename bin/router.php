<?php

declare(strict_types=1);

/*
 * For PHP's own web server: what is in public/ as nginx serves it (deploy/nginx.conf), with the headers of safety;
 * everything else goes to the application.
 */

const TYPES = [
    'css' => 'text/css; charset=utf-8',
    'js' => 'text/javascript; charset=utf-8',
    'json' => 'application/json',
    'svg' => 'image/svg+xml',
    'txt' => 'text/plain; charset=utf-8',
    'woff2' => 'font/woff2',
];

$public = dirname(__DIR__) . '/public';
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath($public . $path);
$type = TYPES[pathinfo($path, PATHINFO_EXTENSION)] ?? null;

if (
    $file === false ||
    $type === null ||
    !is_file($file) ||
    !str_starts_with($file, $public . '/') ||
    str_contains($path, '/.')
) {
    $_SERVER['SCRIPT_NAME'] = '/index.php';
    $_SERVER['SCRIPT_FILENAME'] = $public . '/index.php';
    unset($public, $path, $file, $type);
    require $_SERVER['SCRIPT_FILENAME'];

    return;
}

$tag = sprintf('"%x-%x"', filemtime($file), filesize($file));
header("Content-Security-Policy: default-src 'none'; sandbox");
header('X-Content-Type-Options: nosniff');
header('Referrer-Policy: same-origin');
header('ETag: ' . $tag);
// The names of what is built change with what is in them.
header(
    'Cache-Control: ' .
        (str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'public, max-age=300'),
);
header('Content-Type: ' . $type);
if (($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === $tag) {
    http_response_code(304);

    return;
}
header('Content-Length: ' . filesize($file));
if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
    readfile($file);
}
