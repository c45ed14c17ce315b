<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Codes\CodePattern;
use Core\Product\LibraryRef;
use Core\Product\Product;
use Core\Refusal;

/** Gives a product a pattern of the library, and its SKUs the codes that it makes. */
final readonly class MakeCodes implements ProductChange
{
    /**
     * @param  ?int  $patternId  null for the usual one
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $typedToo  whether codes that somebody typed are made anew as well
     */
    public function __construct(private ?int $patternId, private array $chosen = [], private bool $typedToo = false) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $pattern = $this->pattern($catalog);
        $plan = $this->planBy($pattern, $product, $catalog);
        $state = $plan->state();
        $ref = $pattern === null ? null : new LibraryRef($pattern->id, $pattern->name);
        $name = $pattern === null ? 'the usual pattern' : "the pattern {$pattern->name}";

        return new Changed(
            LibraryRef::same($state->details->codePattern, $ref)
                ? $state
                : $state->withDetails($state->details->with(['codePattern' => $ref])),
            "Codes are made by {$name}: {$plan->inWords()}",
        );
    }

    /** @throws Refusal where the pattern is gone */
    public function plan(Product $product, Catalog $catalog): CodePlan
    {
        return $this->planBy($this->pattern($catalog), $product, $catalog);
    }

    private function pattern(Catalog $catalog): ?NamedPattern
    {
        return $this->patternId === null ? null : (new CodePlanner($catalog))->pattern($this->patternId);
    }

    private function planBy(?NamedPattern $pattern, Product $product, Catalog $catalog): CodePlan
    {
        return new CodePlan(
            new CodePlanner($catalog),
            $product,
            new CodeWish(
                $product->state->details->code,
                $pattern === null ? CodePattern::usual() : $pattern->pattern,
                $this->chosen,
                $this->typedToo,
            ),
        );
    }
}
