<?php

declare(strict_types=1);

namespace Core\Changes\Codes;

use Core\Changes\Catalog;
use Core\Changes\Changed;
use Core\Changes\ProductChange;
use Core\Product\Product;
use Core\Product\Sku;
use Core\Refusal;
use Core\RefusalKind;

/** Gives a product another code, and if wanted its SKUs those that the pattern makes of it. */
final readonly class CodeProduct implements ProductChange
{
    /**
     * @param  string  $typed  the code
     * @param  bool  $skusToo  whether its SKUs get other codes, but for those that somebody typed
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     */
    public function __construct(private string $typed, private bool $skusToo, private array $chosen = []) {}

    public function on(Product $product, Catalog $catalog): Changed
    {
        $code = ProductCode::read($this->typed);
        $plan = $this->skusToo ? $this->plan($product, $catalog) : null;
        $this->refuseTaken($product, $catalog, $plan);
        $state = $plan?->state() ?? $product->state;
        $was = $product->state->details->code;

        return new Changed(
            $code === $was ? $state : $state->withDetails($state->details->with(['code' => $code])),
            "Code of the product set to {$code} (was {$was})" .
                ($plan === null ? '; its SKUs keep theirs' : ": {$plan->inWords()}"),
        );
    }

    /**
     * What becomes of the codes of its SKUs.
     *
     * @throws Refusal where it cannot be a code
     */
    public function plan(Product $product, Catalog $catalog): CodePlan
    {
        $planner = new CodePlanner($catalog);
        $wish = new CodeWish(ProductCode::read($this->typed), $planner->patternOf($product), $this->chosen);

        return new CodePlan($planner, $product, $wish);
    }

    /** @throws Refusal where another product or SKU has it */
    public function refuseTaken(Product $product, Catalog $catalog, ?CodePlan $plan): void
    {
        $code = ProductCode::read($this->typed);
        $own = array_map(fn(Sku $sku): int => $sku->id, $product->state->skus);
        $sharing = $product->matrix->axes === [] ? $own : [];
        $taken = $catalog->codes([$code], $product->state->details->code, [...$sharing, ...$plan?->skuIds() ?? []]);
        if ($taken !== []) {
            throw new Refusal(
                "{$code} is the code of " . array_values($taken)[0] . '. Choose another.',
                RefusalKind::Taken,
                'code',
            );
        }
    }
}
