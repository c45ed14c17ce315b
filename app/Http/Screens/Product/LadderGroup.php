<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

/** The SKUs of one value of the first axis, side by side on a price ladder. */
final readonly class LadderGroup
{
    public function __construct(public string $label, public float $from, public float $to) {}

    public function until(float $to): self
    {
        return new self($this->label, $this->from, $to);
    }
}
