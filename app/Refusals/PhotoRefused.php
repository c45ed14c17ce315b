<?php

declare(strict_types=1);

namespace App\Refusals;

final class PhotoRefused extends Refused
{
}
