<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** Asks a tool of another language; what it prints is JSON. */
function outside(array $command, mixed $input): mixed
{
    $process = new Process(
        $command,
        dirname(__DIR__, 2),
        null,
        is_string($input) ? $input : json_encode($input, JSON_THROW_ON_ERROR),
        120,
    );
    $process->mustRun();

    return json_decode($process->getOutput(), true, 64, JSON_THROW_ON_ERROR);
}
