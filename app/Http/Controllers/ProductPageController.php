<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\ProductRequest;
use App\Models\Product;
use Illuminate\Http\Response;

/** A page of a product: whole, or as what a script puts in the place of what it shows. */
final readonly class ProductPageController
{
    public function __construct(private ProductPageResponder $pages)
    {
    }

    public function __invoke(ProductRequest $request, Product $product, string $shown): Response
    {
        $page = ProductPage::from($shown);

        return $request->hasHeader('HX-Request')
            ? $this->pages->fragment($request, $page)
            : $this->pages->page($request, $page);
    }
}
