<?php

declare(strict_types=1);

namespace Core\Checks;

/** What a finding does to a release. */
enum Severity: string
{
    case Stop = 'stop';
    case Warn = 'warn';
    case Advise = 'advise';
}
