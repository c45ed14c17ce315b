<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeCurrency;
use App\Actions\EditDetails;
use App\Actions\EditFacts;
use App\Actions\SetDetail;
use App\Catalog\CurrencyPlan;
use App\Catalog\LibraryShelf;
use App\Catalog\ProductLoader;
use App\Http\BoardRequest;
use App\Http\BoardResponder;
use App\Http\Screens\DetailPartScreen;
use App\Http\Screens\PictureLinks;
use App\Models\Product;
use Core\Pricing\Currency;
use Core\Pricing\UnknownCurrency;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

final class DetailsController
{
    public function __construct(private readonly ProductLoader $loader, private readonly LibraryShelf $shelf)
    {
    }

    public function show(BoardRequest $request): View
    {
        return view('details.page', $this->data($request->product()));
    }

    /** The product's pictures, to be put into its description. */
    public function pictures(BoardRequest $request): View
    {
        $loaded = $this->loader->again($request->product());

        return view('details.pictures', ['loaded' => $loaded, 'links' => new PictureLinks($loaded)]);
    }

    /** One field at a time: each is kept when it is left. */
    public function update(BoardRequest $request, EditDetails $action): Response
    {
        $request->validate([
            'field' => ['required', Rule::in(array_keys(EditDetails::FIELDS))],
            'value' => match ($request->input('field')) {
                'name' => ['required', 'string', 'max:120'],
                'description' => ['nullable', 'string', 'max:20000'],
                'brand' => ['nullable', 'string', 'max:'.EditDetails::MOST_BRAND],
                'category' => ['nullable', 'string', 'max:'.EditDetails::MOST_CATEGORY],
                'shot_list_id' => ['nullable', 'integer', 'exists:shot_lists,id'],
                default => ['nullable', 'string', 'max:40'],
            },
        ], [
            'value.required' => 'The '.(EditDetails::FIELDS[$request->input('field')] ?? 'field').' cannot be empty.',
            'value.max' => 'That is longer than this field can hold (:max characters).',
        ]);
        $field = $request->string('field')->toString();
        $typed = $request->string('value')->trim()->toString();
        $value = match (true) {
            $field === 'shot_list_id' => $typed === '' ? null : (int) $typed,
            $field === 'price' => $typed === '' ? null : $typed,
            default => $typed,
        };
        $action->run($request->change(), $field, $value);

        return response()->view('details.kept', ['product' => $this->loader->again($request->product())->product]);
    }

    /** One detail of the product, or of a part of it, answered with the page that asks. */
    public function set(BoardRequest $request, SetDetail $action, BoardResponder $board): Response
    {
        $entry = $request->boolean('part')
            ? $action->ofPart($request->change(), $request->detail(), $request->selection(), $request->detailFields(), $request->boolean('none'))
            : $action->ofProduct($request->change(), $request->detail(), $request->detailFields());

        return $board->fragment($request, $entry);
    }

    /** What a detail says of a part, and its fields. */
    public function part(BoardRequest $request): View
    {
        return view('details.part', ['product' => $request->product(), 'screen' => new DetailPartScreen($request->detail(), $this->loader->load($request->product())->selected($request->selection()), $request->page())]);
    }

    /** What becomes of the prices in another currency. */
    public function currency(BoardRequest $request): View
    {
        $loaded = $this->loader->load($request->product());
        $code = $request->string('code', $request->product()->currency)->toString();
        try {
            [$plan, $problem] = [new CurrencyPlan($loaded, Currency::of($code)), ''];
        } catch (UnknownCurrency $unknown) {
            [$plan, $problem] = [null, $unknown->getMessage()];
        }

        return view('details.currency', ['product' => $request->product(), 'code' => $code, 'plan' => $plan, 'problem' => $problem, 'round' => $request->boolean('round')]);
    }

    public function changeCurrency(BoardRequest $request, ChangeCurrency $action): Response
    {
        $action->run($request->change(), $request->string('code')->toString(), $request->boolean('round'));

        return response('', 204, ['HX-Refresh' => 'true']);
    }

    public function setFact(BoardRequest $request, EditFacts $action): Response
    {
        $action->set($request->change(), $request->string('name')->toString(), $request->string('value')->toString());

        return $this->fragment($request);
    }

    public function removeFact(BoardRequest $request, EditFacts $action): Response
    {
        $action->remove($request->change(), $request->integer('fact'));

        return $this->fragment($request);
    }

    private function fragment(BoardRequest $request): Response
    {
        return response()->view('details.fragment', $this->data($request->product()));
    }

    /** @return array<string, mixed> */
    private function data(Product $product): array
    {
        $loaded = $this->loader->again($product);

        return ['product' => $loaded->product, 'loaded' => $loaded, 'shotLists' => $this->shelf->shotLists()];
    }
}
