<?php

declare(strict_types=1);

namespace Core\Color\Names;

use Core\Color\Srgb;

/** A color and what somebody calls it. */
final readonly class NamedColor
{
    /** @param  bool  $isOwn  whether the shop calls it so; else an open list does */
    public function __construct(public string $name, public Srgb $color, public bool $isOwn = false) {}
}
