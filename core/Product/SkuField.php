<?php

declare(strict_types=1);

namespace Core\Product;

use Core\CoreException;
use Core\Details\DetailKind;
use Core\Pricing\Currency;

/**
 * A number or text that each SKU can have of its own: how it is read, shown, pasted, searched and put into sheets,
 * documents and structured data. One more is a class, or an instance of TextField, in the list of SkuFields, and its
 * column in the table.
 */
interface SkuField
{
    /** By which addresses, sheets and documents know it: "weight". */
    public function key(): string;

    /** Column of the table of SKUs. */
    public function column(): string;

    /** "Weight" */
    public function name(): string;

    /** What the button says with which the board shows it: "Weight", "Codes". */
    public function short(): string;

    /** "weight", "weights" */
    public function inWords(int $count): string;

    /** What can be typed: "Such as 350, 1.2 kg or 12 oz". */
    public function hint(): string;

    /** What is said of a SKU that has none: "not weighed". */
    public function none(): string;

    /** Whether no two SKUs of the catalog may have the same, so that none is typed for several. */
    public function isUnique(): bool;

    /** Whether those of several SKUs line up as figures do. */
    public function isFigure(): bool;

    /** Whether SKUs are found by what it begins with. */
    public function isSearched(): bool;

    /** A SKU's own, as people read it; empty for none. */
    public function shown(Sku $sku): string;

    /** What there is to know of it, in a word; empty for nothing. */
    public function note(Sku $sku): string;

    /**
     * The SKU with what was typed; nothing for none.
     *
     * @throws CoreException where it cannot be read
     */
    public function written(Sku $sku, string $typed, Currency $currency): Sku;

    /** @return array<string, mixed> as properties of a product in the terms of schema.org, version 29; none for none */
    public function linked(Sku $sku): array;

    /** @return list<DetailKind> what else is said where it is typed */
    public function details(): array;
}
