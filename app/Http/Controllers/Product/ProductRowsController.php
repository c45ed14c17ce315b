<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Rows\AddRows;
use App\Actions\Rows\TypeRows;
use App\Http\Person;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\RowsRequest;
use App\Http\Screens\Rows\NewRowScreen;
use App\Store\Products\ProductLoader;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The SKUs of a product as rows: typed into, and added. */
final readonly class ProductRowsController
{
    public function __construct(private ProductPageResponder $pages, private ProductLoader $loader) {}

    public function type(RowsRequest $request, TypeRows $action): Response
    {
        $token = $request->string('token')->toString();
        $action->run(Person::of($request), $token === '' ? null : $token, $request->edits());

        return $this->pages->fragment($request, ProductPage::Rows);
    }

    /** A row to be filled in, with what another one says. */
    public function form(RowsRequest $request): View
    {
        return view('rows.new', [
            'product' => $request->product(),
            'screen' => NewRowScreen::like($this->loader->again($request->product()), $request->integer('like')),
        ]);
    }

    /** What would become of the product by rows that are added. */
    public function plan(RowsRequest $request, AddRows $action): View
    {
        $rows = $request->newRows();

        return view('rows.plan', [
            'product' => $request->product(),
            'rows' => json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            'screen' => NewRowScreen::planned($action->plan($request->product(), $rows)),
        ]);
    }

    public function add(RowsRequest $request, AddRows $action): Response
    {
        $entry = $action->run($request->change(), $request->product(), $request->newRows());

        return $this->pages->fragment($request, ProductPage::Rows, $entry);
    }
}
