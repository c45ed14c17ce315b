<?php

declare(strict_types=1);

namespace Core\Details\Prices;

use Core\Matrix\Matrix;
use Core\Pricing\Money;

/**
 * The prices of a product as steps, and those that stand out: a price that is not what its values make elsewhere (the
 * middle of what each value adds, found by polishing medians axis by axis: J. W. Tukey, Exploratory Data Analysis,
 * 1977,
 * from memory), by more than a fiftieth; and one that is at least twice, or at most half of, the middle price. Where
 * more
 * than a quarter would stand out, there is no rule that they break.
 */
final readonly class PriceLadder
{
    /** With fewer SKUs none stands out. */
    private const FEW = 5;

    private const ROUNDS = 4;

    private const TOLERANCE = 50;

    /** @var list<Money> distinct prices, lowest first */
    public array $steps;

    /** @var array<string, true> keys of cells whose price stands out */
    public array $odd;

    /** @param  list<LadderPrice>  $prices  of SKUs on offer, in one currency */
    public function __construct(Matrix $matrix, public array $prices)
    {
        $steps = [];
        foreach ($prices as $one) {
            $steps[$one->price->shown()] = $one->price;
        }
        usort($steps, fn(Money $a, Money $b): int => $a->amount->compareTo($b->amount));
        $this->steps = $steps;
        $this->odd = count($prices) < self::FEW ? [] : $this->off($prices) + $this->unruly($matrix, $prices);
    }

    /**
     * Twice the middle price, or half of it.
     *
     * @param  list<LadderPrice>  $prices
     * @return array<string, true>
     */
    private function off(array $prices): array
    {
        $sorted = array_map(fn(LadderPrice $one): Money => $one->price, $prices);
        usort($sorted, fn(Money $a, Money $b): int => $a->amount->compareTo($b->amount));
        $middle = $sorted[intdiv(count($sorted), 2)];
        $odd = [];
        foreach ($prices as $one) {
            if (!$one->price->isLessThan($middle->times(2)) || !$middle->isLessThan($one->price->times(2))) {
                $odd[$one->cell->key] = true;
            }
        }

        return $odd;
    }

    /**
     * @param  list<LadderPrice>  $prices
     * @return array<string, true>
     */
    private function unruly(Matrix $matrix, array $prices): array
    {
        if (count($matrix->axes) < 2) {
            return [];
        }
        // In the smallest unit of the currency, so that all stays whole.
        $rest = array_map(fn(LadderPrice $one): int => $one->price->amount->getUnscaledValue()->toInt(), $prices);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            foreach ($matrix->axes as $axis) {
                $byValue = [];
                foreach ($prices as $at => $one) {
                    $byValue[$one->cell->value($axis->id) ?? 0][] = $rest[$at];
                }
                $middles = array_map($this->middle(...), $byValue);
                foreach ($prices as $at => $one) {
                    $rest[$at] -= $middles[$one->cell->value($axis->id) ?? 0];
                }
            }
        }
        $odd = [];
        foreach ($prices as $at => $one) {
            if (abs($rest[$at]) * self::TOLERANCE > $one->price->amount->getUnscaledValue()->toInt()) {
                $odd[$one->cell->key] = true;
            }
        }

        return count($odd) * 4 > count($prices) ? [] : $odd;
    }

    /** @param  non-empty-list<int>  $numbers */
    private function middle(array $numbers): int
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers) - 1, 2)];
    }
}
