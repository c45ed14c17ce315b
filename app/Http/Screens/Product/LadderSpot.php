<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Details\Prices\LadderPrice;

/** A SKU as a price ladder draws it, or several side by side that cost the same. */
final readonly class LadderSpot
{
    /**
     * @param  string  $selected  the SKU as the board's selection
     * @param  int  $count  SKUs
     */
    public function __construct(
        public LadderPrice $price,
        public string $selected,
        public string $place,
        public float $x,
        public float $y,
        public bool $isOdd,
        public float $width,
        public int $count = 1,
    ) {}

    /** Whether another is drawn at the same height, in the same way; one that stands out stays by itself. */
    public function isLike(self $other): bool
    {
        return $this->y === $other->y &&
            $this->price->isOwn === $other->price->isOwn &&
            !$this->isOdd &&
            !$other->isOdd;
    }

    public function withNext(self $other): self
    {
        return new self(
            $this->price,
            $this->selected,
            $this->place,
            $this->x,
            $this->y,
            false,
            $this->width + $other->width,
            $this->count + $other->count,
        );
    }

    /** "Moss, M: 49.00, its own" */
    public function inWords(): string
    {
        if ($this->count > 1) {
            return "{$this->place} and " .
                number_format($this->count - 1) .
                " more: {$this->price->price->shown()}" .
                ($this->price->isOwn ? ', their own' : '');
        }

        return ($this->place === '' ? '' : "{$this->place}: ") .
            $this->price->price->shown() .
            ($this->price->isOwn ? ', its own' : '') .
            ($this->isOdd ? ', stands out' : '');
    }
}
