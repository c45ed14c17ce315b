<?php

declare(strict_types=1);

namespace Core\Changes\Matrix;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\GrowsLibrary;
use Core\Details\Fact;
use Core\Matrix\Arithmetic;
use Core\Matrix\Axis;
use Core\Matrix\Matrix;
use Core\Matrix\MatrixTooLarge;
use Core\Matrix\Planning\MatrixChange;
use Core\Matrix\Value;
use Core\Product\Product;
use Core\Product\ProductState;

/**
 * Changes a product's axes and values as typed. A fact of an added axis's name becomes the axis; a dropped axis can
 * stay as a fact.
 */
final readonly class SetUpAxes implements GrowsLibrary
{
    /** More values than this are counted in the history, not named. */
    private const NAMED = 8;

    /** @param  list<DraftAxis>  $axes */
    public function __construct(private array $axes, private MatrixChoices $choices = new MatrixChoices()) {}

    /** @throws MatrixTooLarge before the library gets anything */
    public function named(Product $product, Catalog $catalog): array
    {
        $read = (new DraftReader($catalog))->read($this->axes, $product);
        Matrix::of(array_map(fn(ReadAxis $axis): Axis => $axis->axis, $read));

        return $read;
    }

    public function plan(Product $product, Catalog $catalog): PlannedChange
    {
        $read = (new DraftReader($catalog))->read($this->axes, $product);

        return (new SetupPlanner($catalog))->plan($product, $read, $this->choices);
    }

    public function on(Product $product, Catalog $catalog): Changed
    {
        $planned = $this->plan($product, $catalog);

        return new Changed(
            $this->withFacts(PlannedState::of($product, $planned), $planned->change),
            $this->words($product->matrix, $planned),
        );
    }

    private function withFacts(ProductState $state, MatrixChange $change): ProductState
    {
        $details = $state->details;
        $facts = $details->facts;
        foreach ($change->added() as $axis) {
            $facts = array_values(array_filter($facts, fn(Fact $fact): bool => !$fact->isNamed($axis->name)));
        }
        if (count($facts) < count($details->facts)) {
            $details = $details->with(['facts' => $facts]);
        }
        foreach ($change->dropped() as $axis) {
            if (in_array($axis->id, $this->choices->asFacts, true) && !$change->isExchanged($axis->id)) {
                $value = $axis->value($change->survivors[$axis->id])->label ?? '';
                $details = $details->withFact(new Fact(0, $axis->name, $value));
            }
        }

        return $details === $state->details ? $state : $state->withDetails($details);
    }

    private function words(Matrix $from, PlannedChange $planned): string
    {
        $change = $planned->change;
        $parts = [];
        foreach ($change->to->axes as $axis) {
            array_push($parts, ...$this->axisWords($from->axis($axis->id), $axis));
        }
        foreach ($change->dropped() as $axis) {
            $parts[] = $change->isExchanged($axis->id) ? "in the place of {$axis->name}" : "Dropped {$axis->name}";
        }
        if ($parts === []) {
            $parts[] = $from->axisIds() === $change->to->axisIds() ? 'Built the matrix' : 'Reordered the axes';
        }

        return implode('; ', $parts) . ": {$planned->inWords()} (" . Arithmetic::of($change->to)->inWords() . ')';
    }

    /** @return list<string> */
    private function axisWords(?Axis $old, Axis $axis): array
    {
        $words = [];
        $added = array_filter($axis->values, fn(Value $value): bool => $old === null || !$old->has($value->id));
        $removed = array_filter($old->values ?? [], fn(Value $value): bool => !$axis->has($value->id));
        if ($added !== []) {
            $words[] = "Added {$axis->name} {$this->labels($added)}";
        }
        if ($removed !== []) {
            $words[] = "Removed {$axis->name} {$this->labels($removed)}";
        }
        if ($words === [] && $old !== null && $old->valueIds() !== $axis->valueIds()) {
            $words[] = "Reordered {$axis->name}";
        }

        return $words;
    }

    /** @param  array<Value>  $values */
    private function labels(array $values): string
    {
        $named = implode(', ', array_column(array_slice($values, 0, self::NAMED), 'label'));
        $more = count($values) - self::NAMED;

        return $named . ($more > 0 ? " and {$more} more" : '');
    }
}
