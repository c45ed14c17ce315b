<?php

declare(strict_types=1);

namespace Core\Product;

use Core\Details\Prices\PricedSku;
use Core\Matrix\Combination;
use Core\Matrix\Planning\StandingSku;
use Core\Matrix\SkuState;
use Core\Pricing\Money;
use Core\Stock\StockBook;

/**
 * A SKU with its own numbers: what it has from its product is asked of the product.
 *
 * @phpstan-type Parts array{
 *     id: int, cell: Combination, state: SkuState, code: string, price: ?Money, stock: ?int, gtin: ?string,
 *     weightG: ?int, combination: Combination, isCodeTyped: bool, retiredAt: int, texts: array<string, string>
 * }
 */
final readonly class Sku
{
    /** Where it lies, with its values on axes that sleep as well. */
    public Combination $combination;

    /**
     * @param  int  $id  0 where it is not stored yet, or nobody knows which it is to be: then its cell says so
     * @param  Combination  $cell  where it lies in the matrix
     * @param  ?Money  $price  its own; null where it follows the product
     * @param  ?int  $stock  units that were counted for it alone; null where nobody has counted them
     * @param  ?int  $weightG  grams; null where nobody has weighed it
     * @param  ?Combination  $combination  null: as its cell
     * @param  bool  $isCodeTyped  whether its code stays where codes are made anew
     * @param  int  $retiredAt  when it last went out of offer, in versions of its product; 0 where it never did
     * @param  array<string, string>  $texts  what else is said of it, by the keys of SkuFields::texts(); none is empty
     */
    public function __construct(
        public int $id,
        public Combination $cell,
        public SkuState $state,
        public string $code,
        public ?Money $price = null,
        public ?int $stock = null,
        public ?string $gtin = null,
        public ?int $weightG = null,
        ?Combination $combination = null,
        public bool $isCodeTyped = false,
        public int $retiredAt = 0,
        public array $texts = [],
    ) {
        $this->combination = $combination ?? $cell;
    }

    /** Whether it is on offer. */
    public function isMade(): bool
    {
        return $this->state === SkuState::Made;
    }

    /** The same as the one that is stored under an id; 0 for none. */
    public function knownAs(int $id): self
    {
        return $this->with(['id' => $id]);
    }

    /** The same with a price of its own; null to follow the product. */
    public function priceOf(?Money $price): self
    {
        return $this->with(['price' => $price]);
    }

    /** @param  ?int  $units  counted for it alone; null where nobody has counted them */
    public function counted(?int $units): self
    {
        return $this->with(['stock' => $units]);
    }

    /** The same with a GTIN, or without. */
    public function numbered(?string $gtin): self
    {
        return $this->with(['gtin' => $gtin]);
    }

    /** @param  ?int  $grams  null where nobody has weighed it */
    public function weighed(?int $grams): self
    {
        return $this->with(['weightG' => $grams]);
    }

    /** The same with a code that somebody typed, or that a pattern made. */
    public function coded(string $code, bool $isTyped = true): self
    {
        return $this->with(['code' => $code, 'isCodeTyped' => $isTyped]);
    }

    /** The same with a text of it, or without where that is empty. */
    public function saying(string $key, string $text): self
    {
        return $this->with([
            'texts' => array_filter(
                array_replace($this->texts, [$key => $text]),
                fn(string $said): bool => $said !== '',
            ),
        ]);
    }

    /**
     * The same with the numbers and texts of another, which may be another SKU; its code stays.
     */
    public function asNumbered(self $other): self
    {
        return $this->with([
            'price' => $other->price,
            'stock' => $other->stock,
            'gtin' => $other->gtin,
            'weightG' => $other->weightG,
            'texts' => $other->texts,
        ]);
    }

    /**
     * The same at another place, on offer or not.
     *
     * @param  Combination  $combination  with its values on axes that sleep as well
     */
    public function placed(Combination $cell, Combination $combination, SkuState $state, int $retiredAt): self
    {
        return $this->with([
            'cell' => $cell,
            'combination' => $combination,
            'state' => $state,
            'retiredAt' => $retiredAt,
        ]);
    }

    /** As a change of prices sees it. */
    public function priced(): PricedSku
    {
        return new PricedSku($this->id, $this->cell, $this->price);
    }

    /** As a change of the matrix sees it: units that others are sold from as well are none of its own. */
    public function standing(StockBook $book): StandingSku
    {
        $own = $book->pool($this->cell) === null ? $book->of($this->cell, $this->stock) : null;

        return new StandingSku($this->id, $this->combination, $this->state, $own, $this->retiredAt);
    }

    /**
     * Its own numbers as texts, to be held against another's and to be shown.
     *
     * @return array<string, string> what it is called => what it says; empty for none
     */
    public function numbers(): array
    {
        return [
            'code' => $this->code,
            'price' => $this->price?->shown() ?? '',
            'stock' => $this->stock === null ? 'not counted' : (string) $this->stock,
            'GTIN' => $this->gtin ?? '',
            'weight' => $this->weightG === null ? '' : "{$this->weightG} g",
        ] + $this->namedTexts();
    }

    /** @return array<string, string> */
    private function namedTexts(): array
    {
        $texts = [];
        foreach (SkuFields::texts() as $field) {
            $texts[$field->inWords(1)] = $field->shown($this);
        }

        return $texts;
    }

    /**
     * @param  array{
     *     id?: int, cell?: Combination, combination?: Combination, state?: SkuState, retiredAt?: int,
     *     texts?: array<string, string>, code?: string, price?: ?Money, stock?: ?int, gtin?: ?string, weightG?: ?int,
     *     isCodeTyped?: bool
     * }  $said
     */
    private function with(array $said): self
    {
        /** @var Parts $all */
        $all = $said + get_object_vars($this);

        return new self(...$all);
    }
}
