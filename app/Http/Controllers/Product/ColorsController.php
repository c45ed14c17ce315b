<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Matrix\ReorderValues;
use App\Actions\Matrix\SetDisplay;
use App\Actions\Matrix\SetSwatches;
use App\Http\BoardResponder;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\ColorsRequest;
use App\Http\Screens\Colors\ColorScreen;
use App\Http\Screens\Colors\SwatchScreen;
use App\Http\SwatchSheetAnswer;
use App\Models\LibraryValue;
use App\Models\Product;
use App\Store\Library\ColorNaming;
use App\Store\Library\SwatchForm;
use App\Store\Library\Usage;
use App\Store\Products\LoadedProduct;
use App\Store\Products\ProductColors;
use App\Store\Products\ProductLoader;
use Core\Checks\AxisColors;
use Core\Color\ColorOrder;
use Core\Color\Swatches\Swatch;
use Core\Matrix\AxisDisplay;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The colors of a product: swatches, what its pictures show, and how shoppers choose. */
final readonly class ColorsController
{
    public function __construct(
        private ProductPageResponder $pages,
        private BoardResponder $board,
        private ProductLoader $loader,
    ) {}

    public function display(ColorsRequest $request, SetDisplay $action): Response
    {
        return $this->pages->fragment(
            $request,
            ProductPage::Colors,
            $action->run(
                $request->change(),
                $request->integer('axis'),
                AxisDisplay::tryFrom($request->string('display')->toString()),
            ),
        );
    }

    /** @throws Refusal */
    public function order(ColorsRequest $request, ReorderValues $action): Response
    {
        $by =
            ColorOrder::tryFrom($request->string('by')->toString()) ??
            throw new Refusal(__('answers.say_by_what_the_colors_are'), RefusalKind::Missing, 'by');

        return $this->pages->fragment(
            $request,
            ProductPage::Colors,
            $action->byColor($request->change(), $request->integer('axis'), $by),
        );
    }

    public function fill(ColorsRequest $request, SetSwatches $action): Response
    {
        return $this->pages->fragment(
            $request,
            ProductPage::Colors,
            $action->fromLeads($request->change(), $request->integer('axis')),
        );
    }

    /** What the pictures show, beside them, before it is taken. */
    public function proposals(ColorsRequest $request): View
    {
        $loaded = $this->loader->again($request->product());

        return view('colors.take', ['product' => $loaded->product, 'screen' => $this->screen($loaded, $request)]);
    }

    public function take(ColorsRequest $request, SetSwatches $action): Response
    {
        $measured = array_map(strval(...), array_filter((array) $request->input('measured')));

        return $this->pages->fragment(
            $request,
            ProductPage::Colors,
            $action->measured($request->change(), $request->integer('axis'), $measured, $request->isHereOnly()),
        );
    }

    /** The dialog in which a swatch is made, as it is or as it is being made. */
    public function swatch(
        ColorsRequest $request,
        Product $product,
        LibraryValue $value,
        ColorNaming $naming,
        Usage $usage,
    ): View {
        $loaded = $this->loader->again($product);
        $axis = $loaded->core->axisHaving($value->id);
        $usedBy = $usage->ofValue($value->id);
        $isOwn = isset($loaded->core->library->swatches->own()[$value->id]);
        $screen = new SwatchScreen(
            $value->load('axis'),
            $request->swatchForm() ?? SwatchForm::showing($loaded->core->library->swatches->of($value->id)),
            (new ProductColors($loaded))->of($axis),
            [$loaded],
            $naming,
            $request->filled('scope')
                ? $request->isHereOnly()
                : $isOwn || ($value->swatch !== null && count($usedBy) > 1),
            $loaded,
            count($usedBy) > 1 ? Usage::inWords($usedBy) : __('answers.only_this_product_uses_it'),
        );

        return view('colors.swatch', [
            'screen' => $screen,
            'product' => $product,
            'keep' => route('colors.swatch.set', [$product, $value]),
            'draft' => route('colors.swatch', [$product, $value]),
        ]);
    }

    public function setSwatch(
        ColorsRequest $request,
        Product $product,
        LibraryValue $value,
        SetSwatches $action,
        ColorNaming $naming,
    ): Response {
        $swatch = $request->boolean('none') ? null : $request->swatchForm()?->swatch($naming);
        $seen = $request->has('seen') ? $request->string('seen')->toString() : null;

        // The dialog is opened from the board as well.
        return $this->board->fragment(
            $request,
            $action->one($request->change(), $value->id, $swatch, $request->isHereOnly(), $seen),
        );
    }

    /**
     * A swatch moved on the map: the same with another color.
     *
     * @throws Refusal
     */
    public function move(ColorsRequest $request, Product $product, LibraryValue $value, SetSwatches $action): Response
    {
        $lab =
            $request->lab() ?? throw new Refusal(__('answers.say_which_color_it_is_to'), RefusalKind::Missing, 'lab');
        $swatch = $this->loader->again($product)->core->library->swatches->of($value->id);
        $moved = $swatch === null ? Swatch::of($lab->toSrgb()) : $swatch->called($lab->toSrgb());

        return $this->pages->fragment(
            $request,
            ProductPage::Colors,
            $action->one($request->change(), $value->id, $moved, $request->isHereOnly()),
        );
    }

    public function sheet(ColorsRequest $request): View
    {
        $loaded = $this->loader->again($request->product());

        return view('colors.sheet', [
            'title' => $loaded->product->name,
            'note' => $loaded->product->code,
            'screen' => $this->screen($loaded, $request),
            'svg' => route('colors.sheet.svg', ['product' => $loaded->product, 'axis' => $request->integer('axis')]),
            'png' => route('colors.sheet.png', ['product' => $loaded->product, 'axis' => $request->integer('axis')]),
        ]);
    }

    public function sheetSvg(ColorsRequest $request, SwatchSheetAnswer $sheet): Response
    {
        return $sheet->svg(...$this->titleAndColors($request));
    }

    public function sheetPng(ColorsRequest $request, SwatchSheetAnswer $sheet): Response
    {
        return $sheet->png(...$this->titleAndColors($request));
    }

    /** @return array{string, AxisColors} */
    private function titleAndColors(ColorsRequest $request): array
    {
        $loaded = $this->loader->again($request->product());

        return ["{$loaded->product->name} · {$loaded->product->code}", $this->screen($loaded, $request)->colors];
    }

    private function screen(LoadedProduct $loaded, ColorsRequest $request): ColorScreen
    {
        return ColorScreen::of($loaded, $request->integer('axis'), $request->eyes(), false) ??
            throw new Refusal(__('answers.this_product_has_no_axis_with'), RefusalKind::Impossible, 'axis');
    }
}
