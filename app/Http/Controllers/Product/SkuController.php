<?php

declare(strict_types=1);

namespace App\Http\Controllers\Product;

use App\Actions\Skus\ChangePrices;
use App\Actions\Skus\PasteBlock;
use App\Actions\Skus\SetCode;
use App\Actions\Skus\SetCounting;
use App\Actions\Skus\SetGtin;
use App\Actions\Skus\SetSkuField;
use App\Actions\Skus\SetStock;
use App\Http\BoardResponder;
use App\Http\Requests\SkuRequest;
use App\Http\Screens\Board\SkuScreen;
use App\Http\Screens\Product\PriceChangeScreen;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use Core\Changes\Prices\PriceToDecide;
use Core\Details\Counting;
use Core\Product\Plans\CountingPlan;
use Core\Product\SkuFields;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\CellGrid;
use Core\Sheets\PastedBlock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class SkuController
{
    /** Columns that are written by rules of their own. */
    private const WITH_RULES = ['code', 'price', 'stock', 'gtin'];

    public function __construct(private readonly BoardResponder $board) {}

    /**
     * Where something is to be decided that was not said, that is asked first.
     *
     * @throws Refusal
     */
    public function price(SkuRequest $request, ChangePrices $action): Response
    {
        $wish = $request->priceWish();
        try {
            return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $wish));
        } catch (PriceToDecide $open) {
            if ($request->expectsJson()) {
                throw new Refusal(
                    "{$open->getMessage()} Send way=rule with own=go, stay or change; or way=own.",
                    RefusalKind::Missing,
                    'way',
                );
            }
            $screen = PriceChangeScreen::of($open->chosen, $wish);

            return $this->board->question(
                view('prices.change', ['product' => $request->product(), 'screen' => $screen]),
            );
        }
    }

    public function stock(SkuRequest $request, SetStock $action): Response
    {
        return $this->board->numbers(
            $request,
            $action->run($request->change(), $request->selection(), $this->typed($request)),
        );
    }

    public function code(SkuRequest $request, SetCode $action): Response
    {
        return $this->board->numbers(
            $request,
            $action->run($request->change(), $request->selection(), $this->typed($request)),
        );
    }

    public function gtin(SkuRequest $request, SetGtin $action): Response
    {
        return $this->board->numbers(
            $request,
            $action->run($request->change(), $request->selection(), $this->typed($request)),
        );
    }

    /** Any other field of the SKUs, such as their weight. */
    public function field(SkuRequest $request, Product $product, string $field, SetSkuField $action): Response
    {
        $own = SkuFields::named($field);
        if ($own === null || in_array($own->column(), self::WITH_RULES, true)) {
            abort(404);
        }

        return $this->board->numbers(
            $request,
            $action->run($request->change(), $request->selection(), $own, $this->typed($request)),
        );
    }

    /** What becomes of the units where they are counted for something else. */
    public function countingPlan(SkuRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->again($request->product());

        return view('board.counting', [
            'product' => $request->product(),
            'now' => $loaded->core->book->counting,
            'plan' => new CountingPlan(
                $loaded->core,
                Counting::tryFrom($request->string('counting')->toString()) ?? $loaded->core->book->counting,
            ),
        ]);
    }

    /** @throws Refusal */
    public function counting(SkuRequest $request, SetCounting $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                Counting::tryFrom($request->string('counting')->toString()) ??
                    throw new Refusal(__('answers.say_what_the_stock_is_counted'), RefusalKind::Missing, 'counting'),
            ),
        );
    }

    /**
     * A block of a spreadsheet, or one row or column of the matrix over the others.
     *
     * @throws Refusal
     */
    public function block(SkuRequest $request, PasteBlock $action): Response
    {
        $field =
            $request->lens()->field ??
            throw new Refusal(__('answers.choose_first_what_the_cells_show'), RefusalKind::Missing, 'lens');

        // It may reach beyond what is selected, so that the whole board is drawn.
        $grid = CellGrid::fromKey($request->string('grid')->toString());
        $isFirst = $request->boolean('first');
        $block = PastedBlock::read($request->string('block')->toString(), $isFirst ? null : $grid->width());

        return $this->board->fragment($request, $action->run($request->change(), $field, $grid, $block, $isFirst));
    }

    /** Everything about one SKU, and why. */
    public function about(SkuRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->again($request->product());

        return view('board.sku', [
            'product' => $request->product(),
            'screen' => new SkuScreen(
                $loaded,
                $loaded->core->chosen($request->selection())->one('Only one SKU can be explained at a time'),
            ),
        ]);
    }

    private function typed(SkuRequest $request): string
    {
        return mb_substr($request->string('typed')->toString(), 0, 100);
    }
}
