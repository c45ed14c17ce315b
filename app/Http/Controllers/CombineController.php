<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Product\CombineProducts;
use App\Actions\Product\CombineSure;
use App\Http\Person;
use App\Http\Requests\CombineRequest;
use App\Http\Screens\Catalog\CombineScreen;
use App\Summaries\Lists\SingleItems;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Single items that look like one product. */
final class CombineController
{
    public function show(CombineRequest $request, SingleItems $items): View
    {
        $codes = $request->codes();

        return view('catalog.combine', [
            'screen' => new CombineScreen(
                $items->groups($codes),
                $request->pageNumber(),
                $codes === null ? '' : implode(' ', $codes),
            ),
        ]);
    }

    public function store(CombineRequest $request, CombineProducts $action): RedirectResponse
    {
        return redirect()->route('board', $action->run(Person::of($request), $request->wish())->code);
    }

    /** All groups about which there is no doubt, in one act. */
    public function sure(CombineRequest $request, CombineSure $action): RedirectResponse
    {
        return redirect()->route('batch', $action->run(Person::of($request), $request->codes()));
    }
}
