<?php

declare(strict_types=1);

use Core\Color\Names\ColorNames;
use Core\Pricing\Currency;
use Core\Pricing\CurrencyMismatch;
use Core\Pricing\Money;
use Core\Pricing\UnknownCurrency;
use Core\Pricing\UnreadablePrice;
use Core\Sheets\SafeCell;
use Core\Text\NumberReader;
use Core\Text\UnreadableNumber;
use Tests\Core\Color\Samples;

it('keeps cells from being run, and reads them back unchanged', function (string $text, string $written): void {
    expect(SafeCell::write($text))->toBe($written)->and(SafeCell::read($written))->toBe($text);
})->with([
    ['=1+1', "'=1+1"],
    ['+49 30', "'+49 30"],
    ['-2', '-2'],
    ['-moss', "'-moss"],
    ['@x', "'@x"],
    ["'=x", "''=x"],
    ["'quoted'", "'quoted'"],
    ['', ''],
    ["\tx", "'\tx"],
    ['＝1+1', "'＝1+1"],
    ['＠x', "'＠x"],
    ['－2', "'－2"],
    ['Moss', 'Moss'],
    // Behind what another separator would part.
    ['a;=1+1', "a;'=1+1"],
    ["a\t=1", "a\t'=1"],
    ["a;'=1", "a;''=1"],
    ['a";=1', "a\";'=1"],
    ['a; b', 'a; b'],
    ['5;-5', "5;'-5"],
    ['a,=1', 'a,=1'],
]);

it('reads back whatever it wrote, and leaves no beginning of a formula behind any separator', function (): void {
    $random = Samples::random(5);
    for ($case = 0; $case < 3_000; $case++) {
        $text = implode(
            '',
            array_map(
                fn(): string => ["'", '=', ';', "\t", 'a', '-', '1', '＝', '@', ' ', "\n"][$random->getInt(0, 10)],
                range(1, $random->getInt(1, 8)),
            ),
        );
        $written = SafeCell::write($text);
        expect(SafeCell::read($written))->toBe($text);
        foreach (is_numeric($text) ? [] : preg_split('/[;\t]/', $written) as $part) {
            expect($part)->not->toMatch('/^[=+\-@＝]/u');
        }
    }
});

it('reads prices as people type them', function (string $typed, string $currency, string $shown): void {
    expect(Money::typed($typed, Currency::of($currency))->shown())->toBe($shown);
})->with([
    ['49', 'EUR', '49.00'],
    ['49,5', 'EUR', '49.50'],
    ['1,049.00', 'EUR', '1049.00'],
    ['1 049,00', 'EUR', '1049.00'],
    ['1.2340', 'KWD', '1.234'],
    ['0', 'EUR', '0.00'],
    ['500', 'JPY', '500'],
    ["1'049.5", 'EUR', '1049.50'],
    ['1.049,50', 'EUR', '1049.50'],
]);

it('refuses what is no price', function (string $typed, string $currency): void {
    Money::typed($typed, Currency::of($currency));
})
    ->with([['-1', 'EUR'], ['1.5', 'JPY'], ['12.345,678', 'EUR'], ['10000000000', 'EUR']])
    ->throws(UnreadablePrice::class);

it(
    'reads a number in one way or not at all, and names both readings (0,500 was 500, 12.5000 was 125000, 1.2.345 was 12345)',
    function (string $typed, string $why): void {
        expect(fn() => NumberReader::read($typed))->toThrow(UnreadableNumber::class, $why);
    },
)->with([
    ['0,500', 'can be read as 0.500 or as 500. Type 0.5 for the one, 500 for the other.'],
    ['1.234', 'can be read as 1.234 or as 1234. Type 1.2340 for the one, 1234 for the other.'],
    ['1.2.345', '“1.2.345” is not a number'],
    ['1,23,456', 'is not a number'],
    ['12 34', 'is not a number'],
    ['1e3', 'is not a number'],
    ['x', 'is not a number'],
    ['', 'Type a number'],
    ['0.500.000', 'is not a number'],
    [str_repeat('9', 60), 'is not a number'],
    ['1.000,50.00', 'is not a number'],
]);

it('reads a number whichever decimal sign it has', function (string $typed, string $number): void {
    expect((string) NumberReader::read($typed)->stripTrailingZeros())->toBe($number);
})->with([
    ['12.5000', '12.5'],
    ['1.234.567', '1234567'],
    ['1,234,567.8', '1234567.8'],
    ['−5,5', '-5.5'],
    ["1\u{202F}049,5", '1049.5'],
    ['１２,5', '12.5'],
    ['0,000', '0'],
    ['1234,567', '1234.567'],
]);

it('reads back every number it could have written', function (int $seed): void {
    $random = Samples::random($seed);
    foreach (range(1, 50) as $try) {
        $digits = (string) $random->getInt(0, 9_999_999);
        $fraction = $random->getInt(0, 1) === 1 ? (string) $random->getInt(10, 99) : '';
        [$group, $decimal] = [[',', '.'], ['.', ','], [' ', ','], ["'", '.'], ['', '.'], ['', ',']][
            $random->getInt(0, 5)
        ];
        $typed =
            preg_replace('/(?<=\d)(?=(\d{3})+$)/', $group, $digits) . ($fraction === '' ? '' : $decimal . $fraction);
        if (preg_match('/^\d{1,3}[.,]\d{3}$/', $typed) === 1) {
            expect(fn() => NumberReader::read($typed))->toThrow(UnreadableNumber::class);
        } else {
            expect(
                NumberReader::read($typed)->isEqualTo($fraction === '' ? $digits : "{$digits}.{$fraction}"),
            )->toBeTrue("{$typed}");
        }
    }
})->with(range(1, 10));

it('shows one price or a range', function (): void {
    $euros = fn(string ...$amounts): array => array_map(
        fn(string $amount): Money => Money::of($amount, Currency::of('EUR')),
        $amounts,
    );

    // 20.00 throughout with 30.00 for XL shows as 20.00–30.00: common practice, no source.
    expect(Money::range($euros('20', '30', '20')))
        ->toBe('20.00–30.00')
        ->and(Money::range($euros('20.000', '20')))
        ->toBe('20.00')
        ->and(Money::range([Money::of('500', Currency::of('JPY'))]))
        ->toBe('500')
        ->and(Money::range([]))
        ->toBe('');
});

it('keeps money and currency together, and rounds nothing unless it is asked to', function (): void {
    [$euro, $yen] = [Currency::of('eur'), Currency::of('JPY')];
    $price = Money::of('49.50', $euro);

    expect($price->plus(Money::of('0.5', $euro))->shown())
        ->toBe('50.00')
        ->and($price->in($yen))
        ->toBeNull()
        ->and($price->roundedIn($yen)->shown())
        ->toBe('50')
        ->and(Money::of('49', $euro)->in($yen)?->shown())
        ->toBe('49');
    expect(fn() => $price->plus(Money::of('1', $yen)))
        ->toThrow(CurrencyMismatch::class, 'EUR and one in JPY cannot be put together')
        ->and(fn() => Money::of('49.5', $yen))
        ->toThrow(UnreadablePrice::class, 'JPY has no decimals; “49.5” has more.');
});

it('takes no currency that there is not (ZZZ and XXX were taken)', function (string $code): void {
    Currency::of($code);
})
    ->with(['ZZZ', 'XXX', 'XAU', 'EU', '', 'EURO'])
    ->throws(UnknownCurrency::class);

it('knows the digits of a currency as ISO 4217 has them', function (string $code, int $digits): void {
    expect(Currency::of($code)->digits)->toBe($digits);
})->with([['EUR', 2], ['JPY', 0], ['KWD', 3], ['XOF', 0], ['PYG', 0], ['UGX', 0], ['IQD', 3], ['CLF', 4]]);

it('guesses a color by the last color word of a name', function (): void {
    expect(ColorNames::hex('dark moss'))
        ->toBe('#5f7049')
        ->and(ColorNames::hex('moss stone'))
        ->toBe(ColorNames::hex('stone'))
        ->and(ColorNames::hex('thursday'))
        ->toBeNull();
});
