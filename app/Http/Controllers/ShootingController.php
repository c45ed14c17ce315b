<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\Cards\ProductCards;
use App\Files\Cards\WhichCards;
use App\Files\Sheets\SheetWriter;
use App\Files\Sheets\ShootingSheet;
use App\Http\CatalogRequest;
use App\Http\Screens\Pictures\CardPaper;
use App\Http\Screens\Pictures\CardScreen;
use App\Http\Screens\Pictures\CoverageList;
use App\Http\Screens\Pictures\ShootingScreen;
use App\Models\Product;
use App\Store\Products\ProductLoader;
use App\Summaries\Lists\ListQuery;
use App\Summaries\Lists\ListSort;
use App\Summaries\Lists\ProductList;
use App\Summaries\Shooting\ShootingLine;
use App\Summaries\Shooting\ShootingList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is missing over the catalog, and the list of all pictures that are to be taken. */
final readonly class ShootingController
{
    /** Lines of the page; the sheet has them all. */
    private const MOST = 1_000;

    /** Products whose cards are made together. */
    private const AT_ONCE = 25;

    public function __construct(
        private ShootingList $list,
        private ProductList $products,
        private ProductLoader $loader,
    ) {}

    public function coverage(CatalogRequest $request, CoverageList $coverage): Response
    {
        $screen = $coverage->show($request->asked(ListSort::Holes, true));

        return $request->hasHeader('HX-Request')
            ? response()->view('coverage.list', ['screen' => $screen, 'page' => $screen->page], 200, [
                'HX-Replace-Url' => $screen->page->address([]),
            ])
            : response()->view('coverage.catalog', ['screen' => $screen, 'page' => $screen->page]);
    }

    public function page(CatalogRequest $request): View
    {
        $lines = [];
        foreach ($this->lines($request) as $line) {
            if (count($lines) === self::MOST) {
                $isAll = false;
                break;
            }
            $lines[] = $line;
        }
        $by = $request->string('by')->toString();

        return view('coverage.shooting', [
            'screen' => new ShootingScreen(
                $lines,
                $isAll ?? true,
                in_array($by, ShootingScreen::BY, true) ? $by : 'product',
                $request->asked(),
                $this->product($request)?->code,
            ),
        ]);
    }

    public function sheet(CatalogRequest $request, ShootingSheet $sheet): StreamedResponse
    {
        return response()->streamDownload(
            fn() => $sheet->write($this->lines($request), SheetWriter::csv('php://output')),
            trim('shooting-list-' . ($this->product($request)->code ?? ''), '-') . '.csv',
            ['Content-Type' => 'text/csv; charset=UTF-8'],
        );
    }

    /** Slate cards for what is missing, to be printed. */
    public function cards(CatalogRequest $request): View
    {
        $which = WhichCards::tryFrom($request->string('which')->toString());
        $which = $which === WhichCards::MissingViews ? $which : WhichCards::Missing;
        $cards = [];
        foreach (array_chunk($this->productIds($request), self::AT_ONCE) as $ids) {
            foreach ($this->loader->standing($ids) as $loaded) {
                array_push($cards, ...ProductCards::of($loaded, $which));
            }
            if (count($cards) > CardScreen::MOST) {
                break;
            }
        }

        return view('cards.page', [
            'product' => null,
            'screen' => new CardScreen(
                $cards,
                [WhichCards::Missing, WhichCards::MissingViews],
                $which,
                CardPaper::tryFrom($request->string('paper')->toString()) ?? CardPaper::FourOnA4,
            ),
            'address' => route('shooting-list.cards'),
            'kept' => array_filter([
                'product' => $this->product($request)->code ?? '',
                'q' => $request->asked()->search,
                ...$request->asked()->filters,
            ]),
        ]);
    }

    /** @return iterable<ShootingLine> */
    private function lines(CatalogRequest $request): iterable
    {
        return $this->list->of($this->productIds($request));
    }

    /** @return list<int> the product that is asked for, or all that lack something */
    private function productIds(CatalogRequest $request): array
    {
        $product = $this->product($request);
        $asked = $request->asked();

        return $product !== null
            ? [$product->id]
            : iterator_to_array(
                $this->products->ids(
                    new ListQuery($asked->search, $asked->filters + [ListQuery::LACKS => ListQuery::ANY]),
                ),
                false,
            );
    }

    private function product(CatalogRequest $request): ?Product
    {
        $code = $request->input('product');

        return is_string($code) && $code !== '' ? $this->loader->named($code) : null;
    }
}
