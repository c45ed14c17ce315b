<?php

declare(strict_types=1);

namespace App\Http\Screens\Product;

use App\Http\Requests\ProductRequest;
use App\Store\Products\LoadedProduct;

/** What a page of a product shows. */
interface PageScreen
{
    /** @return ?static null where there is nothing to show, which the page says */
    public static function forPage(LoadedProduct $loaded, ProductRequest $request): ?static;
}
