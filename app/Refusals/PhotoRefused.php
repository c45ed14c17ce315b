<?php

declare(strict_types=1);

namespace App\Refusals;

use Core\Refusal;

final class PhotoRefused extends Refusal {}
