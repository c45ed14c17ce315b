<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use Core\Combining\Combined;
use Core\Combining\ReadItem;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Product\Sku;

/** Single items that are to be added to a product. */
final readonly class ItemsScreen
{
    /**
     * @param  list<ReadItem>  $items
     * @param  array<int, array<int, string>>  $typed  id of an item => axis id => label; empty where nothing was typed
     * @param  ?Combined  $plan  what would become of the product; null where nobody asked
     */
    public function __construct(
        private Product $product,
        private array $items,
        public string $codes,
        private array $typed = [],
        private ?Combined $plan = null,
    ) {}

    /** @return list<ReadItem> */
    public function items(): array
    {
        return $this->items;
    }

    /** @return array<int, string> the axes of the product, by their ids */
    public function columns(): array
    {
        return array_column($this->product->matrix->axes, 'name', 'id');
    }

    /** @return array<string, list<string>> what the values of each axis are called, by its name */
    public function values(): array
    {
        $values = [];
        foreach ($this->product->matrix->axes as $axis) {
            $values[$axis->name] = array_map(fn(Value $value): string => $value->label, $axis->values);
        }

        return $values;
    }

    /** @return list<list<string>> the values of each cell that has a SKU, in the order of the axes */
    public function taken(): array
    {
        $matrix = $this->product->matrix;

        return array_values(
            array_map(fn(Sku $sku): array => array_values($matrix->choice($sku->cell)), $this->product->made),
        );
    }

    public function takesPart(ReadItem $item): bool
    {
        return $this->typed === [] || isset($this->typed[$item->item->productId]);
    }

    /**
     * What an item is on an axis; empty where its name does not say it.
     *
     * @param  int  $column  id of the axis
     */
    public function value(ReadItem $item, int $column): string
    {
        return $this->typed[$item->item->productId][$column] ?? ($item->values[$this->columns()[$column]]->value ?? '');
    }

    /** Whether it says too little to have a cell. */
    public function isOpen(ReadItem $item): bool
    {
        $said = array_map(fn(int $column): string => $this->value($item, $column), array_keys($this->columns()));

        return in_array('', $said, true);
    }

    public function isPlanned(): bool
    {
        return $this->plan !== null;
    }

    /** @return list<string> what would become of the product */
    public function sentences(): array
    {
        if ($this->plan === null) {
            return [];
        }
        $made = count(array_filter($this->plan->state->skus, fn(Sku $sku): bool => $sku->isMade()));
        $added = $made - count($this->product->made);
        $new = [];
        foreach ($this->plan->state->matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if ($this->product->matrix->axis($axis->id)?->has($value->id) !== true) {
                    $new[] = "{$axis->name} {$value->label}";
                }
            }
        }

        return array_values(
            array_filter([
                trans_choice('combine.adds_skus', $added, ['count' => $added]),
                $new === [] ? '' : __('combine.adds_values', ['names' => implode(', ', $new)]),
                $this->plan->holes === 0
                    ? ''
                    : trans_choice('combine.adds_holes', $this->plan->holes, ['count' => $this->plan->holes]),
                ...$this->plan->remarks,
            ]),
        );
    }
}
