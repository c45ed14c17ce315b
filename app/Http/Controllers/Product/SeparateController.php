<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Product\SeparateProduct;
use App\Actions\Product\TakeOutSkus;
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

    /** What would be made of the selected SKUs. */
    public function takeOutPlan(ProductRequest $request, TakeOutSkus $action): View
    {
        return view('board.take-out', [
            'product' => $request->product(),
            'selected' => $request->selectedKey(),
            'items' => $action->plan($request->product(), $request->selection()),
        ]);
    }

    public function takeOut(ProductRequest $request, TakeOutSkus $action): RedirectResponse
    {
        return redirect()->route(
            'board',
            $action->run(Person::of($request), $request->product(), $request->selection()),
        );
    }

    public function store(ProductRequest $request, SeparateProduct $action): RedirectResponse
    {
        $axis = $request->integer('axis');
        $first = $action->run(Person::of($request), $request->product(), $axis > 0 ? $axis : null);

        return redirect()->route('board', $first);
    }
}
