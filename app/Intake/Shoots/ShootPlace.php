<?php

declare(strict_types=1);

namespace App\Intake\Shoots;

/** A place in the layout of a shoot, each part of it counted from 0. */
final readonly class ShootPlace
{
    public function __construct(public int $series, public int $group = 0, public int $place = 0) {}
}
