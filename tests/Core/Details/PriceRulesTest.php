<?php

declare(strict_types=1);

use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Details\Prices\PricedPart;
use Core\Details\Prices\PricedSku;
use Core\Details\Prices\PriceList;
use Core\Details\Prices\PriceMove;
use Core\Details\Prices\PricePlan;
use Core\Details\Prices\RuleChange;
use Core\Details\ReachedDetail;
use Core\Matrix\Axis;
use Core\Matrix\AxisKind;
use Core\Matrix\Matrix;
use Core\Matrix\Value;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Pricing\OwnPrices;
use Core\Pricing\PriceChange;
use Core\Pricing\UnreadablePrice;
use Core\Reach\Reach;
use Core\Reach\Selection;

const RULED_MOSS = 11;
const RULED_CLAY = 12;
const RULED_S = 21;
const RULED_XL = 22;

/** Color (Moss, Clay) × Size (S, XL). */
function ruledMatrix(): Matrix
{
    return Matrix::of([
        new Axis(1, 'Color', AxisKind::Color, [
            new Value(RULED_MOSS, 'Moss', 'MOS'),
            new Value(RULED_CLAY, 'Clay', 'CLY'),
        ]),
        new Axis(2, 'Size', AxisKind::Size, [new Value(RULED_S, 'S', 'S'), new Value(RULED_XL, 'XL', 'XL')]),
    ]);
}

/** @param  array<int, array{string, string}>  $adds  value id => amount and percentage as typed */
function ruledPrices(?string $base, array $adds = [], string $ending = '', string $currency = 'EUR'): PriceList
{
    $of = Currency::of($currency);
    $details = $ending === '' ? [] : [new ReachedDetail(DetailKind::Ending, Reach::everything(), $ending)];

    return new PriceList(
        $of,
        $base === null ? null : Money::of($base, $of),
        array_map(fn(array $add): Adjustment => Adjustment::typed($add[0], $add[1], $of), $adds),
        new Details($details),
        ruledMatrix(),
    );
}

/**
 * @param  array<string, string>  $own  cell => its own price
 * @return list<PricedSku>
 */
function ruledSkus(array $own = [], ?int $of = null, string $currency = 'EUR'): array
{
    $skus = [];
    foreach (ruledMatrix()->combinations() as $at => $cell) {
        if ($of === null || in_array($of, $cell->values, true)) {
            $typed = $own[ruledMatrix()->inWords($cell)] ?? null;
            $skus[] = new PricedSku(
                $at + 1,
                $cell,
                $typed === null ? null : Money::of($typed, Currency::of($currency)),
            );
        }
    }

    return $skus;
}

/** @return array<string, string> cell in words => what it costs */
function ruledCosts(PriceList $prices, array $skus, array $own = []): array
{
    $costs = [];
    foreach ($skus as $sku) {
        $typed = array_key_exists($sku->id, $own) ? $own[$sku->id] : $sku->own;
        $costs[ruledMatrix()->inWords($sku->cell)] =
            $prices->price($sku->cell, $typed)->effective()?->shown() ?? 'none';
    }

    return $costs;
}

it('knows the whole product and exactly one value as parts that one rule is about', function (
    string $selected,
    ?int $value,
    bool $isNone = false,
): void {
    $matrix = ruledMatrix();
    $part = PricedPart::of(Selection::fromKey($selected)->reach($matrix, $matrix->combinations()), $matrix);
    expect($part === null)
        ->toBe($isNone)
        ->and($part?->valueId)
        ->toBe($value);
})->with([
    'corner' => ['*', null],
    'every cell' => ['1:11,2:21;1:11,2:22;1:12,2:21;1:12,2:22', null],
    'both rows' => ['1:11;1:12', null],
    'a row' => ['1:11', RULED_MOSS],
    'the cells of a row' => ['1:11,2:21;1:11,2:22', RULED_MOSS],
    'a column' => ['2:22', RULED_XL],
    'a cell' => ['1:11,2:21', null, true],
    'three cells' => ['1:11;1:12,2:21', null, true],
]);

it('takes an axis of one value for no limit', function (): void {
    $one = Matrix::of([
        new Axis(1, 'Color', AxisKind::Color, [new Value(RULED_MOSS, 'Moss', 'MOS')]),
        new Axis(2, 'Size', AxisKind::Size, [new Value(RULED_S, 'S', 'S'), new Value(RULED_XL, 'XL', 'XL')]),
    ]);
    $part = PricedPart::of(Selection::fromKey('1:11,2:22')->cells($one), $one);
    expect($part?->valueId)
        ->toBe(RULED_XL)
        ->and($part?->label)
        ->toBe('XL');
});

it('changes prices where their rule stands', function (
    array $is,
    string $part,
    string $typed,
    string $ending,
    array $costs,
    string $words,
): void {
    $is = ruledPrices(...$is);
    $matrix = ruledMatrix();
    $change = PriceChange::typed($typed, $is->currency, $ending);
    $rule = RuleChange::of(
        $is,
        PricedPart::of(Selection::fromKey($part)->reach($matrix, $matrix->combinations()), $matrix),
        $change,
    );
    expect(array_values(ruledCosts($rule->then, ruledSkus())))->toBe($costs)->and($rule->inWords())->toBe($words);
})->with([
    'set for all' => [['45'], '*', '49', '', ['49.00', '49.00', '49.00', '49.00'], 'base price 49.00 (was 45.00)'],
    'the first price' => [[null], '*', '49', '', ['49.00', '49.00', '49.00', '49.00'], 'base price 49.00 (was none)'],
    'what a value adds goes on counting' => [
        ['45', [RULED_XL => ['2', '']]],
        '*',
        '49',
        '',
        ['49.00', '51.00', '49.00', '51.00'],
        'base price 49.00 (was 45.00)',
    ],
    'raised by an amount' => [
        ['45', [RULED_XL => ['2', '']]],
        '*',
        '+5',
        '',
        ['50.00', '52.00', '50.00', '52.00'],
        'base price 50.00 (was 45.00)',
    ],
    'raised by a share: what values add too' => [
        ['40', [RULED_XL => ['2', ''], RULED_CLAY => ['-5', '10']]],
        '*',
        '+10 %',
        '',
        ['44.00', '46.20', '42.35', '44.77'],
        'base price 44.00 (was 40.00); XL adds +2.20 (was +2.00); Clay adds −5.50 and +10 % (was −5.00 and +10 %)',
    ],
    'with an ending' => [
        ['45'],
        '*',
        '+10 %',
        '.95',
        ['49.95', '49.95', '49.95', '49.95'],
        'base price 49.50 (was 45.00); prices end in .95',
    ],
    'an ending alone' => [['45'], '*', '', '.95', ['44.95', '44.95', '44.95', '44.95'], 'prices end in .95'],
    'a value set' => [['45'], '1:11', '49', '', ['49.00', '49.00', '45.00', '45.00'], 'Moss adds +4.00 (was nothing)'],
    'a value set to the base' => [
        ['45', [RULED_MOSS => ['4', '8']]],
        '1:11',
        '45',
        '',
        ['45.00', '45.00', '45.00', '45.00'],
        'Moss adds nothing (was +4.00 and +8 %)',
    ],
    'a value lowered' => [
        ['45', [RULED_MOSS => ['4', '']]],
        '1:11',
        '-5',
        '',
        ['44.00', '44.00', '45.00', '45.00'],
        'Moss adds −1.00 (was +4.00)',
    ],
    'a value raised by a share' => [
        ['40', [RULED_XL => ['', '5']]],
        '2:22',
        '+10 %',
        '',
        ['40.00', '46.20', '40.00', '46.20'],
        'XL adds +15.5 % (was +5 %)',
    ],
]);

it('leaves to own prices what no rule can say', function (array $is, ?int $value, string $typed, string $ending): void {
    $is = ruledPrices(...$is);
    $part = $value === null ? PricedPart::whole() : PricedPart::value($value, 'Moss');
    expect(RuleChange::of($is, $part, PriceChange::typed($typed, $is->currency, $ending)))->toBeNull();
})->with([
    'given back' => [['45'], null, '', ''],
    'raised where there is none' => [[null], null, '+10 %', ''],
    'a value where there is no base' => [[null], RULED_MOSS, '49', ''],
    'an ending of one value' => [['45'], RULED_MOSS, '49', '.95'],
]);

it('refuses what is no price, whichever SKU comes to it', function (
    array $is,
    ?int $value,
    string $typed,
    string $words,
): void {
    $is = ruledPrices(...$is);
    $part = $value === null ? PricedPart::whole() : PricedPart::value($value, 'Moss');
    $run = function () use ($is, $part, $typed): void {
        $rule = RuleChange::of($is, $part, PriceChange::typed($typed, $is->currency));
        PricePlan::byRule($rule, $is, ruledSkus(), OwnPrices::Stay);
    };
    expect($run)->toThrow(UnreadablePrice::class, $words);
})->with([
    [['45'], null, '-60', 'would come below zero'],
    [['45', [RULED_CLAY => ['-40', '']]], null, '5', 'Clay, S would cost less than nothing'],
    [['45'], RULED_MOSS, '-60', 'Moss, S would cost less than nothing'],
    [['999999999'], RULED_MOSS, '+1000 %', 'Moss, S would cost more than any price can be'],
    [['999999999'], null, '+10 %', 'must lie between 0 and 999999999'],
    [['45', [RULED_MOSS => ['', '900']]], RULED_MOSS, '+900 %', 'is not a percentage here'],
]);

it('says what becomes of own prices that the rule does not reach', function (
    string $typed,
    OwnPrices $others,
    array $costs,
    array $standing,
): void {
    $is = ruledPrices('45');
    $skus = ruledSkus(['Moss, XL' => '60', 'Clay, S' => '45']);
    $rule = RuleChange::of($is, PricedPart::whole(), PriceChange::typed($typed, $is->currency));
    $plan = PricePlan::byRule($rule, $is, $skus, $others);
    expect(array_values(ruledCosts($rule->then, $skus, $plan->own)))
        ->toBe($costs)
        ->and(array_map(fn(Money $own): string => $own->shown(), $plan->standing))
        ->toBe($standing);
})->with([
    ['49', OwnPrices::Stay, ['49.00', '60.00', '45.00', '49.00'], ['60.00', '45.00']],
    ['49', OwnPrices::Go, ['49.00', '49.00', '49.00', '49.00'], ['60.00', '45.00']],
    ['+10 %', OwnPrices::Change, ['49.50', '66.00', '49.50', '49.50'], ['60.00', '45.00']],
    ['+10 %', OwnPrices::Stay, ['49.50', '60.00', '45.00', '49.50'], ['60.00', '45.00']],
]);

it('finds own prices that the rule makes, and nothing costs anything else without them', function (): void {
    $prices = ruledPrices('45', [RULED_XL => ['2', '']], '.95');
    $skus = ruledSkus(['Moss, S' => '44.95', 'Moss, XL' => '46.95', 'Clay, XL' => '47']);
    $plan = PricePlan::ofNeedless($prices, $skus);
    expect($plan->own)
        ->toBe([1 => null, 2 => null])
        ->and(array_filter($plan->moves, fn(PriceMove $move): bool => !$move->isSame()))
        ->toBe([])
        ->and(ruledCosts($prices, $skus, $plan->own))
        ->toBe(ruledCosts($prices, $skus));
});

it('says changes of prices in words, the first few of them', function (): void {
    $is = ruledPrices('45', [RULED_XL => ['2', '']]);
    $rule = RuleChange::of($is, PricedPart::whole(), PriceChange::typed('+5', $is->currency));
    $plan = PricePlan::byRule($rule, $is, ruledSkus(), OwnPrices::Stay);
    expect(PriceMove::allInWords($plan->moves, 4))
        ->toBe('45.00 → 50.00 for 2 SKUs, 47.00 → 52.00 for 2 SKUs')
        ->and(PriceMove::allInWords($plan->moves, 1))
        ->toBe('45.00 → 50.00 for 2 SKUs, 1 more');
});

it('holds as a law: a share on the whole product raises each SKU by it, within what rounding does', function (): void {
    $random = new Random\Randomizer(new Random\Engine\Mt19937(20261130));
    for ($round = 0; $round < 400; $round++) {
        $adds = [];
        foreach ([RULED_MOSS, RULED_CLAY, RULED_S, RULED_XL] as $value) {
            if ($random->getInt(0, 1) === 1) {
                $adds[$value] = [
                    sprintf('%+.2f', $random->getInt(-900, 900) / 100),
                    $random->getInt(0, 2) === 0 ? (string) $random->getInt(1, 30) : '',
                ];
            }
        }
        $is = ruledPrices(sprintf('%.2f', $random->getInt(4000, 20000) / 100), $adds);
        $percent = $random->getInt(-40, 60);
        $change = PriceChange::typed(sprintf('%+d %%', $percent === 0 ? 5 : $percent), $is->currency);
        $rule = RuleChange::of($is, PricedPart::whole(), $change);
        foreach (ruledSkus() as $sku) {
            $before = $is->price($sku->cell, null)->effective();
            $after = $rule->then->price($sku->cell, null)->effective();
            $wanted = $change->of($before);
            // Base and two amounts are rounded to the cent each, and percentages make that more.
            expect(abs($after->amount->minus($wanted->amount)->toFloat()))->toBeLessThanOrEqual(0.05);
        }
    }
});
