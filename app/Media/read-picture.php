<?php

declare(strict_types=1);

/*
 * Reads one picture and writes its sizes into a folder, in a process of its own within the limits that PictureReader
 * sets. Says what became of it as JSON. Of the application it loads no more than it uses, so that it starts quickly.
 */

use App\Media\PhotoDeriver;

spl_autoload_register(function (string $class): void {
    require __DIR__ . '/' . substr($class, strlen('App\\Media\\')) . '.php';
});

[, $original, $type, $longerSide, $folder] = $argv;
$started = hrtime(true);
try {
    (new PhotoDeriver())->derive($original, $type, (int) $longerSide, $folder);
    $said = [];
} catch (ImagickException $fault) {
    $said = ['fault' => $fault->getMessage(), 'code' => $fault->getCode()];
}
echo json_encode(
    $said + [
        'milliseconds' => intdiv(hrtime(true) - $started, 1_000_000),
        // Not getrusage(): that counts what the process was forked from as well.
        'kilobytes' =>
            preg_match('/^VmHWM:\s+(\d+)/m', (string) file_get_contents('/proc/self/status'), $peak) === 1
                ? (int) $peak[1]
                : 0,
    ],
    JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
);
