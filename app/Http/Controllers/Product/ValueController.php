<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Matrix\EditValue;
use App\Actions\Matrix\MergeValues;
use App\Actions\Matrix\SplitValue;
use App\Actions\Product\SetOpening;
use App\Http\BoardResponder;
use App\Http\Requests\ValueRequest;
use App\Http\Screens\Board\PlanScreen;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Library\Usage;
use App\Store\Library\ValueForm;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductLoader;
use Core\CoreException;
use Core\Matrix\Axis;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** One value of a product: its name here or everywhere, merging, splitting, and whether shoppers find it chosen. */
final class ValueController
{
    public function __construct(private readonly ProductLoader $loader, private readonly BoardResponder $board) {}

    public function show(ValueRequest $request, Product $product, LibraryValue $value, Usage $usage): View
    {
        $loaded = $this->loader->again($product);
        $usedBy = $usage->ofValue($value->id);

        return view(
            'board.value',
            $this->about($loaded, $value) + [
                'usedBy' => count($usedBy) > 1 ? Usage::inWords($usedBy) : '',
                'opens' => ($loaded->core->openings()[$value->axis_id] ?? 0) === $value->id,
            ],
        );
    }

    public function edit(ValueRequest $request, Product $product, LibraryValue $value, EditValue $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                $value->id,
                self::form($request),
                $request->string('scope')->toString() === 'here',
                $request->filled('seen') ? $request->string('seen')->toString() : null,
            ),
        );
    }

    public function mergePlan(ValueRequest $request, Product $product, LibraryValue $value, MergeValues $action): View
    {
        $loaded = $this->loader->again($product);
        $about = ['axis' => $loaded->core->axisHaving($value->id)] + $this->about($loaded, $value);
        $others = array_values(array_filter($about['axis']->values, fn($other): bool => $other->id !== $value->id));
        $into = $request->integer('into') ?: $others[0]->id ?? 0;
        [$plan, $problem] = $this->planned(
            fn(): PlanScreen => new PlanScreen($loaded, $action->plan($loaded, $value->id, $into, $request->choices())),
        );

        return view(
            'board.merge',
            $about + [
                'others' => $others,
                'into' => $into,
                'comersStay' => $request->boolean('comers_stay'),
                'plan' => $plan,
                'problem' => $problem,
            ],
        );
    }

    public function merge(ValueRequest $request, Product $product, LibraryValue $value, MergeValues $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run($request->change(), $value->id, $request->integer('into'), $request->choices()),
        );
    }

    public function splitPlan(ValueRequest $request, Product $product, LibraryValue $value, SplitValue $action): View
    {
        $loaded = $this->loader->again($product);
        $about = ['axis' => $loaded->core->axisHaving($value->id)] + $this->about($loaded, $value);
        $typed = $request->string('parts')->toString();
        [$plan, $problem] =
            trim($typed) === ''
                ? [null, '']
                : $this->planned(
                    fn(): PlanScreen => new PlanScreen(
                        $loaded,
                        $action->plan($loaded, $value->id, $typed, $request->boolean('pictures'), $request->choices()),
                    ),
                );

        return view(
            'board.split',
            $about + [
                'typed' => $typed,
                'pictures' => $request->boolean('pictures'),
                'plan' => $plan,
                'problem' => $problem,
            ],
        );
    }

    public function split(ValueRequest $request, Product $product, LibraryValue $value, SplitValue $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                $value->id,
                $request->string('parts')->toString(),
                $request->boolean('pictures'),
                $request->choices(),
            ),
        );
    }

    /** The value that shoppers find chosen on an axis, or the SKU whose gallery opens the product. */
    public function opening(ValueRequest $request, SetOpening $action): Response
    {
        $entry = $request->has('axis')
            ? $action->value($request->change(), $request->integer('axis'), $request->integer('value') ?: null)
            : $action->sku($request->change(), $request->boolean('none') ? null : $request->selection());

        return $request->boolean('reload')
            ? response('', 204, ['HX-Refresh' => 'true'])
            : $this->board->fragment($request, $entry);
    }

    public static function form(\Illuminate\Http\Request $request): ValueForm
    {
        return ValueForm::typed(
            $request->string('name')->toString(),
            $request->string('code')->toString(),
            $request->string('synonyms')->toString(),
            $request->string('translations')->toString(),
        );
    }

    /** @return array{product: Product, loaded: LoadedProduct, value: LibraryValue, axis: ?Axis, label: string} */
    private function about(LoadedProduct $loaded, LibraryValue $value): array
    {
        $axis = $loaded->core->matrix->axisOf($value->id);

        return [
            'product' => $loaded->product,
            'loaded' => $loaded,
            'value' => $value->load('axis'),
            'axis' => $axis,
            'label' => $axis?->value($value->id)->label ?? $value->name,
        ];
    }

    /**
     * @param  callable(): PlanScreen  $plan
     * @return array{?PlanScreen, string} the plan, or what stands in its way
     */
    private function planned(callable $plan): array
    {
        try {
            return [$plan(), ''];
        } catch (CoreException $problem) {
            return [null, $problem->getMessage()];
        }
    }
}
