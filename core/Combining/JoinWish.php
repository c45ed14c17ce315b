<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\Changes\Catalog;
use Core\Changes\Matrix\DraftAxis;
use Core\Changes\Matrix\DraftReader;
use Core\Changes\Matrix\DraftValue;
use Core\Changes\Matrix\ReadAxis;
use Core\Matrix\Axis;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Which single items are to be added to a product, and where each of them falls. */
final readonly class JoinWish
{
    /** @param  array<int, array<int, string>>  $values  id of an item => axis id => label */
    public function __construct(private Catalog $catalog, public array $values) {}

    /** @return list<int> ids of the items, in the order in which they were chosen */
    public function itemIds(): array
    {
        return array_keys($this->values);
    }

    /**
     * The axes of the product with the values that the items have; what the library lacks has ids below zero.
     *
     * @return list<ReadAxis>
     *
     * @throws Refusal
     */
    public function axes(Product $host): array
    {
        $drafts = [];
        foreach ($host->matrix->axes as $axis) {
            $labels = [];
            foreach ($this->values as $own) {
                $label = trim($own[$axis->id] ?? '');
                $labels[Name::of($label)->folded] ??= DraftValue::called($label);
            }
            unset($labels['']);
            $drafts[] = new DraftAxis($axis->name, '', values: array_values($labels), axisId: $axis->id);
        }

        return (new DraftReader($this->catalog))->read($drafts, $host);
    }

    /**
     * @param  array<int, Product>  $items  by product id
     *
     * @throws Refusal
     * @throws CombineConflict
     */
    public function joined(Product $host, array $items): Combined
    {
        $read = $this->axes($host);
        $parts = [];
        foreach ($items as $id => $item) {
            $values = [];
            foreach ($read as $axis) {
                $values[$axis->axis->id] = $this->valueId($axis, $this->values[$id][$axis->axis->id] ?? '', $item);
            }
            $parts[] = new CombinedPart($id, $item, $values);
        }

        return (new ItemJoiner())->join($host, $parts, array_map(fn(ReadAxis $axis): Axis => $axis->axis, $read));
    }

    private function valueId(ReadAxis $axis, string $said, Product $item): int
    {
        return CombineWish::valueCalled($axis, $said) ??
            throw new Refusal(
                "Say which {$axis->axis->name} {$item->state->details->name} is.",
                RefusalKind::Missing,
                'values',
            );
    }
}
