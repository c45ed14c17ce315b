<?php

declare(strict_types=1);

namespace App\Models;

/** What became of a product in a batch. */
enum BatchProductState: string
{
    case Waiting = 'waiting';
    case Vetted = 'vetted';
    case Changed = 'changed';
    case Same = 'same';
    case Refused = 'refused';
    case Undone = 'undone';

    /** It was not undone, or not made again: somebody has changed it since. */
    case Stands = 'stands';

    public function inWords(): string
    {
        return match ($this) {
            self::Waiting => 'waiting',
            self::Vetted => 'looked at',
            self::Changed => 'changed',
            self::Same => 'was so already',
            self::Refused => 'refused',
            self::Undone => 'undone',
            self::Stands => 'stands as it is',
        };
    }
}
