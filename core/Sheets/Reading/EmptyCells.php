<?php

declare(strict_types=1);

namespace Core\Sheets\Reading;

/** What an empty cell means. */
enum EmptyCells: string
{
    /** What is there stays. */
    case Keep = 'keep';

    /** Nothing is to be there. */
    case Clear = 'clear';
}
