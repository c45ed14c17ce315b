<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Http\Person;
use App\Http\Requests\PreviewRequest;
use App\Http\Screens\Product\PreviewScreen;
use App\Store\Library\AltPatterns;
use App\Store\Library\Banners;
use App\Store\Library\ValueNames;
use App\Store\Products\ProductLoader;
use Illuminate\Contracts\View\View;

final class PreviewController
{
    public function show(PreviewRequest $request, ProductLoader $loader, AltPatterns $patterns, Banners $banners): View
    {
        $loaded = $loader->again($request->product());
        $names = ValueNames::of(
            $loaded->core->matrix,
            $request->exists('lang') ? $request->string('lang')->toString() : (string) Person::of($request)->language,
        );
        $preview = new PreviewScreen(
            $loaded,
            $request->exists('choice') ? $request->string('choice')->toString() : null,
            $request->query('width') === 'phone',
            $names,
            $patterns->in($names->tag),
            $banners->of($loaded->product->category),
        );

        return view($request->hasHeader('HX-Request') ? 'preview.shop' : 'preview.page', [
            'product' => $request->product(),
            'preview' => $preview,
        ]);
    }
}
