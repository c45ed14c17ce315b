<?php

declare(strict_types=1);

namespace App\Http;

use Core\Details\DetailKind;

/** What the board's cells show at the moment. */
enum Lens: string
{
    case Photos = 'photos';
    case Codes = 'codes';
    case Prices = 'prices';
    case Stock = 'stock';
    case Gtin = 'gtin';
    case Weight = 'weight';

    public function label(): string
    {
        return $this === self::Gtin ? 'GTIN' : ucfirst($this->value);
    }

    /** Whether its cells line up as figures do. */
    public function isOfNumbers(): bool
    {
        return in_array($this, [self::Prices, self::Stock, self::Gtin, self::Weight], true);
    }

    /** Whether each SKU has one of its own, so that none is typed for several. */
    public function isOfOne(): bool
    {
        return $this === self::Codes || $this === self::Gtin;
    }

    /** What the field is called in which it is typed. */
    public function fieldLabel(string $currency): string
    {
        return match ($this) {
            self::Photos => '',
            self::Codes => 'Code of one SKU',
            self::Prices => "Price, {$currency}",
            self::Stock => 'In stock, each',
            self::Gtin => 'GTIN of one SKU',
            self::Weight => 'Weight, each',
        };
    }

    /** The same in a word, where the field is empty. */
    public function field(string $currency): string
    {
        return match ($this) {
            self::Photos => '',
            self::Codes => 'Code',
            self::Prices => $currency,
            self::Stock => 'Units',
            self::Gtin => 'GTIN',
            self::Weight => 'Weight',
        };
    }

    public function hint(): string
    {
        return match ($this) {
            self::Photos => '',
            self::Codes => 'The code of one SKU',
            self::Prices => '49.90 sets the price, +5 and -10 % change it, nothing gives it back to the product',
            self::Stock => '12 sets the units, +5 and -3 change them, nothing: not counted',
            self::Gtin => 'The GTIN of one SKU: 8, 12, 13 or 14 digits',
            self::Weight => 'Such as 350, 1.2 kg or 12 oz',
        };
    }

    /** "price", what cells can have the same of. */
    public function one(): string
    {
        return match ($this) {
            self::Photos => 'Lead',
            self::Codes => 'code',
            self::Prices => 'price',
            self::Stock => 'stock',
            self::Gtin => 'GTIN',
            self::Weight => 'weight',
        };
    }

    /** What its cells can lack; empty where none does. */
    public function lacking(): string
    {
        return match ($this) {
            self::Prices => 'All without a price',
            self::Stock => 'All not counted',
            self::Gtin => 'All without a GTIN',
            self::Weight => 'All without a weight',
            default => '',
        };
    }

    /** @return list<DetailKind> what else of the selected part is said in it */
    public function details(): array
    {
        return match ($this) {
            self::Prices => [DetailKind::Sale, DetailKind::ListPrice, DetailKind::Cost, DetailKind::Ending],
            self::Stock => [DetailKind::LowMark, DetailKind::PreOrder, DetailKind::Least, DetailKind::Most],
            self::Weight => [DetailKind::Dimensions, DetailKind::Surcharge, DetailKind::Customs, DetailKind::Origin],
            default => [],
        };
    }
}
