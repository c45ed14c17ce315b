<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Pictures\FillHole;
use App\Actions\Pictures\SetShot;
use App\Actions\Product\SetPictureAxes;
use App\Http\ProductPage;
use App\Http\ProductPageResponder;
use App\Http\Requests\CoverageRequest;
use App\Http\Screens\Pictures\HoleScreen;
use App\Http\Screens\Pictures\PictureAxesScreen;
use App\Store\Products\ProductLoader;
use Core\Gallery\Coverage\Need;
use Core\Refusal;
use Core\RefusalKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** Which pictures of a product are there, and what is missing. */
final readonly class CoverageController
{
    public function __construct(private ProductPageResponder $pages) {}

    /**
     * One place of the map, and all that can be done about it.
     *
     * @throws Refusal
     */
    public function hole(CoverageRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->again($request->product());
        $view =
            $request->pictureView() ??
            throw new Refusal(__('answers.say_which_view_is_meant'), RefusalKind::Missing, 'view');

        return view('coverage.hole', [
            'product' => $loaded->product,
            'hole' => HoleScreen::of($loaded, $request->onto() ?? $request->selection(), $view),
        ]);
    }

    /** @throws Refusal */
    public function fill(CoverageRequest $request, FillHole $action): Response
    {
        $part =
            $request->onto() ??
            throw new Refusal(__('answers.say_which_part_of_the_product'), RefusalKind::Missing, 'onto');
        $view =
            $request->pictureView() ??
            throw new Refusal(__('answers.say_which_view_it_shows'), RefusalKind::Missing, 'view');

        return $this->pages->fragment(
            $request,
            ProductPage::Coverage,
            $action->run($request->change(), $request->placementIds(), $part, $view),
        );
    }

    /** By which axes pictures differ: what is proposed, and what a choice does. */
    public function axes(CoverageRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->again($request->product());

        return view('coverage.axes', [
            'product' => $loaded->product,
            'screen' => new PictureAxesScreen(
                $loaded,
                $request->boolean('said') ? $request->pictureAxes() : PictureAxesScreen::now($loaded),
            ),
        ]);
    }

    public function setAxes(CoverageRequest $request, SetPictureAxes $action): Response
    {
        return $this->pages->fragment(
            $request,
            ProductPage::Coverage,
            $action->run($request->change(), $request->pictureAxes()),
        );
    }

    /** @throws Refusal */
    public function shot(CoverageRequest $request, SetShot $action): Response
    {
        $view =
            $request->pictureView() ??
            throw new Refusal(__('answers.say_which_view_is_meant'), RefusalKind::Missing, 'view');

        return $this->pages->fragment(
            $request,
            ProductPage::Coverage,
            $action->run(
                $request->change(),
                $view,
                Need::tryFrom($request->string('need')->toString()),
                $request->string('reason')->toString(),
            ),
        );
    }
}
