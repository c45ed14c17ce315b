<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\Matrix\Axis;
use Core\Matrix\Planning\Likeness;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Succession;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Splits one value into several: what there is goes to the first part, the others are made like it. */
final readonly class DivideValue implements GrowsLibrary
{
    /**
     * @param  string  $parts  as typed, the first part first
     * @param  bool  $picturesForAll  whether the other parts show the pictures of the first as well
     */
    public function __construct(
        private int $valueId,
        private string $parts,
        private bool $picturesForAll = false,
        private MatrixChoices $choices = new MatrixChoices(),
    ) {}

    public function named(Product $product, Catalog $catalog): array
    {
        return [$this->read($product, $catalog)];
    }

    /** The parts, held against the library. */
    public function read(Product $product, Catalog $catalog): ReadAxis
    {
        $axis = $product->axisHaving($this->valueId);
        $draft = new DraftAxis($axis->name, $this->parts, keepsOrder: true, axisId: $axis->id);

        return (new DraftReader($catalog))->read([$draft], $product)[0];
    }

    public function on(Product $product, Catalog $catalog): Changed
    {
        $parts = $this->read($product, $catalog)->axis;
        $planned = $this->planned($product, $catalog, $parts);
        $whole = $product->axisHaving($this->valueId);
        $labels = implode(', ', array_column($parts->values, 'label'));

        return new Changed(
            PlannedState::of($product, $planned),
            "Split {$whole->name} {$whole->value($this->valueId)?->label} into {$labels}: {$planned->inWords()}",
        );
    }

    public function plan(Product $product, Catalog $catalog): PlannedChange
    {
        return $this->planned($product, $catalog, $this->read($product, $catalog)->axis);
    }

    private function planned(Product $product, Catalog $catalog, Axis $parts): PlannedChange
    {
        $axis = $product->axisHaving($this->valueId);
        $this->refuseImpossible($axis, $parts);
        $first = $parts->values[0];
        $values = [];
        foreach ($axis->values as $value) {
            array_push($values, ...$value->id === $this->valueId ? $parts->values : [$value]);
        }

        return (new MatrixPlanner($catalog))->plan(
            $product,
            new MatrixChange(
                $product->matrix,
                $product->matrix->withAxis($axis->with($values)),
                successions: $first->id === $this->valueId
                    ? []
                    : [Succession::within($axis->id, $this->valueId, $first->id)],
                likes: array_map(
                    fn(Value $part): Likeness => new Likeness($axis->id, $part->id, $first->id, $this->picturesForAll),
                    array_slice($parts->values, 1),
                ),
            ),
            $this->choices,
        );
    }

    /** @throws Refusal where the parts are none, or are on the product already */
    private function refuseImpossible(Axis $axis, Axis $parts): void
    {
        $whole = $axis->value($this->valueId)->label ?? '';
        if ($parts->count() < 2) {
            throw new Refusal(
                "Type at least two values that {$whole} becomes, with commas between.",
                RefusalKind::Missing,
                'parts',
            );
        }
        foreach ($parts->values as $at => $part) {
            if ($part->id !== $this->valueId && $axis->has($part->id)) {
                throw new Refusal(
                    "{$part->label} is on this product already. Split {$whole} into others, or merge it into" .
                        " {$part->label}.",
                    RefusalKind::Taken,
                    'parts',
                );
            }
            if ($part->id === $this->valueId && $at > 0) {
                throw new Refusal(
                    "Put {$whole} first: the SKUs of today go to the first part.",
                    RefusalKind::Impossible,
                    'parts',
                );
            }
        }
    }
}
