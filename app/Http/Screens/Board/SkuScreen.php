<?php

declare(strict_types=1);

namespace App\Http\Screens\Board;

use App\Files\BarcodeDrawing;
use App\Store\Products\LoadedProduct;
use App\Store\ShopDay;
use Brick\Math\BigDecimal;
use Core\Codes\Barcode;
use Core\Details\DetailReader;
use Core\Details\Quantity;
use Core\Details\Unit;
use Core\Pricing\Money;
use Core\Pricing\PriceStep;
use Core\Pricing\SellingPrice;
use Core\Product\Sku;
use Core\Product\SkuFields;
use Core\Product\StockCount;

/** Everything about one SKU, and why. */
final readonly class SkuScreen
{
    public SellingPrice $price;

    public function __construct(public LoadedProduct $loaded, public Sku $sku)
    {
        $this->price = $loaded->core->prices->price($sku->cell, $sku->price);
    }

    /** @return list<PriceLine> */
    public function steps(): array
    {
        return array_map(
            fn(PriceStep $step): PriceLine => new PriceLine(
                ucfirst($step->what),
                $step->change,
                $step->shown($this->loaded->core->prices->currency),
            ),
            $this->price->steps,
        );
    }

    /** Why it is sold at what it is, in a sentence. */
    public function priceInWords(): string
    {
        return match (true) {
            $this->price->isBelowZero && $this->price->own === null => __('board.the_rules_come_to_less_than'),
            $this->price->isTooHigh && $this->price->own === null => __('board.the_rules_come_to_more_than'),
            $this->price->effective() === null => __('board.it_has_no_price_yet'),
            $this->price->own !== null && $this->price->ruled !== null => __('board.its_own_price_holds_in_place', [
                'ruled' => $this->price->ruled->shown(),
            ]),
            $this->price->own !== null => __('board.its_own_price_holds_the_product'),
            default => __('board.it_follows_the_product'),
        };
    }

    /** @return array<string, string> its texts, by what they are called */
    public function texts(): array
    {
        $texts = [];
        foreach (SkuFields::texts() as $field) {
            $texts[$field->name()] = $field->shown($this->sku);
        }

        return array_filter($texts, fn(string $text): bool => $text !== '');
    }

    /** @return array<string, string> what is said of it beside its price, list price, cost and the like => in words */
    public function details(): array
    {
        $reader = new DetailReader($this->loaded->core->prices->currency);
        $details = $this->texts();
        foreach (
            $this->loaded->core->state->details->details->allAt($this->sku->cell, $this->loaded->core->matrix)
            as $said
        ) {
            $details[$said->kind->label()] =
                $reader->inWords($said->kind, $said->text) . ($said->isOwn ? ' (here, not as the product)' : '');
        }
        $margin = $this->loaded->core->prices->margin($this->sku->cell, $this->pays());

        return $details + ($margin === null ? [] : ['Margin today' => $margin->inWords()]);
    }

    /** What a shopper pays today. */
    public function pays(): ?Money
    {
        return $this->loaded->core->saleNow($this->sku, ShopDay::today())->price ?? $this->price->effective();
    }

    /** The bars of its GTIN as SVG; null where it has none. */
    public function barcode(): ?string
    {
        return $this->sku->gtin === null ? null : BarcodeDrawing::svg(Barcode::of($this->sku->gtin));
    }

    /** Its weight in ounces, with a decimal. */
    public function ounces(): string
    {
        return (string) (new Quantity(BigDecimal::of($this->sku->weightG ?? 0), Unit::Gram))->in(Unit::Ounce, 1);
    }

    public function stockInWords(): string
    {
        return (new StockCount([$this->sku], $this->loaded->core->book))->inWords();
    }
}
