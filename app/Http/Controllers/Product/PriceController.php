<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Product\EditDetails;
use App\Actions\Skus\AdjustPrices;
use App\Actions\Skus\ChangePrices;
use App\Http\BoardResponder;
use App\Http\Requests\PricesRequest;
use App\Http\Screens\Product\PriceChangeScreen;
use App\Store\Products\ProductLoader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** How the prices of a product come about, and what a change of many does. */
final readonly class PriceController
{
    public function __construct(private BoardResponder $board) {}

    /** The price of all that have none of their own. */
    public function base(PricesRequest $request, EditDetails $action): Response
    {
        $typed = $request->string('typed')->limit(100, '')->trim()->toString();

        return $this->board->fragment(
            $request,
            $action->run($request->change(), 'price', $typed === '' ? null : $typed),
        );
    }

    public function adjust(PricesRequest $request, AdjustPrices $action, string $product, int $value): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                $value,
                $request->string('amount')->limit(100, '')->toString(),
                $request->string('percent')->limit(100, '')->toString(),
            ),
        );
    }

    /** What raising, lowering, setting or rounding does to the selected SKUs, before it is done. */
    public function plan(PricesRequest $request, ProductLoader $loader): View
    {
        $chosen = $loader->again($request->product())->core->chosen($request->selection());
        $screen = PriceChangeScreen::of($chosen, $request->priceWish());

        return view('prices.change', ['product' => $request->product(), 'screen' => $screen]);
    }

    /** Own prices that are just what the rule makes. */
    public function letGo(PricesRequest $request, ChangePrices $action): Response
    {
        return $this->board->fragment($request, $action->letGo($request->change()));
    }
}
