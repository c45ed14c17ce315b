<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePrices;
use App\Actions\PasteBlock;
use App\Actions\SetCode;
use App\Actions\SetCounting;
use App\Actions\SetGtin;
use App\Actions\SetStock;
use App\Actions\SetWeight;
use App\Catalog\ProductLoader;
use App\Http\BoardRequest;
use App\Http\BoardResponder;
use App\Http\Screens\PriceChangeScreen;
use App\Http\Screens\SkuScreen;
use Core\Changes\NumberKind;
use Core\Changes\PriceToDecide;
use Core\Details\Counting;
use Core\Product\CountingPlan;
use Core\Refusal;
use Core\RefusalKind;
use Core\Sheets\CellGrid;
use Core\Sheets\PastedBlock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

final class SkuController
{
    public function __construct(private readonly BoardResponder $board)
    {
    }

    /** Where something is to be decided that was not said, that is asked first. */
    public function price(BoardRequest $request, ChangePrices $action): Response
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

            return $this->board->question(view(
                'prices.change',
                ['product' => $request->product(), 'screen' => $screen],
            ));
        }
    }

    public function stock(BoardRequest $request, SetStock $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    public function code(BoardRequest $request, SetCode $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    public function gtin(BoardRequest $request, SetGtin $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    public function weight(BoardRequest $request, SetWeight $action): Response
    {
        return $this->board->numbers($request, $action->run($request->change(), $request->selection(), $this->typed($request)));
    }

    /** What becomes of the units where they are counted for something else. */
    public function countingPlan(BoardRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->load($request->product());

        return view(
            'board.counting',
            [
                'product' => $request->product(),
                'now' => $loaded->book->counting,
                'plan' => new CountingPlan(
                    $loaded->core(),
                    Counting::tryFrom($request->string('counting')->toString()) ?? $loaded->book->counting,
                ),
            ],
        );
    }

    public function counting(BoardRequest $request, SetCounting $action): Response
    {
        return $this->board->fragment(
            $request,
            $action->run(
                $request->change(),
                Counting::tryFrom($request->string('counting')->toString()) ?? throw new Refusal(
                    'Say what the stock is counted for.',
                    RefusalKind::Missing,
                    'counting',
                ),
            ),
        );
    }

    /** A block of a spreadsheet, or one row or column of the matrix over the others. */
    public function block(BoardRequest $request, PasteBlock $action): Response
    {
        $kind = NumberKind::tryFrom($request->lens()->value) ?? throw new Refusal(
            'Choose first what the cells show: codes, prices, stock, GTINs or weights.',
            RefusalKind::Missing,
            'lens',
        );

        // It may reach beyond what is selected, so that the whole board is drawn.
        $grid = CellGrid::fromKey($request->string('grid')->toString());
        $isFirst = $request->boolean('first');
        $block = PastedBlock::read($request->string('block')->toString(), $isFirst ? null : $grid->width());

        return $this->board->fragment($request, $action->run($request->change(), $kind, $grid, $block, $isFirst));
    }

    /** Everything about one SKU, and why. */
    public function about(BoardRequest $request, ProductLoader $loader): View
    {
        $loaded = $loader->load($request->product());

        return view('board.sku', ['product' => $request->product(), 'screen' => new SkuScreen($loaded, $loaded->chosen($request->selection())->one('Only one SKU can be explained at a time'))]);
    }

    private function typed(BoardRequest $request): string
    {
        return mb_substr($request->string('typed')->toString(), 0, 100);
    }
}
