<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\ProductPage;
use App\Models\Product;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** Links to the pages of a product. */
final class ProductViews extends Component
{
    public function __construct(public readonly Product $product, public readonly string $current) {}

    /** @return list<ProductPage> */
    public function pages(): array
    {
        return ProductPage::cases();
    }

    public function render(): View
    {
        return view('components.product-views');
    }
}
