<?php

declare(strict_types=1);

namespace App\Refusals;

use Core\Refusal;

use Core\RefusalKind;

/** The product or the library was changed since the page was drawn: nothing was written, the change can be repeated. */
final class StaleVersion extends Refusal
{
    /** @param  int  $version  the version that the same change can be made on */
    public function __construct(string $message, public readonly int $version)
    {
        parent::__construct($message, RefusalKind::Changed);
    }
}
