<?php

declare(strict_types=1);

namespace Core\Codes;

/** A value of a SKU, as its code is made of it. */
final readonly class CodeValue
{
    /** @param  string  $code  empty: nothing is put into the SKU's code */
    public function __construct(public string $axis, public string $label, public string $code) {}
}
