<?php

declare(strict_types=1);

namespace App\Catalog;

use App\Refusals\Kind;
use App\Refusals\Refused;
use App\Store\Amounts;
use Core\Codes\Gtin;
use Core\Codes\SkuCodes;
use Core\Details\Weight;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Stock\StockChange;

/** What of SKUs is written cell by cell. */
enum NumberKind: string
{
    case Code = 'codes';
    case Price = 'prices';
    case Stock = 'stock';
    case Gtin = 'gtin';
    case Weight = 'weight';

    /** "price", "prices" */
    public function inWords(int $count): string
    {
        return match ($this) {
            self::Code => $count === 1 ? 'code' : 'codes',
            self::Price => $count === 1 ? 'price' : 'prices',
            self::Stock => $count === 1 ? 'stock figure' : 'stock figures',
            self::Gtin => $count === 1 ? 'GTIN' : 'GTINs',
            self::Weight => $count === 1 ? 'weight' : 'weights',
        };
    }

    /**
     * What is stored of what was typed.
     *
     * @return array<string, int|string|null> columns of the SKU
     */
    public function columns(string $typed, Currency $currency): array
    {
        return match ($this) {
            self::Price => ['price' => trim($typed) === '' ? null : Amounts::stored(Money::typed($typed, $currency))],
            self::Stock => ['stock' => StockChange::units($typed)],
            self::Code => ['code' => self::code($typed), 'code_typed' => 1],
            self::Gtin => ['gtin' => trim($typed) === '' ? null : Gtin::typed($typed)],
            self::Weight => ['weight_g' => trim($typed) === '' ? null : Weight::typed($typed)],
        };
    }

    /** @throws Refused */
    public static function code(string $typed): string
    {
        $code = trim($typed);

        return preg_match(SkuCodes::PATTERN, $code) === 1 ? $code : throw new Refused("“{$typed}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.", Kind::Unreadable, 'typed');
    }
}
