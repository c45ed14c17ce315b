<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Details\BuyerText;
use Core\Details\DetailKind;
use Core\Pricing\Money;
use Core\Pricing\QuantityBreak;
use Core\Stock\Availability;
use Core\Text\Day;

/**
 * On what terms a shopper buys what is chosen: prices of the day, what holds of an order, and what is said of the
 * goods.
 */
final readonly class PurchaseTerms
{
    /**
     * @param  list<Sku>  $inQuestion  those that the choice leaves, or all where it leaves none
     * @param  ?Sku  $sku  the one that is chosen
     */
    public function __construct(
        private Product $product,
        private array $inQuestion,
        private ?Sku $sku,
        private Day $today,
    ) {}

    /** What a shopper pays today for what is chosen: one price, or the lowest and the highest. */
    public function price(): string
    {
        return Money::range($this->pricesNow());
    }

    /**
     * What it cost without the sale, or at list price; empty unless all of it costs less than any of that: a range
     * beside a struck one is read as a whole.
     */
    public function priceBefore(): string
    {
        $now = $this->pricesNow();
        $skus = $this->inQuestion;
        $onSale = array_filter($skus, fn(Sku $sku): bool => $this->product->saleNow($sku, $this->today) !== null);
        $priceThen = fn(Sku $sku): ?Money => $onSale === []
            ? $this->product->prices->listPrice($sku->cell)
            : $this->product->price($sku);
        $before = array_values(array_filter(array_map($priceThen, $skus)));
        if ($now === [] || count($now) !== count($skus) || count($before) !== count($skus)) {
            return '';
        }

        return Money::highest($now)->isLessThan(Money::lowest($before)) ? Money::range($before) : '';
    }

    /** @return list<Money> */
    private function pricesNow(): array
    {
        return array_values(array_filter(array_map($this->priceNow(...), $this->inQuestion)));
    }

    private function priceNow(Sku $sku): ?Money
    {
        return $this->product->saleNow($sku, $this->today)->price ?? $this->product->price($sku);
    }

    /** @return list<string> what more than one costs: "From 10: 5 % off each unit; 10 cost 465.50" */
    public function breaks(): array
    {
        $breaks = $this->product->prices->breaks();
        $unit = $this->sku === null ? null : $this->priceNow($this->sku);

        return array_map(function (QuantityBreak $break) use ($breaks, $unit): string {
            $cost =
                $unit === null
                    ? ''
                    : '; ' . number_format($break->from) . " cost {$breaks->total($unit, $break->from)->shown()}";

            return ucfirst($break->inWords()) . $cost;
        }, $breaks->breaks);
    }

    /** What is said of the product, or of the chosen SKU, that shoppers read; empty for nothing. */
    public function said(DetailKind $kind): string
    {
        $sku = $this->sku ?? ($this->inQuestion[0] ?? null);

        return $sku === null
            ? $this->product->state->details->details->whole($kind)
            : $this->product->said($kind, $sku);
    }

    /** @return array<string, string> the terms of the sale: what => in words */
    public function terms(): array
    {
        $terms = [];
        foreach (DetailKind::cases() as $kind) {
            $text = $this->said($kind);
            $term = $text === '' ? '' : $kind->type()->term($text, $this->product->prices->currency);
            if ($term !== '') {
                $terms[$kind->label()] = $term;
            }
        }

        return $terms;
    }

    /** What the buyer is asked for; null for nothing. */
    public function buyerText(): ?BuyerText
    {
        $text = $this->product->state->details->details->whole(DetailKind::BuyerText);

        return $text === '' ? null : BuyerText::fromText($text);
    }

    /**
     * @return list<string> what holds of an order of the chosen SKU: that few are left, when it comes, how many can be
     *     ordered
     */
    public function conditions(): array
    {
        $sku = $this->sku;
        if ($sku === null) {
            return [];
        }
        $limits = $this->product->orderLimits($sku);

        return array_values(
            array_filter([
                match ($this->product->availability($sku, $this->today)) {
                    Availability::Low => 'Only ' . number_format((int) $this->product->units($sku)) . ' left',
                    Availability::PreOrder => 'Here on ' .
                        Day::typed($this->product->said(DetailKind::PreOrder, $sku))->inWords(),
                    default => '',
                },
                $limits->least === null ? '' : 'At least ' . number_format($limits->least) . ' per order',
                $limits->most === null ? '' : 'At most ' . number_format($limits->most) . ' per order',
            ]),
        );
    }
}
