<?php

declare(strict_types=1);

namespace Core\Matching\Names;

use Core\Matrix\Combination;

/**
 * The words that mean something in a shop: codes, names, other words, translations, words for views. It is kept, not
 * made for each reading.
 */
interface Lexicon
{
    /**
     * @param  string  $bare  one or more parts of a name in a row, as WordForms::bare() gives them
     * @return list<Meaning>
     */
    public function exactly(string $bare): array;

    /**
     * What words mean that are a letter away; none for words of fewer than five letters.
     *
     * @return list<Meaning> each by a slip
     */
    public function nearly(string $bare): array;

    /**
     * What a value is called, whichever product has it.
     *
     * @return list<string> as written: its name, its code, other words for it
     */
    public function words(int $valueId): array;

    /** The product's own matrix and names; null where it is not there. */
    public function product(int $productId): ?KnownProduct;

    /** The one product of the shop that has a value; null where several have it, or none. */
    public function onlyWith(int $valueId): ?int;

    /** The combination of a SKU. */
    public function sku(int $skuId): ?Combination;
}
