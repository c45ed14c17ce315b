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

    public function left(): float
    {
        return $this->x + 1;
    }

    public function top(): float
    {
        return $this->y - $this->markHeight() / 2;
    }

    public function markWidth(): float
    {
        return max(1.2, $this->width - 2);
    }

    /** One that stands out is higher. */
    public function markHeight(): int
    {
        return $this->isOdd ? 10 : 6;
    }

    /** "Moss, M: 49.00, its own" */
    public function inWords(): string
    {
        if ($this->count > 1) {
            return __('product.place_and_more', [
                'place' => $this->place,
                'more' => $this->count - 1,
                'price' => $this->price->price->shown(),
                'own' => $this->price->isOwn ? __('product.their_own') : '',
            ]);
        }

        return ($this->place === '' ? '' : "{$this->place}: ") .
            $this->price->price->shown() .
            ($this->price->isOwn ? ', its own' : '') .
            ($this->isOdd ? ', stands out' : '');
    }
}
