<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Codes\SkuCodes;
use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Refusal;
use Core\RefusalKind;

/** The code by which the shop knows a SKU: every SKU has one, and no two the same. */
final readonly class CodeField implements SkuField
{
    use UsualField;

    public const KEY = 'codes';

    public function key(): string
    {
        return self::KEY;
    }

    public function column(): string
    {
        return 'code';
    }

    public function name(): string
    {
        return 'Code';
    }

    public function short(): string
    {
        return 'Codes';
    }

    public function hint(): string
    {
        return 'The code of one SKU';
    }

    public function isUnique(): bool
    {
        return true;
    }

    public function isSearched(): bool
    {
        return true;
    }

    public function shown(Sku $sku): string
    {
        return $sku->code;
    }

    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        return $sku->coded(self::read($typed));
    }

    public function linked(Sku $sku): array
    {
        return ['sku' => $sku->code];
    }

    /** @throws Refusal where it cannot be a code */
    public static function read(string $typed): string
    {
        $code = trim($typed);

        return preg_match(SkuCodes::PATTERN, $code) === 1
            ? $code
            : throw new Refusal(
                "“{$typed}” cannot be a code: use up to 64 letters, digits, dots, dashes, slashes and underscores.",
                RefusalKind::Unreadable,
                'typed',
            );
    }
}
