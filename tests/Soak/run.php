<?php

declare(strict_types=1);

/*
 * The parts of bin/soak:
 *   prepare FILE CLIENTS        people and products; writes what the clients need to know
 *   races FILE BASE             eight at the same moment want the same names and codes
 *   client FILE BASE N SECONDS SEED OUT
 *   verify FILE OUT             whether what was answered as kept is there, and nothing else; prints the figures
 */

use Tests\Soak\Client;
use Tests\Soak\Races;
use Tests\Soak\Stage;
use Tests\Soak\Verdict;
use Tests\Soak\Visitor;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

[, $part, $file] = $argv;
if ($part !== 'client' && $part !== 'races') {
    $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
}
$stage = $part === 'prepare' ? null : json_decode((string) file_get_contents($file), true);

try {
    match ($part) {
        'prepare' => file_put_contents($file, json_encode(Stage::set((int) $argv[3]))),
        'races' => exit((new Races($stage, $argv[3]))->run()),
        'client' => (function () use ($argv, $stage): void {
            [, , , $base, $at, $seconds, $seed, $out] = $argv;
            $visitor = new Visitor($base);
            $visitor->signIn($stage['people'][$at], Stage::PASSWORD);
            $folder = sys_get_temp_dir() . "/slate-soak-{$at}-" . getmypid();
            mkdir($folder);
            try {
                $done = (new Client(
                    $visitor,
                    $stage['products'][$at]['code'],
                    $stage['products'][$at]['cells'],
                    $stage['shared'],
                    $folder,
                    (int) $at,
                    (int) $seed + (int) $at,
                ))->work((int) $seconds);
                file_put_contents("{$out}/{$at}.json", json_encode($done));
            } finally {
                array_map(unlink(...), glob("{$folder}/*") ?: []);
                rmdir($folder);
            }
        })(),
        'verify' => exit((new Verdict($stage, $argv[3]))->say()),
    };
} catch (Throwable $fault) {
    fwrite(STDERR, "{$part} " . ($argv[4] ?? '') . ": {$fault->getMessage()}\n");
    exit(1);
}
