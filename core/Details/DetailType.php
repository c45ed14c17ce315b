<?php

declare(strict_types=1);

namespace Core\Details;

use Core\CoreException;
use Core\Pricing\Currency;
use Core\Pricing\Money;

/**
 * A kind of thing that can be said of a product, and otherwise of a part of it: how it is read, said, typed and put
 * into structured data. One more is a case of DetailKind with a type, which may be a class of its own.
 */
interface DetailType
{
    public function label(): string;

    public function section(): DetailSection;

    /** Whether every SKU of a product has the same: then no part can say otherwise. */
    public function isOfProduct(): bool;

    /** Whether it is an amount of money, or has one in it, so that a change of currency is about it. */
    public function hasMoney(): bool;

    /**
     * @param  list<string>  $typed  as many texts as it has inputs; the first is not empty
     * @return string as it is kept; empty for nothing
     *
     * @throws CoreException where it cannot be read
     */
    public function read(array $typed, Currency $currency): string;

    /** What is kept, as a person reads it; it is not empty. */
    public function inWords(string $kept, Currency $currency): string;

    /** What is kept in another currency: the number stays, rounded where the currency has fewer digits. */
    public function inCurrency(string $kept, Currency $from, Currency $to): string;

    /** @return list<Money> the amounts in what is kept, which is not empty */
    public function amounts(string $kept, Currency $currency): array;

    /** @return list<DetailInput> in which it is typed; what is kept may be empty */
    public function inputs(string $kept, Currency $currency): array;

    /** What a shopper reads among the terms of the sale; empty where it is none of them. What is kept is not empty. */
    public function term(string $kept, Currency $currency): string;

    /** @return array<string, mixed> as properties of a product in the terms of schema.org; what is kept is not empty */
    public function linked(string $kept): array;

    /**
     * How texts are parted that are offered to be typed again; null where they are not.
     *
     * @return ?non-empty-string
     */
    public function remembers(): ?string;

    /** @return list<string> words that are usual for it, offered before anybody has typed one */
    public function usual(): array;
}
