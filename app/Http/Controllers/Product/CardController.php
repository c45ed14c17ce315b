<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Files\Cards\ProductCards;
use App\Files\Cards\WhichCards;
use App\Http\Requests\CardsRequest;
use App\Http\Screens\Pictures\CardScreen;
use App\Store\Products\ProductLoader;
use Core\Reach\Selection;
use Illuminate\Contracts\View\View;

/** Slate cards of a product, to be printed. */
final class CardController
{
    public function __invoke(CardsRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->again($request->product());
        $selection = $request->selectedKey() === '' ? Selection::whole() : $request->selection();

        return view('cards.page', [
            'product' => $loaded->product,
            'screen' => new CardScreen(
                ProductCards::of($loaded, $request->which(), $selection),
                WhichCards::cases(),
                $request->which(),
                $request->paper(),
            ),
            'address' => route('cards', $loaded->product),
            'kept' => array_filter(['selected' => $request->selectedKey()]),
        ]);
    }
}
