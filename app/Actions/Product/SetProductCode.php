<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\UnitOfWork;
use App\History\Change;
use App\Models\HistoryEntry;
use App\Store\Products\CatalogLookup;
use App\Store\Products\LoadedProduct;
use Core\Changes\Codes\CodePlan;
use Core\Changes\Codes\CodeProduct;
use Core\Refusal;

/** Gives a product another code, and if wanted its SKUs those that the pattern makes of it. */
final class SetProductCode
{
    public function __construct(private readonly UnitOfWork $work, private readonly CatalogLookup $catalog) {}

    /**
     * @param  array<string, string>  $chosen  wanted code => the one that somebody chose in its place
     * @param  bool  $skusToo  whether its SKUs get other codes, but for those that somebody typed
     */
    public function run(Change $change, string $typed, bool $skusToo, array $chosen = []): ?HistoryEntry
    {
        return $this->work->change($change, self::class, new CodeProduct($typed, $skusToo, $chosen));
    }

    /**
     * What becomes of the codes of its SKUs.
     *
     * @param  array<string, string>  $chosen
     *
     * @throws Refusal where it cannot be a code
     */
    public function plan(LoadedProduct $loaded, string $typed, array $chosen): CodePlan
    {
        return (new CodeProduct($typed, true, $chosen))->plan($loaded->core, $this->catalog);
    }

    /** @throws Refusal where another product or SKU has it */
    public function refuseTaken(LoadedProduct $loaded, string $typed, ?CodePlan $plan): void
    {
        (new CodeProduct($typed, $plan !== null))->refuseTaken($loaded->core, $this->catalog, $plan);
    }
}
