<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\ProductRequest;
use Illuminate\Http\Response;

/** A page of a product: whole, or as what a script puts in the place of what it shows. */
final readonly class ProductPageController
{
    public function __construct(private ProductPageResponder $pages) {}

    /** The address says which, since its route is called as the page. */
    public function __invoke(ProductRequest $request): Response
    {
        $page = ProductPage::from((string) $request->route()?->getName());

        return $request->hasHeader('HX-Request')
            ? $this->pages->fragment($request, $page)
            : $this->pages->page($request, $page);
    }
}
