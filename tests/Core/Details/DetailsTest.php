<?php

declare(strict_types=1);

use Brick\Math\BigDecimal;
use Core\Details\Country;
use Core\Details\DetailKind;
use Core\Details\DetailReader;
use Core\Details\Details;
use Core\Details\Dimensions;
use Core\Details\Quantity;
use Core\Details\Unit;
use Core\Details\UnreadableDetail;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Currency;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Text\NumberReader;
use Tests\Core\Color\Samples;

/** @return array<string, string> cell key => what holds there */
function said(Details $details, Matrix $matrix, DetailKind $kind = DetailKind::Cost): array
{
    $finder = $details->finder($kind, $matrix);

    return array_column(
        array_map(fn(Combination $cell): array => [$cell->key, $finder->at($cell)], $matrix->combinations()),
        1,
        0,
    );
}

it(
    'says what is typed somewhere there, and changes nothing elsewhere (a part lost its say where the product said the same for a while)',
    function (int $seed): void {
        $random = Samples::random($seed);
        $matrix = Samples::matrix($random, 3, 4);
        $details = new Details();
        // The second model: what each cell says of its own, and what the product says.
        $own = [];
        $whole = '';
        for ($step = 0; $step < 12; $step++) {
            $where = $random->getInt(0, 4) === 0 ? Reach::everything() : Samples::reach($random, $matrix, 3);
            if ($where->isNothing()) {
                continue;
            }
            $text = [null, '', '1', '2', '3'][$random->getInt(0, 4)];
            $details = $details->with(DetailKind::Cost, $where, $text, $matrix);
            if ($where->isEverything() && $text !== null) {
                $whole = $text;
            } else {
                foreach ($matrix->combinations() as $cell) {
                    if ($where->covers($cell)) {
                        unset($own[$cell->key]);
                        $own += $text === null ? [] : [$cell->key => $text];
                    }
                }
            }
            $known = array_combine(
                $keys = array_map(fn(Combination $cell): string => $cell->key, $matrix->combinations()),
                array_map(fn(string $key): string => $own[$key] ?? $whole, $keys),
            );
            expect(said($details, $matrix))->toBe($known)->and($details->whole(DetailKind::Cost))->toBe($whole);
        }
        foreach ($matrix->combinations() as $cell) {
            $covering = array_filter($details->parts(DetailKind::Cost), fn($part): bool => $part->reach->covers($cell));
            expect(count($covering))->toBeLessThan(2);
        }
    },
)->with(range(1, 150));

it(
    'keeps what a part says, whatever the product says meanwhile (Moss followed after 24, then 24 for all, then 26 for all)',
    function (): void {
        $matrix = Samples::smock();
        $moss = Reach::of(Clause::of([Samples::COLOR => [11]]));
        $details = (new Details())
            ->with(DetailKind::Cost, $moss, '24.00', $matrix)
            ->withWhole(DetailKind::Cost, '24.00')
            ->withWhole(DetailKind::Cost, '26.00');
        expect(array_count_values(said($details, $matrix)))->toBe(['24.00' => 4, '26.00' => 8]);
        // The same the other way round: said of the part while the product says the same.
        $same = (new Details())
            ->withWhole(DetailKind::Cost, '24.00')
            ->with(DetailKind::Cost, $moss, '24.00', $matrix)
            ->withWhole(DetailKind::Cost, '26.00');
        expect(array_count_values(said($same, $matrix)))->toBe(['24.00' => 4, '26.00' => 8]);
        // Nothing here is a say like any other, also where the product says nothing yet.
        $none = (new Details())->with(DetailKind::Cost, $moss, '', $matrix)->withWhole(DetailKind::Cost, '26.00');
        expect(array_count_values(said($none, $matrix)))->toBe(['' => 4, '26.00' => 8]);
        // As the product, for all parts: theirs go, the product's stays.
        $follows = $details->with(DetailKind::Cost, Reach::everything(), null, $matrix);
        expect(array_count_values(said($follows, $matrix)))
            ->toBe(['26.00' => 12])
            ->and($follows->parts(DetailKind::Cost))
            ->toBe([]);
    },
);

it(
    'lets a new value follow the product, and parts keep what they say when the product says something else',
    function (): void {
        $matrix = Samples::smock();
        $moss = Reach::of(Clause::of([Samples::COLOR => [11]]));
        $details = (new Details())
            ->withWhole(DetailKind::Cost, '20.00')
            ->with(DetailKind::Cost, $moss, '24.00', $matrix)
            ->withWhole(DetailKind::Cost, '21.00');
        $larger = Samples::smock(['Moss', 'Clay', 'Slate', 'Oat'], ['S', 'M', 'L', 'XL', 'XXL']);

        expect(array_count_values(said($details, $larger)))
            ->toBe(['24.00' => 5, '21.00' => 15])
            ->and(array_column($details->texts(new DetailReader(Currency::of('EUR')), $matrix), 'words', 'name'))
            ->toBe(['Cost' => '21.00', 'Cost, Moss' => '24.00'])
            ->and(array_count_values(said($details->withWhole(DetailKind::Cost, '24.00'), $matrix)))
            ->toBe(['24.00' => 12])
            ->and(
                array_count_values(
                    said($details->with(DetailKind::Cost, Reach::everything(), '9.00', $matrix), $matrix),
                ),
            )
            ->toBe(['24.00' => 4, '9.00' => 8])
            ->and(array_count_values(said($details->with(DetailKind::Cost, $moss, '', $matrix), $matrix)))
            ->toBe(['' => 4, '21.00' => 8])
            ->and(array_count_values(said($details->with(DetailKind::Cost, $moss, null, $matrix), $matrix)))
            ->toBe(['21.00' => 12]);
    },
);

it('keeps what is typed in one way of writing', function (
    DetailKind $kind,
    array $typed,
    string $kept,
    string $words,
): void {
    $reader = new DetailReader(Currency::of('EUR'));

    expect($reader->read($kind, $typed))
        ->toBe($kept)
        ->and($reader->inWords($kind, $kept))
        ->toBe($words)
        ->and($reader->read($kind, ['  ']))
        ->toBe('')
        ->and($reader->listed($kind, $kept))
        ->toBe($kept);
})->with([
    [DetailKind::Cost, ['19,9'], '19.90', '19.90'],
    [DetailKind::Ending, ['0,95'], '.95', '.95'],
    [DetailKind::Sale, ['39', '2026-12-01', ''], '39.00 2026-12-01 -', '39.00 from 1 December 2026'],
    [
        DetailKind::Sale,
        ['39', '2026-12-01', '2026-12-24'],
        '39.00 2026-12-01 2026-12-24',
        '39.00, 1 December 2026 to 24 December 2026',
    ],
    [DetailKind::LowMark, ['0'], '0', '0'],
    [DetailKind::Counting, ['product'], 'product', 'the whole product'],
    [DetailKind::Most, ['1 200'], '1200', '1200'],
    [DetailKind::PreOrder, ['2027-01-15'], '2027-01-15', '15 January 2027'],
    [DetailKind::Dimensions, ['30x20,5 × 5cm'], '30 × 20.5 × 5 cm', '30 × 20.5 × 5 cm'],
    [DetailKind::Tags, ['linen, Linen;  work wear|linen'], 'linen, work wear', 'linen, work wear'],
    [
        DetailKind::Care,
        ['hand wash; DO NOT BLEACH, hand wash, with vinegar'],
        'Hand wash, Do not bleach, with vinegar',
        'Hand wash, Do not bleach, with vinegar',
    ],
    [
        DetailKind::Highlights,
        ["Deep pockets\n\nDeep pockets\nWashed once"],
        "Deep pockets\nWashed once",
        'Deep pockets; Washed once',
    ],
    [DetailKind::Condition, ['Used'], 'used', 'used'],
    [DetailKind::Customs, ['6211.43 90'], '62114390', '62114390'],
    [DetailKind::Origin, ['portugal'], 'PT', 'Portugal'],
    [DetailKind::Origin, ['ie'], 'IE', 'Ireland'],
    [
        DetailKind::BuyerText,
        [' Name  to embroider', '3', '20'],
        '3 20 Name to embroider',
        'Name to embroider, 3 to 20 characters',
    ],
    [DetailKind::BuyerText, ['Greeting', '', ''], '0 100 Greeting', 'Greeting, up to 100 characters'],
    [
        DetailKind::Breaks,
        ['50', '2', 'order', '10', '5 %', 'unit', '', '', ''],
        '10 5% unit;50 2.00 order',
        'from 10: 5 % off each unit; from 50: 2.00 off the order',
    ],
]);

it('refuses what cannot be meant, and says what to do', function (
    DetailKind $kind,
    array $typed,
    string $message,
): void {
    expect(fn() => (new DetailReader(Currency::of('EUR')))->read($kind, $typed))->toThrow($message);
})->with([
    [DetailKind::Dimensions, ['30 × 20'], 'Type length, width and height in one unit'],
    [DetailKind::Dimensions, ['30 × 20 × 5 kg'], 'Type mm, cm, m, in or ft'],
    [DetailKind::Dimensions, ['30 in × 20 cm × 5 cm'], 'in one unit'],
    [DetailKind::Origin, ['Atlantis'], 'is not a country'],
    [DetailKind::Condition, ['so-so'], 'It is new, renewed, used or damaged'],
    [DetailKind::Customs, ['62A143'], 'Type its 6 to 12 digits'],
    [DetailKind::Least, ['0'], 'Type a whole number from 1'],
    [DetailKind::Most, ['2.5'], 'Type a whole number from 1'],
    [DetailKind::Most, ['many'], 'is not a number'],
    [DetailKind::Counting, ['by hand'], 'is no way of counting'],
    [DetailKind::LowMark, ['1.200'], 'can be read as 1.2'],
    [DetailKind::PreOrder, ['2026-02-30'], 'is not a day'],
    [DetailKind::Sale, ['39', '2026-12-24', '2026-12-01'], 'end before it begins'],
    [DetailKind::Cost, ['-1'], 'must lie between 0'],
    [DetailKind::ShortText, [str_repeat('x', 501)], 'up to 500 characters'],
    [DetailKind::Care, [implode(',', range(1, 11))], 'Care instructions: up to 10'],
    [DetailKind::Tags, [implode(',', range(1, 41))], 'up to 40'],
    [DetailKind::BuyerText, ['Name', '30', '20'], 'how long the answer can be'],
    [DetailKind::BuyerText, ['Name', '1', '99999999999999999999999999'], 'how long the answer can be'],
    [DetailKind::Breaks, ['1', '5 %', 'unit'], '2 or more'],
    [DetailKind::Breaks, ['10', '5 %', 'unit', '10', '6 %', 'unit'], 'Two rows begin at 10'],
    [DetailKind::Breaks, ['10', '0', 'unit'], 'is no reduction'],
    [DetailKind::Breaks, ['10', '101 %', 'unit'], 'is no reduction'],
]);

it('reads amounts with their units and turns them into others', function (
    string $typed,
    Unit $usual,
    string $text,
    Unit $other,
    int $digits,
    string $shown,
): void {
    $quantity = Quantity::typed($typed, $usual);

    expect($quantity->text())->toBe($text)->and((string) $quantity->in($other, $digits))->toBe($shown);
})->with([
    ['350', Unit::Gram, '350 g', Unit::Kilogram, 2, '0.35'],
    ['1,2 kg', Unit::Gram, '1.2 kg', Unit::Gram, 0, '1200'],
    ['12 oz', Unit::Gram, '12 oz', Unit::Gram, 0, '340'],
    ['2 lbs', Unit::Gram, '2 lb', Unit::Ounce, 3, '32.000'],
    ['10″', Unit::Centimeter, '10 in', Unit::Millimeter, 1, '254.0'],
    ['6 feet', Unit::Centimeter, '6 ft', Unit::Inch, 0, '72'],
]);

it('refuses amounts of another kind, or none', function (string $typed): void {
    Quantity::typed($typed, Unit::Gram);
})
    ->with(['5 cm', '5 stone', '0', '-3 g', '0.0000001 g', '9999999999 kg'])
    ->throws(UnreadableDetail::class);

it('turns amounts into another currency with their numbers', function (): void {
    $reader = new DetailReader(Currency::of('EUR'));
    $yen = Currency::of('JPY');

    expect($reader->inCurrency(DetailKind::Cost, '19.90', $yen))
        ->toBe('20')
        ->and($reader->inCurrency(DetailKind::Sale, '39.50 2026-12-01 -', $yen))
        ->toBe('40 2026-12-01 -')
        ->and($reader->inCurrency(DetailKind::Breaks, '10 5.5% unit;50 2.50 order', $yen))
        ->toBe('10 5.5% unit;50 3 order')
        ->and($reader->inCurrency(DetailKind::Ending, '.95', $yen))
        ->toBe('')
        ->and($reader->inCurrency(DetailKind::Ending, '80', $yen))
        ->toBe('80')
        ->and($reader->inCurrency(DetailKind::Warranty, '2 years', $yen))
        ->toBe('2 years');
});

it('knows the countries of ISO 3166-1', function (): void {
    expect(count(Country::names()))->toBe(249)->and(Country::typed('Germany')->code)->toBe('DE');
});

it('gives numbers as they can be typed again, and are read as nothing else', function (): void {
    $random = Samples::random(3);
    foreach (['1.234', '12.125', '0.500', '4.1250', '1234.567', '49.00', '-3.125', '0', '1000'] as $number) {
        expect(NumberReader::read(NumberReader::again(BigDecimal::of($number)))->isEqualTo($number))->toBeTrue($number);
    }
    for ($times = 0; $times < 2000; $times++) {
        $number = BigDecimal::ofUnscaledValue($random->getInt(-9_999_999, 9_999_999), $random->getInt(0, 4));
        expect(NumberReader::read(NumberReader::again($number))->isEqualTo($number))->toBeTrue((string) $number);
    }
});

it('reads what it keeps of dimensions again, whatever their numbers', function (): void {
    $kept = Dimensions::typed('30 × 20,1250 × 5 cm')->text();

    expect($kept)
        ->toBe('30 × 20.125 × 5 cm')
        ->and(Dimensions::fromText($kept)->text())
        ->toBe($kept)
        ->and(Dimensions::fromText($kept)->in(Unit::Inch))
        ->toBe('11.8 × 7.9 × 2.0 in');
});

it('reads plain figures at once, and as it reads them with spaces around', function (): void {
    $random = Tests\Core\Color\Samples::random(7);
    $digit = fn(): string => (string) $random->getInt(0, 9);
    $digits = fn(int $most): string => implode('', array_map($digit, range(1, $random->getInt(1, $most))));
    // What it says, or why it cannot be read, but for spaces.
    $read = function (callable $reader): string {
        try {
            $said = (string) $reader();
        } catch (Core\CoreException $fault) {
            $said = $fault->getMessage();
        }

        return (string) preg_replace('/[\s\p{Z}]+/u', '', $said);
    };
    for ($try = 0; $try < 600; $try++) {
        $typed = [$digits(9), '-' . $digits(3), $digits(4) . '.' . $digits(6), $digits(3) . ',' . $digits(4), '0'][
            $try % 5
        ];
        $spaced = "\u{00A0}{$typed} ";
        foreach ([null, 0, 3] as $behind) {
            expect($read(fn() => Core\Text\NumberReader::read($typed, $behind)))->toBe(
                $read(fn() => Core\Text\NumberReader::read($spaced, $behind)),
            );
        }
        expect($read(fn() => Core\Details\Weight::typed($typed)))->toBe(
            $read(fn() => Core\Details\Weight::typed($spaced)),
        );
        expect($read(fn() => Core\Stock\StockChange::units($typed)))->toBe(
            $read(fn() => Core\Stock\StockChange::units($spaced)),
        );
    }
});
