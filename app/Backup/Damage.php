<?php

declare(strict_types=1);

namespace App\Backup;

/** Something that is not as it should be, and whether it was mended. */
final readonly class Damage
{
    public function __construct(public string $what, public string $place, public bool $isMended) {}
}
