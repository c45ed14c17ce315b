<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Rows\TypeRows;
use App\Actions\Rows\UndoRows;
use App\Http\CatalogRequest;
use App\Http\ChosenColumns;
use App\Http\Person;
use App\Http\Requests\RowsRequest;
use App\Http\Screens\Rows\CatalogRowsScreen;
use App\Http\Screens\Rows\RowsTable;
use App\Store\Products\ProductLoader;
use App\Summaries\Lists\ProductList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The SKUs of what the catalog shows, as rows. */
final class RowsController
{
    /** Products of a page. */
    private const PRODUCTS = 12;

    public function __construct(private readonly ProductList $list, private readonly ProductLoader $loader) {}

    public function show(CatalogRequest $request): View
    {
        return view($request->hasHeader('HX-Request') ? 'rows.catalog-inner' : 'rows.catalog', [
            'screen' => $this->screen($request),
        ]);
    }

    public function type(CatalogRequest $asked, RowsRequest $request, TypeRows $action): View
    {
        $token = $request->string('token')->toString();
        $action->run(Person::of($request), $token === '' ? null : $token, $request->edits());

        return view('rows.catalog-inner', ['screen' => $this->screen($asked)]);
    }

    public function back(CatalogRequest $asked, string $way, UndoRows $action): View
    {
        $action->run(Person::of($asked), $way);

        return view('rows.catalog-inner', ['screen' => $this->screen($asked)]);
    }

    /** Which columns are shown, on this page and on those of products. */
    public function columns(RowsRequest $request): RedirectResponse
    {
        ChosenColumns::keep($request, $request->columns());

        return redirect()->back();
    }

    private function screen(CatalogRequest $request): CatalogRowsScreen
    {
        $asked = $request->asked();
        $page = max(0, (int) $request->query('page', '0'));
        $ids = $meant = [];
        foreach ($this->list->ids($asked) as $at => $id) {
            $ids[] = $id;
        }
        $meant = array_slice($ids, $page * self::PRODUCTS, self::PRODUCTS);
        $user = Person::of($request);

        return new CatalogRowsScreen(
            new RowsTable($this->loader->standing($meant), ChosenColumns::of($request)),
            $asked,
            $page,
            intdiv(count($ids) + self::PRODUCTS - 1, self::PRODUCTS),
            count($ids),
            UndoRows::last($user)->words ?? '',
            UndoRows::next($user)->words ?? '',
        );
    }
}
