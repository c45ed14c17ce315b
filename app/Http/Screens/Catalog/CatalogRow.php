<?php

declare(strict_types=1);

namespace App\Http\Screens\Catalog;

use App\Store\Library\ValueLabel;

/** A product in the catalog's list. */
final readonly class CatalogRow
{
    /** Colors that the list shows of a product; the others are counted. */
    private const MOST_COLORS = 10;

    /**
     * @param  list<ValueLabel>  $colors
     * @param  ?int  $percent  of required views; null without a shot list
     * @param  int  $holes  required views missing over all picture combinations
     * @param  int  $touched  SKUs that lack one
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $category,
        public ?string $card,
        public string $cardText,
        public array $colors,
        public string $sizes,
        public int $skus,
        public int $cells,
        public int $leftOut,
        public int $pictures,
        public int $unlinked,
        public ?int $percent,
        public string $prices,
        public int $units,
        public int $notCounted,
        public string $changed,
        public int $holes,
        public int $touched,
    ) {}

    /** @return list<ValueLabel> */
    public function shownColors(): array
    {
        return array_slice($this->colors, 0, self::MOST_COLORS);
    }

    /** Whether any SKU has its units counted; a product without SKUs has none to count. */
    public function isCounted(): bool
    {
        return $this->skus === 0 || $this->notCounted < $this->skus;
    }

    public function moreColors(): int
    {
        return count($this->colors) - count($this->shownColors());
    }
}
