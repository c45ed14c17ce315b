<?php

declare(strict_types=1);

namespace App\Summaries\Status;

/** A job of the queue that was given up. */
final readonly class FailedJob
{
    public function __construct(public string $name, public string $why, public string $at) {}
}
