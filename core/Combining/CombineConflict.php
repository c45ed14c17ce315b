<?php

declare(strict_types=1);

namespace Core\Combining;

use Core\CoreException;

/** Products that cannot be put together as it is meant. */
final class CombineConflict extends CoreException
{
    /** @param  list<string>  $codes */
    public static function inOneCell(string $cell, array $codes): self
    {
        return new self(
            implode(' and ', $codes) . " would both be {$cell}. Say which value each of them has, or leave one out.",
        );
    }

    public static function lacksAxis(string $name, string $axis): self
    {
        return new self("{$name} has no {$axis}, and others here have: give it one on its board first.");
    }

    public static function hasAxis(string $name, string $axis): self
    {
        return new self("{$name} has {$axis} already, so that it cannot be what tells these products apart.");
    }

    public static function differsIn(string $what, string $first, string $other): self
    {
        return new self("{$first} and {$other} differ in {$what}. Make them alike first.");
    }

    public static function noSingleItem(string $name): self
    {
        return new self("{$name} has axes of its own, so that it is no single item. Combine it with the product.");
    }

    public static function noAxes(string $name): self
    {
        return new self("{$name} has no axes: combine it with the items into one product.");
    }

    public static function noItem(): self
    {
        return new self('Choose at least one single item to be added.');
    }

    public static function tooFew(): self
    {
        return new self('Choose at least two products to be put together.');
    }
}
