<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Core\Text\NumberReader;

/** Who buys so many pays less: so much or so many percent off, of each unit or of the order. */
final readonly class QuantityBreak
{
    /**
     * @param  int  $from  units, 2 or more
     * @param  Money|BigDecimal  $off  an amount, or percent; above zero
     */
    public function __construct(public int $from, public Money|BigDecimal $off, public BreakScope $scope) {}

    /** What so many units cost together. A reduced unit is rounded half up before it is taken so many times. */
    public function total(Money $unit, int $units): Money
    {
        $whole = $unit->times($units);
        if ($this->off instanceof Money) {
            $off = $this->scope === BreakScope::Unit ? $this->off->times($units) : $this->off;
            $rest = $whole->minus($off);

            return $rest->amount->isNegative() ? $rest->minus($rest) : $rest;
        }
        $keeps = BigDecimal::of(100)->minus($this->off);
        $reduced = fn(Money $money): Money => Money::rounded(
            $money->amount
                ->multipliedBy($keeps)
                ->dividedBy(100, $money->amount->getScale() + $this->off->getScale() + 2),
            $money->currency,
        );

        return $this->scope === BreakScope::Unit ? $reduced($unit)->times($units) : $reduced($whole);
    }

    /** "from 10: 5 % off each unit" */
    public function inWords(): string
    {
        return "from {$this->from}: {$this->offInWords()} off {$this->scope->inWords()}";
    }

    /** The same as it is typed again. */
    public function offAgain(): string
    {
        return $this->off instanceof Money
            ? NumberReader::again($this->off->amount)
            : NumberReader::again($this->off) . ' %';
    }

    /** "5 %", "2.00" */
    public function offInWords(): string
    {
        return $this->off instanceof Money ? $this->off->shown() : "{$this->off} %";
    }
}
