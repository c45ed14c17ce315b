<?php

declare(strict_types=1);

namespace App\Http;

use Core\Details\DetailKind;
use Core\Product\SkuField;
use Core\Product\SkuField\CodeField;
use Core\Product\SkuField\GtinField;
use Core\Product\SkuField\PriceField;
use Core\Product\SkuField\StockField;
use Core\Product\SkuFields;

/** What the board's cells show at the moment: photos, or a field of the SKUs. */
final readonly class Lens
{
    private const PHOTOS = 'photos';

    /** @param  ?SkuField  $field  null where they show photos */
    private function __construct(public string $value, public ?SkuField $field) {}

    public static function photos(): self
    {
        return new self(self::PHOTOS, null);
    }

    public static function of(SkuField $field): self
    {
        return new self($field->key(), $field);
    }

    public static function tryFrom(string $value): ?self
    {
        $field = SkuFields::named($value);

        return match (true) {
            $value === self::PHOTOS => self::photos(),
            $field !== null => self::of($field),
            default => null,
        };
    }

    /** @return list<self> in the order of their buttons and keys */
    public static function cases(): array
    {
        return [self::photos(), ...array_map(self::of(...), SkuFields::all())];
    }

    public function isPhotos(): bool
    {
        return $this->field === null;
    }

    public function isCodes(): bool
    {
        return $this->value === CodeField::KEY;
    }

    public function isPrices(): bool
    {
        return $this->value === PriceField::KEY;
    }

    public function isStock(): bool
    {
        return $this->value === StockField::KEY;
    }

    public function isGtins(): bool
    {
        return $this->value === GtinField::KEY;
    }

    public function label(): string
    {
        return $this->field?->short() ?? __('answers.photos');
    }

    /** Whether its cells line up as figures do. */
    public function isOfNumbers(): bool
    {
        return $this->field?->isFigure() === true;
    }

    /** Whether each SKU has one of its own, so that none is typed for several. */
    public function isOfOne(): bool
    {
        return $this->field?->isUnique() === true;
    }

    /** What the field is called in which it is typed. */
    public function fieldLabel(string $currency): string
    {
        return match (true) {
            $this->field === null => '',
            $this->isPrices() => __('answers.price_currency', ['currency' => $currency]),
            $this->isStock() => __('answers.in_stock_each'),
            $this->isOfOne() => __('answers.field_of_one_sku', ['field' => $this->field->name()]),
            default => "{$this->field->name()}, each",
        };
    }

    /** The same in a word, where the field is empty. */
    public function field(string $currency): string
    {
        return match (true) {
            $this->field === null => '',
            $this->isPrices() => $currency,
            $this->isStock() => __('answers.units'),
            $this->isCodes() => __('answers.code'),
            default => $this->field->short(),
        };
    }

    public function hint(): string
    {
        return $this->field?->hint() ?? '';
    }

    /** "price", what cells can have the same of. */
    public function one(): string
    {
        return match (true) {
            $this->field === null => __('answers.lead'),
            $this->isStock() => 'stock',
            default => $this->field->inWords(1),
        };
    }

    /** What its cells can lack; empty where none does. */
    public function lacking(): string
    {
        return match (true) {
            $this->field === null, $this->isCodes() => '',
            $this->isStock() => __('answers.all_not_counted'),
            default => __('answers.all_without_a_field', ['field' => $this->field->inWords(1)]),
        };
    }

    /** @return list<DetailKind> what else of the selected part is said in it */
    public function details(): array
    {
        return $this->field?->details() ?? [];
    }
}
