<?php

declare(strict_types=1);

namespace App\Models;

/** How far a batch is. */
enum BatchState: string
{
    case Vetting = 'vetting';
    case Running = 'running';
    case Undoing = 'undoing';
    case Redoing = 'redoing';
    case Stopped = 'stopped';
    case Refused = 'refused';
    case Done = 'done';
    case Undone = 'undone';

    public function isAtWork(): bool
    {
        return in_array($this, [self::Vetting, self::Running, self::Undoing, self::Redoing], true);
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Vetting => 'looking at every product before anything is written',
            self::Running => 'at work',
            self::Undoing => 'being undone',
            self::Redoing => 'being made again',
            self::Stopped => 'stopped',
            self::Refused => 'not made: one product refused, and it was all or nothing',
            self::Done => 'done',
            self::Undone => 'undone',
        };
    }
}
