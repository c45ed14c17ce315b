<?php

declare(strict_types=1);

namespace Core\Codes;

/** What the code of a SKU is put together of, beside its product's code. */
final readonly class CodeParts
{
    /**
     * @param  string  $key  by which the asker knows the SKU: the key of its cell
     * @param  list<string>  $valueCodes  in the product's order of axes; empty ones are passed over
     * @param  string  $place  where it lies, in words
     */
    public function __construct(
        public string $key,
        public array $valueCodes,
        public string $place,
    ) {
    }
}
