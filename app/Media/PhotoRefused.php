<?php

declare(strict_types=1);

namespace App\Media;

use App\Actions\Refused;

final class PhotoRefused extends Refused
{
}
