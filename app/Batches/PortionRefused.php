<?php

declare(strict_types=1);

namespace App\Batches;

use App\Changing\PortionOutcome;
use RuntimeException;

/** Where it is all or nothing, and some refuse: what was written of their portion is not kept. */
final class PortionRefused extends RuntimeException
{
    /** @param  non-empty-array<int, PortionOutcome>  $outcomes  of those that refused, by product id */
    public function __construct(public readonly array $outcomes)
    {
        parent::__construct('Some products refuse, so that none is changed.');
    }
}
