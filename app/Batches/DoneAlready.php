<?php

declare(strict_types=1);

namespace App\Batches;

use RuntimeException;

/** Another worker has gone through this product of the batch meanwhile: what was done here is rolled back. */
final class DoneAlready extends RuntimeException
{
}
