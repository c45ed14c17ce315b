<?php

declare(strict_types=1);

use Core\Color\ColorNames;
use Core\Pricing\Money;
use Core\Pricing\UnreadablePrice;
use Core\Sheets\SafeCell;

it('keeps cells from being run, and reads them back unchanged', function (string $text, string $written): void {
    expect(SafeCell::write($text))->toBe($written)->and(SafeCell::read($written))->toBe($text);
})->with([['=1+1', "'=1+1"], ['+49 30', "'+49 30"], ['-2', '-2'], ['-moss', "'-moss"], ['@x', "'@x"], ["'=x", "''=x"], ["'quoted'", "'quoted'"], ['', ''], ["\tx", "'\tx"], ['Moss', 'Moss']]);

it('reads prices as people type them', function (string $typed, string $currency, string $amount): void {
    expect(Money::read($typed, $currency))->toBe($amount);
})->with([['49', 'EUR', '49.000'], ['49,5', 'EUR', '49.500'], ['1,049.00', 'EUR', '1049.000'], ['1 049,00', 'EUR', '1049.000'], ['1.234', 'KWD', '1.234'], ['0', 'EUR', '0.000'], ['500', 'JPY', '500.000']]);

it('refuses what is no price', function (string $typed, string $currency): void {
    Money::read($typed, $currency);
})->with([['', 'EUR'], ['x', 'EUR'], ['1e3', 'EUR'], ['-1', 'EUR'], ['1.5', 'JPY'], ['1.234', 'EUR'], ['10000000000', 'EUR']])->throws(UnreadablePrice::class);

it('shows one price or a range', function (): void {
    expect(Money::range(['20.000', '30.000', '20.000'], 'EUR'))->toBe('20.00–30.00')
        ->and(Money::range(['20.000', '20.0'], 'EUR'))->toBe('20.00')
        ->and(Money::range(['500.000'], 'JPY'))->toBe('500')
        ->and(Money::range([], 'EUR'))->toBe('');
});

it('guesses a color by the last color word of a name', function (): void {
    expect(ColorNames::hex('Dark Moss'))->toBe('#5f7049')->and(ColorNames::hex('moss stone'))->toBe(ColorNames::hex('Stone'))->and(ColorNames::hex('Thursday'))->toBeNull();
});
