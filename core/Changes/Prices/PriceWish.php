<?php

declare(strict_types=1);

namespace Core\Changes\Prices;

use Core\Pricing\Currency;
use Core\Pricing\OwnPrices;
use Core\Pricing\PriceChange;

/** A change of prices as a person asks for it. */
final readonly class PriceWish
{
    /**
     * @param  string  $typed  "49.90", "+5", "-10 %", or nothing
     * @param  string  $ending  in what prices are to end from now on; nothing for as they do
     * @param  ?OwnPrices  $others  what becomes of own prices that the rule does not reach; null where that was not
     * said
     */
    public function __construct(
        public string $typed,
        public string $ending = '',
        public PriceWay $way = PriceWay::Rule,
        private ?OwnPrices $others = null,
    ) {}

    public function isNothing(): bool
    {
        return trim($this->typed) === '' && trim($this->ending) === '';
    }

    /** Whether the SKUs are to have prices of their own, though one rule makes all of them. */
    public function isAsOwn(): bool
    {
        return $this->way === PriceWay::Own;
    }

    public function change(Currency $currency): PriceChange
    {
        return PriceChange::typed($this->typed, $currency, $this->ending);
    }

    /** What is meant where nothing was said: who sets a price sets all, who raises prices raises all. */
    public function others(PriceChange $change): OwnPrices
    {
        return match (true) {
            $change->isOfWhatIs() => $this->others ?? OwnPrices::Change,
            $this->others === OwnPrices::Change => OwnPrices::Go,
            default => $this->others ?? OwnPrices::Go,
        };
    }
}
