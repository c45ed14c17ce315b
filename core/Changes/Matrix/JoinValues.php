<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Planning\Succession;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Refusal;
use Core\RefusalKind;

/** Merges one value of a product into another of the same axis: SKUs and pictures become the other's. */
final readonly class JoinValues implements ProductChange
{
    public function __construct(
        private int $goesId,
        private int $staysId,
        private MatrixChoices $choices = new MatrixChoices(),
    ) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $planned = $this->plan($product, $catalog);
        $axis = $product->axisHaving($this->goesId);
        $values = "{$axis->value($this->goesId)?->label} into {$axis->value($this->staysId)?->label}";

        return new Changed(
            PlannedState::of($product, $planned),
            "Merged {$axis->name} {$values}: {$planned->inWords()}",
        );
    }

    /** @throws Refusal where the axis does not have both */
    public function plan(Product $product, Catalog $catalog): PlannedChange
    {
        $axis = $product->axisHaving($this->goesId);
        if ($this->goesId === $this->staysId || !$axis->has($this->staysId)) {
            throw new Refusal(
                "Choose another value of {$axis->name} to merge {$axis->value($this->goesId)?->label} into.",
                RefusalKind::Missing,
                'onto',
            );
        }
        $rest = array_values(array_filter($axis->values, fn(Value $value): bool => $value->id !== $this->goesId));

        return (new MatrixPlanner($catalog))->plan(
            $product,
            new MatrixChange(
                $product->matrix,
                $product->matrix->withAxis($axis->with($rest)),
                stockAddsUp: $this->choices->stockAddsUp,
                successions: [Succession::within($axis->id, $this->goesId, $this->staysId)],
                comersStay: $this->choices->comersStay,
                winners: $this->choices->winners,
            ),
            $this->choices,
        );
    }
}
