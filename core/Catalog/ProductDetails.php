<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Color\Swatch;
use Core\Gallery\Shot;
use Core\Matrix\Combination;
use Core\Pricing\Currency;
use Core\Pricing\Money;

/** What is said of a whole product, and what shoppers find first. */
final readonly class ProductDetails
{
    /**
     * @param  ?Money  $basePrice  of every SKU that has none of its own
     * @param  array<string, string>  $facts  name => what it says, in order
     * @param  array<int, int>  $openings  axis id => the value that shoppers find chosen
     * @param  ?Combination  $openingCell  of the SKU that opens the product; null for the first in stock
     * @param  list<Shot>  $shots  single views in which it differs from the shot list of its kind
     * @param  array<int, OwnAxis>  $ownAxes  by axis id; those of which it says something itself
     * @param  array<int, Swatch>  $ownSwatches  by value id, where its cloth differs from the library's
     */
    public function __construct(
        public string $name,
        public Currency $currency,
        public string $description = '',
        public string $brand = '',
        public string $category = '',
        public ?Money $basePrice = null,
        public ?int $shotListId = null,
        public array $facts = [],
        public array $openings = [],
        public ?Combination $openingCell = null,
        public array $shots = [],
        public array $ownAxes = [],
        public array $ownSwatches = [],
    ) {
    }

    /**
     * As texts, to be held against another's and to be shown.
     *
     * @return array<string, string> what it is called => what it says; empty for none
     */
    public function texts(): array
    {
        $facts = [];
        foreach ($this->facts as $name => $value) {
            $facts["Fact {$name}"] = $value;
        }

        $shots = [];
        foreach ($this->shots as $shot) {
            $shots["{$shot->view->label()} pictures"] = $shot->need->value.($shot->reason === '' ? '' : ": {$shot->reason}");
        }

        return [
            'Name' => $this->name,
            'Description' => $this->description,
            'Brand' => $this->brand,
            'Category' => $this->category,
            'Currency' => $this->currency->code,
            'Price' => $this->basePrice?->shown() ?? '',
        ] + $shots + $facts;
    }
}
