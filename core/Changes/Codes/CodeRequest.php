<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Codes\CodeParts;
use Core\Codes\CodePattern;

/** For which cells of a product codes are wanted, and by which pattern. */
final readonly class CodeRequest
{
    /**
     * @param  string  $productCode  the product's, or the one that it is to have
     * @param  list<CodeParts>  $parts
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  ?string  $sharing  code of the product as it stands where, having no axes, it may share it with its SKU
     * @param  list<int>  $exceptSkuIds  whose codes are free, as they get others
     */
    public function __construct(
        public string $productCode,
        public CodePattern $pattern,
        public array $parts,
        public array $chosen,
        public ?string $sharing,
        public array $exceptSkuIds = [],
    ) {}
}
