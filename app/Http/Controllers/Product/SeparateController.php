<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Product\SeparateProduct;
use App\Http\Person;
use App\Http\Requests\ProductRequest;
use App\Store\Products\ProductLoader;
use App\Store\Products\ProductOrigins;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A product is parted into several. */
final class SeparateController
{
    public function plan(ProductRequest $request, ProductLoader $loader): View
    {
        $product = $request->product();

        return view('board.separate', [
            'product' => $product,
            'axes' => $loader->matrix($product)->axes,
            'origins' => ProductOrigins::of($product),
        ]);
    }

    public function store(ProductRequest $request, SeparateProduct $action): RedirectResponse
    {
        $axis = $request->integer('axis');
        $first = $action->run(Person::of($request), $request->product(), $axis > 0 ? $axis : null);

        return redirect()->route('board', $first);
    }
}
