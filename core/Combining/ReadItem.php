<?php

declare(strict_types=1);

namespace Core\Combining;

/** A single item whose name was read: what is said of all such items, and which values are its own. */
final readonly class ReadItem
{
    /**
     * @param  string  $stem  folded words of its name that say no value, in the order of the alphabet
     * @param  string  $title  the same words as they stand there
     * @param  array<string, ValueWord>  $values  by name of the axis
     */
    public function __construct(public Item $item, public string $stem, public string $title, public array $values) {}
}
