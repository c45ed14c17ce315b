<?php

declare(strict_types=1);

namespace App\Models;

enum PhotoState: string
{
    case Waiting = 'waiting';
    case Ready = 'ready';

    /** Lost: its file is not in the store. */
    case Failed = 'failed';

    /** Not taken, and why is said: damaged, beyond a limit, or of a kind that is not read. */
    case Refused = 'refused';

    /** Whether dropping the file again, or asking for it, has it read again. */
    public function canBeReadAgain(): bool
    {
        return $this !== self::Ready;
    }
}
