<?php

declare(strict_types=1);

namespace Core\Pricing;

use Brick\Math\BigDecimal;
use Brick\Math\Exception\MathException;
use Brick\Math\RoundingMode;

/** Reads and shows prices with the currency's minor unit. Amounts are decimal strings with three decimals. */
final class Money
{
    /** Minor units that are not 2. ISO 4217, from memory. */
    private const MINOR_UNITS = ['JPY' => 0, 'KRW' => 0, 'ISK' => 0, 'CLP' => 0, 'VND' => 0, 'BHD' => 3, 'KWD' => 3, 'OMR' => 3, 'TND' => 3, 'JOD' => 3];

    private const MOST = '999999999';

    /**
     * As people type it: "49", "49,00", "1,049.00", "1 049,00".
     *
     * @return string the amount with three decimals
     *
     * @throws UnreadablePrice
     */
    public static function read(string $typed, string $currency): string
    {
        $text = str_replace(["\u{00A0}", "\u{202F}", ' ', "'"], '', trim($typed));
        if (preg_match('/^\d{1,3}(,\d{3})+(\.\d+)?$/', $text) === 1) {
            $text = str_replace(',', '', $text);
        }
        $text = str_replace(',', '.', $text);
        if (preg_match('/^-?\d+(\.\d+)?$/', $text) !== 1) {
            throw UnreadablePrice::noNumber($typed);
        }
        try {
            $amount = BigDecimal::of($text)->stripTrailingZeros();
        } catch (MathException) {
            throw UnreadablePrice::noNumber($typed);
        }
        if ($amount->isNegative() || $amount->isGreaterThan(self::MOST)) {
            throw UnreadablePrice::outOfBounds($typed, self::MOST);
        }
        if ($amount->getScale() > self::decimals($currency)) {
            throw UnreadablePrice::tooFine($typed, $currency, self::decimals($currency));
        }

        return (string) $amount->toScale(3);
    }

    /** With the currency's decimals and no sign: "49.00". */
    public static function show(string $amount, string $currency): string
    {
        return (string) BigDecimal::of($amount)->toScale(self::decimals($currency), RoundingMode::HALF_UP);
    }

    /**
     * One price, or the lowest and the highest: "49.00–54.00".
     *
     * @param  list<string>  $amounts
     */
    public static function range(array $amounts, string $currency): string
    {
        if ($amounts === []) {
            return '';
        }
        $sorted = array_map(fn (string $amount): BigDecimal => BigDecimal::of($amount), $amounts);
        $lowest = self::show((string) BigDecimal::min(...$sorted), $currency);
        $highest = self::show((string) BigDecimal::max(...$sorted), $currency);

        return $lowest === $highest ? $lowest : $lowest.'–'.$highest;
    }

    private static function decimals(string $currency): int
    {
        return self::MINOR_UNITS[$currency] ?? 2;
    }
}
