<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\ProductRequest;
use App\Http\Screens\Product\PageScreen;
use App\Models\HistoryEntry;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Illuminate\Http\Response;

/** A product's pages beside the board, whole or as what a change is answered with. */
final readonly class ProductPageResponder
{
    public function __construct(private ProductLoader $loader) {}

    public function page(ProductRequest $request, ProductPage $page): Response
    {
        return $this->drawn('product.page', $request, $this->loader->again($request->product()), $page);
    }

    public function fragment(ProductRequest $request, ProductPage $page, ?HistoryEntry $entry = null): Response
    {
        $loaded =
            $entry === null ? $this->loader->again($request->product()) : $this->loader->changed($request->product());

        return $this->drawn('product.fragment', $request, $loaded, $page);
    }

    private function drawn(string $view, ProductRequest $request, LoadedProduct $loaded, ProductPage $page): Response
    {
        return response()->view($view, [
            'productPage' => $page,
            'product' => $loaded->product,
            'loaded' => $loaded,
            'screen' => $this->screen($page, $loaded, $request),
        ]);
    }

    private function screen(ProductPage $page, LoadedProduct $loaded, ProductRequest $request): ?PageScreen
    {
        $screen = $page->screen();

        return $screen === null ? null : $screen::forPage($loaded, $request);
    }
}
