<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Sizes\SizeOrder;

/** Items that look like one product. */
final readonly class ItemGroup
{
    /**
     * @param  string  $name  proposed
     * @param  string  $code  proposed
     * @param  list<string>  $axes  names of the axes in which they differ
     * @param  non-empty-list<PlacedItem>  $items  in the order of their codes
     * @param  list<GroupDoubt>  $doubts  none where it is sure
     */
    public function __construct(
        public string $name,
        public string $code,
        public array $axes,
        public array $items,
        public array $doubts,
    ) {}

    public function isSure(): bool
    {
        return $this->doubts === [];
    }

    /** @return array<string, list<string>> axis name => labels, each once, sizes from the smallest */
    public function values(): array
    {
        $values = array_fill_keys($this->axes, []);
        foreach ($this->items as $one) {
            foreach ($one->values as $axis => $label) {
                if (!in_array($label, $values[$axis] ?? [], true)) {
                    $values[$axis][] = $label;
                }
            }
        }

        return array_map((new SizeOrder())->sort(...), $values);
    }
}
