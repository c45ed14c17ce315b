<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Core\Text\NumberReader;
use Core\Text\UnreadableNumber;

/** What is done to the prices of many SKUs at once: set, raised, lowered, rounded, or given back to the product. */
final readonly class PriceChange
{
    /**
     * @param  ?Money  $to  what it is set to
     * @param  ?BigDecimal  $by  an amount that is added, or below zero taken
     * @param  ?BigDecimal  $percent  above −100
     * @param  ?PriceEnding  $ending  in what it ends from now on
     */
    private function __construct(
        public ?Money $to = null,
        public ?BigDecimal $by = null,
        public ?BigDecimal $percent = null,
        public ?PriceEnding $ending = null,
    ) {}

    /**
     * As it is typed: "49.90" sets, "+5" and "-5" raise and lower, "+10 %" and "-10 %" by a share; nothing gives back
     * to the product.
     *
     * @throws UnreadableNumber
     * @throws UnreadablePrice
     */
    public static function typed(string $typed, Currency $currency, string $ending = ''): self
    {
        $text = NumberReader::trimmed($typed);
        $end = trim($ending) === '' ? null : PriceEnding::typed($ending, $currency);
        if (preg_match('/^(.*?)\s*%$/us', $text, $found) === 1) {
            return new self(percent: Adjustment::percentage($found[1]), ending: $end);
        }
        if (preg_match('/^[+\-\x{2212}\x{2013}\x{FF0B}]/u', $text) === 1) {
            return new self(
                by: Adjustment::typed($text, '', $currency)->amount->amount ?? BigDecimal::zero(),
                ending: $end,
            );
        }

        return new self(to: $text === '' ? null : Money::typed($text, $currency), ending: $end);
    }

    /** Whether it gives SKUs back to the product's price. */
    public function givesBack(): bool
    {
        return $this->to === null && $this->by === null && $this->percent === null && $this->ending === null;
    }

    /** Whether it needs to know what a SKU costs. */
    public function isOfWhatIs(): bool
    {
        return $this->to === null && !$this->givesBack();
    }

    /**
     * @param  ?Money  $is  what the SKU costs now
     * @return ?Money its own price from now on; null where it follows the product, or has no price that could be raised
     *
     * @throws UnreadablePrice where it would come below zero
     */
    public function of(?Money $is): ?Money
    {
        if ($this->givesBack() || ($is === null && $this->to === null)) {
            return null;
        }
        $price = $this->to ?? $this->changed($is);

        return $this->ending?->of($price) ?? $price;
    }

    /**
     * The same for a price whose ending is said elsewhere.
     *
     * @throws UnreadablePrice where it would come below zero, or beyond what a price can be
     */
    public function withoutEnding(?Money $is): ?Money
    {
        return $this->to ?? ($is === null || $this->givesBack() ? null : $this->changed($is));
    }

    /** "set to 49.90", "raised by 10 %", "lowered by 5.00", "ending .95" */
    public function inWords(): string
    {
        $how = fn(BigDecimal $number, string $unit): string => ($number->isNegative() ? 'lowered' : 'raised') .
            ' by ' .
            $number->abs() .
            $unit;
        $words = match (true) {
            $this->to !== null => "set to {$this->to->shown()}",
            $this->percent !== null => $how($this->percent, ' %'),
            $this->by !== null => $how($this->by, ''),
            $this->ending === null => 'set to the product’s',
            default => '',
        };

        return implode(', ', array_filter([$words, $this->ending === null ? '' : "ending {$this->ending->text()}"]));
    }

    private function changed(Money $is): Money
    {
        $exact =
            $this->percent === null
                ? $is->amount->plus($this->by ?? BigDecimal::zero())
                : Adjustment::scaled($is->amount, $this->percent);
        if ($exact->isNegative()) {
            throw UnreadablePrice::fallsBelowZero($is, $this->inWords());
        }

        return Money::price($exact, $is->currency);
    }
}
