<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Color\Swatches\Swatch;
use Core\Details\DetailReader;
use Core\Details\Details;
use Core\Details\Fact;
use Core\Details\SaidText;
use Core\Gallery\Coverage\Shot;
use Core\Matrix\Combination;
use Core\Matrix\Matrix;
use Core\Pricing\Adjustment;
use Core\Pricing\Currency;
use Core\Pricing\Money;
use Core\Text\Name;

/**
 * What is said of a whole product, and what shoppers find first.
 *
 * @phpstan-type Parts array{
 *     name: string, code: string, currency: Currency, description: string, brand: string, category: string,
 *     basePrice: ?Money, shotList: ?LibraryRef, facts: list<Fact>, openings: array<int, int>,
 *     openingCell: ?Combination, shots: list<Shot>, ownAxes: array<int, OwnAxis>, ownSwatches: array<int, Swatch>,
 *     adjustments: array<int, Adjustment>, details: Details, codePattern: ?LibraryRef,
 *     sleepingLabels: array<int, string>
 * }
 */
final readonly class ProductDetails
{
    /**
     * @param  string  $code  the product's own, of which those of its SKUs may be made
     * @param  ?Money  $basePrice  of every SKU that has none of its own
     * @param  ?LibraryRef  $shotList  which views it is to have; null for none
     * @param  list<Fact>  $facts  in order
     * @param  array<int, int>  $openings  axis id => the value that shoppers find chosen; of axes that sleep too
     * @param  ?Combination  $openingCell  of the SKU that opens the product; null for the first in stock
     * @param  list<Shot>  $shots  single views in which it differs from the shot list of its kind
     * @param  array<int, OwnAxis>  $ownAxes  by axis id; those of which it says something itself, those that sleep too
     * @param  array<int, Swatch>  $ownSwatches  by value id, where its cloth differs from the library's
     * @param  array<int, Adjustment>  $adjustments  by value id: what it adds to the price of its SKUs
     * @param  Details  $details  what else is said of it and its parts
     * @param  ?LibraryRef  $codePattern  by which codes of its SKUs are made; null for the usual one
     * @param  array<int, string>  $sleepingLabels  by value id: what it calls values that sleep, where it is not what
     * the library calls them
     */
    public function __construct(
        public string $name,
        public string $code,
        public Currency $currency,
        public string $description = '',
        public string $brand = '',
        public string $category = '',
        public ?Money $basePrice = null,
        public ?LibraryRef $shotList = null,
        public array $facts = [],
        public array $openings = [],
        public ?Combination $openingCell = null,
        public array $shots = [],
        public array $ownAxes = [],
        public array $ownSwatches = [],
        public array $adjustments = [],
        public Details $details = new Details(),
        public ?LibraryRef $codePattern = null,
        public array $sleepingLabels = [],
    ) {}

    /** The same with what is said of it and its parts. */
    public function saying(Details $details): self
    {
        return $this->with(['details' => $details]);
    }

    /** The same with what it says of an axis itself; nothing of it follows the library. */
    public function withOwnAxis(int $axisId, OwnAxis $own): self
    {
        $all = array_replace($this->ownAxes, [$axisId => $own]);

        return $this->with(['ownAxes' => array_filter($all, fn(OwnAxis $axis): bool => !$axis->isNone())]);
    }

    /** The same with a fact, in the place of what is said under its name; a new one comes last. */
    public function withFact(Fact $fact): self
    {
        $facts = array_map(
            fn(Fact $own): Fact => $own->isNamed($fact->name) ? $own->saying($fact) : $own,
            $this->facts,
        );

        return $this->with(['facts' => Fact::named($facts, $fact->name) === null ? [...$facts, $fact] : $facts]);
    }

    /**
     * The same with another rule for its prices.
     *
     * @param  array<int, Adjustment>  $adjustments  by value id
     */
    public function pricedBy(?Money $base, array $adjustments): self
    {
        $some = array_filter($adjustments, fn(Adjustment $adjustment): bool => !$adjustment->isNone());

        return $this->with(['basePrice' => $base, 'adjustments' => $some]);
    }

    /**
     * The same with some of it changed.
     *
     * @param  array{
     *     name?: string, code?: string, currency?: Currency, description?: string, brand?: string, category?: string,
     *     basePrice?: ?Money, shotList?: ?LibraryRef, facts?: list<Fact>, openings?: array<int, int>,
     *     openingCell?: ?Combination, shots?: list<Shot>, ownAxes?: array<int, OwnAxis>,
     *     ownSwatches?: array<int, Swatch>, adjustments?: array<int, Adjustment>, details?: Details,
     *     codePattern?: ?LibraryRef
     * }  $said
     */
    public function with(array $said): self
    {
        /** @var Parts $own */
        $own = get_object_vars($this);

        return new self(...[...$own, ...$said]);
    }

    /**
     * As texts, to be held against another's and to be shown.
     *
     * @param  Matrix  $matrix  of the same product, for the names of its parts
     * @return array<string, SaidText> by keys that are the same for the same thing in another state
     */
    public function texts(Matrix $matrix): array
    {
        $texts =
            [
                'name' => new SaidText('Name', $this->name),
                'code' => new SaidText('Code', $this->code),
                'description' => new SaidText('Description', $this->description),
                'brand' => new SaidText('Brand', $this->brand),
                'category' => new SaidText('Category', $this->category),
                'currency' => new SaidText('Currency', $this->currency->code),
                'price' => new SaidText('Price', $this->basePrice?->shown() ?? ''),
                'shot list' => new SaidText('Shot list', $this->shotList->name ?? ''),
                'code pattern' => new SaidText('Code pattern', $this->codePattern->name ?? ''),
            ] +
            $this->adjustmentTexts($matrix) +
            $this->details->texts(new DetailReader($this->currency), $matrix);
        foreach ($this->shots as $shot) {
            $need = $shot->need->value . ($shot->reason === '' ? '' : ": {$shot->reason}");
            $texts["shot {$shot->view->key}"] = new SaidText("{$shot->view->label()} pictures", $need);
        }
        foreach ($this->facts as $fact) {
            $texts['fact ' . Name::of($fact->name)->folded] = new SaidText("Fact {$fact->name}", $fact->whole());
        }

        return $texts;
    }

    /** @return array<string, SaidText> */
    private function adjustmentTexts(Matrix $matrix): array
    {
        $texts = [];
        foreach ($matrix->axes as $axis) {
            foreach ($axis->values as $value) {
                if (isset($this->adjustments[$value->id])) {
                    $words = $this->adjustments[$value->id]->inWords();
                    $texts["adds {$value->id}"] = new SaidText("Price at {$axis->name} {$value->label}", $words);
                }
            }
        }

        return $texts;
    }
}
