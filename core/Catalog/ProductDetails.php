<?php

declare(strict_types=1);

namespace Core\Catalog;

use Core\Color\Swatch;
use Core\Details\DetailReader;
use Core\Details\Details;
use Core\Gallery\Shot;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Adjustment;
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
     * @param  array<int, Adjustment>  $adjustments  by value id: what it adds to the price of its SKUs
     * @param  Details  $details  what else is said of it and its parts
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
        public array $adjustments = [],
        public Details $details = new Details(),
    ) {
    }

    /**
     * As texts, to be held against another's and to be shown.
     *
     * @param  Matrix  $matrix  of the same product, for the names of its parts
     * @return array<string, string> what it is called => what it says; empty for none
     */
    public function texts(Matrix $matrix): array
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
        ] + $this->adjustmentTexts($matrix) + $this->details->texts(new DetailReader($this->currency), $matrix) + $shots + $facts;
    }

    /** @return array<string, string> */
    private function adjustmentTexts(Matrix $matrix): array
    {
        $texts = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if (isset($this->adjustments[$value->id])) {
                    $texts["Price at {$axis->name} {$value->label}"] = $this->adjustments[$value->id]->inWords();
                }
            }
        }

        return $texts;
    }
}
