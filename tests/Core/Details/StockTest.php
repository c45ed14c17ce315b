<?php

declare(strict_types=1);

use Core\Details\Counting;
use Core\Details\DetailKind;
use Core\Details\Details;
use Core\Matrix\Combination;
use Core\Reach\Clause;
use Core\Reach\Reach;
use Core\Stock\Availability;
use Core\Stock\StockBook;
use Core\Stock\StockChange;
use Core\Stock\UnreadableUnits;
use Core\Text\Day;
use Core\Text\UnreadableDay;
use Core\Text\UnreadableNumber;
use Tests\Core\Color\Samples;

it('changes units as it is typed', function (string $typed, ?int $is, ?int $becomes, string $words): void {
    $change = StockChange::typed($typed);

    expect($change->of($is, 'Moss, M'))->toBe($becomes)->and($change->inWords())->toBe($words);
})->with([
    ['12', 3, 12, 'set to 12'],
    ['1 200', null, 1200, 'set to 1,200'],
    ['1.200', null, 1200, 'set to 1,200'],
    ['1,000', null, 1000, 'set to 1,000'],
    ['0', null, 0, 'set to 0'],
    ['', 3, null, 'no longer counted'],
    ['+5', 3, 8, '5 more'],
    ['+5', null, null, '5 more'],
    ['-3', 3, 0, '3 less'],
    ['−1', 3, 2, '1 less'],
    ['+ 2', 1, 3, '2 more'],
]);

it('refuses units that nobody can have', function (string $typed, string $class): void {
    expect(fn() => StockChange::typed($typed)->of(3, 'Moss, M'))->toThrow($class);
})->with([
    ['-4', UnreadableUnits::class],
    ['1.5', UnreadableUnits::class],
    ['99999999', UnreadableUnits::class],
    ['+9999999', UnreadableUnits::class],
    ['few', UnreadableNumber::class],
    ['0,500', UnreadableNumber::class],
]);

it('reads figures of a block as figures, and no change of them', function (): void {
    expect(StockChange::units('12'))
        ->toBe(12)
        ->and(StockChange::units(' '))
        ->toBeNull()
        ->and(fn() => StockChange::units('-3'))
        ->toThrow(UnreadableUnits::class, '“-3” is not a number of units')
        ->and(fn() => StockChange::units('+3'))
        ->toThrow(UnreadableUnits::class);
});

it('sells SKUs from what is counted together, and from their own again', function (): void {
    $matrix = Samples::smock();
    $details = (new Details())
        ->with(DetailKind::PictureUnits, Reach::of(Clause::of([Samples::COLOR => [11]])), '100', $matrix)
        ->with(DetailKind::PictureUnits, Reach::of(Clause::of([Samples::COLOR => [12]])), '50', $matrix)
        ->withWhole(DetailKind::ProductUnits, '300');
    $units = function (Counting $counting) use ($details, $matrix): array {
        $book = new StockBook($details->withWhole(DetailKind::Counting, $counting->value), $matrix);
        $pools = [];
        foreach ($matrix->combinations() as $cell) {
            $pools[$book->pool($cell) ?? $cell->key] = $book->of($cell, 7);
        }

        return [count($pools), array_sum($pools)];
    };

    expect($units(Counting::Sku))
        ->toBe([12, 84])
        ->and($units(Counting::Pictures))
        ->toBe([3, 150])
        ->and($units(Counting::Product))
        ->toBe([1, 300])
        ->and($units(Counting::None))
        ->toBe([12, 0])
        ->and((new StockBook($details, $matrix))->counting)
        ->toBe(Counting::Sku)
        ->and(
            (new StockBook($details->withWhole(DetailKind::Counting, 'pictures'), $matrix))->of(
                Combination::of([1 => 13, 2 => 21]),
                7,
            ),
        )
        ->toBeNull();
});

it('tells sold out, low, ordered ahead and not counted apart', function (
    ?int $units,
    ?int $low,
    ?string $here,
    Availability $is,
    bool $canBeBought,
): void {
    $availability = Availability::of($units, $low, $here === null ? null : Day::typed($here), Day::typed('2026-12-01'));

    expect($availability)->toBe($is)->and($availability->canBeBought())->toBe($canBeBought);
})->with([
    [null, 5, null, Availability::NotCounted, true],
    [6, 5, null, Availability::InStock, true],
    [5, 5, null, Availability::Low, true],
    [5, null, '2027-01-01', Availability::InStock, true],
    [0, 5, null, Availability::SoldOut, false],
    [0, null, '2026-12-02', Availability::PreOrder, true],
    [0, null, '2026-12-01', Availability::SoldOut, false],
]);

it('knows the days of the calendar', function (): void {
    expect(Day::typed('2028-02-29')->inWords())
        ->toBe('29 February 2028')
        ->and(Day::typed(' 2026-12-24 ')->iso)
        ->toBe('2026-12-24')
        ->and(Day::typed('2026-01-31')->isBefore(Day::typed('2026-02-01')))
        ->toBeTrue();
    foreach (
        [
            '2026-02-29',
            '2100-02-29',
            '2026-04-31',
            '2026-13-01',
            '2026-00-10',
            '2026-1-1',
            '24.12.2026',
            '',
            '1812-01-01',
            '2026-12-24x',
        ]
        as $typed
    ) {
        expect(fn() => Day::typed($typed))->toThrow(UnreadableDay::class);
    }
});
