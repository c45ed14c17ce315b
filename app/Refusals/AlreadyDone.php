<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** The same change was kept before; its answer was lost on the way. Nothing is done a second time. */
final class AlreadyDone extends RuntimeException {}
