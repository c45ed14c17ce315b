<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Core\Pricing\Adjustment;
use Core\Pricing\Money;
use Core\Pricing\PriceChange;
use Core\Pricing\PriceEnding;
use Core\Pricing\UnreadablePrice;

/**
 * A change of prices made where their rule stands, so that a SKU that comes later follows it: of the base price, of
 * what values add, or of how prices end.
 */
final readonly class RuleChange
{
    /** @param  array<int, Adjustment>  $adjustments  by value id: only those that change */
    private function __construct(
        private PriceList $is,
        public PriceList $then,
        public PriceChange $change,
        private PricedPart $part,
        public array $adjustments,
        public ?PriceEnding $ending,
    ) {}

    /**
     * Raised or lowered by a share, a whole product has its base price changed and every amount that a value adds, so
     * that each of its SKUs becomes dearer or cheaper by that share.
     *
     * @return ?self null where no rule can say it: what gives SKUs back to their product, what is to be raised where
     *               there is no base price, an ending that one value alone should have
     *
     * @throws UnreadablePrice where the base price would come below zero, or beyond what a price can be
     */
    public static function of(PriceList $is, PricedPart $part, PriceChange $change): ?self
    {
        if ($change->givesBack() || ($is->base === null && ($change->to === null || $part->valueId !== null))) {
            return null;
        }
        if ($part->valueId === null) {
            return self::ofWhole($is, $part, $change);
        }

        return $change->ending === null ? self::ofValue($is, $part, $part->valueId, $change) : null;
    }

    /**
     * What one value adds, said exactly.
     *
     * @param  string  $label  what the product calls the value
     */
    public static function saying(PriceList $is, int $valueId, string $label, Adjustment $wanted): self
    {
        $adjustments = [$valueId => $wanted];
        $change = PriceChange::typed('', $is->currency);

        return new self(
            $is,
            $is->with($is->base, $adjustments, null),
            $change,
            PricedPart::value($valueId, $label),
            $adjustments,
            null,
        );
    }

    private static function ofWhole(PriceList $is, PricedPart $part, PriceChange $change): self
    {
        $base = $change->withoutEnding($is->base);
        $adjustments = [];
        if ($change->percent !== null) {
            foreach ($is->adjustments as $valueId => $adjustment) {
                if ($adjustment->amount !== null) {
                    $amount = self::scaled($adjustment->amount, $change->percent);
                    $adjustments[$valueId] = Adjustment::exactly($amount, $adjustment->percent);
                }
            }
        }

        return new self(
            $is,
            $is->with($base, $adjustments, $change->ending),
            $change,
            $part,
            $adjustments,
            $change->ending,
        );
    }

    private static function ofValue(PriceList $is, PricedPart $part, int $valueId, PriceChange $change): self
    {
        $now = $is->adjustments[$valueId] ?? new Adjustment();
        $amount = $now->amount->amount ?? BigDecimal::zero();
        $wanted = match (true) {
            $change->to !== null => Adjustment::exactly($change->to->minus($is->base ?? $change->to), null),
            $change->percent !== null => Adjustment::exactly(
                $now->amount,
                Adjustment::joined($now->percent ?? BigDecimal::zero(), $change->percent),
            ),
            default => Adjustment::exactly(
                Money::addition($amount->plus($change->by ?? BigDecimal::zero()), $is->currency),
                $now->percent,
            ),
        };
        $adjustments = [$valueId => $wanted];

        return new self($is, $is->with($is->base, $adjustments, null), $change, $part, $adjustments, null);
    }

    /** Whether every SKU comes to just what was typed: what other values add counts on top of it. */
    public function saysWhatIsTyped(PricePlan $plan): bool
    {
        $typed = $this->change->to;

        return $typed === null ||
            array_filter($plan->moves, fn(PriceMove $move): bool => $move->to?->equals($typed) === false) === [];
    }

    /** "the base price", "what Moss adds" */
    public function subject(): string
    {
        return $this->part->valueId === null ? 'the base price' : "what {$this->part->label} adds";
    }

    /** What stands in the rule afterwards: "base price 53.90 (was 49.00)", "XL adds +2.20 (was +2.00)" */
    public function inWords(): string
    {
        $words = [];
        $base = $this->then->base;
        if ($base !== null && ($this->is->base === null || !$base->equals($this->is->base))) {
            $words[] = "base price {$base->shown()} (was " . ($this->is->base?->shown() ?? 'none') . ')';
        }
        foreach ($this->adjustments as $valueId => $adjustment) {
            $label = $this->is->labelOf($valueId);
            $was = ($this->is->adjustments[$valueId] ?? new Adjustment())->inWords();
            if ($label !== '' && $adjustment->inWords() !== $was) {
                $words[] =
                    "{$label} adds " . ($adjustment->inWords() ?: 'nothing') . ' (was ' . ($was ?: 'nothing') . ')';
            }
        }
        if ($this->ending !== null) {
            $words[] = "prices end in {$this->ending->text()}";
        }

        return implode('; ', $words);
    }

    /** @throws UnreadablePrice where it is more than any price */
    private static function scaled(Money $amount, BigDecimal $percent): Money
    {
        $exact = Adjustment::scaled($amount->amount, $percent)->toScale(
            $amount->currency->digits,
            RoundingMode::HALF_UP,
        );

        return Money::addition($exact, $amount->currency);
    }
}
