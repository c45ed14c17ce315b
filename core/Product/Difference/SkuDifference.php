<?php

declare(strict_types=1);

namespace Core\Product\Difference;

use Core\Product\Sku;

/** A SKU in two states of a product; null where it is not in one of them. */
final readonly class SkuDifference
{
    public function __construct(public ?Sku $before, public ?Sku $after) {}

    /** @return array<string, array{string, string}> which of its own numbers changed: from, to */
    public function numbers(): array
    {
        $changed = [];
        $old = $this->before?->numbers() ?? [];
        foreach ($this->after?->numbers() ?? [] as $what => $is) {
            if (($old[$what] ?? '') !== $is) {
                $changed[$what] = [$old[$what] ?? '', $is];
            }
        }

        return $changed;
    }

    /** Whether it lies in another cell. */
    public function isMoved(): bool
    {
        return $this->before !== null && $this->after !== null && $this->before->cell->key !== $this->after->cell->key;
    }

    /** Whether it goes out of offer, or comes back to it. */
    public function changesState(): bool
    {
        return $this->before?->state !== $this->after?->state;
    }

    /** A retired SKU that one of the states does not know is no difference: nobody can buy it in either. */
    public function isNone(): bool
    {
        if ($this->before === null || $this->after === null) {
            return ($this->before ?? $this->after)?->isMade() !== true;
        }

        return !$this->isMoved() && !$this->changesState() && $this->numbers() === [];
    }
}
