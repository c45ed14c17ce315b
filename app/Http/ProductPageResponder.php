<?php

declare(strict_types=1);

namespace App\Http;

use App\Catalog\LoadedProduct;
use App\Catalog\ProductLoader;
use App\Http\Requests\ProductRequest;
use App\Http\Screens\ColorScreen;
use App\Http\Screens\ContactScreen;
use App\Http\Screens\CoverageScreen;
use App\Http\Screens\DetailsScreen;
use App\Http\Screens\PictureLinks;
use App\Http\Screens\PriceScreen;
use App\Http\Screens\RoleScreen;
use App\Models\HistoryEntry;
use Illuminate\Http\Response;

/** A product's pages beside the board, whole or as what a change is answered with. */
final readonly class ProductPageResponder
{
    public function __construct(private ProductLoader $loader)
    {
    }

    public function page(ProductRequest $request, ProductPage $page): Response
    {
        return response()->view("{$page->value}.page", $this->data($request, $this->loader->again($request->product()), $page));
    }

    public function fragment(ProductRequest $request, ProductPage $page, ?HistoryEntry $entry = null): Response
    {
        $loaded = $entry === null ? $this->loader->again($request->product()) : $this->loader->changed($request->product());

        return response()->view("{$page->value}.fragment", $this->data($request, $loaded, $page));
    }

    /** @return array<string, mixed> */
    private function data(ProductRequest $request, LoadedProduct $loaded, ProductPage $page): array
    {
        $pictures = new PictureLinks($loaded);

        return ['product' => $loaded->product, 'loaded' => $loaded, 'screen' => match ($page) {
            ProductPage::Contact => new ContactScreen($loaded, $pictures, $request->string('align')->toString() === 'view'),
            ProductPage::Roles => new RoleScreen($loaded, $pictures),
            ProductPage::Colors => ColorScreen::of($loaded, $request->integer('axis'), $request->eyes(), $request->user()->can('edit')),
            ProductPage::Details => DetailsScreen::of($loaded),
            ProductPage::Prices => PriceScreen::of($loaded),
            default => new CoverageScreen($loaded, $pictures),
        }];
    }
}
