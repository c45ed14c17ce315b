<?php

declare(strict_types=1);

namespace Core\Details;

use Brick\Math\BigDecimal;

/**
 * Units of weight and length. The international pound is 453.59237 g, the inch 25.4 mm, both by definition; the others
 * are of the SI.
 */
enum Unit: string
{
    case Milligram = 'mg';
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';
    case Millimeter = 'mm';
    case Centimeter = 'cm';
    case Meter = 'm';
    case Inch = 'in';
    case Foot = 'ft';

    /** As people write them. */
    private const WORDS = [
        'grams' => 'g',
        'gram' => 'g',
        'gr' => 'g',
        'kilos' => 'kg',
        'kilo' => 'kg',
        'kilograms' => 'kg',
        'kilogram' => 'kg',
        'ounces' => 'oz',
        'ounce' => 'oz',
        'lbs' => 'lb',
        'pounds' => 'lb',
        'pound' => 'lb',
        'inches' => 'in',
        'inch' => 'in',
        '"' => 'in',
        '″' => 'in',
        'feet' => 'ft',
        'foot' => 'ft',
        "'" => 'ft',
        '′' => 'ft',
        'meters' => 'm',
        'metres' => 'm',
        'meter' => 'm',
        'metre' => 'm',
        'centimeters' => 'cm',
        'centimetres' => 'cm',
        'millimeters' => 'mm',
        'millimetres' => 'mm',
    ];

    public static function typed(string $word): ?self
    {
        $folded = mb_strtolower(trim($word));

        return self::tryFrom(self::WORDS[$folded] ?? $folded);
    }

    public function isWeight(): bool
    {
        return in_array($this, [self::Milligram, self::Gram, self::Kilogram, self::Ounce, self::Pound], true);
    }

    /** @return BigDecimal grams, or millimeters, to one of it; exact */
    public function factor(): BigDecimal
    {
        return BigDecimal::of(
            match ($this) {
                self::Milligram => '0.001',
                self::Kilogram, self::Meter => '1000',
                self::Ounce => '28.349523125',
                self::Pound => '453.59237',
                self::Centimeter => '10',
                self::Inch => '25.4',
                self::Foot => '304.8',
                self::Gram, self::Millimeter => '1',
            },
        );
    }

    /** The code of UN/CEFACT Recommendation 20, which schema.org asks for (from memory). */
    public function commonCode(): string
    {
        return match ($this) {
            self::Milligram => 'MGM',
            self::Gram => 'GRM',
            self::Kilogram => 'KGM',
            self::Ounce => 'ONZ',
            self::Pound => 'LBR',
            self::Millimeter => 'MMT',
            self::Centimeter => 'CMT',
            self::Meter => 'MTR',
            self::Inch => 'INH',
            self::Foot => 'FOT',
        };
    }
}
