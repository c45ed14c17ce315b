<?php

declare(strict_types=1);

namespace App\Refusals;

use RuntimeException;

/** Why a backup or a restore was not done; the sentence is for the person at the command line. */
final class BackupFault extends RuntimeException {}
