<?php

declare(strict_types=1);

namespace App\Models;

enum PhotoState: string
{
    case Waiting = 'waiting';
    case Ready = 'ready';
    /** Damaged or lost: another file of it is needed. */
    case Failed = 'failed';

    /** Beyond a limit that every picture is held to. */
    case Refused = 'refused';

    /** Whether dropping the file again, or asking for it, has it read again. */
    public function canBeReadAgain(): bool
    {
        return $this !== self::Ready;
    }
}
