<?php

declare(strict_types=1);

namespace Core\Color\Names;

/** A named color, and how far it is from the one that was asked about. */
final readonly class NearColor
{
    /** @param  float  $distance  ΔE00 */
    public function __construct(public NamedColor $named, public float $distance) {}
}
