<?php

declare(strict_types=1);

namespace Core\Checks;

/** The value whose swatch is nearest to another's. */
final readonly class NearValue
{
    /** @param  float  $distance  ΔE00 */
    public function __construct(public int $valueId, public float $distance) {}
}
