<?php

declare(strict_types=1);

namespace Core\Changes;

use Core\Codes\Gtin;
use Core\Codes\SkuCodes;
use Core\CoreException;
use Core\Details\Weight;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;
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
     * The SKU with what was typed.
     *
     * @throws CoreException where it cannot be read
     */
    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        $isEmpty = trim($typed) === '';

        return match ($this) {
            self::Code => $sku->coded(self::code($typed)),
            self::Price => $sku->priceOf($isEmpty ? null : Money::typed($typed, $currency)),
            self::Stock => $sku->counted(StockChange::units($typed)),
            self::Gtin => $sku->numbered($isEmpty ? null : Gtin::typed($typed)),
            self::Weight => $sku->weighed($isEmpty ? null : Weight::typed($typed)),
        };
    }

    /** @throws Refusal where it cannot be a code */
    public static function code(string $typed): string
    {
        $code = trim($typed);

        return preg_match(SkuCodes::PATTERN, $code) === 1 ? $code : throw new Refusal("“{$typed}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.", RefusalKind::Unreadable, 'typed');
    }
}
