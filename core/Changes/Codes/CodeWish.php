<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Codes\CodePattern;

/** Codes made anew, as a person asks for it. */
final readonly class CodeWish
{
    /**
     * @param  string  $productCode  the product's, or the one that it is to have
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $typedToo  whether codes that somebody typed are given up
     */
    public function __construct(
        public string $productCode,
        public CodePattern $pattern,
        public array $chosen = [],
        public bool $typedToo = false,
    ) {}
}
