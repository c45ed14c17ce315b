<?php

declare(strict_types=1);

namespace Core\Changes\Values;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Color\ColorOrder;
use Core\Matrix\Axis;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;
use Core\Text\Name;

/** Puts the values of an axis into another order: the one that is given, or one by their colors. */
final readonly class OrderValues implements ProductChange
{
    /**
     * @param  list<int>|ColorOrder  $order  the values in the new order; by hue, lightness or name, where compound
     * colors stand together
     */
    public function __construct(private int $axisId, private array|ColorOrder $order) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $axis = $product->axis($this->axisId);
        $ids = is_array($this->order)
            ? $this->given($axis, $this->order)
            : $this->byColor($axis, $product, $this->order);
        $values = array_values(array_filter(array_map($axis->value(...), $ids)));
        $labels = implode(', ', array_map(fn(Value $value): string => $value->label, $values));

        return new Changed(
            $product->state->withMatrix($product->matrix->withAxis($axis->with($values))),
            "Reordered {$axis->name}: {$labels}" . (is_array($this->order) ? '' : ", {$this->order->inWords()}"),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return list<int>
     */
    private function given(Axis $axis, array $ids): array
    {
        $own = $axis->valueIds();
        $sorted = $ids;
        sort($sorted);
        sort($own);

        return $sorted === $own
            ? $ids
            : throw new Refusal(
                'The values of this axis changed meanwhile. Look at the order again.',
                RefusalKind::Changed,
            );
    }

    /** @return list<int> */
    private function byColor(Axis $axis, Product $product, ColorOrder $order): array
    {
        $swatches = $names = [];
        foreach ($axis->values as $value) {
            $swatches[$value->id] = $product->library->swatches->of($value->id);
            $names[$value->id] = Name::of($value->label)->folded;
        }

        return $order->sorted($swatches, $names);
    }
}
