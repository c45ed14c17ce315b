<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

final class RowHasChanged extends RuntimeException
{
    public function __construct(public readonly RowChange $change)
    {
        parent::__construct("{$change->place()} is not as this change left it.");
    }
}
