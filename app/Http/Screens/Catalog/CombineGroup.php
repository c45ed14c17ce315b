<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use Core\Combining\GroupDoubt;
use Core\Combining\ItemGroup;
use Core\Combining\PlacedItem;
use Core\Matrix\Factor;

/** Items that look like one product, as they are shown to be put together. */
final readonly class CombineGroup
{
    public function __construct(private ItemGroup $group) {}

    public function key(): string
    {
        return 'group-' . $this->group->items[0]->item->productId;
    }

    public function name(): string
    {
        return mb_strtoupper(mb_substr($this->group->name, 0, 1)) . mb_substr($this->group->name, 1);
    }

    public function code(): string
    {
        return $this->group->code;
    }

    public function isSure(): bool
    {
        return $this->group->isSure();
    }

    /** @return list<string> why a person has to look, in sentences */
    public function doubts(): array
    {
        return array_map(fn(GroupDoubt $doubt): string => __("combine.doubt_{$doubt->value}"), $this->group->doubts);
    }

    /** @return list<PlacedItem> */
    public function items(): array
    {
        return $this->group->items;
    }

    /** @return list<string> the axes in which they differ */
    public function columns(): array
    {
        return $this->group->axes;
    }

    /** Each is proposed, until a person leaves it out. */
    public function takesPart(PlacedItem $item): bool
    {
        return in_array($item, $this->group->items, true);
    }

    /**
     * What an item is on an axis; empty where its name does not say it.
     *
     * @param  int  $column  of columns()
     */
    public function value(PlacedItem $item, int $column): string
    {
        return $item->values[$this->group->axes[$column]] ?? '';
    }

    /** @return array<string, list<string>> by axis, in the order in which they are shown */
    public function values(): array
    {
        return $this->group->values();
    }

    /** @return list<list<string>> no cell has a SKU before the product is there */
    public function taken(): array
    {
        return [];
    }

    /** Whether another item says the same, or it says too little. */
    public function isOpen(PlacedItem $item): bool
    {
        if (count($item->values) < count($this->group->axes)) {
            return true;
        }
        foreach ($this->group->items as $other) {
            if ($other !== $item && $other->values == $item->values) {
                return true;
            }
        }

        return false;
    }

    /** "3 colors × 3 sizes": as arithmetic. */
    public function arithmetic(): string
    {
        $parts = [];
        foreach ($this->group->values() as $axis => $labels) {
            $parts[] = (new Factor(count($labels), $axis))->inWords();
        }

        return trans_choice('combine.items', count($this->group->items)) . ': ' . implode(' × ', $parts);
    }
}
