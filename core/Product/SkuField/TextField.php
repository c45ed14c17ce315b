<?php

declare(strict_types=1);

namespace Core\Product\SkuField;

use Core\Pricing\Currency;
use Core\Product\Sku;
use Core\Product\SkuField;
use Core\Refusal;
use Core\RefusalKind;

/** A short text of a SKU, as it is typed. Its column has its key, with underscores. */
final readonly class TextField implements SkuField
{
    use UsualField;

    public const LONGEST = 70;

    /**
     * @param  string  $key  in lower case, words joined by dashes
     * @param  string  $name  "Manufacturer’s number"
     * @param  string  $short  "Maker’s no."
     * @param  string  $linkedAs  property of a product in the terms of schema.org; empty for none
     */
    public function __construct(
        private string $key,
        private string $name,
        private string $short,
        private string $hint,
        private string $linkedAs = '',
        private bool $isSearched = false,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function column(): string
    {
        return str_replace('-', '_', $this->key);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function short(): string
    {
        return $this->short;
    }

    public function hint(): string
    {
        return $this->hint;
    }

    public function isSearched(): bool
    {
        return $this->isSearched;
    }

    public function shown(Sku $sku): string
    {
        return $sku->texts[$this->key] ?? '';
    }

    /** @throws Refusal */
    public function written(Sku $sku, string $typed, Currency $currency): Sku
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $typed));
        if (mb_strlen($text) > self::LONGEST) {
            throw new Refusal(
                "{$this->name} can have " .
                    self::LONGEST .
                    ' characters; “' .
                    mb_strimwidth($text, 0, 40, '…') .
                    '” has more.',
                RefusalKind::Unreadable,
                'typed',
            );
        }

        return $sku->saying($this->key, $text);
    }

    public function linked(Sku $sku): array
    {
        $text = $this->shown($sku);

        return $this->linkedAs === '' || $text === '' ? [] : [$this->linkedAs => $text];
    }
}
