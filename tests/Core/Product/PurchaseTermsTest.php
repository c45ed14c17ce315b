<?php

declare(strict_types=1);

use Core\Details\BuyerText;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\QuantityBreaks;
use Core\Pricing\Sale;
use Core\Product\Product;
use Core\Product\ProductState;
use Core\Product\PurchaseTerms;
use Core\Product\Sku;
use Core\Text\Day;
use Tests\Core\Color\Samples;

/**
 * The smock of the samples, of which more is said; its four SKUs cost 49.00, the first one
 * 59.00; of the last one nothing is left.
 *
 * @param  array<string, string>  $said  kind => text as it is kept
 */
function soldSmock(array $said = []): Product
{
    return Samples::product(function (ProductState $state) use ($said): ProductState {
        $details = new Details();
        foreach ($said as $kind => $text) {
            $details = $details->withWhole(DetailKind::from($kind), $text);
        }
        $first = $state->skus[0]->priceOf(Money::of('59', Currency::of('EUR')));

        $soldOut = $state->skus[3]->counted(0);

        return $state
            ->withDetails($state->details->saying($details))
            ->withSkus([$first, $state->skus[1], $state->skus[2], $soldOut]);
    });
}

/** What is said where the choice is a SKU, or all are in question. */
function termsOf(Product $product, ?int $chosen = null, string $day = '2026-11-30'): PurchaseTerms
{
    $skus = array_values($product->made);
    $sku = $chosen === null ? null : $skus[$chosen];

    return new PurchaseTerms($product, $sku === null ? $skus : [$sku], $sku, Day::typed($day));
}

it('shows a range until one SKU is chosen', function (): void {
    expect(termsOf(soldSmock())->price())
        ->toBe('49.00–59.00')
        ->and(termsOf(soldSmock(), 0)->price())
        ->toBe('59.00')
        ->and(termsOf(soldSmock(), 1)->price())
        ->toBe('49.00');
});

it('strikes what it cost before only where all of it costs less', function (
    array $said,
    ?int $chosen,
    string $price,
    string $before,
): void {
    $terms = termsOf(soldSmock($said), $chosen);
    expect($terms->price())->toBe($price)->and($terms->priceBefore())->toBe($before);
})->with(function (): array {
    $eur = Currency::of('EUR');
    $sale = fn(string $price, string $from, string $until): array => [
        'sale' => Sale::typed($price, $from, $until, $eur)->text(),
    ];

    return [
        'nothing said' => [[], 1, '49.00', ''],
        'a sale' => [$sale('39', '', ''), 1, '39.00', '49.00'],
        'a sale that is below all' => [$sale('39', '', ''), null, '39.00', '49.00–59.00'],
        'a sale above the price of some' => [$sale('49', '', ''), null, '49.00', ''],
        'a sale whose days have not come' => [$sale('39', '2026-12-01', ''), 1, '49.00', ''],
        'a sale that is over' => [$sale('39', '', '2026-11-29'), 1, '49.00', ''],
        'a list price' => [['list price' => '69'], 1, '49.00', '69.00'],
    ];
});

it('says what more than one costs, and of one SKU how much that is', function (): void {
    $breaks = QuantityBreaks::typed([['10', '5 %', '']], Currency::of('EUR'))->text();
    expect(termsOf(soldSmock(['breaks' => $breaks]), 1)->breaks())
        ->toBe(['From 10: 5 % off each unit; 10 cost 465.50'])
        ->and(termsOf(soldSmock(['breaks' => $breaks]))->breaks())
        ->toBe(['From 10: 5 % off each unit']);
});

it('says what holds of an order of a SKU, and nothing of several', function (): void {
    $said = ['least' => '2', 'most' => '6', 'low mark' => '20', 'pre-order' => '2026-12-24'];
    expect(termsOf(soldSmock($said))->conditions())
        ->toBe([])
        ->and(termsOf(soldSmock(['low mark' => '20']), 1)->conditions())
        ->toBe(['Only 10 left'])
        ->and(termsOf(soldSmock(['least' => '2', 'most' => '6']), 1)->conditions())
        ->toBe(['At least 2 per order', 'At most 6 per order'])
        ->and(termsOf(soldSmock($said), 1)->conditions()[0])
        ->toBe('Only 10 left')
        ->and(termsOf(soldSmock($said), 3)->conditions())
        ->toBe(['Here on 24 December 2026', 'At least 2 per order', 'At most 6 per order']);
});

it('says the terms that shoppers read, and what the buyer is asked for', function (): void {
    $buyer = BuyerText::typed('A name', '2', '12')->text();
    $terms = termsOf(soldSmock(['warranty' => '2 years', 'cost' => '12', 'buyer text' => $buyer]));
    expect($terms->terms())
        ->toHaveKey('Warranty')
        ->not->toHaveKey('Cost')
        ->and($terms->said(DetailKind::Warranty))
        ->toBe('2 years')
        ->and($terms->buyerText())
        ->toEqual(BuyerText::fromText($buyer))
        ->and(termsOf(soldSmock())->buyerText())
        ->toBeNull();
});

it('says nothing of a product of which nothing is made', function (): void {
    $nothing = new PurchaseTerms(Samples::product(), [], null, Day::typed('2026-11-30'));
    expect($nothing->price())
        ->toBe('')
        ->and($nothing->priceBefore())
        ->toBe('')
        ->and($nothing->conditions())
        ->toBe([])
        ->and($nothing->said(DetailKind::Warranty))
        ->toBe('');
});
