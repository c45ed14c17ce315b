<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Illuminate\Support\Str;

/** The SKUs of one value of the first axis, side by side on a price ladder. */
final readonly class LadderGroup
{
    /** Pixels that a letter takes, and the least that a name is written in. */
    private const LETTER = 7;

    private const LEAST_FOR_NAME = 22;

    public function __construct(public string $label, public float $from, public float $to) {}

    /** The line under it, as an SVG path. */
    public function path(): string
    {
        return "M{$this->from} 0H" . max($this->from + 1, $this->to - 2);
    }

    public function middle(): float
    {
        return ($this->from + $this->to) / 2;
    }

    public function hasName(): bool
    {
        return $this->to - $this->from > self::LEAST_FOR_NAME;
    }

    /** Its name, as long as there is room for. */
    public function shortLabel(): string
    {
        return Str::limit($this->label, max(2, (int) (($this->to - $this->from) / self::LETTER)), '…');
    }

    public function until(float $to): self
    {
        return new self($this->label, $this->from, $to);
    }
}
