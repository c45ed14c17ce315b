<?php

declare(strict_types=1);

namespace Core\Pricing;

/** What a value does to the price, with what it is called. */
final readonly class ValueAdjustment
{
    public function __construct(public string $label, public Adjustment $adjustment) {}
}
