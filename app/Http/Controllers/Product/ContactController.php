<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Pictures\FillAltTexts;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\ProductRequest;
use App\Http\Screens\Pictures\AltTextScreen;
use App\Store\Products\ProductLoader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** All galleries of a product beside each other. */
final readonly class ContactController
{
    public function __construct(private ProductPageResponder $pages) {}

    /** The alt texts of the product's pictures, and what would be put in place of those that are not good. */
    public function texts(ProductRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->again($request->product());

        return view('contact.texts', ['product' => $loaded->product, 'screen' => new AltTextScreen($loaded)]);
    }

    public function fillTexts(ProductRequest $request, FillAltTexts $action): Response
    {
        return $this->pages->fragment($request, ProductPage::Contact, $action->run($request->change()));
    }
}
