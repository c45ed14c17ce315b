<?php

declare(strict_types=1);

namespace App\Actions\Product;

use App\Changing\Separating;
use App\Models\Product;
use App\Models\User;
use App\Store\Products\ProductLoader;
use Core\Combining\SeparatedPart;
use Core\Combining\SkuExtractor;
use Core\CoreException;
use Core\Product\Product as CoreProduct;
use Core\Product\Sku;
use Core\Reach\Selection;
use Core\Refusal;

/** Takes the selected SKUs out of a product: each becomes a single item. */
final readonly class TakeOutSkus
{
    public function __construct(private Separating $work, private ProductLoader $loader) {}

    /** @throws CoreException */
    public function run(User $user, Product $product, Selection $selection): Product
    {
        return $this->work->takeOut(
            $user,
            self::class,
            $product->id,
            fn(CoreProduct $core): array => $this->skus($core, $selection),
        );
    }

    /**
     * The items that would be made; nothing is stored.
     *
     * @return list<SeparatedPart>
     *
     * @throws CoreException
     */
    public function plan(Product $product, Selection $selection): array
    {
        $core = $this->loader->again($product)->core;

        return (new SkuExtractor())->takeOut($core, $this->skus($core, $selection))[1];
    }

    /**
     * @return non-empty-list<Sku>
     *
     * @throws Refusal
     */
    private function skus(CoreProduct $core, Selection $selection): array
    {
        $skus = $core->selected($selection)->skus();

        return $skus === [] ? throw Refusal::nothingSelected() : $skus;
    }
}
