<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Product\CreateProduct;
use App\Http\CatalogRequest;
use App\Http\Person;
use App\Http\Screens\Catalog\CatalogScreen;
use App\Store\Products\ProductLoader;
use App\Summaries\Lists\QuickSearch;
use Core\Changes\Codes\ProductCode;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

final class CatalogController
{
    /** While somebody types and filters, only the list is drawn anew, and the address says what it shows. */
    public function index(CatalogRequest $request, CatalogScreen $catalog): Response
    {
        $page = $catalog->page($request->asked());

        return $request->hasHeader('HX-Request')
            ? response()->view('catalog.list', ['page' => $page], 200, ['HX-Replace-Url' => $page->address([])])
            : response()->view('catalog.index', ['page' => $page]);
    }

    public function store(Request $request, CreateProduct $create, ProductLoader $products): RedirectResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:120'],
                'code' => ['required', 'string', 'regex:' . ProductCode::PATTERN],
                'shot_list_id' => ['nullable', 'integer', 'exists:shot_lists,id'],
                'like' => ['nullable', 'string', Rule::exists('products', 'code')->whereNull('removed_at')],
            ],
            [
                'like.exists' => 'There is no product with the code :input to copy the setup of.',
                'name.required' => 'Give the product a name.',
                'code.required' => 'Give the product a code.',
                'code.regex' =>
                    'A code has up to 40 letters, digits, dots, dashes and underscores, and begins with a letter or digit.',
            ],
        );
        $product = $create->run(
            Person::of($request),
            $given['name'],
            $given['code'],
            isset($given['shot_list_id']) ? (int) $given['shot_list_id'] : null,
            isset($given['like']) ? $products->named($given['like']) : null,
        );

        return redirect()->route('board', $product);
    }

    public function jump(CatalogRequest $request, QuickSearch $jump): View
    {
        return view('catalog.jump', ['hits' => $jump->hits($request->asked()->search)]);
    }
}
