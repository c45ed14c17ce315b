<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Product\EditDetails;
use App\Actions\Product\EditFacts;
use App\Actions\Product\SetDetail;
use App\Actions\Product\SetProductCode;
use App\Actions\Skus\ChangeCurrency;
use App\Http\BoardResponder;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\DetailsRequest;
use App\Http\Screens\Few;
use App\Http\Screens\Pictures\PictureLinks;
use App\Http\Screens\Product\DetailPartScreen;
use App\Store\Products\ProductLoader;
use Core\Changes\Codes\ProductCode;
use Core\Changes\Details\SayFact;
use Core\CoreException;
use Core\Details\DetailKind;
use Core\Details\FactKind;
use Core\Matrix\Combination;
use Core\Pricing\Currency;
use Core\Pricing\UnknownCurrency;
use Core\Product\Plans\CurrencyPlan;
use Core\Reach\Clause;
use Core\Reach\Selection;
use Core\Reach\TypedSelection;
use Core\Refusal;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

final class DetailsController
{
    /** Amounts that a change of currency lists. */
    private const MOST_STEPS = 60;

    public function __construct(private readonly ProductLoader $loader, private readonly ProductPageResponder $pages) {}

    /** The product's pictures, to be put into its description. */
    public function pictures(DetailsRequest $request): View
    {
        $loaded = $this->loader->again($request->product());

        return view('details.pictures', ['loaded' => $loaded, 'links' => new PictureLinks($loaded)]);
    }

    /** One field at a time: each is kept when it is left. */
    public function update(DetailsRequest $request, EditDetails $action): Response
    {
        $request->validate([
            'field' => ['required', Rule::in(array_keys(EditDetails::FIELDS))],
            'value' => ['nullable', 'string'],
        ]);
        $typed = $request->string('value')->trim()->toString();
        $entry = $action->run($request->change(), $request->string('field')->toString(), $typed);

        return $this->pages->fragment($request, ProductPage::Details, $entry);
    }

    /** One detail of the product, or of a part of it, answered with the page that asks. */
    public function set(DetailsRequest $request, SetDetail $action, BoardResponder $board): Response
    {
        $entry = $request->boolean('part')
            ? ($request->boolean('none')
                ? $action->nothingOfPart(
                    $request->change(),
                    $request->detail(),
                    $this->part($request),
                    $request->detailFields(),
                )
                : $action->ofPart(
                    $request->change(),
                    $request->detail(),
                    $this->part($request),
                    $request->detailFields(),
                ))
            : $action->ofProduct($request->change(), $request->detail(), $request->detailFields());

        return $board->fragment($request, $entry);
    }

    /** The part that is selected, or whose values were typed. */
    private function part(DetailsRequest $request): Selection
    {
        if (!$request->filled('find')) {
            return $request->selection();
        }
        $core = $this->loader->again($request->product())->core;
        $reach = (new TypedSelection())->read(
            $request->string('find')->toString(),
            $core->matrix,
            $core->library->synonyms,
        );

        return Selection::fromKey(
            implode(
                ';',
                array_map(
                    fn(Combination $part): string => $part->key,
                    array_merge(...array_map(fn(Clause $clause): array => $clause->parts(), $reach->clauses)),
                ),
            ),
        );
    }

    /**
     * What a detail says of a part, and its fields.
     *
     * @throws Refusal
     */
    public function draft(DetailsRequest $request): View
    {
        $part = $this->loader->again($request->product())->core->selected($request->selection());
        if ($part->isNothing()) {
            throw Refusal::nothingSelected();
        }

        return view('details.part', [
            'product' => $request->product(),
            'screen' => new DetailPartScreen($request->detail(), $part),
        ]);
    }

    /** What becomes of the codes of its SKUs where the product gets another. */
    public function code(DetailsRequest $request, SetProductCode $action): View
    {
        $loaded = $this->loader->again($request->product());
        $typed = $request->string('code', $loaded->product->code)->limit(100, '')->toString();
        $skusToo = !$request->has('code') || $request->boolean('skus_too');
        $plan = null;
        $problem = '';
        try {
            $plan = $skusToo ? $action->plan($loaded, $typed, $request->choices()->codes) : null;
            $action->refuseTaken($loaded, trim($typed), $plan);
        } catch (CoreException $refusal) {
            $problem = $refusal->getMessage();
        }

        return view('details.code', [
            'product' => $loaded->product,
            'typed' => $typed,
            'skusToo' => $skusToo,
            'plan' => $plan,
            'problem' => $problem,
        ]);
    }

    /** The page is loaded anew, since its address has the code. */
    public function changeCode(DetailsRequest $request, SetProductCode $action): Response
    {
        $typed = $request->string('code')->limit(100, '')->toString();
        $action->run($request->change(), $typed, $request->boolean('skus_too'), $request->choices()->codes);

        return response('', 200, ['HX-Redirect' => route('details', ['product' => ProductCode::read($typed)])]);
    }

    /** What becomes of the prices in another currency. */
    public function currency(DetailsRequest $request): View
    {
        $loaded = $this->loader->again($request->product());
        $code = $request->string('code', $request->product()->currency)->toString();
        try {
            [$plan, $problem] = [new CurrencyPlan($loaded->core, Currency::of($code)), ''];
        } catch (UnknownCurrency $unknown) {
            [$plan, $problem] = [null, $unknown->getMessage()];
        }

        return view('details.currency', [
            'product' => $request->product(),
            'code' => $code,
            'plan' => $plan,
            'steps' => Few::of($plan->steps ?? [], self::MOST_STEPS),
            'problem' => $problem,
            'round' => $request->boolean('round'),
        ]);
    }

    public function changeCurrency(DetailsRequest $request, ChangeCurrency $action): Response
    {
        $request->boolean('round')
            ? $action->rounding($request->change(), $request->string('code')->toString())
            : $action->run($request->change(), $request->string('code')->toString());

        return response('', 204, ['HX-Refresh' => 'true']);
    }

    /** Something to be said otherwise of a part, which is typed. */
    public function otherwise(DetailsRequest $request): View
    {
        $several = [DetailKind::Sale, DetailKind::PictureUnits];

        return view('details.otherwise', [
            'product' => $request->product(),
            'kinds' => array_filter(
                DetailKind::cases(),
                fn(DetailKind $kind): bool => !$kind->isOfProduct() && !in_array($kind, $several, true),
            ),
        ]);
    }

    public function setFact(DetailsRequest $request, EditFacts $action): Response
    {
        $kind = FactKind::tryFrom($request->string('kind')->toString()) ?? FactKind::Text;

        return $this->pages->fragment(
            $request,
            ProductPage::Details,
            $action->set(
                $request->change(),
                new SayFact(
                    $request->string('name')->toString(),
                    $request->string('value')->toString(),
                    $kind,
                    $request->string('unit')->toString(),
                    !$request->boolean('is_hidden'),
                ),
            ),
        );
    }

    public function removeFact(DetailsRequest $request, EditFacts $action): Response
    {
        return $this->pages->fragment(
            $request,
            ProductPage::Details,
            $action->remove($request->change(), $request->integer('fact')),
        );
    }
}
