<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** Something a person asked for that cannot be done; the message says what, why and what to do. */
class Refused extends RuntimeException
{
}
