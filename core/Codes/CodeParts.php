<?php

declare(strict_types=1);

namespace Core\Codes;

/** What the code of a SKU is put together of, beside its product's code. */
final readonly class CodeParts
{
    /**
     * @param  string  $key  by which the asker knows the SKU: the key of its cell
     * @param  array<int, CodeValue>  $values  by axis id, in the product's order of axes
     * @param  string  $place  where it lies, in words
     */
    public function __construct(public string $key, public array $values, public string $place) {}
}
