<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Rows\AddRows;
use App\Actions\Rows\ColumnToAxis;
use App\Actions\Rows\TypeRows;
use App\Http\Person;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\RowsRequest;
use App\Http\Screens\Rows\AxesScreen;
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
            'address' => route('rows.add', $request->product()),
            'with' => ['rows' => json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)],
            'screen' => NewRowScreen::planned($action->plan($request->product(), $rows)),
        ]);
    }

    public function add(RowsRequest $request, AddRows $action): Response
    {
        $entry = $action->run($request->change(), $request->product(), $request->newRows());

        return $this->pages->fragment($request, ProductPage::Rows, $entry);
    }

    /** Which columns make SKUs, and which could. */
    public function axes(RowsRequest $request, ColumnToAxis $action): View
    {
        $loaded = $this->loader->again($request->product());

        return view('rows.axes', [
            'product' => $request->product(),
            'screen' => new AxesScreen($loaded->core, $action->columns($loaded->core, $loaded->product)),
        ]);
    }

    /** What would become of the product if a column of it made SKUs. */
    public function axisPlan(RowsRequest $request, ColumnToAxis $action): View
    {
        $verdict = $action->plan($request->product(), $request->axisWish());

        return view('rows.plan', [
            'address' => route('rows.axis', $request->product()),
            'with' => array_filter($request->only(['name', 'column', 'values', 'as_written']), is_string(...)),
            'screen' => NewRowScreen::parted($verdict),
        ]);
    }

    public function makeAxis(RowsRequest $request, ColumnToAxis $action): Response
    {
        $entry = $action->run($request->change(), $request->product(), $request->axisWish());

        return $this->pages->fragment($request, ProductPage::Rows, $entry);
    }
}
