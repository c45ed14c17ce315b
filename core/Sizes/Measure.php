<?php

declare(strict_types=1);

namespace Core\Sizes;

/** Numbers and amounts as whole numbers that can be compared: in ten-thousandths of their unit. */
final class Measure
{
    private const DIGITS = 4;

    /** Milliliters to a unit. Definitions of the SI; the US fluid ounce from memory. */
    private const VOLUMES = [
        'ml' => 1_000,
        'cl' => 10_000,
        'dl' => 100_000,
        'l' => 1_000_000,
        'liter' => 1_000_000,
        'liters' => 1_000_000,
        'litre' => 1_000_000,
        'litres' => 1_000_000,
        'fl oz' => 29_574,
    ];

    /** Thousandths of a gram to a unit. Definitions of the SI and of the international pound (453.59237 g). */
    private const WEIGHTS = [
        'mg' => 1,
        'g' => 1_000,
        'gr' => 1_000,
        'kg' => 1_000_000,
        'oz' => 28_350,
        'lb' => 453_592,
        'lbs' => 453_592,
    ];

    /** Tenths of a millimeter to a unit; the inch is 25.4 mm. */
    private const LENGTHS = ['mm' => 10, 'cm' => 100, 'in' => 254, 'inch' => 254, '"' => 254, '″' => 254];

    /** @return array{int, int} the value, and how many zeros stand before it: 00 comes before 0 */
    public static function number(string $digits): array
    {
        $whole = explode('.', $digits)[0];

        return [self::scaled($digits), -(strlen($whole) - max(1, strlen(ltrim($whole, '0'))))];
    }

    /** @param  string  $digits  such as "2.5", with at most four decimals */
    public static function scaled(string $digits): int
    {
        [$whole, $fraction] = array_pad(explode('.', $digits), 2, '');

        return (int) $whole * 10 ** self::DIGITS + (int) str_pad($fraction, self::DIGITS, '0');
    }

    /** @return array{string, int}|null what is measured, and how much; null for what is no unit */
    public static function amount(string $digits, string $unit): ?array
    {
        return match (true) {
            isset(self::VOLUMES[$unit]) => ['volume', self::scaled($digits) * self::VOLUMES[$unit]],
            isset(self::WEIGHTS[$unit]) => ['weight', self::scaled($digits) * self::WEIGHTS[$unit]],
            isset(self::LENGTHS[$unit]) => ['length', self::length($digits, $unit)],
            default => null,
        };
    }

    /** @param  string  $unit  mm, cm, in, inch or an inch sign */
    public static function length(string $digits, string $unit): int
    {
        return self::scaled($digits) * self::LENGTHS[$unit];
    }
}
