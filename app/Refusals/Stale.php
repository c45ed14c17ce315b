<?php

declare(strict_types=1);

namespace App\Refusals;

/** The product or the library was changed since the page was drawn: nothing was written, the change can be repeated. */
final class Stale extends Refused
{
    /** @param  int  $version  the version that the same change can be made on */
    public function __construct(string $message, public readonly int $version)
    {
        parent::__construct($message, Kind::Changed);
    }
}
