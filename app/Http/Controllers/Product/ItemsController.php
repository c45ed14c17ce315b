<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Product\AddItems;
use App\Http\Person;
use App\Http\Requests\ItemsRequest;
use App\Http\Screens\Product\ItemsScreen;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use App\Summaries\Lists\SingleItems;
use Core\Combining\ReadItem;
use Core\CoreException;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Single items are added to a product: shown before, and done as one. */
final readonly class ItemsController
{
    public function __construct(private ProductLoader $loader, private SingleItems $items) {}

    public function show(ItemsRequest $request): View
    {
        $loaded = $this->loader->again($request->product());

        return $this->page($loaded, $this->screen($loaded, $request));
    }

    public function store(ItemsRequest $request, AddItems $action): View|RedirectResponse
    {
        $loaded = $this->loader->again($request->product());
        $values = $request->values();
        if ($request->boolean('sure')) {
            return redirect()->route('board', $action->run(Person::of($request), $request->product(), $values));
        }
        try {
            $plan = $action->plan($request->product(), $values);

            return $this->page(
                $loaded,
                new ItemsScreen(
                    $loaded->core,
                    $this->found($loaded, $request),
                    $request->string('codes')->toString(),
                    $values,
                    $plan,
                ),
            );
        } catch (CoreException $refusal) {
            return $this->page($loaded, $this->screen($loaded, $request), $refusal->getMessage());
        }
    }

    private function screen(LoadedProduct $loaded, ItemsRequest $request): ItemsScreen
    {
        return new ItemsScreen(
            $loaded->core,
            $this->found($loaded, $request),
            $request->string('codes')->toString(),
            $request->values(),
        );
    }

    /** @return list<ReadItem> */
    private function found(LoadedProduct $loaded, ItemsRequest $request): array
    {
        return $this->items->read($loaded->core->state->details->name, $request->codes());
    }

    private function page(LoadedProduct $loaded, ItemsScreen $screen, string $problem = ''): View
    {
        return view('items.show', ['product' => $loaded->product, 'screen' => $screen, 'problem' => $problem]);
    }
}
